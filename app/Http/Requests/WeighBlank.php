<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\PressedAt;
use App\Models\Blank;
use App\Models\User;
use App\Models\Workshop;
use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** One weight at the rack: the number on the wood, what the scale says, and a meter's reading beside it. */
class WeighBlank extends FormRequest
{
    public const MOST_G = 500_000.0;

    public const LEAST_G = 0.1;

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return [
            'number' => [$this->isCorrection() ? 'exclude' : 'required', 'integer', 'between:1,999999'],
            'mass' => ['required', 'numeric', $show->between(Unit::Mass, self::LEAST_G, self::MOST_G)],
            'meter' => ['nullable', 'numeric', 'between:0,100'],
            'at' => ['nullable', 'date_format:Y-m-d\TH:i', 'after:1950-01-01', 'before_or_equal:now +1 day'],
        ] + PressedAt::rule();
    }

    /** @throws ValidationException where no blank has that number */
    public function blank(): Blank
    {
        /** @var User $user */
        $user = $this->user();

        return self::numbered($user->workshop, $this);
    }

    /** @throws ValidationException where no blank on the rack has the number that was typed */
    public static function numbered(Workshop $workshop, Request $request): Blank
    {
        $number = $request->string('number')->toString();
        $blank = ctype_digit($number) ? $workshop->blanks()->onRack()->where('number', (int) $number)->first() : null;

        return $blank ?? throw ValidationException::withMessages([
            'number' => say('http.weigh-blank.number-no-blank-rack', ['number' => $number]),
        ]);
    }

    public function massG(Show $show): float
    {
        return round($show->typed(Unit::Mass, (float) $this->validated('mass')), 2);
    }

    public function meter(): ?float
    {
        return $this->validated('meter') === null ? null : (float) $this->validated('meter');
    }

    public function at(): ?Carbon
    {
        /** @var User $user */
        $user = $this->user();
        $at = $this->validated('at');

        return $at === null ? null : Carbon::parse($at, $user->timeZone())->utc();
    }

    private function isCorrection(): bool
    {
        return $this->route('weighing') !== null;
    }
}
