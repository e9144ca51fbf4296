<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Words\Said;

/** One way to go about it: hands-on minutes, how often something is mounted, and whether the route is so now. */
final readonly class SchoolWay
{
    private function __construct(
        public string $value,
        public Said $words,
        public float $minutes,
        public int $mounts,
        public bool $hasDate,
        public bool $isSo,
    ) {
    }

    public static function of(string $value, Said $words, Route $route, bool $isSo): self
    {
        $mounts = count(array_filter($route->steps, fn (Step $step): bool => $step->kind === StepKind::Mount));

        return new self(
            value: $value, words: $words, minutes: $route->handsOnMinutes(), mounts: $mounts,
            hasDate: $route->withoutDate() === null, isSo: $isSo,
        );
    }
}
