<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What a shop's own records have made of the minutes and the discs of a way to sand and a family of wood. */
final readonly class SandingFactors implements Kept
{
    /**
     * @param  array<string, float>  $minutes  by way and family
     * @param  array<string, float>  $discs
     */
    public function __construct(public array $minutes = [], public array $discs = [])
    {
    }

    public static function read(array $kept): self
    {
        return new self(
            array_map(floatval(...), (array) ($kept['minutes'] ?? [])),
            array_map(floatval(...), (array) ($kept['discs'] ?? [])),
        );
    }

    public function toArray(): array
    {
        return ['minutes' => $this->minutes, 'discs' => $this->discs];
    }
}
