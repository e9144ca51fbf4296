<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Holding\JawSet;
use HonestGrain\Rack\Truing;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What is left of a rough bowl once it has dried oval, and what still holds it. */
final readonly class TruingVerb implements Verb
{
    private const MOST_MM = 2000;

    public function name(): string
    {
        return 'truing';
    }

    public function example(): string
    {
        return '{"diameter_mm":250,"wall_mm":25,"tangential_shrinkage_percent":8.4,'
            .'"from_moisture_percent":30,"to_moisture_percent":10,"allowance_mm":0,"tenon_mm":60,'
            .'"jaws":[{"name":"50 mm","tenon_min_mm":45,"tenon_max_mm":65,"recess_min_mm":50,"recess_max_mm":75}]}';
    }

    public function answer(Document $question): array
    {
        $diameter = $question->number('diameter_mm', 1, self::MOST_MM);
        $wall = $question->number('wall_mm', 0.01, $diameter / 2);
        $from = $question->number('from_moisture_percent', 0, 300);
        $tenon = $question->numberOr('tenon_mm', null, 0.1, $diameter);
        $truing = Truing::of(
            Truing::shrinkFraction(
                $question->number('tangential_shrinkage_percent', 0, Wood::MOST_SHRINKAGE_PERCENT), $from,
                $question->number('to_moisture_percent', 0, $from),
            ),
            $diameter, $wall, $question->numberOr('allowance_mm', 0.0, 0, 50), $tenon,
        );
        $sets = array_map(JawSet::read(...), $question->has('jaws') ? $question->children('jaws', 50) : []);

        return [
            'shrink_fraction' => round($truing->shrinkFraction, 6),
            'ovality_mm' => round($truing->ovalityMm, 4),
            'true_diameter_mm' => round($truing->trueDiameterMm, 4),
            'max_finished_wall_mm' => round($truing->mostWallMm, 4),
            'trued_tenon_mm' => $truing->tenonMm === null ? null : round($truing->tenonMm, 4),
            'jaws' => $truing->tenonMm === null ? [] : array_map(
                fn (JawSet $set): string => $set->name, JawSet::holding($sets, $truing->tenonMm),
            ),
            'warnings' => $truing->mostWallMm > 0 ? [] : [new Said('verbs.truing-verb.no-wall-left-goes', [
                'ovality' => Quantity::mm($truing->ovalityMm),
                'wall' => Quantity::mm($wall),
                'what' => Quantity::mm(-$truing->mostWallMm),
                'wall2' => Quantity::mm($wall - $truing->mostWallMm),
            ])],
        ];
    }
}
