<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;

/**
 * Documents of version 2 put together from short words, for tests of routes.
 *
 * @phpstan-type Fields array<string, mixed>
 */
final class Benchwork
{
    public const OIL = 'Oil-varnish blend';

    public const VARNISH = 'Wiping varnish (oil-based thinned)';

    public const LACQUER = 'Brushing or wiping lacquer (nitrocellulose)';

    public const POLISH = 'Friction polish (shellac oil alcohol)';

    public const ALL = ['outside', 'inside', 'rim'];

    /**
     * A bowl of ash, turned, held by its tenon.
     *
     * @param  Fields  $more
     * @return Fields
     */
    public static function bowl(array $more = []): array
    {
        return $more + [
            'id' => 'body', 'name' => 'Body', 'wood' => 'Ash (white)', 'grain' => 'side', 'moisture_percent' => 9,
            'holding' => 'tenon', 'shape' => [
                'outer' => [[0, 45, 'corner'], [20, 90], [90, 140, 'corner']],
                'inner' => [[90, 132, 'corner'], [28, 80], [10, 0]],
            ],
        ];
    }

    /** @return Fields a box of end grain, and its lid */
    public static function box(array $marks = [], string $starts = 'turned'): array
    {
        $body = [
            'grain' => 'end', 'marks' => $marks, 'coats' => [
                self::coats('c1', self::ALL, self::LACQUER, self::LACQUER),
            ],
            'shape' => [
                'outer' => [[0, 35, 'corner'], [60, 35, 'corner']],
                'inner' => [[60, 28, 'corner'], [6, 28, 'corner'], [5, 0]],
            ],
        ];
        $lid = [
            'id' => 'lid', 'name' => 'Lid', 'wood' => 'Holly (European)', 'grain' => 'end',
            'coats' => [self::coats('c2', ['outside', 'top'], self::LACQUER)],
            'shape' => ['outer' => [
                [0, 27.85, 'corner'], [6, 27.85, 'corner'], [6, 35, 'corner'], [14, 20], [22, 4, 'corner'],
            ], 'inner' => null],
        ];

        return self::piece([self::bowl($body), self::bowl($lid)], [
            'form' => 'lidded-box', 'starts_as' => $starts,
            'joints' => [['id' => 'j1', 'kind' => 'lifts', 'parts' => ['body', 'lid'], 'diameter_mm' => 56]],
        ]);
    }

    /** @return Fields a vase with a liner, and the plug in its foot */
    public static function vase(array $more = []): array
    {
        $body = [
            'grain' => 'end', 'shape' => [
                'outer' => [[0, 30, 'corner'], [80, 45], [160, 30, 'corner']],
                'inner' => [[160, 24, 'corner'], [80, 38], [12, 8], [11, 0]],
                'bore' => ['diameter_mm' => 16, 'depth_mm' => null, 'from' => 'foot'],
            ],
            'coats' => [
                self::coats('c1', ['inside'], 'Casting epoxy as liner'),
                self::coats('c2', ['outside', 'rim'], self::VARNISH, self::VARNISH),
            ],
        ];
        $plug = ['id' => 'plug', 'grain' => 'end', 'shape' => [
            'outer' => [[0, 7.9, 'corner'], [12, 7.9, 'corner']], 'inner' => null,
        ]];

        return self::piece([self::bowl($body), self::bowl($plug)], $more + [
            'form' => 'vase', 'purpose' => 'water',
            'joints' => [['id' => 'j1', 'kind' => 'plug', 'parts' => ['body', 'plug'], 'diameter_mm' => 16]],
        ]);
    }

    /**
     * @param  list<string>  $zones
     * @return Fields a plan whose layers are named after it: c1-1, c1-2 …
     */
    public static function coats(string $id, array $zones, string ...$products): array
    {
        return ['id' => $id, 'zones' => $zones, 'layers' => array_map(fn (int $i, string $product): array => [
            'id' => "$id-".($i + 1), 'product' => $product, 'denib' => null,
        ], array_keys($products), $products), 'buff' => false];
    }

    /** @return Fields */
    public static function mark(
        string $id,
        string $technique,
        float $from,
        float $to,
        string $on = 'outer',
        array $settings = [],
    ): array {
        return [
            'id' => $id, 'technique' => $technique, 'on' => $on, 'from_mm' => $from, 'to_mm' => $to,
            'settings' => $settings,
        ];
    }

    /**
     * @param  list<Fields>  $parts
     * @param  Fields  $more
     * @return Fields
     */
    public static function piece(array $parts, array $more = []): array
    {
        return $more + [
            'format' => Piece::FORMAT, 'version' => 2, 'name' => 'Any piece', 'form' => 'shallow-bowl',
            'purpose' => 'handled', 'parts' => $parts, 'joints' => [], 'steps' => [], 'order' => [],
        ];
    }

    /**
     * @param  Fields  $document
     * @param  list<string>  $done
     */
    public static function route(array $document, array $done = []): Route
    {
        $tables = Drawn::tables();

        return Route::of(
            Piece::read(Document::of($document), $tables), Bench::usual(Drawn::catalogue()), $tables, Past::of($done),
        );
    }

    /**
     * @param  Fields  $document
     * @return array<string, Step> by id, in order
     */
    public static function steps(array $document): array
    {
        return array_column(self::route($document)->steps, null, 'id');
    }
}
