<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;

/** Random documents: all techniques, one to three parts, random flaws, marks, coats and wishes. */
final class AnyPiece
{
    /** @return array<string, mixed> */
    public static function document(int $seed): array
    {
        mt_srand($seed);
        $one = fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $products = array_keys(Catalogue::shipped()->coatings()->coatings());
        $techniques = Drawn::tables()->techniques->decorationKeys();
        $parts = $joints = [];
        foreach (array_slice(['body', 'lid', 'plug'], 0, mt_rand(1, 3)) as $n => $id) {
            $marks = $flaws = $coats = [];
            for ($i = mt_rand(0, 4); $i > 0; $i--) {
                $from = mt_rand(0, 60);
                $mark = Benchwork::mark("$id-m$i", $one($techniques), $from, $from + mt_rand(3, 30));
                $marks[] = mt_rand(0, 5) === 0 ? ['on' => 'foot', 'from_mm' => 2, 'to_mm' => 12] + $mark : $mark;
            }
            for ($i = mt_rand(0, 2); $i > 0; $i--) {
                $flaws[] = [
                    'id' => "$id-f$i", 'kind' => $one(['crack', 'void', 'knot', 'worm', 'soft', 'torn']),
                    'on' => $one(['outer', 'inner', 'rim', 'foot']), 'from_mm' => 1, 'to_mm' => mt_rand(2, 6),
                    'wish' => $one(['keep', 'fill', 'stabilise', 'cut-away']), 'width_mm' => mt_rand(1, 20) / 4,
                ];
            }
            foreach (mt_rand(0, 1) === 0 ? [[...Benchwork::ALL, 'foot']] : [
                ['outside'], ['inside', 'rim'], ['foot'],
            ] as $k => $zones) {
                $layers = array_map(fn (): string => $one($products), range(1, mt_rand(1, 3)));
                $coats[] = [
                    'buff' => mt_rand(0, 2) === 0, 'when' => $one([null, null, 'before-reversing', 'with-the-rest']),
                ] + Benchwork::coats("$id-c$k", $zones, ...$layers);
            }
            $parts[] = Benchwork::bowl([
                'id' => $id, 'name' => ucfirst($id), 'marks' => $marks, 'features' => $flaws, 'coats' => $coats,
                'holding' => $one(['tenon', 'recess', 'between-centres', 'faceplate', 'jam', 'mandrel']),
                'holds' => $one([[], [], ['outside' => $one(['screw', 'faceplate', 'vacuum']), 'foot' => $one([
                    'jam', 'vacuum', 'wide-jaws', 'mandrel',
                ])]]) ?: null,
                'grain' => $one(['side', 'end']), 'rings' => $one([null, null, 'quarter-sawn', 'between']),
                'figured' => $one([null, null, 'curl', 'interlocked', 'burl']),
                'wall_readings' => mt_rand(0, 2) > 0 ? [] : [
                    ['height_mm' => mt_rand(1, 60), 'wall_mm' => mt_rand(2, 20)],
                ],
            ]);
            if ($n > 0) {
                $joints[] = [
                    'id' => "j$n", 'kind' => $one(['lifts', 'glued-tenon', 'plug', 'slip']), 'parts' => ['body', $id],
                    'diameter_mm' => 90, 'at' => $one(['top', 'foot', 'side']),
                ];
            }
        }

        $document = Benchwork::piece($parts, [
            'starts_as' => $one(['turned', 'roughed', 'blank']), 'joints' => $joints,
            'purpose' => $one(['display', 'handled', 'food', 'water']),
            'order' => mt_rand(0, 1) === 0 ? [] : [['body-c0-1', 'body.outside/sand'], ['body/part-off', 'body-c0-1']],
            'school' => ['inside' => $one(['first', 'later']), 'liner' => $one(['first', 'last'])],
        ]);
        if (mt_rand(0, 3) === 0) {
            $document['parts'] = array_map(fn (array $part): array => ['moisture_percent' => 40] + $part, $parts);
            $document['school']['wet'] = $one(['dried-first', 'turned-once']);
        }

        if ($seed % 4 === 0) {
            $document['parts'] = array_map(fn (array $part): array => ['holes' => [[
                'id' => "{$part['id']}-h", 'diameter_mm' => 4 + $seed % 8, 'depth_mm' => $seed % 3 === 0 ? null : 3,
                'from' => ['side', 'top', 'foot'][$seed % 3], 'height_mm' => 10 + $seed % 60,
                'azimuth_deg' => $seed % 360, 'angle_deg' => $seed % 40 - 20,
            ]]] + $part, $document['parts']);
        }

        if ($seed % 5 === 1) {
            $document['parts'] = array_map(fn (array $part): array => ['fittings' => [[
                'id' => "{$part['id']}-fit", 'kind' => ['ferrule', 'insert', 'kit'][$seed % 3],
                'name' => $seed % 2 === 0 ? null : 'Bush', 'diameter_mm' => 6 + $seed % 11,
                'length_mm' => 4 + $seed % 6, 'outer_mm' => $seed % 2 === 0 ? null : 19,
                'from' => ['top', 'foot'][$seed % 2], 'glue' => ['wood-glue', 'epoxy', 'ca', null][$seed % 4],
                'pinned' => $seed % 2 === 0, 'order' => $seed % 3 === 2 ? ['a bush', 'a pin'] : [],
            ]]] + $part, $document['parts']);
        }
        if ($seed % 7 === 2) {
            $document['joints'] = array_map(fn (array $joint): array => [
                'glue' => ['wood-glue', 'epoxy', 'ca', null][$seed % 4], 'height_mm' => $seed % 70,
                'azimuth_deg' => $seed % 360, 'angle_deg' => $seed % 60 - 30,
            ] + $joint + ($seed % 2 === 0 ? [] : ['depth_mm' => 3]), $document['joints']);
            $document['parts'][0]['features'][] = [
                'id' => 'pith', 'kind' => 'pith', 'on' => 'foot', 'from_mm' => 0, 'to_mm' => 4,
                'wish' => ['keep', 'fill', 'stabilise'][$seed % 3], 'each_pass' => $seed % 2 === 0, 'rgb' => '#1d6b86',
            ];
            $document['school']['rim'] = ['usual-rim', 'fast-rim'][$seed % 2];
        }
        if ($seed % 6 === 4) {
            $document['parts'] = array_map(fn (array $part): array => [
                'shape' => $part['shape'] + ['rim' => [[0, 0], [$seed % 170 + 1, $seed % 30], [200, 3]]],
            ] + $part, $document['parts']);
        }
        if ($seed % 11 === 3 && isset($document['joints'][0])) {
            $document['joints'][0]['kind'] = 'ball';
        }

        return $document;
    }
}
