<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Abrasive\Abrading;
use HonestGrain\Abrasive\Method;
use HonestGrain\Wood\Pore;

/** What was sanded in which way, and the discs that it took. */
final readonly class Abraded implements Kept
{
    /**
     * @param  Abrading|null  $planned  null where this release does not know the way
     * @param  array<string, int>  $used  discs by grit
     */
    public function __construct(public ?Abrading $planned, public array $used)
    {
    }

    /** @param  float|null  $discs  how many were really used, where that was counted */
    public static function of(Abrading $planned, ?float $discs): self
    {
        return new self($planned, $planned->used($discs === null ? null : (int) $discs));
    }

    public static function read(array $kept): self
    {
        return new self(
            self::planned($kept), array_map(intval(...), (array) ($kept['used'] ?? [])),
        );
    }

    public function toArray(): array
    {
        return ($this->planned === null ? [] : self::written($this->planned)) + ['used' => $this->used];
    }

    /** @return array<string, mixed> */
    public static function written(Abrading $one): array
    {
        return [
            'method' => $one->method->value, 'family' => $one->family->value, 'sheets' => $one->sheets,
            'minutes_at' => $one->minutesAt, 'minutes_factor' => $one->minutesFactor,
            'discs_factor' => $one->discsFactor,
        ];
    }

    /** @param  array<array-key, mixed>|null  $kept */
    public static function planned(?array $kept): ?Abrading
    {
        $method = Method::tryFrom((string) ($kept['method'] ?? ''));
        $family = Pore::tryFrom((string) ($kept['family'] ?? ''));

        return $method === null || $family === null ? null : new Abrading(
            $method, $family, array_map(intval(...), $kept['sheets'] ?? []),
            array_map(floatval(...), $kept['minutes_at'] ?? []),
            (float) ($kept['minutes_factor'] ?? 1), (float) ($kept['discs_factor'] ?? 1),
        );
    }
}
