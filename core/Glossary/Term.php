<?php

declare(strict_types=1);

namespace HonestGrain\Glossary;

use HonestGrain\Words\Said;

/** A word of the craft, with its drawing and what else is worth reading; its meaning is a line of `glossary.terms`. */
final readonly class Term
{
    /** @param  list<string>  $see  other terms, by id */
    private function __construct(public string $id, public TermGroup $group, public array $see, public Sketch $sketch)
    {
    }

    /** @param  array{id: string, group: string, see: list<string>, ...<string, string|list<string>>}  $row */
    public static function fromRow(array $row): self
    {
        $path = fn (string $of): string => is_string($row[$of] ?? null) ? $row[$of] : '';
        $over = $path('over');

        return new self($row['id'], TermGroup::from($row['group']), $row['see'], new Sketch(
            $over === '' ? null : $over, $path('thin'), $path('thick'), $path('fill'), $path('dash'),
        ));
    }

    public function name(): Said
    {
        return new Said("glossary.terms.$this->id.name");
    }

    public function meaning(): Said
    {
        return new Said("glossary.terms.$this->id.says");
    }
}
