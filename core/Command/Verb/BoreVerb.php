<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Equipment;
use HonestGrain\Lathework\Bit;
use HonestGrain\Lathework\Boring;
use HonestGrain\Lathework\CutWood;
use HonestGrain\Lathework\Hole;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** How a hole is bored. */
final readonly class BoreVerb implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'bore';
    }

    public function example(): string
    {
        return '{"diameter_mm":27,"depth_mm":180,"grain":"end","hardness_n":4500,'
            .'"bits":[{"kind":"forstner","diameter_mm":27,"length_mm":200}],"wall":{"thickness_mm":200}}';
    }

    public function answer(Document $question): array
    {
        $diameter = $question->number('diameter_mm', 0.5, Bit::MOST_DIAMETER_MM);
        $depth = $question->number('depth_mm', 1, Bit::MOST_LENGTH_MM);
        $thickness = $question->has('wall') ? $question->child('wall')->numberOr('thickness_mm', null, 1, 5000) : null;
        $most = $question->numberOr('most_rpm', null, 10, 10_000);
        $bits = $question->has('bits')
            ? array_map(Bit::read(...), $question->children('bits', Equipment::MOST_BITS)) : [];
        $hole = new Hole(
            diameterMm: $diameter, depthMm: min($depth, $thickness ?? INF), wood: new CutWood(
                GrainDirection::from($question->choice('grain', array_column(GrainDirection::cases(), 'value'))),
                $question->number('hardness_n', 100, 50_000),
            ), isThrough: $thickness !== null && $depth >= $thickness, isGummy: $question->flag('gummy', false),
            mostRpm: $most === null ? null : (int) $most,
        );
        $table = $this->catalogue->bits();
        $boring = Boring::of(
            $this->catalogue->calibration()->bores, $table, $bits === [] ? $table->sold($diameter) : $bits, $hole,
        );
        $floor = $thickness === null || $hole->isThrough ? null : $thickness - $depth;

        return [
            'bits' => [$boring->bit->toArray()], 'rpm' => $boring->rpm, 'rpm_deep' => $boring->rpmDeep,
            'minutes' => round($boring->minutes, 4), 'floor_mm' => $floor,
            'from_both_ends' => $boring->isFromBothEnds,
            'how' => [...$boring->how, ...$floor === null ? [] : [
                new Said('lathework.boring.floor', ['floor' => Quantity::mm($floor)]),
            ]],
        ];
    }
}
