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
        'sealer' => ['after-sanding', 'before-sanding', 'between-ladders'],
        'clean' => ['cloth', 'air', 'alcohol'],
        'wet' => ['turned-once', 'dried-first'],
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

    /** A choice, or one way of it, as a maker says it. */
    public static function words(string $choice): string
    {
        return match ($choice) {
            'inside' => 'Inside and outside',
            'inside.first' => 'the inside is finished first, while there is mass outside it',
            'inside.later' => 'the outside gets its last line first',
            'underside' => 'The underside',
            'underside.before-reversing' => 'sanded before the part is turned round',
            'underside.coated-before-reversing' => 'sanded and coated before the part is turned round',
            'underside.with-the-rest' => 'finished with the rest',
            'tenon' => 'What holds it',
            'tenon.last' => 'comes off last, after the coats',
            'tenon.early' => 'comes off before the coats, so that the foot is coated with the rest',
            'liner' => 'The liner',
            'liner.first' => 'goes in first, then the outside',
            'liner.last' => 'goes in once the outside is finished',
            'sealer' => 'The sealer',
            'sealer.after-sanding' => 'goes on after sanding',
            'sealer.before-sanding' => 'goes on first and is sanded back',
            'sealer.between-ladders' => 'goes on between two ladders of grits, to stiffen the fibres for the fine ones',
            'clean' => 'Between grits',
            'clean.cloth' => 'wiped off with a dry cloth',
            'clean.air' => 'blown off with dry air',
            'clean.alcohol' => 'wiped off with alcohol, which flashes off and shows scratches',
            'wet' => 'Wet wood',
            'wet.turned-once' => 'turned once and left to warp: oil or wax only',
            'wet.dried-first' => 'dried as a rough-out, then trued and finished',
            default => throw new \LogicException("There is no choice $choice."),
        };
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
