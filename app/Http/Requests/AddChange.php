<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Piece;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** One more thing to try: of the shop on a date, or of a piece. */
class AddChange extends FormRequest implements TakesLists
{
    public const OF_DATE = ['open', 'help', 'away'];

    public const OF_PIECE = ['fewer', 'by-hand', 'aside', 'weigh', 'behind', 'due'];

    public static function lists(): array
    {
        return ['do'];
    }

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $other = $this->input('kind') === 'behind'
            ? $user->workshop->pieces()->working()->find($this->integer('other')) : null;

        return [
            'do' => ['nullable', 'array'], 'do.*' => ['string', 'max:120'],
            'kind' => ['required', Rule::in([...self::OF_DATE, ...self::OF_PIECE])],
            'date' => ['nullable', 'required_if:kind,due', Rule::requiredIf(
                in_array($this->input('kind'), self::OF_DATE, true),
            ), 'date_format:Y-m-d'],
            'days' => ['nullable', 'integer', 'between:1,60'],
            'piece' => ['nullable', Rule::requiredIf(in_array($this->input('kind'), self::OF_PIECE, true)), 'integer',
                ...$other === null ? [] : [new MayGoBehind($other)]],
            'other' => ['nullable', 'required_if:kind,behind', 'integer', 'different:piece'],
        ];
    }

    /** As an address carries it. */
    public function written(): string
    {
        /** @var User $user */
        $user = $this->user();
        $kind = $this->validated('kind');
        $rest = match ($kind) {
            'away' => $this->validated('date').':'.($this->validated('days') ?? 1),
            'due' => $this->validated('piece').':'.Carbon::parse(
                $this->validated('date').' 17:00', $user->timeZone(),
            )->getTimestamp(),
            'weigh' => $this->validated('piece').':'.max(Piece::WEIGHTS),
            'behind' => $this->validated('other').':'.$this->validated('piece'),
            'open', 'help' => $this->validated('date'),
            default => $this->validated('piece'),
        };

        return "$kind:$rest";
    }
}
