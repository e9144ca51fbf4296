<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use Closure;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\JawSet;
use HonestGrain\Holding\Lathe;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\OwnHold;
use HonestGrain\Lathework\Bit;
use HonestGrain\Lathework\BitKind;
use HonestGrain\Lathework\FittingKind;
use HonestGrain\Lathework\FittingSize;
use HonestGrain\Layout\Cutter;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The lathe, the jaws and the holds of a shop. */
class SaveEquipment extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return [
            'jaw_name', 'tenon_min', 'tenon_max', 'recess_min', 'recess_max', 'cutter_name', 'cutter_kind',
            'cutter_size', 'bit_kind', 'bit_sizes', 'bit_length', 'mounts', 'hold_rpm',
            'hold_size', 'hold_widest', 'jaw_depth', 'jaw_slope', 'bought_kind', 'bought_name', 'bought_across',
            'bought_long', 'bought_outer',
        ];
    }

    private const RANGES = ['tenon_min', 'tenon_max', 'recess_min', 'recess_max'];

    private const MOST_MM = 2000.0;

    public function authorize(): bool
    {
        return $this->user()?->can('run-shop') ?? false;
    }

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        $size = fn (float $most): array => ['nullable', 'numeric', $show->between(Unit::Length, 1, $most)];
        $needed = ['nullable', 'required_with:swing,bed', 'numeric', $show->between(Unit::Length, ...Lathe::SIZES_MM)];
        $rpm = ['nullable', 'required_with:swing', 'numeric', 'between:'.implode(',', Lathe::SPEEDS_RPM)];
        $list = ['nullable', 'array', 'max:'.Equipment::MOST_SETS];
        $length = ['nullable', 'numeric', $show->between(Unit::Length, 0, self::MOST_MM)];

        return [
            'swing' => $needed, 'bed' => $needed, 'least_rpm' => $rpm, 'most_rpm' => $rpm, 'reverses' => ['nullable'],
            'spare_chucks' => ['sometimes', 'integer', 'between:0,12'],
            'bars' => ['nullable', 'string', 'max:120', new Lengths($show, 1.0, Equipment::MOST_BAR_MM)],
            'index_holes' => ['nullable', 'string', 'max:120', 'regex:/^[\d\s,;]*$/'],
            'jaw_name' => $list, 'jaw_name.*' => ['nullable', 'string', 'max:60'],
            'cutter_name' => $list, 'cutter_name.*' => ['nullable', 'string', 'max:'.Cutter::MAX_NAME],
            'cutter_kind' => $list, 'cutter_kind.*' => [Rule::in(['ball', 'v'])],
            'cutter_size' => $list, 'cutter_size.*' => ['nullable', 'numeric', 'between:0.01,170'],
            'bit_kind' => $list, 'bit_kind.*' => [Rule::enum(BitKind::class)],
            'bit_sizes' => $list, 'bit_sizes.*' => ['nullable', 'string', 'max:300', $this->bitSizes($show)],
            'bit_length' => $list, 'bit_length.*' => [
                'nullable', 'required_with:bit_sizes.*', 'numeric',
                $show->between(Unit::Length, 1, Bit::MOST_LENGTH_MM),
            ],
            'bought_kind' => $list, 'bought_kind.*' => [Rule::enum(FittingKind::class)],
            'bought_name' => $list, 'bought_name.*' => ['nullable', 'string', 'max:40'],
            'bought_across' => $list, 'bought_across.*' => [
                'nullable', 'required_with:bought_name.*', ...array_slice($size(Bit::MOST_DIAMETER_MM), 1),
            ],
            'bought_long' => $list, 'bought_long.*' => [
                'nullable', 'required_with:bought_name.*', ...array_slice($size(FittingSize::MOST_LENGTH_MM), 1),
            ],
            'bought_outer' => $list, 'bought_outer.*' => $size(2 * Bit::MOST_DIAMETER_MM),
            'mounts' => $list, 'mounts.*' => [Rule::enum(Mount::class)],
            'hold_rpm' => ['nullable', 'array'],
            'hold_rpm.*' => ['nullable', 'numeric', 'between:'.implode(',', Lathe::SPEEDS_RPM)],
            'hold_size' => ['nullable', 'array'], 'hold_size.*' => $size(OwnHold::MOST_MM),
            'hold_widest' => ['nullable', 'array'], 'hold_widest.*' => $size(OwnHold::MOST_MM),
            'jaw_depth' => $list, 'jaw_depth.*' => $size(self::MOST_MM),
            'jaw_slope' => $list, 'jaw_slope.*' => ['nullable', 'numeric', 'between:0,'.JawSet::MOST_SLOPE_DEG],
        ] + array_merge(...array_map(
            fn (string $range): array => [$range => $list, "$range.*" => $length], self::RANGES,
        ));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['index_holes.regex' => say('http.save-equipment.attribute-input-takes-numbers')];
    }

    /** @return array<string, mixed> as the core reads it */
    public function document(Show $show): array
    {
        $typed = $this->validated();
        $mm = fn (mixed $value): ?float => $value === null ? null : round($show->typed(
            Unit::Length, (float) $value,
        ), 2);
        $jaws = [];
        foreach ($typed['jaw_name'] ?? [] as $i => $name) {
            if ($name !== null && $name !== '') {
                $jaws[] = ['name' => $name] + array_filter(array_combine(
                    array_map(fn (string $range): string => "{$range}_mm", self::RANGES),
                    array_map(fn (string $range): ?float => $mm($typed[$range][$i] ?? null), self::RANGES),
                ) + [
                    'depth_mm' => $mm($typed['jaw_depth'][$i] ?? null),
                    'slope_deg' => isset($typed['jaw_slope'][$i]) ? (float) $typed['jaw_slope'][$i] : null,
                ], fn (?float $size): bool => $size !== null);
            }
        }
        $holes = preg_split('/[\s,;]+/', trim((string) ($typed['index_holes'] ?? '')), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return [
            'lathe' => ($typed['swing'] ?? null) === null ? null : [
                'swing_mm' => $mm($typed['swing']), 'bed_mm' => $mm($typed['bed']),
                'least_rpm' => (float) $typed['least_rpm'], 'most_rpm' => (float) $typed['most_rpm'],
                'reverses' => isset($typed['reverses']), 'index_holes' => array_map(intval(...), $holes),
            ],
            'jaws' => $jaws, 'cutters' => $this->cutters($typed, $show),
            'bars' => (new Lengths($show, 1.0, Equipment::MOST_BAR_MM))->all((string) ($typed['bars'] ?? '')),
            'bits' => $this->bits($typed, $show), 'fittings' => $this->bought($typed, $mm),
            'holds' => array_map(fn (string $mount): array => [
                'mount' => $mount, 'most_rpm' => isset($typed['hold_rpm'][$mount])
                    ? (float) $typed['hold_rpm'][$mount] : null,
                'size_mm' => $mm($typed['hold_size'][$mount] ?? null),
                'most_diameter_mm' => $mm($typed['hold_widest'][$mount] ?? null),
            ], array_values($typed['mounts'] ?? [])),
        ];
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  Closure(mixed): (float|null)  $mm
     * @return list<array<string, mixed>>
     */
    private function bought(array $typed, Closure $mm): array
    {
        $bought = [];
        foreach ($typed['bought_name'] ?? [] as $i => $name) {
            if ($name !== null && $name !== '') {
                $bought[] = [
                    'kind' => $typed['bought_kind'][$i] ?? FittingKind::Ferrule->value, 'name' => $name,
                    'diameter_mm' => $mm($typed['bought_across'][$i]), 'length_mm' => $mm($typed['bought_long'][$i]),
                    'outer_mm' => $mm($typed['bought_outer'][$i] ?? null),
                ];
            }
        }

        return $bought;
    }

    private function bitSizes(Show $show): Lengths
    {
        return new Lengths($show, 1.0, Bit::MOST_DIAMETER_MM);
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return list<array{kind: string, diameter_mm: float, length_mm: float}>
     */
    private function bits(array $typed, Show $show): array
    {
        $bits = [];
        foreach ($typed['bit_sizes'] ?? [] as $i => $sizes) {
            foreach ($this->bitSizes($show)->all((string) $sizes) as $mm) {
                $bits[] = [
                    'kind' => $typed['bit_kind'][$i] ?? BitKind::Brad->value, 'diameter_mm' => $mm,
                    'length_mm' => round($show->typed(Unit::Length, (float) $typed['bit_length'][$i]), 2),
                ];
            }
        }

        return $bits;
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return list<array<string, mixed>>
     */
    private function cutters(array $typed, Show $show): array
    {
        $cutters = [];
        foreach ($typed['cutter_name'] ?? [] as $i => $name) {
            $size = $typed['cutter_size'][$i] ?? null;
            if ($name === null || $name === '' || $size === null) {
                continue;
            }
            $isBall = ($typed['cutter_kind'][$i] ?? 'ball') === 'ball';
            $cutters[] = ['name' => $name, 'kind' => $isBall ? 'ball' : 'v'] + ($isBall
                ? [
                    'radius_mm' => round($show->typed(Unit::Length, (float) $size), 3),
                ] : ['angle_deg' => (float) $size]);
        }

        return $cutters;
    }
}
