<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Coating\Between;
use HonestGrain\Coating\Verdict;

/**
 * What a rule says of one layer over another: a verdict, its reason and, where it is not fine, the mend.
 *
 * @internal
 */
final readonly class Ruling
{
    private function __construct(public Verdict $verdict, public string $reason, public ?string $mend = null)
    {
    }

    public static function fine(string $reason): self
    {
        return new self(Verdict::Fine, $reason);
    }

    public static function scuff(string $reason): self
    {
        return new self(Verdict::ScuffFirst, $reason, 'Scuff it dull with a grey pad and wipe off the dust.');
    }

    public static function barrier(string $reason, string $mend): self
    {
        return new self(Verdict::Barrier, $reason, $mend);
    }

    public static function test(string $reason, string $mend): self
    {
        return new self(Verdict::TestFirst, $reason, $mend);
    }

    public static function never(string $reason, string $mend): self
    {
        return new self(Verdict::Never, $reason, $mend);
    }

    /** Where the layer below has not had, or is not known to have had, the hours it needs; null where it has. */
    public static function untilHard(float $needHours, Between $between): ?self
    {
        if ($between->hasHad($needHours)) {
            return null;
        }
        $mend = $between->hours === null
            ? sprintf('Wait %s.', self::span($needHours))
            : sprintf(
                'It has had %s; wait another %s.', self::span($between->hours),
                self::span($needHours - $between->hours),
            );

        return new self(
            Verdict::AfterFullCure, sprintf('The coat below must be hard: %s.', self::span($needHours)), $mend,
        );
    }

    /** Where the layer below is known to be still wet. */
    public static function untilDry(string $name, float $needHours, Between $between): ?self
    {
        if ($between->hours === null || ! $between->isShorterThan($needHours)) {
            return null;
        }

        return new self(
            Verdict::AfterFullCure,
            sprintf(
                'Too early: %s needs %s and has had %s.', $name, self::span($needHours), self::span($between->hours),
            ),
            sprintf('Wait another %s.', self::span($needHours - $between->hours)),
        );
    }

    /** Hours in words: days from two on, minutes under one. */
    public static function span(float $hours): string
    {
        return match (true) {
            $hours >= 48 => round($hours / 24, 1).' days',
            $hours >= 1 => round($hours, 1).' h',
            $hours * 60 >= 1 => round($hours * 60).' min',
            $hours > 0 => 'a minute',
            default => 'no time',
        };
    }
}
