<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\DyedLayer;
use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\Spots;
use App\Models\Kept\TissueColours;
use HonestGrain\Coating\Solvent;
use HonestGrain\Colour\Over;
use HonestGrain\Colour\Rgb;
use HonestGrain\Colour\TestBoard;
use HonestGrain\Piece\Tables;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A test board: what was put on which wood, and what came of it.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $wood
 * @property string|null $grit
 * @property list<DyedLayer> $layers  first on the wood first
 * @property string|null $coat
 * @property Carbon $made_on
 * @property string|null $photo
 * @property Spots|null $points  picked on the photo
 * @property TissueColours|null $measured
 * @property bool $counts  whether its measured colours correct the model
 * @property string|null $note
 */
class Swatch extends Keeping
{
    public const MOST_LAYERS = 4;

    public const TISSUES = ['early', 'late', 'figure'];

    /** What is typed of a layer besides its dye and colour, and what is usual. */
    public const LAYER_FIELDS = ['strength' => '1', 'sanded' => '0'];

    protected $fillable = [
        'name', 'wood', 'grit', 'layers', 'coat', 'made_on', 'photo', 'points', 'measured', 'counts', 'note',
    ];

    protected function casts(): array
    {
        return [
            'layers' => KeptCast::list(DyedLayer::class), 'made_on' => 'date', 'points' => KeptCast::of(Spots::class),
            'measured' => KeptCast::of(TissueColours::class), 'counts' => 'boolean',
        ];
    }

    /** As the model learns from it; null where nothing was measured, or more than one dye lies on it. */
    public function board(Tables $tables): ?TestBoard
    {
        $layers = $this->layers;
        $measured = $this->measured->hex ?? [];
        if (count($layers) !== 1 || $measured === []) {
            return null;
        }
        $layer = $layers[0];

        return new TestBoard(
            Rgb::hex($tables->woods->named($this->wood, 'wood')->nature->rgb, 'wood'), Rgb::hex($layer->rgb, 'rgb'),
            self::carrier($tables, $layer->product), $layer->strength, $layer->sandedUm,
            $this->over($tables),
            array_map(
                fn (string $tissue): ?Rgb => isset($measured[$tissue])
                    ? Rgb::hex($measured[$tissue], $tissue) : null,
                self::TISSUES,
            ),
        );
    }

    public function over(Tables $tables): ?Over
    {
        return $this->coat === null ? null : $tables->coatings->coating($this->coat, 'coat')->family->over();
    }

    public static function carrier(Tables $tables, string $product): string
    {
        return $tables->coatings->stain($product, 'product')->carrier === Solvent::Alcohol ? 'alcohol' : 'water';
    }
}
