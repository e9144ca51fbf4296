<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Kept\Measured;
use App\Models\User;
use App\View\Show;
use HonestGrain\Coating\EarlyLook;
use HonestGrain\Piece\Mark;
use HonestGrain\Route\Look;
use HonestGrain\Route\LookAnswer;
use HonestGrain\Words\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** A step is done. */
class LogDone extends AtStep implements TakesLists
{
    /** So many are done with one press. */
    private const MOST_ALSO = 12;

    /** No step was done before this. */
    private const EARLIEST = '2000-01-01';

    public static function lists(): array
    {
        return ['also'];
    }

    public function rules(Show $show): array
    {
        return parent::rules($show) + [
            'at' => ['nullable', 'date_format:Y-m-d\TH:i', 'after:'.self::EARLIEST],
            'minutes' => ['nullable', 'numeric', 'min:0', 'max:'.Mark::MAX_MINUTES],
            'weight' => ['nullable', 'numeric', $show->between(Unit::Mass, ...WriteNote::GRAMS)],
            'discs_used' => ['nullable', 'integer', 'between:0,999'],
            'sure' => ['nullable', 'boolean'],
            'found' => ['nullable', Rule::enum(EarlyLook::class)],
            'amount' => ['nullable', 'numeric', 'min:0', 'max:100000'],
            'also' => ['array', 'max:'.self::MOST_ALSO],
            'also.*' => ['nullable', 'string', 'max:20'],
            'photo' => ['nullable', ...KeepPhoto::photograph()],
        ] + LogLook::fields(isNeeded: false);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return KeepPhoto::words();
    }

    public function at(): ?Carbon
    {
        /** @var User $user */
        $user = $this->user();
        $typed = $this->validated('at');

        return $typed === null ? null : Carbon::createFromFormat('Y-m-d\TH:i', $typed, $user->timeZone())?->utc();
    }

    /** @return array<int, string> marks of the other steps that are done with it, as the page showed them, by number */
    public function also(): array
    {
        return array_filter($this->validated('also') ?? [], is_string(...));
    }

    /** What was used, on all that was done. */
    public function used(): ?float
    {
        return $this->validated('amount') === null ? null : (float) $this->validated('amount');
    }

    public function measured(Show $show): Measured
    {
        $typed = fn (string $field): ?float => $this->validated($field) === null
            ? null : (float) $this->validated($field);
        $weight = $typed('weight');

        return new Measured(
            weightG: $weight === null ? null : round($show->typed(Unit::Mass, $weight), 2),
            amountUsed: $this->used(), discsUsed: $typed('discs_used'),
            found: EarlyLook::tryFrom((string) $this->validated('found')),
            look: Look::tryFrom((string) $this->validated('look')),
            saw: LookAnswer::tryFrom((string) $this->validated('saw')),
        );
    }

    /** Whether the maker goes on with wood that its weights say is not dry. */
    public function isSure(): bool
    {
        return (bool) $this->validated('sure');
    }

    public function minutes(): ?float
    {
        $typed = $this->validated('minutes');

        return $typed === null ? null : (float) $typed;
    }
}
