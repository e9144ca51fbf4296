<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Said;

/**
 * A whole stack of layers on a wood: every adjacent pair judged, the rubbing between them, and the film that stands.
 */
final readonly class Stack
{
    /**
     * @param  list<PairVerdict>  $pairs
     * @param  list<PairVerdict>  $notes  what the wood and the rubbing between coats add
     * @param  list<float>  $filmUm  film standing after each layer, µm
     */
    private function __construct(
        public Verdict $verdict,
        public array $pairs,
        public array $notes,
        public array $filmUm,
    ) {
    }

    /** @param  list<Layer>  $layers first on the wood first */
    public static function judge(CoatFigures $figures, ?Wood $wood, array $layers): self
    {
        $pairs = $notes = [];
        foreach ($layers as $i => $layer) {
            if ($i > 0) {
                $pairs[] = Compatibility::of(
                    $figures, $layers[$i - 1]->product, $layer->product, $layer->since(),
                );
            }
            $notes = [...$notes, ...self::denibNotes($wood, $layers[$i - 1]->product ?? null, $layer)];
        }
        $ledger = self::ledger($layers, $figures);
        $notes = [
            ...$notes, ...self::sandThroughNotes($layers, $ledger, $figures), ...self::woodNotes($wood, $layers),
            ...self::hardWaxNotes($layers, $figures),
        ];
        $worst = Verdict::Fine;
        foreach ([...$pairs, ...$notes] as $judged) {
            $worst = $judged->verdict->isWorseThan($worst) ? $judged->verdict : $worst;
        }

        return new self($worst, $pairs, $notes, $ledger);
    }

    /** Film that stands on the wood at the end, µm. */
    public function totalUm(): float
    {
        return $this->filmUm === [] ? 0.0 : $this->filmUm[count($this->filmUm) - 1];
    }

    /** @return list<PairVerdict> */
    private static function denibNotes(?Wood $wood, ?Product $under, Layer $layer): array
    {
        $over = $layer->product;
        if ($layer->denib !== Denib::SteelWool) {
            return $layer->denib !== null && $under instanceof Stain
                ? [
                    new PairVerdict(
                        $under->name(), $over->name(), Verdict::TestFirst,
                        'Rubbing a bare colour takes the high spots off.',
                        'Seal it first, or mean it as a sanding back.',
                    ),
                ]
                : [];
        }

        $iron = self::steelWool($wood, $over, $under === null);

        return $iron === null ? [] : [$iron];
    }

    /** What bits of steel wool do that stay on the wood or on the coat below; null where they do nothing. */
    public static function steelWool(?Wood $wood, ?Product $over, bool $isOnBareWood): ?PairVerdict
    {
        $name = $over?->name() ?? 'bare wood';
        if ($over?->solvent() === Solvent::Water) {
            return new PairVerdict(
                'steel wool', $name, Verdict::Never, 'Bits of steel wool rust under a water-borne coat.',
                'Use a grey non-woven pad.',
            );
        }

        return $wood?->tannin !== true ? null : new PairVerdict(
            'steel wool', $name, $isOnBareWood ? Verdict::Never : Verdict::TestFirst,
            "$wood->name is rich in tannin: bits of steel wool blacken it when damp reaches them.",
            'Use a grey non-woven pad.',
        );
    }

    /**
     * @param  list<Layer>  $layers
     * @param  list<float>  $ledger
     * @return list<PairVerdict>
     */
    private static function sandThroughNotes(array $layers, array $ledger, CoatFigures $figures): array
    {
        $notes = [];
        foreach ($layers as $i => $layer) {
            $stands = $i === 0 ? 0.0 : $ledger[$i - 1];
            if ($layer->denib === null || $stands <= 0 || $stands > $layer->denib->removesUm($figures)) {
                continue;
            }
            $padLeavesSome = $layer->denib !== Denib::Pad && $stands > Denib::Pad->removesUm($figures);
            $notes[] = new PairVerdict(
                $layers[$i - 1]->product->name(), $layer->product->name(), Verdict::TestFirst,
                sprintf(
                    'Only %.0f µm of film stands and rubbing with %s takes about %.0f: it would go through to '
                        .'the wood.',
                    $stands, $layer->denib->words(), $layer->denib->removesUm($figures),
                ),
                $padLeavesSome ? 'Lay one more coat first, or rub with a pad.' : 'Lay one more coat first, or leave '
                    .'the rubbing out.',
            );
        }

        return $notes;
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<PairVerdict>
     */
    private static function woodNotes(?Wood $wood, array $layers): array
    {
        $first = $layers[0]->product ?? null;
        if ($first instanceof Stain) {
            return self::colourOnWood($wood, $first);
        }
        if ($wood?->oily === true && $first instanceof Coating && $first->cure === Cure::Oxidative) {
            return [new PairVerdict(
                $wood->name, $first->name(), Verdict::Barrier,
                'The oil in the wood keeps oxidative finishes from drying.',
                'Wipe with alcohol and seal with dewaxed shellac first.',
            )];
        }

        return [];
    }

    /**
     * What a colour asks of the bare wood under it.
     *
     * @return list<PairVerdict>
     */
    public static function colourOnWood(?Wood $wood, Stain $colour): array
    {
        $notes = [];
        if ($wood?->pore === Pore::Fine && $colour->family === ColourFamily::Liming) {
            $notes[] = new PairVerdict(
                $wood->name, $colour->name(), Verdict::TestFirst,
                'It has no open pores for the white to lie in: it greys the surface and rubs off again.',
                'Brush out or texture the ground first, or choose an open-pored wood.',
            );
        }
        if ($colour->needsSealed) {
            $notes[] = new PairVerdict(
                $wood->name ?? 'bare wood', $colour->name(), Verdict::Barrier,
                'It wants a sealed ground, or it greys the whole surface instead of lying in the pores.',
                'Seal with dewaxed shellac first.',
            );
        }
        if ($wood !== null && $colour->needsTannin && ! $wood->tannin) {
            $notes[] = new PairVerdict(
                $wood->name, $colour->name(), Verdict::TestFirst, 'It needs tannin, and this wood has little.',
                'Brush on strong tea first and try it on a test board.',
            );
        }

        return $notes;
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<PairVerdict>
     */
    private static function hardWaxNotes(array $layers, CoatFigures $figures): array
    {
        $coats = array_filter(
            $layers,
            fn (Layer $layer): bool => $layer->product instanceof Coating && $layer->product->family === Family::WaxOil,
        );

        return count($coats) > $figures->hardWaxCoats
            ? [new PairVerdict(
                'Hard-wax oil', 'Hard-wax oil', Verdict::TestFirst,
                'The wood takes one thin coat and a second at most; a third lies on top and stays soft.',
                'Leave the third coat out.',
            )]
            : [];
    }

    /**
     * Film that stands after each layer, µm; the first coat of a thin sealer soaks in and leaves half of its film.
     *
     * @param  list<Layer>  $layers
     * @return list<float>
     */
    private static function ledger(array $layers, CoatFigures $figures): array
    {
        $film = 0.0;
        $ledger = [];
        foreach ($layers as $i => $layer) {
            $film = max(0.0, $film - ($layer->denib?->removesUm($figures) ?? 0.0));
            if ($layer->product instanceof Coating) {
                $film += $layer->product->standsUm($i === 0, $figures);
            }
            $ledger[] = $film;
        }

        return $ledger;
    }

    /** @return array<string, mixed> the answer of `bin/grain stack` */
    public function toArray(): array
    {
        return [
            'verdict' => $this->verdict->overall(),
            'pairs' => self::rows($this->pairs),
            'notes' => self::rows($this->notes),
            'film_um' => round($this->totalUm(), 2),
            'ledger_um' => array_map(fn (float $um): float => round($um, 2), $this->filmUm),
        ];
    }

    /**
     * @param  list<PairVerdict>  $judged
     * @return list<array<string, Said|string|null>>
     */
    private static function rows(array $judged): array
    {
        return array_map(fn (PairVerdict $pair): array => $pair->toArray(), $judged);
    }
}
