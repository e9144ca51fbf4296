<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Abrasive\Ladder;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** One ladder for several surfaces sanded in one mount. */
final readonly class LadderVerb implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'ladder';
    }

    public function example(): string
    {
        return '{"hardness_n":6000,"available":["P80","P120","P180","P240","P320","P400"],"surfaces":['
            .'{"id":"outside","tool_mark_um":80,"limit_um":12,"area_mm2":70000,"speed_m_s":3},'
            .'{"id":"inside","tool_mark_um":120,"limit_um":12,"area_mm2":60000,"speed_m_s":2.5}]}';
    }

    public function answer(Document $question): array
    {
        $table = $this->catalogue->abrasives();
        $figures = $this->catalogue->calibration()->sanding;
        $rates = SandingFields::rates($question, $figures);
        $jobs = [];
        foreach ($question->children('surfaces', Ladder::MAX_SURFACES, 1) as $surface) {
            $id = $surface->text('id', 80);
            if (isset($jobs[$id])) {
                throw InvalidField::because(
                    $surface->at('id'), $id, new Said('verbs.ladder-verb.every-surface-needs-name'),
                );
            }
            $jobs[$id] = SandingFields::job($question, $surface, $rates, $figures);
        }
        $available = $table->allNamed($question->strings('available', 200), 'available');

        return Ladder::shared($jobs, $available, $table)->toArray();
    }
}
