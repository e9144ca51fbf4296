<?php

declare(strict_types=1);

namespace App\Watch;

/** What the doctor found of one thing. */
final readonly class Finding
{
    /**
     * @param  string  $of  the key of its lines under `admin.doctor`
     * @param  bool|null  $isWell  null where it works, and could be better
     * @param  array<string, string|int>  $says  what stands in the places of its lines
     */
    private function __construct(public string $of, public ?bool $isWell, public array $says)
    {
    }

    /** @param  array<string, string|int>  $says */
    public static function of(string $of, bool $isWell, array $says = []): self
    {
        return new self($of, $isWell, $says);
    }

    /** @param  array<string, string|int>  $says */
    public static function hint(string $of, bool $isWell, array $says = []): self
    {
        return new self($of, $isWell ? true : null, $says);
    }
}
