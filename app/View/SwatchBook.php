<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Workshop;
use HonestGrain\Colour\Rgb;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use Illuminate\Http\Request;

/** The test boards of a shop, those of a wood, or those nearest to a colour first. */
final readonly class SwatchBook
{
    /**
     * @param  list<SwatchPage>  $pages
     * @param  list<string>  $woods
     */
    private function __construct(public array $pages, public string $wood, public string $colour, public array $woods)
    {
    }

    public static function of(Request $request, Workshop $workshop, Tables $tables): self
    {
        $wood = $request->string('of')->toString();
        $colour = $request->string('by')->toString() === 'wood' ? '' : $request->string('like')->toString();
        $pages = [];
        foreach ($workshop->swatches()->get() as $swatch) {
            if ($wood === '' || $swatch->wood === $wood) {
                $pages[] = new SwatchPage($swatch, $tables, $workshop);
            }
        }
        try {
            $wanted = $colour === '' ? null : Rgb::hex($colour, 'like');
        } catch (BadInput) {
            [$wanted, $colour] = [null, ''];
        }
        if ($wanted !== null) {
            usort($pages, fn (SwatchPage $a, SwatchPage $b): int => $a->shown()->differenceTo($wanted)
                <=> $b->shown()->differenceTo($wanted));
        }

        $woods = $workshop->swatches()->pluck('wood')->map(strval(...))->unique()->sort();

        return new self($pages, $wood, $colour, array_values($woods->all()));
    }
}
