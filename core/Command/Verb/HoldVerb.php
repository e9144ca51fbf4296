<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\Grasp;
use HonestGrain\Holding\Holds;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use HonestGrain\Piece\Workpieces;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;

/** What holds a part at a stage, how, and how fast it may turn so. */
final readonly class HoldVerb implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'hold';
    }

    public function example(): string
    {
        return '{"part":{"wood":"Ash (white)","grain":"side","moisture_percent":9,'
            .'"shape":{"outer":[[0,40,"corner"],[30,90],[60,110,"corner"]],'
            .'"inner":[[60,104,"corner"],[34,86],[10,0]]}},"stage":"inside",'
            .'"equipment":{"jaws":[{"name":"Large","tenon_min_mm":70,"tenon_max_mm":110}],'
            .'"holds":[{"mount":"faceplate","size_mm":150}]}}';
    }

    public function answer(Document $question): array
    {
        $tables = Tables::of($this->catalogue);
        $bench = Bench::usual($this->catalogue);
        $asked = $question->child('part');
        $part = Part::read($asked->has('id') ? $asked : $asked->with(['id' => 'part']), $tables);
        $stages = array_unique([...array_column(HoldStage::cases(), 'value'), ...Face::names()]);
        $named = $question->choice('stage', array_values($stages));
        $holds = Holds::of(
            (new Workpieces(
                $part, $tables->calibration, $bench->isWet($part->moisturePercent),
                ! $question->flag('dried_oval', false), $question->flag('has_partner', false),
            ))->at(HoldStage::tryFrom($named) ?? HoldStage::of(Face::from($named))),
            $question->has('equipment') ? Equipment::read($question->child('equipment')) : Equipment::unknown(),
            $tables->lathe->holds, $tables->calibration,
        );

        return [
            'holds' => array_map(fn (Grasp $grasp): array => [
                'key' => $grasp->mount->value, 'fits' => $grasp->fits(), 'because' => $grasp->because,
                'how' => $grasp->how, 'size' => (object) $grasp->size,
                'rpm' => $grasp->speed === null ? null : [
                    'most' => $grasp->speed->rpm, 'binds' => $grasp->speed->binds,
                ],
                'free' => Face::names($grasp->free), 'leaves' => $grasp->leaves,
            ], $holds->all()),
            'choice' => $holds->choice()?->mount->value,
        ];
    }
}
