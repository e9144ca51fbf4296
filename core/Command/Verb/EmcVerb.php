<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Emc;

/** The moisture at which wood settles in given air. */
final readonly class EmcVerb implements Verb
{
    public function name(): string
    {
        return 'emc';
    }

    public function example(): string
    {
        return '{"temp_c":21.1,"rh_percent":50}';
    }

    public function answer(Document $question): array
    {
        $emc = Emc::at($question->number('temp_c', Emc::MIN_C, Emc::MAX_C), $question->number('rh_percent', 0, 100));

        return ['emc_percent' => round($emc->percent, 2)];
    }
}
