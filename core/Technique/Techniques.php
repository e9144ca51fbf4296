<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Technique\Decoration\BurntLine;
use HonestGrain\Technique\Decoration\Dye;
use HonestGrain\Technique\Decoration\Flutes;
use HonestGrain\Technique\Decoration\PenPattern;
use HonestGrain\Technique\Decoration\Scorch;
use HonestGrain\Technique\Decoration\SpunTexture;

/**
 * The table of techniques, in the order in which they may be made on one place (workshop rule): cut first, then flame,
 * then pen, then colour. A new one is a new file and a row here.
 */
final readonly class Techniques
{
    /** @param  array<string, Technique>  $byKey */
    private function __construct(private array $byKey)
    {
    }

    public static function table(): self
    {
        $byKey = [];
        foreach ([
            new BurntLine, new Flutes, new SpunTexture, new Scorch, new PenPattern, new Dye,
        ] as $technique) {
            $byKey[$technique->key()] = $technique;
        }

        return new self($byKey);
    }

    /** @throws InvalidField for a technique that the table does not hold */
    public function named(string $key, string $field = 'technique'): Technique
    {
        return $this->byKey[$key] ?? throw InvalidField::choice($field, $key, $this->keys());
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->byKey);
    }

    /** @return list<Technique> */
    public function all(): array
    {
        return array_values($this->byKey);
    }

    /** Smaller comes first where both lie on one part. */
    public function rank(Technique $technique): int
    {
        return (int) array_search($technique->key(), $this->keys(), true);
    }
}
