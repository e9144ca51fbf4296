<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Hold\Hold;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What holds a workpiece at a stage, of what the table knows and the shop owns.
 *
 * Workshop model: `catalogue/holds.csv`, constants `hold_*`.
 */
final readonly class Holds
{
    private function __construct(
        private Workpiece $work,
        private Equipment $equipment,
        private HoldTable $table,
        private Calibration $calibration,
    ) {
    }

    public static function of(
        Workpiece $work, Equipment $equipment, HoldTable $table, Calibration $calibration,
    ): self {
        return new self($work, $equipment, $table, $calibration);
    }

    /** @return list<Grasp> of every kind in the table */
    public function all(): array
    {
        return array_map($this->judged(...), $this->table->all());
    }

    /** The best of those that hold it, cheapest in re-mounts and risk; null where none does. */
    public function choice(Mount ...$among): ?Grasp
    {
        foreach ($this->ranked() as $kind) {
            $grasp = $among === [] || in_array($kind->mount, $among, true) ? $this->judged($kind) : null;
            if ($grasp?->fits() === true) {
                return $grasp;
            }
        }

        return null;
    }

    /** @return list<Mount> those that are chosen among at this stage, whether or not they serve */
    public function known(): array
    {
        return array_map(fn (HoldLimits $kind): Mount => $kind->mount, $this->ranked());
    }

    /** @return list<HoldLimits> those that are chosen among at this stage, cheapest in re-mounts and risk first */
    private function ranked(): array
    {
        $rank = fn (HoldLimits $kind): ?int => $kind->rank($this->work->stage, $this->work->grain);
        $kinds = array_values(array_filter(
            $this->table->all(), fn (HoldLimits $kind): bool => $rank($kind) !== null,
        ));
        usort($kinds, fn (HoldLimits $a, HoldLimits $b): int => $rank($a) <=> $rank($b));

        return $kinds;
    }

    /** @return list<Grasp> of those that are chosen among at this stage, that which serves best first */
    public function chosenAmong(): array
    {
        return array_map($this->judged(...), $this->ranked());
    }

    /** As is wished where that holds it; else the best of those that do. */
    public function wished(?Mount $wish): ?Grasp
    {
        $grasp = $wish === null ? null : $this->by($wish);

        return $grasp?->fits() === true ? $grasp : $this->choice();
    }

    /** How one kind holds it; null where the table does not know it. */
    public function by(Mount $mount): ?Grasp
    {
        foreach ($this->table->all() as $kind) {
            if ($kind->mount === $mount) {
                return $this->judged($kind);
            }
        }

        return null;
    }

    /** Whether the shop has one of that kind, whether or not it serves here. */
    public function has(Mount $mount): bool
    {
        foreach ($this->table->all() as $kind) {
            if ($kind->mount === $mount) {
                return $this->equipment->ownsOrMakes($kind);
            }
        }

        return false;
    }

    private function judged(HoldLimits $limits): Grasp
    {
        $mount = $limits->mount;
        $rig = new Rig($limits, $this->equipment, $this->calibration);
        $grip = $mount->hold()?->grip($this->work, $rig) ?? new Grip;
        $across = $this->work->size->diameterMm;
        $speeds = $this->equipment->speeds($this->calibration->speed, $mount, $across, $this->work->wood->isTrue);

        return new Grasp(
            kind: $limits, because: [...$this->general($rig), ...$grip->not],
            how: [...$grip->how, ...$limits->touches ? [new Said('holding.hold.padded')] : []], size: $grip->size,
            speed: $mount->spins() ? $this->work->wood->rim->speed($this->calibration->speed, $across)
                ->under($grip->most, ...$speeds) : null,
            free: $this->free($limits), most: $grip->most,
        );
    }

    /** @return list<Face> what it leaves free; of what is cut later, all that it leaves free then */
    private function free(HoldLimits $limits): array
    {
        $free = $limits->free($this->work->stage);
        if ($limits->mount === Mount::BetweenCentres && $this->work->keepsCore && $free !== []) {
            return [...$free, Face::Inside];
        }
        $main = $limits->free(HoldStage::Inside);

        return $free === [] && $this->work->stage === HoldStage::Outside && in_array(Face::Outside, $main, true)
            ? $main : $free;
    }

    /**
     * What its row and the lathe refuse, whatever is made of it: not owned, too wide, high or heavy, the wrong grain.
     *
     * @return list<Said>
     */
    public function beyond(Mount $mount): array
    {
        foreach ($this->table->all() as $kind) {
            if ($kind->mount === $mount) {
                return $this->general(new Rig($kind, $this->equipment, $this->calibration));
            }
        }

        return [new Said('holding.hold.not-known')];
    }

    /** @return list<Said> */
    private function general(Rig $rig): array
    {
        $limits = $rig->limits;
        if (! $limits->mount->spins()) {
            return [new Said('holding.hold.lies-still')];
        }
        $size = $this->work->size;
        $across = $this->equipment->mostDiameterMm($limits->mount) ?? $limits->mostDiameterMm;
        $lathe = $this->equipment->lathe;

        return array_values(array_filter([
            $this->equipment->ownsOrMakes($limits) ? null : new Said('holding.hold.not-owned'),
            in_array($this->work->worked(), $this->free($limits), true) ? null
                : new Said('holding.hold.not-this-stage'),
            $limits->grain !== null && $limits->grain !== $this->work->grain
                ? new Said("holding.hold.only-{$limits->grain->value}") : null,
            $across !== null && $size->diameterMm > $across ? new Said('holding.hold.too-wide', [
                'across' => Quantity::mm($size->diameterMm), 'most' => Quantity::mm($across),
            ]) : null,
            $limits->mostHeightMm !== null && $size->heightMm > $limits->mostHeightMm
                ? new Said('holding.hold.too-high', [
                    'high' => Quantity::mm($size->heightMm), 'most' => Quantity::mm($limits->mostHeightMm),
                ]) : null,
            $limits->mostKg !== null && $size->kg() > $limits->mostKg ? new Said('holding.hold.too-heavy', [
                'heavy' => Quantity::grams($size->massG ?? 0.0), 'most' => Quantity::grams(1000 * $limits->mostKg),
            ]) : null,
            $lathe !== null && $size->diameterMm > $lathe->swingMm ? new Said('holding.hold.over-swing', [
                'across' => Quantity::mm($size->diameterMm), 'most' => Quantity::mm($lathe->swingMm),
            ]) : null,
        ], fn (?Said $said): bool => $said !== null));
    }
}
