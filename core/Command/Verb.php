<?php

declare(strict_types=1);

namespace HonestGrain\Command;

use HonestGrain\Reading\Document;

/** One question that `bin/grain` answers: a JSON document in, one out. */
interface Verb
{
    public function name(): string;

    /** @return array{does: string, fields: array<string, string>, example: string} */
    public function help(): array;

    /** @return array<string, mixed> */
    public function answer(Document $question): array;
}
