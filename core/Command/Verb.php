<?php

declare(strict_types=1);

namespace HonestGrain\Command;

use HonestGrain\Reading\Document;

/** One question that `bin/grain` answers: a JSON document in, one out (or a drawing, as the SVG document it is). */
interface Verb
{
    public function name(): string;

    /** A document that it answers; an empty one where it asks nothing. What its fields mean says `lang/`. */
    public function example(): string;

    /** @return array<string, mixed>|string */
    public function answer(Document $question): array|string;
}
