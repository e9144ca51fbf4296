<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/**
 * Whether one product may go over another, from their properties: solvent, cure, wax, film or penetrating.
 *
 * Workshop rules. Each method answers for one property and gives null where it has nothing to say; the
 * first to answer decides.
 */
final class Compatibility
{
    /** Oils this rich in solids stay mobile until cured through; thinner blends set within their window. */
    private const PURE_OIL_SOLIDS_PERCENT = 90.0;

    /** Classes that serve as barrier coats, tried in order. */
    private const BARRIERS = ['dewaxed shellac' => Solvent::Alcohol, 'a thin coat of wiping varnish' => Solvent::MineralSpirits, 'a water-borne sealer' => Solvent::Water];

    /** @param  float|null  $hours reference hours the lower layer has had; null when not said */
    public static function of(Product $under, Product $over, ?float $hours = null): PairVerdict
    {
        [$verdict, $reason, $mend] = self::decide($under, $over, $hours);

        return new PairVerdict($under->name(), $over->name(), $verdict, $reason, $mend);
    }

    /** @return array{Verdict, string, string|null} */
    private static function decide(Product $under, Product $over, ?float $hours): array
    {
        if ($under instanceof Stain) {
            return $over instanceof Stain
                ? self::colourOverColour($under, $over, $hours)
                : self::coatOverColour($under, self::coat($over), $hours);
        }
        $coat = self::coat($under);
        if ($over instanceof Stain) {
            return self::overWaxOrOil($coat, $over) ?? self::colourOverCoat($coat, $over);
        }
        $next = self::coat($over);

        return self::overWaxOrOil($coat, $next)
            ?? self::tooEarly($coat, $next, $hours)
            ?? self::sameProduct($coat, $next, $hours)
            ?? self::waxOver($coat, $next, $hours)
            ?? self::shellacOver($coat, $next)
            ?? self::oilOverFilm($coat, $next)
            ?? self::filmOverOil($coat, $next, $hours)
            ?? self::filmOverFilm($coat, $next, $hours)
            ?? [Verdict::Fine, 'Both soak in and harden alike.', null];
    }

    private static function coat(Product $product): Coating
    {
        return $product instanceof Coating ? $product : throw new \LogicException($product->name().' is not a finish.');
    }

    /** @return array{Verdict, string, string|null} */
    private static function colourOverColour(Stain $under, Stain $over, ?float $hours): array
    {
        if ($under->isWax() && ! $over->isWax()) {
            return [Verdict::Never, 'Colour does not take over wax.', 'Wash the wax off with mineral spirits and colour first.'];
        }
        if ($over->takesColourOut() && ! $under->takesColourOut()) {
            return [Verdict::Never, 'Bleach takes the colour below out again.', 'Bleach first, neutralise, let it dry, then colour.'];
        }

        return self::stillWet($under, $under->dryHours, $hours) ?? ($under->isFastTo($over->solvent())
            ? [Verdict::Fine, sprintf('The lower colour does not dissolve in %s.', $over->carrier->value), null]
            : [Verdict::TestFirst, sprintf('The %s of the upper colour wakes the lower one: they mix on the wood.', $over->carrier->value), 'Try it on a test board, or seal between with a thin sprayed coat.']);
    }

