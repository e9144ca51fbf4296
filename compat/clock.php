<?php

declare(strict_types=1);

/*
 * Stands in for symfony/clock where that package cannot be had: Carbon asks
 * only for the interface and the native clock.
 */

namespace Symfony\Component\Clock;

if (! interface_exists(ClockInterface::class)) {
    interface ClockInterface extends \Psr\Clock\ClockInterface
    {
        public function sleep(float|int $seconds): void;

        public function withTimeZone(\DateTimeZone|string $timezone): static;
    }
}

if (! class_exists(NativeClock::class)) {
    final class NativeClock implements ClockInterface
    {
        private \DateTimeZone $timezone;

        public function __construct(\DateTimeZone|string|null $timezone = null)
        {
            $this->timezone = $timezone instanceof \DateTimeZone
                ? $timezone
                : new \DateTimeZone($timezone ?? date_default_timezone_get());
        }

        public function now(): \DateTimeImmutable
        {
            return new \DateTimeImmutable('now', $this->timezone);
        }

        public function sleep(float|int $seconds): void
        {
            usleep((int) ($seconds * 1_000_000));
        }

        public function withTimeZone(\DateTimeZone|string $timezone): static
        {
            return new self($timezone);
        }
    }
}
