<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Between;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\Family;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Coating\Solvent;
use HonestGrain\Coating\Verdict;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Whether one finish may go over another (workshop rules). Each method answers for one property and gives null
 * where it has nothing to say; the first to answer decides.
 *
 * @internal
 */
final class CoatRules
{
    public static function of(CoatFigures $figures, Coating $under, Coating $over, Between $between): Ruling
    {
        return self::overWax($under, $over, $between)
            ?? self::overOilThatStays($under, $over, $between)
            ?? self::onDry($figures, $under, $over, $between);
    }

    /** Of a coat that is still wet it is only said how long to wait where that wait is all that the pair needs. */
    private static function onDry(CoatFigures $figures, Coating $under, Coating $over, Between $between): Ruling
    {
        $dry = self::sameProduct($under, $over, $between)
            ?? self::waxOver($under, $over, $between)
            ?? self::overWaxOil($under, $over, $between)
            ?? self::overOpenPaint($under, $over)
            ?? self::shellacOver($figures, $under, $over, $between)
            ?? self::openPaintOver($under, $over)
            ?? self::oilOverFilm($under, $over)
            ?? self::overCuringOil($figures, $under, $over, $between)
            ?? self::filmOverFilm($under, $over, $between)
            ?? Ruling::fine(new Said('coating.coat-rules.both-soak-harden-alike'));
        $asksMore = in_array($dry->verdict, [Verdict::AfterFullCure, Verdict::Barrier, Verdict::Never], true);

        return $asksMore ? $dry : Ruling::untilDry($under->class, $under->recoatFromHours, $between) ?? $dry;
    }

    private static function overWax(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if (! $under->isWax()) {
            return null;
        }
        $tooEarly = Ruling::untilDry($under->class, $under->recoatFromHours, $between);
        if ($over->isWax()) {
            return $tooEarly ?? Ruling::fine(new Said('coating.coat-rules.wax-over-wax'));
        }
        if ($over->neverCures() && $over->takesWax() && ! $under->isAbrasivePaste()) {
            return $tooEarly ?? Ruling::fine(new Said('coating.coat-rules.blend-oil-wax-renews'));
        }
        if ($under->isAbrasivePaste()) {
            return match (true) {
                $over->isPolish() => $tooEarly
                    ?? Ruling::fine(new Said('coating.coat-rules.friction-polish-takes-up')),
                $over->neverCures() => $tooEarly
                    ?? Ruling::fine(new Said('coating.coat-rules.oil-never-dries-takes')),
                default => Ruling::test(
                    new Said('coating.coat-rules.paste-leaves-trace-wax'),
                    new Said('coating.coat-rules.wash-off-twice-mineral'),
                ),
            };
        }
        if ($over->neverCures()) {
            return $tooEarly ?? Ruling::test(
                new Said(
                    'coating.coat-rules.oil-never-dries-softens',
                ), new Said('coating.coat-rules.renew-wax-or-blend'),
            );
        }

        return Ruling::never(
            new Said('coating.coat-rules.nothing-sticks-over-wax'), new Said('coating.coat-rules.wash-wax-off-twice'),
        );
    }

    private static function overOilThatStays(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if (! $under->neverCures()) {
            return null;
        }
        if ($over->neverCures()) {
            return Ruling::untilDry($under->class, $under->recoatFromHours, $between)
                ?? Ruling::fine(new Said('coating.coat-rules.oil-never-cures-renewed'));
        }
        if ($over->isWax() && ! $over->isAbrasivePaste()) {
            return $under->waxAfterHours === null
                ? Ruling::test(
                    new Said('coating.coat-rules.wax-over-oil-never'), new Said(
                        'coating.coat-rules.use-blend-mineral-oil',
                    ),
                )
                : (Ruling::untilHard($under->waxAfterHours, $between) ?? Ruling::fine(
                    new Said('coating.coat-rules.wax-renews-blend-oil'),
                ));
        }

        return Ruling::never(
            new Said('coating.coat-rules.oil-below-never-cures'), new Said('coating.coat-rules.choose-curing-oil-or'),
        );
    }

