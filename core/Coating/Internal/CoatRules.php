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
            ?? Ruling::fine('Both soak in and harden alike.');
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
            return $tooEarly ?? Ruling::fine('Wax over wax.');
        }
        if ($over->neverCures() && $over->takesWax() && ! $under->isAbrasivePaste()) {
            return $tooEarly ?? Ruling::fine('A blend of oil and wax renews wax.');
        }
        if ($under->isAbrasivePaste()) {
            return match (true) {
                $over->isPolish() => $tooEarly
                    ?? Ruling::fine('Friction polish takes up the little wax the paste leaves.'),
                $over->neverCures() => $tooEarly
                    ?? Ruling::fine('An oil that never dries takes up the little wax the paste leaves.'),
                default => Ruling::test(
                    'The paste leaves a trace of wax.',
                    'Wash it off twice with mineral spirits and try it on a test board.',
                ),
            };
        }
        if ($over->neverCures()) {
            return $tooEarly ?? Ruling::test(
                'Oil that never dries softens the wax below.', 'Renew it with wax or with a blend of oil and wax, or '
                    .'try it on a test board.',
            );
        }

        return Ruling::never(
            'Nothing sticks over wax.', 'Wash the wax off twice with mineral spirits and begin again with dewaxed '
                .'shellac.',
        );
    }

    private static function overOilThatStays(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if (! $under->neverCures()) {
            return null;
        }
        if ($over->neverCures()) {
            return Ruling::untilDry($under->class, $under->recoatFromHours, $between)
                ?? Ruling::fine('An oil that never cures is renewed with its own kind.');
        }
        if ($over->isWax() && ! $over->isAbrasivePaste()) {
            return $under->waxAfterHours === null
                ? Ruling::test(
                    'Wax over an oil that never cures stays soft.', 'Use the blend of mineral oil and wax instead.',
                )
                : (Ruling::untilHard($under->waxAfterHours, $between) ?? Ruling::fine(
                    'Wax renews a blend of oil and wax.',
                ));
        }

        return Ruling::never(
            'The oil below never cures, so nothing holds over it.', 'Choose a curing oil, or finish without oil.',
        );
    }

    private static function sameProduct(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if ($under->key !== $over->key) {
            return null;
        }

        return self::windowPassed($under, $between) ?? Ruling::fine($under->meltsIntoItself()
            ? 'It melts into its own coats.'
            : sprintf('A second coat of the same from %s on.', Ruling::span($under->recoatFromHours)));
    }

    private static function windowPassed(Coating $under, Between $between): ?Ruling
    {
        $closes = $under->recoatUntilHours;
        if ($closes === null || $between->hours === null || $between->hours <= $closes) {
            return null;
        }

        return Ruling::scuff(sprintf(
            'Its recoat window closed at %s, %s ago: the surface is too hard to bite.',
            Ruling::span($under->recoatUntilHours), Ruling::span($between->hours - $under->recoatUntilHours),
        ));
    }

    private static function waxOver(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if (! $over->isWax()) {
            return null;
        }

        return Ruling::untilHard($under->waxAfterHours ?? $under->fullCureHours(), $between)
            ?? Ruling::fine('Wax goes last, over a coat that is hard.');
    }

    private static function overWaxOil(Coating $under, Coating $over, Between $between): ?Ruling
    {
        if ($under->family !== Family::WaxOil) {
            return null;
        }
        if (! $over->buildsFilm()) {
            return Ruling::test(
                'The wax in the coat below keeps other oils out.', 'Renew it with its own kind, or try it on a '
                    .'test board.',
            );
        }

        $mayHold = $over->cure === Cure::Oxidative || $over->isShellac() || $over->seals;

        return $mayHold && $between->hasHad($under->fullCureHours())
            ? Ruling::test(
                'Hard-wax oil holds wax: a film over it may peel.', 'Stay with hard-wax oil, or scuff it and try it '
                    .'on a test board.',
            )
            : Ruling::never(
                'Hard-wax oil holds wax, and a film does not stick to it.',
                'Stay with hard-wax oil, or finish with wax.',
            );
    }

    private static function overOpenPaint(Coating $under, Coating $over): ?Ruling
    {
        if (! $under->isOpenPaint()) {
            return null;
        }
        if ($over->film === FilmKind::Penetrating) {
            return Ruling::fine('Oil soaks into the open paint: its usual finish.');
        }

        return $over->solvent === Solvent::Water || $over->cure === Cure::Reactive
            ? Ruling::test(
                $over->solvent === Solvent::Water ? 'Water softens casein paint.' : 'Resin soaks unevenly into '
                    .'casein paint.',
                'Oil it or seal it with dewaxed shellac, or try it on a test board.',
            )
            : Ruling::fine('The open paint holds what seals it.');
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
                'Shellac sticks to whatever is dry and free of wax: that is why it serves as the barrier coat.',
            )
            : null;
    }

    private static function openPaintOver(Coating $under, Coating $over): ?Ruling
    {
        return $over->isOpenPaint() && $under->buildsFilm() && ! $under->isShellac()
            ? Ruling::test(
                'Casein paint wants an open ground: on a closed film it flakes.', 'Paint the bare wood, or try it on '
                    .'a test board.',
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
                'A thin wash of sealer lets some oil in; more than that leaves it sticky on top.',
                'Try it on a test board and wipe every trace off.',
            );
        }

        return Ruling::never(
            'Oil cannot soak in through a film: it stays sticky on top.', 'Oil the bare wood first, or leave the '
                .'oil out.',
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
                ?? Ruling::fine('Both are oil and resin in the same solvent: the film bonds once the blend is dry.');
        }
        $cure = Ruling::untilHard($under->fullCureHours(), $between);
        if ($cure === null) {
            return Ruling::fine('The oil has cured through.');
        }
        if (! in_array($over->solvent, [Solvent::Water, Solvent::LacquerThinner], true)) {
            return $cure;
        }
        $what = $over->solvent === Solvent::Water ? 'A water-borne coat' : 'Lacquer';

        return Ruling::barrier(
            "$what over oil that has not cured crawls or lifts.",
            sprintf(
                'Put dewaxed shellac between%s, or wait %s days for full cure.', self::isPureOil($figures, $under)
                    ? ' once the oil has had '.Ruling::span($under->handleHours) : '', $under->fullCureDays,
            ),
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
                'Friction polish holds oil and wax-soft shellac; coats over it may peel.',
                'Wash it back with alcohol, or finish with wax.',
            );
        }
        if ($under->isShellac()) {
            return Ruling::fine(
                'Dewaxed shellac bonds with almost anything over it (check that the label says dewaxed).',
            );
        }
        if ($over->solvent === Solvent::LacquerThinner && ! $under->meltsIntoItself()) {
            return $under->cure === Cure::Reactive
                ? (self::windowPassed($under, $between) ?? Ruling::scuff('Lacquer needs a key on cured resin.'))
                : Ruling::barrier(
                    'Lacquer thinner swells this film: it wrinkles.', 'Put dewaxed shellac between and try it on a '
                        .'test board.',
                );
        }
        if ($under->cure === Cure::Oxidative && $over->cure !== Cure::Oxidative) {
            return Ruling::untilHard($under->fullCureHours(), $between)
                ?? Ruling::fine('The film below has cured through; a light rub gives the new coat its key.');
        }
        if ($under->meltsIntoItself() && $over->solvent === $under->solvent) {
            return Ruling::fine('The same solvent melts the two films into one.');
        }

        return self::windowPassed($under, $between) ?? self::keyed($under, $over);
    }

    private static function keyed(Coating $under, Coating $over): Ruling
    {
        // Resins that react are alike only within one family: CA and epoxy share nothing but the word.
        $alike = $under->cure === $over->cure && ($under->cure !== Cure::Reactive || $under->family === $over->family);
        if ($alike) {
            return Ruling::fine('The films harden alike and bond within the window.');
        }

        return $over->isShellac()
            ? Ruling::fine('Shellac bonds with a hard film.')
            : Ruling::scuff('The upper coat does not bite into this film by its own solvent.');
    }
}
