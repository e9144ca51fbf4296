<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Tin;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Product;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;

/**
 * The fields of "my tin says": what each is called, its typical figure and what the label says, in the reader's units.
 */
final readonly class TinForm
{
    private const UNITS = ['coverage_m2_per_l' => Unit::Coverage, 'min_c' => Unit::Temperature];

    private const FIELDS = [
        'recoat_from_h', 'recoat_until_h', 'handle_h', 'clamp_after_h', 'full_cure_days', 'dust_free_h', 'wax_after_h',
        'buffable_h', 'solids_percent', 'coverage_m2_per_l', 'min_c', 'max_rh', 'pot_life_minutes',
    ];

    /** @param  list<array{name: string, label: string, hint: string, value: string}>  $fields */
    private function __construct(public Product $product, public ?Tin $tin, public array $fields)
    {
    }

    public static function for(Product $product, ?Tin $tin, Show $show): self
    {
        $fields = [];
        foreach ($product instanceof Coating ? self::typical($product) : [] as $name => $typical) {
            $unit = self::UNITS[$name] ?? null;
            $number = fn (?float $value): string => $unit === null ? $show->bare($value) : $show->field($unit, $value);
            $fields[] = [
                'name' => $name,
                'label' => self::words($name, $show),
                'hint' => $typical === null
                    ? say('view.tin-form.typical-none')
                    : say('view.tin-form.typical', ['typical' => $number($typical)]),
                'value' => $number($tin?->label->of($name)),
            ];
        }

        return new self($product, $tin, $fields);
    }

    /**
     * The same fields for a finish that has no typical figures: a mix of the maker's own.
     *
     * @param  Document|null  $typed  what was typed of it
     * @return list<array{name: string, label: string, hint: string, value: string}>
     */
    public static function own(?Document $typed, Show $show): array
    {
        $fields = [];
        foreach (self::FIELDS as $name) {
            $unit = self::UNITS[$name] ?? null;
            $value = $typed?->has($name) === true ? (float) $typed->value($name) : null;
            $fields[] = [
                'name' => $name, 'label' => self::words($name, $show),
                'hint' => say('view.tin-form.empty-strictest-parts'),
                'value' => $unit === null ? $show->bare($value) : $show->field($unit, $value),
            ];
        }

        return $fields;
    }

    private static function words(string $name, Show $show): string
    {
        $unit = self::UNITS[$name] ?? null;

        return say('view.tin-form.fields.'.strtr($name, '_', '-')).($unit === null ? '' : ', '.$show->unit($unit));
    }

    /** @return array<string, list<string>> validation rules of the label's fields, in the reader's units */
    public static function rules(Show $show): array
    {
        $rules = [];
        foreach (Coating::LABEL_FIELDS as $name => [$min, $max]) {
            $unit = self::UNITS[$name] ?? null;
            $rules["label.$name"] = [
                'nullable', 'numeric', $unit === null ? "between:$min,$max" : $show->between($unit, $min, $max),
            ];
        }

        return $rules;
    }

    /**
     * @param  array<string, mixed>  $typed  by field; empty ones keep the typical figure
     * @return array<string, float> as a label is stored
     */
    public static function label(array $typed, Show $show): array
    {
        $label = [];
        foreach ($typed as $name => $value) {
            if ($value !== null && isset(Coating::LABEL_FIELDS[$name])) {
                $label[$name] = isset(self::UNITS[$name])
                    ? $show->typed(self::UNITS[$name], (float) $value) : (float) $value;
            }
        }

        return $label;
    }

    /** @return array<string, float|null> */
    private static function typical(Coating $coating): array
    {
        return [
            'solids_percent' => $coating->solidsPercent, 'coverage_m2_per_l' => $coating->coverageM2PerL,
            'dust_free_h' => $coating->dustFreeHours, 'recoat_from_h' => $coating->recoatFromHours,
            'recoat_until_h' => $coating->recoatUntilHours, 'wax_after_h' => $coating->waxAfterHours,
            'buffable_h' => $coating->buffableHours, 'handle_h' => $coating->handleHours,
            'clamp_after_h' => $coating->clampAfterHours, 'full_cure_days' => $coating->fullCureDays,
            'min_c' => $coating->minC, 'max_rh' => $coating->maxRhPercent,
            'pot_life_minutes' => $coating->potLifeMinutes,
        ];
    }
}
