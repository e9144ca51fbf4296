<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** How a maker likes to go about it, where more than one way is sound: what the piece says, else what the shop says. */
final readonly class School
{
    /** Each choice there is, by name. */
    public const CHOICES = [
        'inside' => ['first', 'later'],
        'underside' => ['before-reversing', 'coated-before-reversing', 'with-the-rest'],
        'tenon' => ['last', 'early'],
        'liner' => ['first', 'last'],
        'sealer' => ['after-sanding', 'before-sanding'],
        'wet' => ['turned-once'],
    ];

    /** @param  array<string, string>  $chosen  by name */
    private function __construct(private array $chosen)
    {
    }

    /** @param  array<string, string>  ...$wishes  those that come first hold */
    public static function of(array ...$wishes): self
    {
        $chosen = [];
        foreach ($wishes as $wish) {
            foreach ($wish as $name => $value) {
                if (in_array($value, self::CHOICES[$name] ?? [], true)) {
                    $chosen += [$name => $value];
                }
            }
        }

        return new self($chosen);
    }

    public function choice(string $name, string $usual): string
    {
        return $this->chosen[$name] ?? $usual;
    }

    public function has(string $name): bool
    {
        return isset($this->chosen[$name]);
    }
}
