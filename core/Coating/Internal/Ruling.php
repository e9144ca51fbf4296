<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Coating\Between;
use HonestGrain\Coating\Verdict;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What a rule says of one layer over another: a verdict, its reason and, where it is not fine, the mend.
 *
 * @internal
 */
final readonly class Ruling
{
    private function __construct(public Verdict $verdict, public Said $reason, public ?Said $mend = null)
    {
    }

    public static function of(Verdict $verdict, Said $reason, ?Said $mend = null): self
    {
        return new self($verdict, $reason, $mend);
    }

    /** Where the layer below has not had, or is not known to have had, the hours it needs; null where it has. */
    public static function untilHard(float $needHours, Between $between): ?self
    {
        if ($between->hasHad($needHours)) {
            return null;
        }
        $mend = $between->hours === null
            ? new Said('coating.ruling.wait', ['span' => self::span($needHours)])
            : new Said('coating.ruling.has-had-wait-another', [
                'span' => self::span($between->hours),
                'span2' => self::span($needHours - $between->hours),
            ]);

        return new self(
            Verdict::AfterFullCure, new Said('coating.ruling.coat-below-must-hard', [
                'span' => self::span($needHours),
            ]), $mend,
        );
    }

    /** Where the layer below is known to be still wet. */
    public static function untilDry(Said $name, float $needHours, Between $between): ?self
    {
        if ($between->hours === null || ! $between->isShorterThan($needHours)) {
            return null;
        }

        return new self(
            Verdict::AfterFullCure,
            new Said('coating.ruling.too-early-needs-has', [
                'name' => $name,
                'span' => self::span($needHours),
                'span2' => self::span($between->hours),
            ]),
            new Said('coating.ruling.wait-another', ['span' => self::span($needHours - $between->hours)]),
        );
    }

    /** Hours in words: days from two on, minutes under one. */
    public static function span(float $hours): Said
    {
        return match (true) {
            $hours >= 48 => new Said('coating.ruling.days', ['days' => Quantity::count(round($hours / 24, 1))]),
            $hours >= 1 => new Said('coating.ruling.hours', ['hours' => Quantity::hours(round($hours, 1))]),
            $hours * 60 >= 1 => new Said(
                'coating.ruling.minutes', ['minutes' => Quantity::minutes(round($hours * 60))],
            ),
            $hours > 0 => new Said('coating.ruling.a-minute'),
            default => new Said('coating.ruling.no-time'),
        };
    }
}