    /** @return array{Verdict, string, string|null} */
    private static function coatOverColour(Stain $under, Coating $over, ?float $hours): array
    {
        if ($under->isWax()) {
            return $over->isWax()
                ? [Verdict::Fine, 'Wax over wax.', null]
                : [Verdict::Never, 'Nothing but wax holds over liming wax.', 'Seal first, lime with a water paste instead, or finish with wax.'];
        }
        $wet = self::stillWet($under, $under->coatFromHours, $hours);
        // Reactive resins carry no solvent that could lift a colour.
        if ($wet !== null || $under->isFastTo($over->solvent) || ($over->cure === Cure::Reactive && $over->solvent === Solvent::None)) {
            return $wet ?? [Verdict::Fine, sprintf('The colour does not dissolve in %s.', $over->solvent === Solvent::None ? 'this finish' : $over->solvent->value), null];
        }
        $solvent = $over->solvent === Solvent::None ? 'oil' : $over->solvent->value;
        if ($over->isSprayed()) {
            return [Verdict::TestFirst, "The colour dissolves in $solvent; only light, nearly dry sprayed passes leave it where it is.", 'Mist the first two coats and try it on a test board.'];
        }
        $barrier = null;
        foreach (self::BARRIERS as $name => $barrierSolvent) {
            if ($barrierSolvent !== $over->solvent && $under->isFastTo($barrierSolvent)) {
                $barrier ??= $name;
            }
        }

        return [Verdict::Barrier, "The colour dissolves in $solvent and would be dragged about.", $barrier === null
            ? 'Seal with a light sprayed coat of another solvent.'
            : "Seal first with $barrier, or spray the first coat."];
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function stillWet(Stain $under, float $needHours, ?float $hours): ?array
    {
        return $hours !== null && $hours < $needHours
            ? [Verdict::AfterFullCure, sprintf('%s needs %s h to dry through and has had %s h.', $under->class, $needHours, round($hours, 1)), sprintf('Wait another %s h.', round($needHours - $hours, 1))]
            : null;
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function overWaxOrOil(Coating $under, Product $over): ?array
    {
        $waxOver = $over instanceof Coating ? $over->isWax() : $over instanceof Stain && $over->isWax();
        if ($under->isWax()) {
            if ($waxOver) {
                return [Verdict::Fine, 'Wax over wax.', null];
            }
            if ($over instanceof Coating && $over->isPolish() && str_contains($under->class, 'Abrasive paste')) {
                return [Verdict::Fine, 'Friction polish takes up the little wax the paste leaves.', null];
            }

            return [Verdict::Never, 'Nothing sticks over wax.', 'Wash the wax off twice with mineral spirits, then seal with dewaxed shellac.'];
        }
        if ($under->neverCures()) {
            if ($over instanceof Coating && $over->neverCures()) {
                return [Verdict::Fine, 'An oil that never cures is renewed with its own kind.', null];
            }
            if ($waxOver) {
                return [Verdict::TestFirst, 'Wax over an oil that never cures stays soft.', 'Use the blend of mineral oil and wax instead.'];
            }

            return [Verdict::Never, 'The oil below never cures, so nothing holds over it.', 'Choose a curing oil, or finish without oil.'];
        }

        return null;
    }

    /** @return array{Verdict, string, string|null} */
    private static function colourOverCoat(Coating $under, Stain $over): array
    {
        if ($over->isWax() || ($over->goesOverSealer() && $under->buildsFilm())) {
            return [Verdict::Fine, 'It lies in the pores over the sealed ground.', null];
        }
        if ($under->buildsFilm() && str_contains($over->class, 'Pigment')) {
            return [Verdict::TestFirst, 'Over a sealer, pigment works as a glaze and must be sealed in.', 'Try it on a test board and coat over it.'];
        }

        return [Verdict::Never, sprintf('Colour after %s has gone on does not reach the wood.', $under->buildsFilm() ? 'a film' : 'oil'), 'Colour the bare wood first.'];
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function tooEarly(Coating $under, Coating $over, ?float $hours): ?array
    {
        if ($hours === null || $hours >= $under->recoatFromHours) {
            return null;
        }

        return [Verdict::AfterFullCure, sprintf('Too early: the coat below needs %s h and has had %s h; it would wrinkle or stay soft.', $under->recoatFromHours, round($hours, 1)), sprintf('Wait another %s h.', round($under->recoatFromHours - $hours, 1))];
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function sameProduct(Coating $under, Coating $over, ?float $hours): ?array
    {
        if ($under->class !== $over->class) {
            return null;
        }

        return self::windowPassed($under, $hours)
            ?? [Verdict::Fine, $under->meltsIntoItself() ? 'It melts into its own coats.' : sprintf('A second coat of the same from %s h on.', $under->recoatFromHours), null];
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function windowPassed(Coating $under, ?float $hours): ?array
    {
        return $hours !== null && $under->recoatUntilHours !== null && $hours > $under->recoatUntilHours
            ? [Verdict::ScuffFirst, sprintf('Its recoat window closed at %s h, %s h ago: the surface is too hard to bite.', $under->recoatUntilHours, round($hours - $under->recoatUntilHours, 1)), 'Scuff it dull with a grey pad and wipe off the dust.']
            : null;
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function waxOver(Coating $under, Coating $over, ?float $hours): ?array
    {
        if (! $over->isWax()) {
            return null;
        }
        $need = $under->meltsIntoItself() ? $under->handleHours : min($under->buffableHours, $under->fullCureHours());

        return self::needsCure($need, $hours)
            ?? [Verdict::Fine, 'Wax goes last, over a coat that is hard.', null];
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function shellacOver(Coating $under, Coating $over): ?array
    {
        return $over->isShellac() && ! $over->isPolish() && ! $under->isPolish() && ! $under->meltsIntoItself()
            ? [Verdict::Fine, 'Shellac sticks to whatever is dry and free of wax: that is why it serves as the barrier coat.', null]
            : null;
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function oilOverFilm(Coating $under, Coating $over): ?array
    {
        if ($over->film !== FilmKind::Penetrating || ! $under->buildsFilm()) {
            return null;
        }
        if ($under->isShellac() && ! $under->isPolish()) {
            return [Verdict::TestFirst, 'A thin wash of sealer lets some oil in; more than that leaves it sticky on top.', 'Try it on a test board and wipe every trace off.'];
        }

        return [Verdict::Never, 'Oil cannot soak in through a film: it stays sticky on top.', 'Oil the bare wood first, or leave the oil out.'];
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function filmOverOil(Coating $under, Coating $over, ?float $hours): ?array
    {
        if (! $under->isCuringOil()) {
            return null;
        }
        $alike = $under->cure === $over->cure && $under->solidsPercent < self::PURE_OIL_SOLIDS_PERCENT;
        if (! $over->buildsFilm()) {
            return $under->cure === $over->cure
                ? self::windowPassed($under, $hours)
                : self::needsCure($under->fullCureHours(), $hours);
        }
        if ($alike) {
            return self::windowPassed($under, $hours) ?? [Verdict::Fine, 'Both are oil and resin in the same solvent: the film bonds once the blend is dry.', null];
        }
        $cure = self::needsCure($under->fullCureHours(), $hours);
        if ($cure === null) {
            return [Verdict::Fine, 'The oil has cured through.', null];
        }

        return in_array($over->solvent, [Solvent::Water, Solvent::LacquerThinner], true)
            ? [Verdict::Barrier, sprintf('%s over oil that has not cured crawls or lifts.', $over->solvent === Solvent::Water ? 'A water-borne coat' : 'Lacquer'), sprintf('Put dewaxed shellac between, or wait %s days for full cure.', $under->fullCureDays)]
            : $cure;
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function filmOverFilm(Coating $under, Coating $over, ?float $hours): ?array
    {
        if (! $under->buildsFilm() || ! $over->buildsFilm()) {
            return null;
        }
        if ($under->isPolish() && ! $over->isShellac()) {
            return [Verdict::TestFirst, 'Friction polish holds oil and wax-soft shellac; coats over it may peel.', 'Wash it back with alcohol, or finish with wax.'];
        }
        if ($under->isShellac()) {
            return [Verdict::Fine, 'Dewaxed shellac bonds with almost anything over it (check that the label says dewaxed).', null];
        }
        if ($over->solvent === Solvent::LacquerThinner && ! $under->meltsIntoItself()) {
            return $under->cure === Cure::Reactive
                ? (self::windowPassed($under, $hours) ?? [Verdict::ScuffFirst, 'Lacquer needs a key on cured resin.', 'Scuff it dull with a grey pad.'])
                : [Verdict::Barrier, 'Lacquer thinner swells this film: it wrinkles.', 'Put dewaxed shellac between and try it on a test board.'];
        }
        if ($under->cure === Cure::Oxidative && $over->cure !== Cure::Oxidative) {
            return self::needsCure($under->fullCureHours(), $hours)
                ?? [Verdict::Fine, 'The film below has cured through; a light rub gives the new coat its key.', null];
        }
        if ($under->meltsIntoItself() && $over->solvent === $under->solvent) {
            return [Verdict::Fine, 'The same solvent melts the two films into one.', null];
        }
        if ($under->cure === $over->cure) {
            return self::windowPassed($under, $hours) ?? [Verdict::Fine, 'The films harden alike and bond within the window.', null];
        }

        return self::windowPassed($under, $hours)
            ?? ($over->isShellac()
                ? [Verdict::Fine, 'Shellac bonds with a hard film.', null]
                : [Verdict::ScuffFirst, 'The upper coat does not bite into this film by its own solvent.', 'Scuff it dull with a grey pad and wipe off the dust.']);
    }

    /** @return array{Verdict, string, string|null}|null */
    private static function needsCure(float $needHours, ?float $hours): ?array
    {
        if ($hours !== null && $hours >= $needHours) {
            return null;
        }

        return [Verdict::AfterFullCure, sprintf('The coat below must be hard: %s.', self::span($needHours)), $hours === null
            ? sprintf('Wait %s.', self::span($needHours))
            : sprintf('It has had %s; wait another %s.', self::span($hours), self::span($needHours - $hours))];
    }

    private static function span(float $hours): string
    {
        return $hours >= 48 ? round($hours / 24, 1).' days' : round($hours, 1).' h';
    }
}
