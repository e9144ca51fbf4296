<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Words\Said;

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
    public static function words(string $choice): Said
    {
        return match ($choice) {
            'inside' => new Said('route.school.inside-outside'),
            'inside.first' => new Said('route.school.inside-finished-first-while'),
            'inside.later' => new Said('route.school.outside-gets-last-line'),
            'underside' => new Said('route.school.the-underside'),
            'underside.before-reversing' => new Said('route.school.sanded-before-part-turned'),
            'underside.coated-before-reversing' => new Said('route.school.sanded-coated-before-part'),
            'underside.with-the-rest' => new Said('route.school.finished-rest'),
            'tenon' => new Said('route.school.what-holds'),
            'tenon.last' => new Said('route.school.comes-off-last-after'),
            'tenon.early' => new Said('route.school.comes-off-before-coats'),
            'liner' => new Said('route.school.the-liner'),
            'liner.first' => new Said('route.school.goes-first-then-outside'),
            'liner.last' => new Said('route.school.goes-once-outside-finished'),
            'sealer' => new Said('route.school.the-sealer'),
            'sealer.after-sanding' => new Said('route.school.goes-after-sanding'),
            'sealer.before-sanding' => new Said('route.school.goes-first-sanded-back'),
            'sealer.between-ladders' => new Said('route.school.goes-between-two-ladders'),
            'clean' => new Said('route.school.between-grits'),
            'clean.cloth' => new Said('route.school.wiped-off-dry-cloth'),
            'clean.air' => new Said('route.school.blown-off-dry-air'),
            'clean.alcohol' => new Said('route.school.wiped-off-alcohol-which'),
            'wet' => new Said('route.school.wet-wood'),
            'wet.turned-once' => new Said('route.school.turned-once-left-warp'),
            'wet.dried-first' => new Said('route.school.dried-rough-out-then'),
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
