<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Quantity;
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
    public static function judge(Compatibility $compatibility, ?Wood $wood, array $layers): self
    {
        $figures = $compatibility->figures;
        $pairs = $notes = [];
        foreach ($layers as $i => $layer) {
            if ($i > 0) {
                $pairs[] = $compatibility->of(
                    $layers[$i - 1]->product, $layer->product, $layer->since(),
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
                        new Said('coating.stack.rubbing-bare-colour-takes'),
                        new Said('coating.stack.seal-first-or-mean'),
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
        $name = $over?->name() ?? new Said('coating.stack.bare-wood');
        if ($over?->solvent() === Solvent::Water) {
            return new PairVerdict(
                new Said('coating.stack.steel-wool'), $name, Verdict::Never, new Said(
                    'coating.stack.bits-steel-wool-rust',
                ),
                new Said('coating.stack.use-grey-non-woven'),
            );
        }

        return $wood?->nature->tannin !== true ? null : new PairVerdict(
            new Said('coating.stack.steel-wool'), $name, $isOnBareWood ? Verdict::Never : Verdict::TestFirst,
            new Said('coating.stack.rich-tannin-bits-steel', ['wood' => $wood->said()]),
            new Said('coating.stack.use-grey-non-woven'),
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
                new Said('coating.stack.only-film-stands-rubbing', [
                    'stands' => Quantity::um($stands),
                    'denib' => $layer->denib->words(),
                    'removes' => Quantity::count($layer->denib->removesUm($figures)),
                ]),
                $padLeavesSome ? new Said('coating.stack.lay-one-more-coat') : new Said(
                    'coating.stack.lay-one-more-coat-first',
                ),
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
        if ($wood?->nature->oily === true && $first instanceof Coating && $first->cure === Cure::Oxidative) {
            return [new PairVerdict(
                $wood->said(), $first->name(), Verdict::Barrier,
                new Said('coating.stack.oil-wood-keeps-oxidative'),
                new Said('coating.stack.wipe-alcohol-seal-dewaxed'),
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
        if ($wood?->nature->pore === Pore::Fine && $colour->family->liesInPores()) {
            $notes[] = new PairVerdict(
                $wood->said(), $colour->name(), Verdict::TestFirst,
                new Said('coating.stack.has-no-open-pores'),
                new Said('coating.stack.brush-out-or-texture'),
            );
        }
        if ($colour->needsSealed) {
            $notes[] = new PairVerdict(
                $wood?->said() ?? new Said('coating.stack.bare-wood'), $colour->name(), Verdict::Barrier,
                new Said('coating.stack.wants-sealed-ground-or'),
                new Said('coating.stack.seal-dewaxed-shellac-first'),
            );
        }
        if ($wood !== null && $colour->needsTannin && ! $wood->nature->tannin) {
            $notes[] = new PairVerdict(
                $wood->said(), $colour->name(), Verdict::TestFirst, new Said('coating.stack.needs-tannin-wood-has'),
                new Said('coating.stack.brush-strong-tea-first'),
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
            fn (Layer $layer): bool => $layer->product instanceof Coating
                && $layer->product->ground() === GroundAsked::HardWax,
        );

        return count($coats) > $figures->hardWaxCoats
            ? [new PairVerdict(
                new Said('coating.stack.hard-wax-oil'), new Said('coating.stack.hard-wax-oil'), Verdict::TestFirst,
                new Said('coating.stack.wood-takes-one-thin'),
                new Said('coating.stack.leave-third-coat-out'),
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
