<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\TypedHours;
use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\User;
use App\Models\Worker;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Skill;
use HonestGrain\Schedule\WorkingHours;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Somebody who works in the shop: when, and at what. */
class SaveWorker extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return ['hours', 'skills'];
    }

    public function authorize(): bool
    {
        return Gate::allows('run-shop');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $worker = $this->route('worker');

        return [
            'name' => ['required', 'string', 'max:120'],
            'user_id' => ['nullable', 'integer',
                Rule::exists('users', 'id')->where('workshop_id', $user->workshop_id),
                Rule::unique('workers', 'user_id')->ignore($worker instanceof Worker ? $worker->id : null),
            ],
            'keeps' => ['required', Rule::in(['shop', 'own'])],
            'hours' => ['nullable', 'array'],
            'hours.*' => ['nullable', 'string', 'max:100'],
            'also' => ['nullable', 'string', 'max:4000'],
            'away' => ['nullable', 'string', 'max:4000'],
            'skills' => ['nullable', 'array'],
            'skills.*' => [Rule::enum(Skill::class)],
        ];
    }

    /**
     * As it is kept.
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException for what is typed and is no hours
     */
    public function worker(): array
    {
        $hours = $this->validated('keeps') === 'own' ? TypedHours::week((array) $this->validated('hours', [])) : null;
        $also = TypedHours::days($this->validated('also'), 'also');
        $away = TypedHours::dates($this->validated('away'));
        WorkingHours::read(Document::of(['hours' => $hours ?? [], 'closed' => $away, 'also' => $also]));
        if ($hours !== null && array_filter($hours) === [] && $also === []) {
            throw ValidationException::withMessages(['keeps' => say('http.worker.never-here')]);
        }
        $skills = array_values((array) $this->validated('skills', []));

        return [
            'name' => $this->validated('name'), 'user_id' => $this->validated('user_id'),
            'hours' => $hours === null ? null : new OpenHours($hours), 'also' => new OpenDays($also), 'away' => $away,
            'skills' => count($skills) === count(Skill::cases()) ? [] : $skills,
        ];
    }
}
