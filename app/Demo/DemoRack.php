<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Air;
use App\Models\Kept\SetAir;
use App\Models\Workshop;
use App\Planning\Airs;
use App\Planning\Rack;
use HonestGrain\Reading\Document;
use Illuminate\Support\Facades\DB;

/** The demo shop's rack: blanks in every state, weighed as makers weigh, on a scale that reads to the gram. */
final readonly class DemoRack
{
    private const HOUR = 3600;

    private const DAYS_READ = 24;

    public function __construct(private Rack $rack, private Airs $airs)
    {
    }

    /** What the shop turns with: a lathe, three jaw sets, and other holds with what they take. */
    public function lathe(Workshop $workshop): void
    {
        $jaws = fn (string $name, float $from, float $to, float $open, float $wide): array => [
            'name' => $name, 'tenon_min_mm' => $from, 'tenon_max_mm' => $to, 'recess_min_mm' => $open,
            'recess_max_mm' => $wide,
        ];
        $bits = fn (string $kind, float $reach, float ...$across): array => array_map(fn (float $mm): array => [
            'kind' => $kind, 'diameter_mm' => $mm, 'length_mm' => $reach,
        ], array_values($across));
        $workshop->update(['equipment' => Document::of([
            'lathe' => [
                'swing_mm' => 400, 'bed_mm' => 900, 'least_rpm' => 60, 'most_rpm' => 3200, 'reverses' => true,
                'index_holes' => [24, 36, 48],
            ],
            'jaws' => [
                $jaws('Pin jaws', 18, 34, 26, 40), $jaws('Standard jaws', 42, 60, 50, 75),
                $jaws('Large jaws', 88, 118, 98, 130),
            ],
            'cutters' => [
                ['name' => 'Round burr, 8 mm', 'kind' => 'ball', 'radius_mm' => 4],
                ['name' => 'Round burr, 12 mm', 'kind' => 'ball', 'radius_mm' => 6],
                ['name' => 'V bit', 'kind' => 'v', 'angle_deg' => 60],
            ],
            'bits' => [
                ...$bits('brad', 90, 3, 4, 5, 6, 8, 10, 12), ...$bits('gun', 700, 8),
                ...$bits('forstner', 75, 20, 25, 27, 35, 40, 50), ...$bits('forstner', 250, 27, 38),
            ],
            'holds' => [
                ['mount' => 'faceplate', 'most_rpm' => null], ['mount' => 'screw', 'most_rpm' => 1200],
                ['mount' => 'tenon', 'most_rpm' => null], ['mount' => 'between-centres', 'most_rpm' => null],
                ['mount' => 'jam', 'most_rpm' => 1000], ['mount' => 'wide-jaws', 'most_rpm' => 500],
                ['mount' => 'vacuum', 'most_rpm' => 800],
            ],
        ])]);
    }

    /** Four airs, the shop's and the cupboard's read by the hour, with a gap where the station was out. */
    public function air(Workshop $workshop): void
    {
        $now = intdiv((int) now()->getTimestamp(), self::HOUR) * self::HOUR;
        foreach ([
            [Air::SHOP, 'Shop', null, 'works'],
            [Air::CUPBOARD, 'Cupboard', new SetAir(22.0, 45.0), 'works'],
            ['cellar', 'Cellar', new SetAir(11.0, 78.0), Air::NO_STATION],
            ['outdoors', 'Lean-to', new SetAir(8.0, 82.0), Air::NO_STATION],
        ] as [$kind, $name, $setting, $station]) {
            $air = $workshop->airs()->create(
                ['kind' => $kind, 'name' => $name, 'setting' => $setting, 'station' => $station],
            );
            $reads = $this->airs->station($workshop, $air);
            $rows = [];
            for ($i = self::DAYS_READ * 24; $reads !== null && $i > 0; $i--) {
                $said = $i > 100 && $i < 118 ? null : $reads->read($now - $i * self::HOUR);
                if ($said !== null) {
                    $rows[] = [
                        'air_id' => $air->id, 'at' => gmdate('Y-m-d H:i:s', $now - $i * self::HOUR),
                        'temp_c' => $said[0], 'rh_percent' => $said[1], 'source' => 'station',
                    ];
                }
            }
            DB::table('air_readings')->insert($rows);
        }
        $workshop->load('airs');
    }

    public function fill(Workshop $workshop): void
    {
        mt_srand(11);
        $bowl = fn (string $wood, float $d, float $h, float $wall, array $more = []): array => $more + [
            'form' => 'rough-bowl', 'wood' => $wood, 'diameter_mm' => $d, 'length_mm' => $h, 'wall_mm' => $wall,
            'tenon_mm' => 62, 'keeping' => 'wrapped', 'place' => 'Top shelf', 'pith' => 'out',
        ];
        $log = fn (string $form, string $wood, float $d, float $l, array $more = []): array => $more + [
            'form' => $form, 'wood' => $wood, 'diameter_mm' => $d, 'length_mm' => $l, 'keeping' => 'ends-sealed',
            'place' => 'Lean-to', 'pith' => 'in', 'source' => 'The hedge at Skerry Lane',
        ];
        // Document, first weight g, dry share, rate a day, days between weighings, how many, days since the last.
        $stock = fn (string $form, string $wood, float $d, float $l, string $place, array $more = []) => $more + [
            'form' => $form, 'wood' => $wood, 'diameter_mm' => $d, 'length_mm' => $l, 'keeping' => 'open',
            'place' => $place, 'pith' => 'out',
        ];
        $hollow = [
            'form' => 'rough-hollow', 'wood' => 'Ash (white)', 'diameter_mm' => 150, 'length_mm' => 210,
            'wall_mm' => 18,
            'tenon_mm' => 58, 'keeping' => 'waxed', 'place' => 'Top shelf', 'pith' => 'bored',
        ];
        $round = $stock('round', 'Oak (white)', 250, 90, 'Lean-to', [
            'keeping' => 'waxed', 'source' => 'Sawmill end of lot', 'price' => 18,
        ]);
        $thin = $bowl('Ash (white)', 330, 120, 24, ['note' => 'Roughed thin; the wall may run out.']);
        $birch = $bowl('Birch (yellow)', 260, 90, 26, ['keeping' => 'open', 'place' => 'By the heater']);
        foreach ([
            [$bowl('Ash (white)', 280, 95, 28), 2350, 0.66, 0.021, 21, 14, 5],
            [$bowl('Cherry (black)', 240, 80, 25), 1720, 0.68, 0.024, 20, 8, 3],
            [$bowl('Maple (sugar)', 310, 110, 31), 3280, 0.62, 0.018, 21, 6, 9],
            [$bowl('Walnut (black)', 220, 75, 22, ['keeping' => 'bagged']), 1260, 0.65, 0.03, 14, 5, 2],
            [$thin, 2900, 0.66, 0.02, 18, 7, 4],
            [$bowl('Beech (American)', 200, 70, 20), 1120, 0.63, 0.012, 16, 4, 20],
            [$birch, 1980, 0.6, 0.055, 5, 3, 1],
            [$hollow, 1490, 0.67, 0.016, 25, 6, 12],
            [$log('log', 'Cherry (black)', 240, 320), 14200, 0.63, 0.004, 30, 3, 34],
            [$log('branch', 'Cherry (black)', 90, 260), 1680, 0.66, 0.01, 25, 2, 8],
            [$round, 4350, 0.64, 0.006, 28, 7, 40],
            [$stock('slab', 'Walnut (black)', 210, 45, 'Loft', ['price' => 25]), 1310, 0.93, 0.02, 60, 8, 210],
            [$stock('spindle-stock', 'Maple (sugar)', 45, 300, 'Loft'), 402, 0.9, 0.05, 30, 6, 30],
            [$stock('plug-stock', 'Walnut (black)', 32, 200, 'Drawer'), 128, 1.0, 0.05, 20, 3, 15],
            [$bowl('Cherry (black)', 190, 65, 19, ['place' => 'Floor']), 980, 0.66, 0.02, 15, 0, 0],
        ] as $i => [$document, $first, $share, $rate, $step, $count, $ago]) {
            $roughed = now()->subDays($ago + $step * max(0, $count - 1));
            $document += [$document['form'] === 'rough-bowl' ? 'roughed_on' : 'cut_on' => $roughed->toDateString()];
            $blank = $this->rack->add(
                $workshop, Document::of($document), null,
                $workshop->airs->firstWhere('name', $document['place'])?->id,
            );
            $rows = [];
            for ($k = 0; $k < $count; $k++) {
                $mass = $first * ($share + (1 - $share) * exp(-$rate * $step * $k));
                $at = $roughed->copy()->addDays($step * $k)->setTime(17, 10 + $i);
                // Number 8 was left out in the rain once.
                $rain = $i === 7 && $k === $count - 1 ? 40 : 0;
                $rows[] = [
                    'workshop_id' => $workshop->id, 'blank_id' => $blank->id, 'at' => $at, 'created_at' => $at,
                    'mass_g' => round($mass + mt_rand(-1, 1)) + $rain,
                ];
            }
            DB::table('weighings')->insert($rows);
            $this->rack->derive($blank, $workshop);
        }
    }
}
