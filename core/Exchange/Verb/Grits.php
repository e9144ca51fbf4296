<?php

declare(strict_types=1);

namespace HonestGrain\Exchange\Verb;

use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Exchange\Document;
use HonestGrain\Exchange\Verb;

/** The least-minutes grit progression, and the price of the maker's own. */
final readonly class Grits implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'grits';
    }

    public function help(): array
    {
        return [
            'does' => 'The grit progression with the least total minutes from the abrasives at hand, and the price and faults of your own.',
            'fields' => [
                'tool_mark_um' => 'depth of the marks the tool left, µm, above 0 to 5000',
                'limit_um' => 'the deepest scratch that may remain, µm, above 0 to 500',
                'floor_um' => 'the last scratch may not be finer than this, µm, or null',
                'area_mm2' => 'surface to sand, mm²',
                'pad_mm2' => 'area of the pad, mm² (1200 where not given)',
                'hardness_n' => 'Janka hardness, N, 100 to 40000',
                'speed_m_s' => 'speed of the abrasive over the wood, m/s, 0.05 to 30',
                'max_ratio' => 'greatest fall in size from one grit to the next (1.8 where not given)',
                'change_minutes' => 'minutes to change a disc (0.5)',
                'inspect_minutes' => 'minutes to wipe and look under a raking light (0.5)',
                'available' => 'grits with their scale: "P120", "CAMI 320"; at most 200',
                'own' => 'your own progression in the order you use it, or null',
            ],
            'example' => '{"tool_mark_um":80,"limit_um":12,"floor_um":null,"area_mm2":70000,"pad_mm2":1200,"hardness_n":6000,"speed_m_s":3,"max_ratio":1.8,"change_minutes":0.5,"inspect_minutes":0.5,"available":["P80","P120","P150","P180","P240","P320","P400"],"own":["P80","P180","P400"]}',
        ];
    }

    public function answer(Document $question): array
    {
        $table = $this->catalogue->abrasives();
        $job = SandingJob::of(
            $question->number('tool_mark_um', 0.1, 5000),
            $question->number('limit_um', 0.1, 500),
            $question->numberOr('floor_um', null, 0, 500),
            $question->number('area_mm2', 1, 1e8),
            ScratchModel::on($question->number('hardness_n', 100, 40_000), $question->number('speed_m_s', 0.05, 30)),
            $question->numberOr('pad_mm2', 1200.0, 1, 1e6),
            $question->numberOr('max_ratio', SandingJob::DEFAULT_MAX_RATIO, 1.01, 20),
            $question->numberOr('change_minutes', 0.5, 0, 60),
            $question->numberOr('inspect_minutes', 0.5, 0, 60),
        );
        $available = $table->allNamed($question->strings('available', 200), 'available');
        $best = Progression::shortest($job, $available, $table);
        $saved = $best->recutSavesMinutes($job, $available, $table);
        $own = null;
        if ($question->has('own')) {
            $mine = Progression::own($job, $table->allNamed($question->strings('own', 50), 'own'));
            $own = $mine->toArray() + ['faults' => array_map(fn (ProgressionFault $fault): array => $fault->toArray(), $mine->faults)];
        }

        return $best->toArray() + [
            'own' => $own,
            'recut' => $saved === null ? null : ['saves_minutes' => round($saved, 2), 'message' => sprintf('The first grit takes over half of the time: re-cutting cleanly would save %.0f min.', $saved)],
        ];
    }
}
