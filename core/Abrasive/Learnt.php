<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Wood\Pore;

/** What one workshop's records make of sanding: factors on minutes and on discs, by method and family of wood. */
final readonly class Learnt
{
    /**
     * @param  array<string, float>  $minutes  by method and family
     * @param  array<string, float>  $discs
     */
    public function __construct(private array $minutes = [], private array $discs = [])
    {
    }

    public static function key(Method $method, Pore $family): string
    {
        return "$method->value $family->value";
    }

    public function minutes(Method $method, Pore $family): float
    {
        return $this->minutes[self::key($method, $family)] ?? 1.0;
    }

    public function discs(Method $method, Pore $family): float
    {
        return $this->discs[self::key($method, $family)] ?? 1.0;
    }
}
