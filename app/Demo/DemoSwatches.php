<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Kept\DyedLayer;
use App\Models\Kept\Spots;
use App\Models\Kept\TissueColours;
use App\Models\Swatch;
use App\Models\Workshop;
use App\Pictures\PhotoColour;
use App\Pictures\Photos;
use App\Planning\BoardLearner;
use App\Planning\ShopMapper;
use Illuminate\Http\UploadedFile;

/** The demo shop's dyes and test boards; one is photographed beside a grey card, in the yellow light of its window. */
final readonly class DemoSwatches
{
    private const WIDE = 900;

    private const HIGH = 600;

    public function __construct(private Photos $photos, private ShopMapper $mapper, private BoardLearner $learner)
    {
    }

    public function fill(Workshop $workshop): void
    {
        foreach ([
            ['Slate', 'Water dye (powder)', '#12222d', 38.0, 0.35],
            ['Lagoon', 'Water dye (powder)', '#1d6b86', 22.0, 0.4],
            ['Straw', 'Water dye (powder)', '#c9a24a', 41.0, 0.3],
            ['Bramble', 'Water dye (powder)', '#7a1f3a', 15.0, 0.4],
            ['Moss', 'Water dye (powder)', '#4a6b2a', 9.0, null],
            ['Rust', 'Concentrate in alcohol', '#a8481c', 30.0, 0.6],
        ] as [$name, $product, $rgb, $stock, $price]) {
            $workshop->dyes()->create(compact('name', 'product', 'rgb', 'stock', 'price'));
        }
        $layer = fn (string $rgb, float $strength, float $um = 0.0): DyedLayer => new DyedLayer(
            'Water dye (powder)', $rgb, $strength, $um,
        );
        $this->board($workshop, 'Tide, three layers', 'Ash (white)', [
            $layer('#12222d', 0.8, 60.0), $layer('#1d6b86', 0.8, 20.0), $layer('#c9a24a', 0.8),
        ], 'Wiping varnish (oil-based thinned)', 21, 'The one for the Ebb bowl.');
        $this->board(
            $workshop, 'Bramble on sycamore', 'Sycamore (American)', [$layer('#7a1f3a', 1.0)], 'Hard-wax oil', 16,
        );
        $lagoon = $this->board($workshop, 'Lagoon on ash', 'Ash (white)', [$layer('#1d6b86', 0.6)], null, 9);
        $this->photograph($workshop, $lagoon);
        $this->learner->derive($workshop);
    }

    /** @param  list<DyedLayer>  $layers */
    private function board(
        Workshop $workshop,
        string $name,
        string $wood,
        array $layers,
        ?string $coat,
        int $daysAgo,
        ?string $note = null,
    ): Swatch {
        return $workshop->swatches()->create([
            'name' => $name, 'wood' => $wood, 'grit' => 'P320', 'layers' => $layers, 'coat' => $coat,
            'made_on' => now()->subDays($daysAgo)->toDateString(), 'note' => $note,
        ]);
    }

    /** A board with streaks of late wood, and the card beside it. */
    private function photograph(Workshop $workshop, Swatch $swatch): void
    {
        $picture = imagecreatetruecolor(self::WIDE, self::HIGH);
        $paint = fn (int $r, int $g, int $b): int => (int) imagecolorallocate(
            $picture, max(0, min(255, $r)), max(0, min(255, $g)), max(0, min(255, $b)),
        );
        imagefilledrectangle($picture, 0, 0, self::WIDE, self::HIGH, $paint(196, 180, 150));
        imagefilledrectangle($picture, 60, 60, 620, 540, $paint(108, 144, 128));
        for ($x = 90; $x < 600; $x += 64) {
            imagefilledrectangle($picture, $x, 60, $x + 18, 540, $paint(140, 150, 120));
        }
        imagefilledrectangle($picture, 680, 200, 850, 400, $paint(128, 118, 98));
        $file = (string) tempnam(sys_get_temp_dir(), 'board');
        imagejpeg($picture, $file, 92);
        $name = $this->photos->keep($workshop, new UploadedFile($file, 'board.jpg', 'image/jpeg', null, true));
        unlink($file);
        $points = ['grey' => [0.85, 0.5], 'early' => [0.15, 0.5], 'late' => [0.11, 0.5]];
        $kept = $this->photos->file($workshop->id, $name);
        $photo = $kept === null ? null : PhotoColour::in($kept);
        if ($photo === null) {
            return;
        }
        $card = $photo->at($points['grey']);
        $figures = $this->mapper->tables($workshop)->calibration->colour;
        $swatch->update(['photo' => $name, 'points' => new Spots($points), 'measured' => new TissueColours(array_map(
            fn (array $at): string => $photo->at($at)->balanced($card, $figures->greyCard)->toHex(),
            array_diff_key($points, ['grey' => true]),
        ))]);
    }
}
