<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Layout\DrawnRepeat;
use HonestGrain\Reading\Document;

/** The repeats for the pen that are drawn here. */
final readonly class UnitsVerb implements Verb
{
    public function name(): string
    {
        return 'units';
    }

    public function example(): string
    {
        return '{}';
    }

    public function answer(Document $question): array
    {
        return ['units' => array_column(DrawnRepeat::cases(), 'value')];
    }
}
