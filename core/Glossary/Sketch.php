<?php

declare(strict_types=1);

namespace HonestGrain\Glossary;

/** What is drawn of a term: paths of SVG on a sheet of 120 by 72, by how they are drawn; empty where there are none. */
final readonly class Sketch
{
    /**
     * @param  ?string  $over  what the term is shown on: one of TermPicture's grounds
     * @param  string  $thick  the thing itself; the rest is thin
     * @param  string  $fill  what of it is shaded
     */
    public function __construct(
        public ?string $over,
        public string $thin,
        public string $thick,
        public string $fill,
        public string $dash,
    ) {
    }
}
