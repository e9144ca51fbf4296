<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** Something that is to be said, before it is put into words: which line of a language file, and what stands in it. */
final readonly class Said
{
    /**
     * @param  string  $code  file and keys, as "mending.causes.bevel.title"
     * @param  array<string, string|self>  $of  names, and what is said within it, by their place in the line
     */
    public function __construct(public string $code, public array $of = [])
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['code' => $this->code] + ($this->of === [] ? [] : ['of' => array_map(
            fn (string|self $one): string|array => $one instanceof self ? $one->toArray() : $one, $this->of,
        )]);
    }
}
