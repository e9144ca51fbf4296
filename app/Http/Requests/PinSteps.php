<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PlannedStep;
use App\Models\StepPin;
use App\Models\StepState;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/** Which steps are fixed or let go: one by its number, those of a day, or those of a piece. */
class PinSteps extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'step' => ['nullable', 'required_without_all:day,piece,pin', 'integer'],
            'day' => ['nullable', 'date_format:Y-m-d'],
            'piece' => ['nullable', 'integer'],
            'pin' => ['nullable', 'integer'],
        ];
    }

    /** @return Builder<PlannedStep> */
    public function steps(Workshop $workshop): Builder
    {
        $query = $workshop->plannedSteps()->getQuery()->where('state', StepState::Open)->where('minutes', '>', 0);

        return $this->narrowed($query, $workshop)
            ->when($this->validated('step') !== null, fn (Builder $q) => $q->whereKey($this->validated('step')));
    }

    /** @return Builder<StepPin> */
    public function pins(Workshop $workshop): Builder
    {
        return $this->narrowed($workshop->pins()->getQuery(), $workshop)
            ->when($this->validated('pin') !== null, fn (Builder $q) => $q->whereKey($this->validated('pin')))
            ->when($this->validated('step') !== null, fn (Builder $q) => $q->whereIn(
                'step', $workshop->plannedSteps()->whereKey($this->validated('step'))->select('step'),
            )->whereIn('piece_id', $workshop->plannedSteps()->whereKey($this->validated('step'))->select('piece_id')));
    }

    /**
     * @template T of PlannedStep|StepPin
     *
     * @param  Builder<T>  $query
     * @return Builder<T>
     */
    private function narrowed(Builder $query, Workshop $workshop): Builder
    {
        $day = $this->validated('day');
        if ($day !== null) {
            $from = Carbon::parse($day, $workshop->time_zone)->startOfDay();
            $query->whereBetween('start_at', [$from->copy()->utc(), $from->copy()->endOfDay()->utc()]);
        }

        return $query->when(
            $this->validated('piece') !== null, fn (Builder $q) => $q->where('piece_id', $this->validated('piece')),
        );
    }
}
