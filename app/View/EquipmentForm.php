<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\JawSet;
use HonestGrain\Holding\Mount;
use HonestGrain\Lathework\BitKind;
use HonestGrain\Lathework\FittingKind;
use HonestGrain\Lathework\FittingSize;
use HonestGrain\Layout\Cutter;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;

/** The lathe, the jaws and the holds of a shop, as they are typed. */
final readonly class EquipmentForm
{
    /** Empty rows below the jaws that there are. */
    private const SPARE_ROWS = 2;

    public function __construct(public Equipment $equipment, private Show $show)
    {
    }

    /** @return array<string, array{string, string}> label and value by field */
    public function lathe(): array
    {
        $lathe = $this->equipment->lathe;
        $unit = ', '.$this->show->unit(Unit::Length);

        return [
            'swing' => [
                say('view.equipment-form.swings', ['unit' => $unit]),
                $this->show->field(Unit::Length, $lathe?->swingMm),
            ],
            'bed' => [
                say('view.equipment-form.between-centres', ['unit' => $unit]),
                $this->show->field(Unit::Length, $lathe?->bedMm),
            ],
            'least_rpm' => [say('view.equipment-form.slowest-rpm'), $this->show->bare($lathe?->leastRpm)],
            'most_rpm' => [say('view.equipment-form.fastest-rpm'), $this->show->bare($lathe?->mostRpm)],
            'index_holes' => [say('view.equipment-form.index-holes'), implode(', ', $lathe->indexHoles ?? [])],
            'bars' => [say('view.equipment-form.bars', ['unit' => $unit]), implode(', ', array_map(
                fn (float $mm): string => $this->show->field(Unit::Length, $mm), $this->equipment->bars,
            ))],
        ];
    }

    /**
     * @return list<array{string, list<array{string, string, string}>}> name, then field, label and value of each size
     */
    public function jaws(): array
    {
        $mm = fn (?float $size): string => $this->show->field(Unit::Length, $size);
        $rows = [
            ...$this->equipment->jaws, ...array_fill(0, self::SPARE_ROWS, new JawSet('', null, null)),
        ];

        return array_map(fn (JawSet $set): array => [$set->name, [
            ['tenon_min', say('view.equipment-form.tenon-from'), $mm($set->tenonMm[0] ?? null)],
            ['tenon_max', say('view.equipment-form.tenon'), $mm($set->tenonMm[1] ?? null)],
            ['recess_min', say('view.equipment-form.recess-from'), $mm($set->recessMm[0] ?? null)],
            ['recess_max', say('view.equipment-form.recess'), $mm($set->recessMm[1] ?? null)],
            ['jaw_depth', say('view.equipment-form.jaw-depth'), $mm($set->depthMm)],
            ['jaw_slope', say('view.equipment-form.jaw-slope'), $this->show->bare($set->slopeDeg)],
        ]], $rows);
    }

    /**
     * @return list<array{string, string, string}> name, kind, and radius or angle of each cutter, and two empty rows
     */
    public function cutters(): array
    {
        $rows = array_map(function (Cutter $cutter): array {
            $cuts = $cutter->cuts->toArray();

            return [$cutter->name, $cuts['kind'], isset($cuts['radius_mm'])
                ? $this->show->field(Unit::Length, $cuts['radius_mm']) : $this->show->bare($cuts['angle_deg'])];
        }, $this->equipment->cutters);

        return [...$rows, ...array_fill(0, self::SPARE_ROWS, ['', 'ball', ''])];
    }

    /** @return list<array{BitKind, string, string}> kind, diameters and reach of bits that reach alike */
    public function bits(): array
    {
        $rows = [];
        foreach ($this->equipment->bits as $bit) {
            $row = $rows["{$bit->kind->value} $bit->lengthMm"] ?? [$bit->kind, [], $bit->lengthMm];
            $row[1][] = $this->show->field(Unit::Length, $bit->diameterMm);
            $rows["{$bit->kind->value} $bit->lengthMm"] = $row;
        }
        $written = array_map(fn (array $row): array => [
            $row[0], implode(', ', $row[1]), $this->show->field(Unit::Length, $row[2]),
        ], array_values($rows));

        return [...$written, ...array_fill(0, self::SPARE_ROWS, [BitKind::Brad, '', ''])];
    }

    /** @return array<string, Said> */
    public function bitKinds(): array
    {
        return array_column(array_map(
            fn (BitKind $kind): array => [$kind->value, $kind->said()], BitKind::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said> */
    public function boughtKinds(): array
    {
        return array_column(array_map(
            fn (FittingKind $kind): array => [$kind->value, $kind->label()], FittingKind::cases(),
        ), 1, 0);
    }

    public function boughtLabel(int $row, string $field): string
    {
        return say('pages.equipment.fit-of', [
            'number' => $row + 1, 'what' => lines('pages.equipment.bought')[$field],
        ]);
    }

    /** @return list<array{FittingKind, string, array<string, string>}> kind, name and sizes by field */
    public function bought(): array
    {
        $mm = fn (?float $size): string => $this->show->field(Unit::Length, $size);
        $row = fn (?FittingSize $size): array => [
            $size->kind ?? FittingKind::Ferrule, $size->name ?? '', [
                'bought_across' => $mm($size?->diameterMm), 'bought_long' => $mm($size?->lengthMm),
                'bought_outer' => $mm($size?->outerMm),
            ],
        ];

        return array_map($row, [...$this->equipment->fittings, ...array_fill(0, self::SPARE_ROWS, null)]);
    }

    /**
     * @return list<array{Mount, bool, string, string, string}> each that spins, whether the shop has it, the fastest
     *     and the widest that it takes, and how large it is
     */
    public function holds(): array
    {
        $mm = fn (?float $size): string => $this->show->field(Unit::Length, $size);

        return array_map(fn (Mount $mount): array => [
            $mount, $this->equipment->has($mount), $this->show->bare($this->equipment->limit($mount)),
            $mm($this->equipment->mostDiameterMm($mount)), $mm($this->equipment->sizeMm($mount)),
        ], array_values(array_filter(Mount::cases(), fn (Mount $mount): bool => $mount->spins())));
    }
}
