<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Rack\Blank;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\Keeping;
use HonestGrain\Rack\Pith;
use HonestGrain\Wood\Rings;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;

/** The fields that a blank is typed in, with their choices and what stands in them. */
final readonly class BlankFields
{
    /** What the page opens when one of them is refused. */
    public const NAMES = [
        'form', 'wood', 'grain', 'diameter_mm', 'length_mm', 'wall_mm', 'tenon_mm', 'recess_mm', 'long_mm', 'short_mm',
        'sapwood_mm', 'pith', 'keeping', 'rings', 'place', 'source', 'given_by', 'promised_for', 'price',
        'felled_on', 'cut_on', 'roughed_on', 'kiln_on', 'meter_percent', 'taken_as_dry', 'note', 'version',
    ];

    public function __construct(private Show $show)
    {
    }

    /** @return array<string, Said|string> */
    public function forms(): array
    {
        return array_column(array_map(
            fn (BlankForm $one): array => [$one->value, $one->label()], BlankForm::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said|string> */
    public function piths(): array
    {
        return array_column(array_map(fn (Pith $one): array => [$one->value, $one->label()], Pith::cases()), 1, 0);
    }

    /** @return array<string, Said|string> */
    public static function rings(): array
    {
        return ['' => say('view.blank-fields.rings-not-looked')] + array_column(array_map(
            fn (Rings $one): array => [$one->value, $one->label()], Rings::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said|string> */
    public function keepings(): array
    {
        return array_column(array_map(
            fn (Keeping $one): array => [$one->value, $one->label()], Keeping::cases(),
        ), 1, 0);
    }

    /** @return array<string, array{string, string}> label and value by field */
    public function sizes(?Blank $blank): array
    {
        $unit = ', '.$this->show->unit(Unit::Length);
        $value = fn (?float $mm): string => $this->show->field(Unit::Length, $mm);

        return [
            'diameter_mm' => [say('view.blank-fields.across', ['unit' => $unit]), $value($blank?->diameterMm)],
            'length_mm' => [say('view.blank-fields.length-or-height', ['unit' => $unit]), $value($blank?->lengthMm)],
            'wall_mm' => [say('view.blank-fields.wall-if-rough', ['unit' => $unit]), $value($blank?->wallMm)],
            'long_mm' => [say('view.blank-fields.long-axis', ['unit' => $unit]), $value($blank?->longMm)],
            'short_mm' => [say('view.blank-fields.short-axis', ['unit' => $unit]), $value($blank?->shortMm)],
            'sapwood_mm' => [say('view.blank-fields.sapwood', ['unit' => $unit]), $value($blank?->sapwoodMm)],
            'tenon_mm' => [say('view.blank-fields.tenon', ['unit' => $unit]), $value($blank?->tenonMm)],
            'recess_mm' => [say('view.blank-fields.recess', ['unit' => $unit]), $value($blank?->recessMm)],
        ];
    }

    /** @return array<string, array{string, string|null}> label and value by field */
    public function dates(?Blank $blank): array
    {
        return [
            'felled_on' => [say('view.blank-fields.felled'), $blank?->felledOn],
            'cut_on' => [say('view.blank-fields.cut'), $blank?->cutOn],
            'roughed_on' => [say('view.blank-fields.roughed'), $blank?->roughedOn],
            'kiln_on' => [say('view.blank-fields.kiln'), $blank?->kilnOn],
        ];
    }
}
