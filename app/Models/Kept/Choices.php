<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What was chosen, by the name of the choice. */
final readonly class Choices implements Kept
{
    /** @param  array<string, string>  $chosen */
    public function __construct(public array $chosen = [])
    {
    }

    public function of(string $choice): ?string
    {
        return $this->chosen[$choice] ?? null;
    }

    /** @param  array<string, string>  $chosen */
    public function with(array $chosen): self
    {
        return new self($chosen + $this->chosen);
    }

    public static function read(array $kept): self
    {
        $chosen = [];
        foreach ($kept as $choice => $value) {
            if (is_scalar($value)) {
                $chosen[(string) $choice] = (string) $value;
            }
        }

        return new self($chosen);
    }

    public function toArray(): array
    {
        return $this->chosen;
    }
}
