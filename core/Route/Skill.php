<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What somebody may have learnt, so that steps of that kind are given to them. */
enum Skill: string
{
    case Turning = 'turning';
    case Sanding = 'sanding';
    case Decorating = 'decorating';
    case Finishing = 'finishing';
    case Spraying = 'spraying';

    /** What a step asks of whoever does it; null where anybody may. */
    public static function of(Step $step): ?self
    {
        return match ($step->kind) {
            StepKind::Mount, StepKind::Turn, StepKind::RoughOut, StepKind::Foot, StepKind::FitLid => self::Turning,
            StepKind::Sand, StepKind::RaiseGrain, StepKind::DustOff, StepKind::Denib => self::Sanding,
            StepKind::Mark, StepKind::Sign, StepKind::Repair, StepKind::Glue => self::Decorating,
            StepKind::Coat, StepKind::WipeOff, StepKind::Test, StepKind::Buff => isset($step->setup->needs[Shop::SPRAY])
                ? self::Spraying : self::Finishing,
            StepKind::Cure, StepKind::Ready, StepKind::Dry, StepKind::Paper, StepKind::Own => null,
        };
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
