<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Piece\Piece;

/**
 * Documents of one part from short words: what belongs to the part stands beside what belongs to the piece, a mark's
 * settings beside its place, and layers and plans are called l1, l2 … and c1, c2 … by theirs.
 *
 * @phpstan-type Fields array<string, mixed>
 */
final class OnePart
{
    private const OF_THE_PART = ['wood', 'grain', 'moisture_percent', 'holding', 'shape', 'surface', 'features'];

    private const OF_A_MARK = ['id', 'on', 'from_mm', 'to_mm', 'note', 'name', 'settings'];

    /**
     * @param  Fields  $flat
     * @return Fields a document, version 2
     */
    public static function document(array $flat): array
    {
        $own = array_flip([...self::OF_THE_PART, 'marks', 'coats']);
        $marks = array_map(self::mark(...), $flat['marks'] ?? []);
        $part = array_intersect_key($flat, array_flip(self::OF_THE_PART)) + [
            'id' => 'body', 'name' => 'Body', 'marks' => $marks, 'coats' => self::coats($flat['coats'] ?? []),
        ];

        return array_diff_key($flat, $own) + [
            'format' => Piece::FORMAT, 'version' => Piece::VERSION, 'parts' => [$part],
            'order' => self::layered($marks),
        ];
    }

    /**
     * @param  Fields  $mark
     * @return Fields
     */
    private static function mark(array $mark): array
    {
        $of = array_flip(self::OF_A_MARK);
        $technique = $mark['kind'] ?? $mark['technique'] ?? '';

        return ['technique' => $technique === 'v-groove' ? 'burnt-line' : $technique]
            + array_intersect_key($mark, $of)
            + ['settings' => array_diff_key($mark, $of, ['kind' => 0, 'technique' => 0])];
    }

    /**
     * @param  list<Fields>  $plans
     * @return list<Fields>
     */
    private static function coats(array $plans): array
    {
        $layers = 0;
        $coats = [];
        foreach ($plans as $i => $plan) {
            $coats[] = [
                'layers' => array_map(function (array $layer) use (&$layers): array {
                    $layers++;

                    return $layer + ['id' => "l$layers"];
                }, $plan['layers'] ?? []),
            ] + $plan + ['id' => 'c'.($i + 1)];
        }

        return $coats;
    }

    /**
     * Colours over each other in the order in which they are written.
     *
     * @param  list<Fields>  $marks
     * @return list<array{string, string}>
     */
    private static function layered(array $marks): array
    {
        $order = [];
        foreach ($marks as $i => $one) {
            foreach (array_slice($marks, $i + 1) as $later) {
                $isOver = $one['technique'] === $later['technique'] && $one['on'] === $later['on']
                    && $one['from_mm'] < $later['to_mm'] && $later['from_mm'] < $one['to_mm'];
                $order = $isOver ? [...$order, [$one['id'], $later['id']]] : $order;
            }
        }

        return $order;
    }
}
