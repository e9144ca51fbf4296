<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use HonestGrain\Piece\Mark;
use Illuminate\Support\Carbon;

/** A step is done. */
class LogDone extends AtStep
{
    /** No step was done before this. */
    private const EARLIEST = '2000-01-01';

    public function rules(): array
    {
        return parent::rules() + [
            'at' => ['nullable', 'date_format:Y-m-d\TH:i', 'after:'.self::EARLIEST],
            'minutes' => ['nullable', 'numeric', 'min:0', 'max:'.Mark::MAX_MINUTES],
        ];
    }

    public function at(): ?Carbon
    {
        /** @var User $user */
        $user = $this->user();
        $typed = $this->validated('at');

        return $typed === null ? null : Carbon::createFromFormat('Y-m-d\TH:i', $typed, $user->timeZone())?->utc();
    }

    public function minutes(): ?float
    {
        $typed = $this->validated('minutes');

        return $typed === null ? null : (float) $typed;
    }
}
