<?php

declare(strict_types=1);

namespace HonestGrain\Command;

use HonestGrain\Reading\Document;

/** One question that `bin/grain` answers: a JSON document in, one out (or a drawing, as the SVG document it is). */
interface Verb
{
    public function name(): string;

    /** @return array{does: string, fields: array<string, string>, example: string}  without fields it asks nothing */
    public function help(): array;

    /** @return array<string, mixed>|string */
    public function answer(Document $question): array|string;
}