    private static function sameProduct(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if ($under->key !== $over->key) {
            return null;
        }

        return self::windowPassed($under, $between) ?? Ruling::fine($under->meltsIntoItself()
            ? new Said('coating.coat-rules.melts-into-own-coats')
            : new Said('coating.coat-rules.second-coat-same-from', [
                'span' => Ruling::span($under->recoatFromHours),
            ]));
    }

    private static function windowPassed(Coating $under, Between $between): ?Ruling
    {
        $closes = $under->recoatUntilHours;
        if ($closes === null || $between->hours === null || $between->hours <= $closes) {
            return null;
        }

        return Ruling::scuff(new Said('coating.coat-rules.recoat-window-closed-ago', [
            'span' => Ruling::span($under->recoatUntilHours),
            'span2' => Ruling::span($between->hours - $under->recoatUntilHours),
        ]));
    }

    private static function waxOver(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if (! $over->isWax()) {
            return null;
        }

        return Ruling::untilHard($under->waxAfterHours ?? $under->fullCureHours(), $between)
            ?? Ruling::fine(new Said('coating.coat-rules.wax-goes-last-over'));
    }

    private static function overWaxOil(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if ($under->family !== Family::WaxOil) {
            return null;
        }
        if (! $over->buildsFilm()) {
            return Ruling::test(
                new Said('coating.coat-rules.wax-coat-below-keeps'), new Said('coating.coat-rules.renew-own-kind-or'),
            );
        }

        $mayHold = $over->cure === Cure::Oxidative || $over->isShellac() || $over->seals;

        return $mayHold && $between->hasHad($under->fullCureHours())
            ? Ruling::test(
                new Said('coating.coat-rules.hard-wax-oil-holds'), new Said('coating.coat-rules.stay-hard-wax-oil'),
            )
            : Ruling::never(
                new Said('coating.coat-rules.hard-wax-oil-holds-wax'),
                new Said('coating.coat-rules.stay-hard-wax-oil-or'),
            );
    }

    private static function overOpenPaint(Coating $under, Coating $over): ?Ruling
    {
        if (! $under->isOpenPaint()) {
            return null;
        }
        if ($over->film === FilmKind::Penetrating) {
            return Ruling::fine(new Said('coating.coat-rules.oil-soaks-into-open'));
        }

        return $over->solvent === Solvent::Water || $over->cure === Cure::Reactive
            ? Ruling::test(
                $over->solvent === Solvent::Water ? new Said(
                    'coating.coat-rules.water-softens-casein-paint',
                ) : new Said('coating.coat-rules.resin-soaks-unevenly-into'),
                new Said('coating.coat-rules.oil-or-seal-dewaxed'),
            )
            : Ruling::fine(new Said('coating.coat-rules.open-paint-holds-what'));
    }

    private static function shellacOver(
        CoatFigures $figures,
        Coating $under,
        Coating $over,
        Between $between,
    ): ?Ruling {
        // A pure oil is dry on top long before it is below: shellac on it wrinkles.
        if (self::isPureOil($figures, $under) && $over->isShellac() && $between->isShorterThan($under->handleHours)) {
            return Ruling::untilHard($under->handleHours, $between);
        }

        return $over->isShellac() && ! $over->isPolish() && ! $under->isPolish() && ! $under->meltsIntoItself()
            ? Ruling::fine(
                new Said('coating.coat-rules.shellac-sticks-whatever-dry'),
            )
            : null;
    }

    private static function openPaintOver(Coating $under, Coating $over): ?Ruling
    {
        return $over->isOpenPaint() && $under->buildsFilm() && ! $under->isShellac()
            ? Ruling::test(
                new Said(
                    'coating.coat-rules.casein-paint-wants-open',
                ), new Said('coating.coat-rules.paint-bare-wood-or'),
            )
            : null;
    }

    private static function oilOverFilm(Coating $under, Coating $over): ?Ruling
    {
        if ($over->film !== FilmKind::Penetrating || ! $under->buildsFilm()) {
            return null;
        }
        if ($under->isShellac() && ! $under->isPolish()) {
            return Ruling::test(
                new Said('coating.coat-rules.thin-wash-sealer-lets'),
                new Said('coating.coat-rules.try-test-board-wipe'),
            );
        }

        return Ruling::never(
            new Said('coating.coat-rules.oil-cannot-soak-through'), new Said('coating.coat-rules.oil-bare-wood-first'),
        );
    }

