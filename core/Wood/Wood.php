<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/**
 * A wood as the tables give it or as a maker typed it: shrinkage from green to oven dry in percent, specific gravity
 * at 12 % moisture, Janka hardness in N; whether it holds tannin or oil enough to matter, how open its pores are and
 * what its dust does. A figure that nobody published stays null, or is the one of the wood it is like, and says so.
 *
 * Published: USDA Forest Products Laboratory, Wood Handbook, tables 4-3 and 5-3. Tannin, oil, pore, dust and
 * colour are workshop notes.
 */
final readonly class Wood
{
    public const USUAL_RGB = '#cfb48a';

    public const DENSITY_KG_M3 = [50.0, 1500.0];

    public const JANKA_N = [100.0, 40_000.0];

    public const MOST_SHRINKAGE_PERCENT = 30.0;

    private const NEWTONS_PER_POUND_FORCE = 4.4482216;

    /** Above it wood neither swells nor shrinks (Wood Handbook ch. 4). */
    public const FIBRE_SATURATION_PERCENT = 30.0;

    /** Volume lost per unit of basic specific gravity between fibre saturation and oven dry (Wood Handbook ch. 4). */
    private const SHRINKAGE_PER_GRAVITY = 0.265;

    /** @param  array<string, string>  $borrowed  figure => the wood whose figure it is */
    private function __construct(
        public string $name,
        public string $botanical,
        public WoodFigures $figures,
        public WoodNature $nature,
        public Said $source,
        public array $borrowed = [],
        private bool $isTyped = false,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        $poundForce = $row->numberOrNull('janka_lbf');

        return new self(
            $row->text('name'), $row->text('botanical'),
            new WoodFigures(
                $row->numberOrNull('radial_shrinkage_percent'), $row->numberOrNull('tangential_shrinkage_percent'),
                $row->numberOrNull('specific_gravity_12'),
                $poundForce === null ? null : $poundForce * self::NEWTONS_PER_POUND_FORCE,
            ),
            WoodNature::fromRow($row), Said::name($row->text('source')),
        );
    }

    /** A wood without figures of its own: those of the nearest that has some. */
    public static function named(Row $row, self $like): self
    {
        return (new self(
            $row->text('name'), $row->text('botanical'), new WoodFigures, WoodNature::fromRow($row),
            Said::name($row->text('source')),
        ))->borrowing($like);
    }

    /**
     * A wood as a maker typed it: `{"name","botanical","density_kg_m3","janka_n","radial_shrinkage_percent",
     * "tangential_shrinkage_percent","tannin","oily","pore","dust","rgb","like"}`, all but the name as far as known.
     *
     * @param  WoodTable  $table  where "like" is looked up
     *
     * @throws InvalidField
     */
    public static function typed(Document $wood, WoodTable $table): self
    {
        $rgb = $wood->textOr('rgb', self::USUAL_RGB, 7) ?? self::USUAL_RGB;
        if (preg_match('/^#[0-9a-fA-F]{6}$/D', $rgb) !== 1) {
            throw InvalidField::type($wood->at('rgb'), $rgb, new Said('wood.wood.colour-such', [
                'what' => self::USUAL_RGB,
            ]));
        }
        $density = $wood->numberOr('density_kg_m3', null, ...self::DENSITY_KG_M3);
        $typed = new self(
            $wood->text('name', 80), $wood->textOr('botanical', '', 80) ?? '',
            new WoodFigures(
                $wood->numberOr('radial_shrinkage_percent', null, 0, self::MOST_SHRINKAGE_PERCENT),
                $wood->numberOr('tangential_shrinkage_percent', null, 0, self::MOST_SHRINKAGE_PERCENT),
                $density === null ? null : $density / 1120.0, $wood->numberOr('janka_n', null, ...self::JANKA_N),
            ),
            new WoodNature(
                $wood->flag('tannin', false), $wood->flag('oily', false),
                Pore::from($wood->choice('pore', array_column(Pore::cases(), 'value'), Pore::Fine->value)),
                Dust::from($wood->has('dust') && $wood->value('dust') !== ''
                    ? $wood->choice('dust', array_column(Dust::cases(), 'value')) : ''),
                $rgb,
            ),
            new Said('wood.wood.typed-workshop'),
        );
        $typed = Copy::with($typed, ['isTyped' => true]);
        $like = $wood->textOr('like', null, 80);

        return $like === null ? $typed : $typed->borrowing($table->named($like, $wood->at('like')));
    }

    /** What it is called; as it was typed, where it was. */
    public function said(): Said
    {
        return $this->isTyped ? Said::name($this->name) : self::nameOf($this->name);
    }

    /** A wood of the catalogue in the reader's language: its class there is English. */
    public static function nameOf(string $name): Said
    {
        $key = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');

        return (new Said("wood.names.$key"))->keptAs($name);
    }

    /** Why a figure is missing, or whose it is; null where it is this wood's own. */
    public function about(string $figure): ?Said
    {
        return isset($this->borrowed[$figure])
            ? new Said('wood.wood.borrowed-from-none-published', [
                'figure' => new Said("wood.figures.$figure"),
                'what' => self::nameOf($this->borrowed[$figure]),
                'what2' => $this->said(),
            ])
            : null;
    }

    /**
     * Density of the piece as drawn, at its current moisture, g/cm³; null where no figure is known.
     *
     * Published (Wood Handbook ch. 4): G = G_b/(1 − 0.265·a·G_b), a = (30 − M)/30, and density = G(1 + M/100).
     */
    public function densityGPerCm3(float $moisturePercent): ?float
    {
        if ($this->figures->gravity12 === null) {
            return null;
        }
        $dry = fn (float $m): float => max(0.0, (self::FIBRE_SATURATION_PERCENT - $m) / self::FIBRE_SATURATION_PERCENT)
            * self::SHRINKAGE_PER_GRAVITY;
        $basic = $this->figures->gravity12 / (1 + $dry(12.0) * $this->figures->gravity12);
        $current = $basic / (1 - $dry($moisturePercent) * $basic);

        return $current * (1 + $moisturePercent / 100);
    }

    private function borrowing(self $like): self
    {
        [$mine, $theirs] = [$this->figures, $like->figures];
        $borrowed = array_keys(array_filter([
            'shrinkage' => $mine->tangentialPercent === null && $theirs->tangentialPercent !== null,
            'density' => $mine->gravity12 === null && $theirs->gravity12 !== null,
            'hardness' => $mine->jankaN === null && $theirs->jankaN !== null,
        ]));

        return Copy::with($this, ['figures' => $mine->or($theirs), 'borrowed' => array_combine($borrowed, array_map(
            fn (string $figure): string => $like->borrowed[$figure] ?? $like->name, $borrowed,
        ))]);
    }
}
