<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\TypedHours;
use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\Kept\UsualAir;
use App\View\Show;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Hours, air and limits of a workshop: those that the page has which was sent. */
class SaveShop extends FormRequest implements TakesLists
{
    private const AIR = ['day_c', 'day_rh', 'day_from', 'day_to', 'night_c', 'night_rh'];

    public static function lists(): array
    {
        return ['hours'];
    }

    public function authorize(): bool
    {
        return Gate::allows('run-shop');
    }

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        $allOfAir = $this->hasAny(self::AIR) ? 'required' : 'nullable';
        $temperature = [$allOfAir, 'numeric', $show->between(Unit::Temperature, -10, 45)];
        $humidity = [$allOfAir, 'numeric', 'between:5,99'];

        return [
            'name' => ['sometimes', 'required', 'string', 'max:120'],
            'time_zone' => ['sometimes', 'required', 'timezone:all'],
            'hours' => ['required_with:closed,also', 'array'],
            'hours.*' => ['nullable', 'string', 'max:100'],
            'closed' => ['nullable', 'string', 'max:4000'],
            'also' => ['nullable', 'string', 'max:4000'],
            'day_c' => $temperature, 'night_c' => $temperature,
            'day_rh' => $humidity, 'night_rh' => $humidity,
            'day_from' => [$allOfAir, 'integer', 'between:0,23'],
            'day_to' => [$allOfAir, 'integer', 'between:1,24', 'gt:day_from'],
            'sanding_cap_m_s' => ['sometimes', 'required', 'numeric', $show->between(Unit::Speed, 0.5, 15)],
            'dries_apart' => ['sometimes', 'boolean'],
            'min_wall_mm' => ['sometimes', 'required', 'numeric', $show->between(Unit::Length, 0.5, 30)],
        ];
    }

    /**
     * What was typed, as the workshop has it; what its page does not ask for stays.
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    public function changes(Show $show): array
    {
        return [
            ...$this->safe()->only(['name', 'time_zone', 'dries_apart']),
            ...$this->hours(), ...$this->air($show),
            ...$this->measured('sanding_cap_m_s', Unit::Speed, $show),
            ...$this->measured('min_wall_mm', Unit::Length, $show),
        ];
    }

    /** @return array<string, mixed> */
    private function hours(): array
    {
        $typed = $this->validated();
        if (! isset($typed['hours'])) {
            return [];
        }
        $hours = TypedHours::week($typed['hours']);
        $closed = TypedHours::dates($typed['closed'] ?? null);
        $also = TypedHours::days($typed['also'] ?? null, 'also');
        WorkingHours::read(Document::of(['hours' => $hours, 'closed' => $closed, 'also' => $also]));

        return ['hours' => new OpenHours($hours), 'closed' => $closed, 'also' => new OpenDays($also)];
    }

    /** @return array<string, UsualAir> */
    private function air(Show $show): array
    {
        $typed = $this->validated();
        if (! isset($typed['day_c'])) {
            return [];
        }

        return ['climate' => new UsualAir(
            dayC: $show->typed(Unit::Temperature, (float) $typed['day_c']), dayRh: (float) $typed['day_rh'],
            nightC: $show->typed(Unit::Temperature, (float) $typed['night_c']), nightRh: (float) $typed['night_rh'],
            dayFrom: (int) $typed['day_from'], dayTo: (int) $typed['day_to'],
        )];
    }

    /** @return array<string, float> */
    private function measured(string $field, Unit $unit, Show $show): array
    {
        $typed = $this->validated($field);

        return $typed === null ? [] : [$field => $show->typed($unit, (float) $typed)];
    }
}
