<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Piece\OwnStep;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;

/** One way to put a fault right: steps that drop into the route, and what must be done again because of it. */
final readonly class Remedy
{
    /**
     * @param  list<array<string, mixed>>  $steps  as steps of the maker's own stand in a document
     * @param  list<string>  $again  steps that were done and are open again
     * @param  string|null  $anew  the part that is made again from another blank
     */
    public function __construct(
        public string $id,
        public Said $title,
        public Said $because,
        public array $steps,
        public array $again,
        public ?string $anew = null,
    ) {
    }

    /** The piece with what the remedy brings. */
    public function on(Piece $piece, Tables $tables): Piece
    {
        $part = $this->anew === null ? null : $piece->part($this->anew);

        return ($part === null ? $piece : $piece->withPartAnew($part, $tables->calibration))->withSteps(
            ...$this->steps($tables),
        );
    }

    /** @return list<OwnStep> */
    public function steps(Tables $tables): array
    {
        return array_map(fn (array $step): OwnStep => OwnStep::read(Document::of($step), $tables), $this->steps);
    }

    /** @return list<string> of the steps that it brings */
    public function ids(): array
    {
        $ids = [];
        foreach ($this->steps as $step) {
            if (is_string($step['id'] ?? null)) {
                $ids[] = $step['id'];
            }
        }

        return $ids;
    }
}
