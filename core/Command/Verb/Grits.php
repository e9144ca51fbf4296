<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

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

    public function example(): string
    {
        return '{"tool_mark_um":80,"limit_um":12,"floor_um":null,"area_mm2":70000,"hardness_n":6000,'
            .'"speed_m_s":3,'
            .'"available":["P80","P120","P150","P180","P240","P320","P400"],"own":["P80","P180","P400"]}';
    }

    public function answer(Document $question): array
    {
        $table = $this->catalogue->abrasives();
        $figures = $this->catalogue->calibration()->sanding;
        $job = SandingFields::job($question, $question, SandingFields::rates($question, $figures), $figures);
        $available = $table->allNamed($question->strings('available', 200), 'available');
        $own = $question->has('own') ? $table->allNamed($question->strings('own', 50), 'own') : null;
        $best = Progression::shortest($job, $available, $table);
        $mine = $own === null ? null : Progression::own($job, $own, $available);
        $saved = $best->recutSavesMinutes($job, $available, $table);

        return $best->toArray() + [
            'discs' => $best->discs(),
            'warnings' => $best->warnings,
            'own' => $mine === null ? null : $mine->toArray() + [
                'warnings' => $mine->warnings,
                'faults' => array_map(fn (ProgressionFault $fault): array => $fault->toArray(), $mine->faults),
            ],
            'recut' => $saved === null ? null
                : ['saves_minutes' => round($saved, 2), 'message' => new Said('verbs.grits.first-grit-takes-over', [
                    'saved' => Quantity::minutes($saved),
                ])],
        ];
    }
}
