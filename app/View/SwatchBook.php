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
    private const NEAREST = 'colour';

    /** Newest first where nothing is asked. */
    public const ORDERS = ['new', 'name', 'wood', self::NEAREST];

    /**
     * @param  list<SwatchPage>  $pages
     * @param  list<string>  $woods
     */
    private function __construct(
        public array $pages,
        public string $wood,
        public string $colour,
        public array $woods,
        public string $order,
    ) {
    }

    public static function of(Request $request, Workshop $workshop, Tables $tables): self
    {
        $wood = $request->string('of')->toString();
        $by = $request->string('by')->toString();
        $colour = $request->string('like')->toString();
        $order = in_array($by, self::ORDERS, true) ? $by : ($colour === '' ? self::ORDERS[0] : self::NEAREST);
        $colour = $order === self::NEAREST ? $colour : '';
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

        if ($order === 'name' || $order === 'wood') {
            usort($pages, fn (SwatchPage $a, SwatchPage $b): int => [$a->swatch->$order, $a->swatch->name]
                <=> [$b->swatch->$order, $b->swatch->name]);
        }

        $woods = $workshop->swatches()->pluck('wood')->map(strval(...))->unique()->sort();

        return new self($pages, $wood, $colour, array_values($woods->all()), $order);
    }
}
