<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use App\View\TinForm;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\OwnMix;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A mix of finishes, its parts by volume, and what it is known to ask for. */
class SaveMix extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return ['part_product', 'part_parts', 'label'];
    }

    /** @return array<string, mixed> */
    public function rules(Show $show, Catalogue $catalogue): array
    {
        $taken = [
            ...array_keys($catalogue->coatings()->coatings()), ...array_keys($catalogue->coatings()->stains()),
        ];

        return [
            'mix_name' => ['required', 'string', 'max:'.OwnMix::MAX_NAME, Rule::notIn($taken)],
            'part_product' => ['array', 'max:'.OwnMix::MAX_PARTS],
            'part_product.*' => ['nullable', 'string', 'max:'.OwnMix::MAX_NAME],
            'part_parts' => ['array', 'max:'.OwnMix::MAX_PARTS],
            'part_parts.*' => [
                'nullable', 'required_with:part_product.*', 'numeric', 'gt:0', 'max:'.OwnMix::MOST_OF_A_PART,
            ],
            'like' => ['nullable', 'string', 'max:200'],
            'label' => ['array'],
            ...TinForm::rules($show),
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mix_name.not_in' => say('http.save-mix.shelf-class-name-already'),
            'part_parts.*.required_with' => say('http.save-mix.say-how-many-parts'),
        ];
    }

    /** @return list<Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if (array_filter((array) $this->input('part_product')) === []) {
                $validator->errors()->add('parts', say('http.save-mix.say-what-goes-one'));
            }
        }];
    }

    /** @return array<string, mixed> as `HonestGrain\Coating\OwnMix` reads it */
    public function mix(Show $show): array
    {
        $parts = [];
        foreach ($this->validated('part_product') ?? [] as $i => $product) {
            if (trim((string) $product) !== '') {
                $parts[] = [
                    'product' => trim((string) $product), 'parts' => (float) ($this->validated('part_parts')[$i] ?? 0),
                ];
            }
        }

        return array_filter([
            'name' => trim($this->validated('mix_name')), 'parts' => $parts, 'like' => $this->validated('like'),
            'note' => $this->validated('note'),
        ], fn (mixed $value): bool => $value !== null && $value !== '')
            + TinForm::label($this->validated('label') ?? [], $show);
    }
}
