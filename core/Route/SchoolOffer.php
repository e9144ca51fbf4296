<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\Bore;
use HonestGrain\Piece\School\BoxBlank;
use HonestGrain\Piece\School\Choice;
use HonestGrain\Piece\School\Fills;
use HonestGrain\Piece\School\LastCut;
use HonestGrain\Piece\School\Lid;
use HonestGrain\Piece\School\OilyWood;
use HonestGrain\Piece\School\Rim;
use HonestGrain\Piece\School\Sitting;
use HonestGrain\Piece\School\Tail;
use HonestGrain\Piece\School\WarpedRim;
use HonestGrain\Piece\School\Wet;
use HonestGrain\Piece\School\WetFinish;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Piece\Tables;
use HonestGrain\Piece\Wish;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Schedule\Lag;
use HonestGrain\Wood\RimSpeed;
use HonestGrain\Words\Said;

/** One choice of a maker's school that changes this piece's route, and what each way of it costs. */
final readonly class SchoolOffer
{
    /**
     * @param  non-empty-list<SchoolWay>  $ways
     * @param  string  $from  the first step of the route as it is now that another way would change
     */
    private function __construct(
        public string $name, public Said $label, public array $ways, public string $from,
    ) {
    }

    /**
     * @param  BlankForm|null  $datedAs  what its wood lies on the rack as, where the weighings carry a date
     * @return list<self>
     */
    public static function all(Piece $piece, Bench $bench, Tables $tables, ?BlankForm $datedAs = null): array
    {
        $past = Past::none()->withWoodDated($datedAs);
        $asNow = Route::of($piece, $bench, $tables, $past);
        $now = self::told($asNow);
        $offers = [];
        foreach (School::CHOICES as $name => $choice) {
            if (! self::mayMatter($choice, $piece, $bench)) {
                continue;
            }
            $ways = $seen = [];
            $from = count($now);
            foreach ($choice::cases() as $way) {
                $route = Route::of($piece->inSchool($name, $way->value), $bench, $tables, $past);
                $told = self::told($route);
                $isSame = $told === $now;
                // What comes to the same as a way before it is none for this piece, unless it was chosen.
                if (in_array($told, $seen, true) && ($piece->school[$name] ?? null) !== $way->value) {
                    continue;
                }
                $seen[] = $told;
                $from = min($from, self::agreeing($now, $told));
                $ways[] = SchoolWay::of($way->value, $way->said(), $route, $isSame);
            }
            $changed = $asNow->steps[$from] ?? null;
            if ($changed !== null && self::isWorthAsking($choice, $ways)) {
                $offers[] = new self($name, $choice::about(), $ways, $changed->id);
            }
        }

        return $offers;
    }

    /**
     * Whether a choice can make odds at all: each way of it is a route of its own to work out.
     *
     * @param  class-string<Choice>  $choice
     */
    private static function mayMatter(string $choice, Piece $piece, Bench $bench): bool
    {
        $any = fn (\Closure $is): bool => array_filter($piece->parts, $is) !== [];
        $isTurned = $piece->startsAs !== StartsAs::Turned;
        $isWet = fn (Part $part): bool => $bench->isWet($part->moisturePercent);

        return match ($choice) {
            Wet::class => $any($isWet),
            Sitting::class, WetFinish::class => $any($isWet)
                && School::of($piece->school, $bench->school)->wet === Wet::TurnedOnce,
            Bore::class => $isTurned && $any(fn (Part $part): bool => $part->profile->bore !== null),
            Lid::class => $piece->startsAs === StartsAs::Blank
                && $any(fn (Part $part): bool => ($piece->boxOf($part) ?? $piece->boxUnder($part)) !== null),
            BoxBlank::class => $piece->startsAs === StartsAs::Blank && $any(
                fn (Part $part): bool => $piece->boxOf($part) !== null,
            ),
            Rim::class => $isTurned && $any(fn (Part $part): bool => RimSpeed::metresPerSecond(
                $part->profile->diameterMm(),
                $bench->equipment->latheSpeed($bench->calibration->speed)->rpm,
            ) > $bench->calibration->speed->rimMPerS),
            OilyWood::class => $any(fn (Part $part): bool => AskedSurface::isDenseAndOily(
                $part->wood, $bench->calibration->asked,
            )),
            WarpedRim::class => $any(fn (Part $part): bool => $part->profile->inner !== null
                && ($piece->begins($part) === StartsAs::Roughed || $isTurned && $isWet($part))),
            Tail::class => $piece->startsAs === StartsAs::Blank,
            LastCut::class => $piece->startsAs === StartsAs::Blank,
            Fills::class => $isTurned && $any(fn (Part $part): bool => array_filter(
                $part->flaws, fn (Flaw $flaw): bool => $flaw->wish === Wish::Fill,
            ) !== []),
            default => true,
        };
    }

    /**
     * @param  class-string<Choice>  $choice
     * @param  non-empty-list<SchoolWay>  $ways
     */
    private static function isWorthAsking(string $choice, array $ways): bool
    {
        return $choice !== Wet::class || array_filter($ways, fn (SchoolWay $way): bool => $way->hasDate) !== [];
    }

    /**
     * For how many steps two routes are told alike; all that there are where they are the same, one less where one goes
     * on after the other ends.
     *
     * @param  list<string>  $now
     * @param  list<string>  $other
     */
    private static function agreeing(array $now, array $other): int
    {
        if ($now === $other) {
            return count($now);
        }
        foreach ($now as $at => $step) {
            if ($step !== ($other[$at] ?? null)) {
                return $at;
            }
        }

        return count($now) - 1;
    }

    /**
     * All that a maker would do otherwise: a way may change words and no order.
     *
     * @return list<string> by step
     */
    private static function told(Route $route): array
    {
        return array_map(fn (Step $step): string => json_encode([
            $step->id, $step->words->title, $step->timing->minutes, $step->words->how, $step->setup->hazards,
            $step->setup->mount, $step->setup->rpm, array_map(
                fn (Lag $lag): float => $lag->wait->minHours, $step->timing->after,
            ),
        ], JSON_THROW_ON_ERROR), $route->steps);
    }
}