    private static function overCuringOil(
        CoatFigures $figures,
        Coating $under,
        Coating $over,
        Between $between,
    ): ?Ruling {
        if (! $under->isCuringOil()) {
            return null;
        }
        if (! $over->buildsFilm()) {
            return $under->cure === $over->cure
                ? self::windowPassed($under, $between)
                : Ruling::untilHard($under->fullCureHours(), $between);
        }
        if ($under->cure === $over->cure && $under->solidsPercent < $figures->pureOilSolidsPercent) {
            return self::windowPassed($under, $between)
                ?? Ruling::fine(new Said('coating.coat-rules.both-oil-resin-same'));
        }
        $cure = Ruling::untilHard($under->fullCureHours(), $between);
        if ($cure === null) {
            return Ruling::fine(new Said('coating.coat-rules.oil-has-cured-through'));
        }
        if (! in_array($over->solvent, [Solvent::Water, Solvent::LacquerThinner], true)) {
            return $cure;
        }
        $what = $over->solvent === Solvent::Water ? new Said('coating.coat-rules.water-borne-coat') : 'Lacquer';

        return Ruling::barrier(
            new Said('coating.coat-rules.over-oil-has-not', ['what' => $what]),
            new Said('coating.coat-rules.put-dewaxed-shellac-between', [
                'what' => self::isPureOil($figures, $under) ? new Said('coating.coat-rules.once-oil-has-had', [
                    'span' => Ruling::span($under->handleHours),
                ]) : '',
                'fullCureDays' => Quantity::count($under->fullCureDays),
            ]),
        );
    }

    private static function isPureOil(CoatFigures $figures, Coating $oil): bool
    {
        return $oil->isCuringOil() && $oil->cure === Cure::Oxidative
            && $oil->solidsPercent >= $figures->pureOilSolidsPercent;
    }

    private static function filmOverFilm(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if (! $under->buildsFilm() || ! $over->buildsFilm()) {
            return null;
        }
        if ($under->isPolish() && ! $over->isShellac()) {
            return Ruling::test(
                new Said('coating.coat-rules.friction-polish-holds-oil'),
                new Said('coating.coat-rules.wash-back-alcohol-or'),
            );
        }
        if ($under->isShellac()) {
            return Ruling::fine(
                new Said('coating.coat-rules.dewaxed-shellac-bonds-almost'),
            );
        }
        if ($over->solvent === Solvent::LacquerThinner && ! $under->meltsIntoItself()) {
            return $under->cure === Cure::Reactive
                ? (self::windowPassed($under, $between) ?? Ruling::scuff(
                    new Said('coating.coat-rules.lacquer-needs-key-cured'),
                ))
                : Ruling::barrier(
                    new Said('coating.coat-rules.lacquer-thinner-swells-film'), new Said(
                        'coating.coat-rules.put-dewaxed-shellac-between-try',
                    ),
                );
        }
        if ($under->cure === Cure::Oxidative && $over->cure !== Cure::Oxidative) {
            return Ruling::untilHard($under->fullCureHours(), $between)
                ?? Ruling::fine(new Said('coating.coat-rules.film-below-has-cured'));
        }
        if ($under->meltsIntoItself() && $over->solvent === $under->solvent) {
            return Ruling::fine(new Said('coating.coat-rules.same-solvent-melts-two'));
        }

        return self::windowPassed($under, $between) ?? self::keyed($under, $over);
    }

    private static function keyed(Coating $under, Coating $over): Ruling
    {
        // Resins that react are alike only within one family: CA and epoxy share nothing but the word.
        $alike = $under->cure === $over->cure && ($under->cure !== Cure::Reactive || $under->family === $over->family);
        if ($alike) {
            return Ruling::fine(new Said('coating.coat-rules.films-harden-alike-bond'));
        }

        return $over->isShellac()
            ? Ruling::fine(new Said('coating.coat-rules.shellac-bonds-hard-film'))
            : Ruling::scuff(new Said('coating.coat-rules.upper-coat-does-not'));
    }
}
