<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Blank;
use App\Models\User;
use App\Planning\KnownLength;
use App\Planning\ShopMapper;
use App\View\Show;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Piece\Purpose;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A new piece, from a form and a few sizes. */
class StorePiece extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Show $show, ShopMapper $mapper): array
    {
        /** @var User $user */
        $user = $this->user();
        $form = Form::tryFrom($this->string('form')->toString());
        $sizes = [];
        foreach (Form::SIZES_MM as $size => [$least, $most]) {
            $sizes[$size] = in_array($size, $form?->asks() ?? [], true)
                ? ['required', 'numeric', $show->between(Unit::Length, $least, $most)] : ['exclude'];
        }

        return [
            'name' => ['required', 'string', 'max:80'],
            'form' => ['required', Rule::enum(Form::class)],
            'wood' => ['required', Rule::in($mapper->tables($user->workshop)->woods->names())],
            'grain' => ['required', Rule::enum(GrainDirection::class)],
            'moisture' => ['required', 'numeric', 'between:0,200'],
            'purpose' => ['required', Rule::enum(Purpose::class)],
            'starts_as' => ['nullable', Rule::enum(StartsAs::class)],
            'due' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'blank' => ['nullable', 'integer'],
            'outline' => ['nullable', 'string', 'max:6000'],
            'axis' => ['nullable', 'required_with:outline', 'numeric', 'between:-1000000,1000000'],
            'known' => ['nullable', 'required_with:outline', Rule::enum(KnownLength::class)],
            'recipe' => ['nullable', 'string', 'max:60'],
            'then' => ['nullable', Rule::in(['route', 'shape', 'wish'])],
            'once' => ['nullable', 'string', 'alpha_num', 'max:40'],
        ] + $sizes;
    }

    /** @return array<string, float> by size; 0 where the form does not ask for it */
    public function sizesMm(Show $show): array
    {
        return array_map(
            fn (string $size): float => $show->typed(Unit::Length, (float) ($this->validated($size) ?? 0)),
            array_combine(array_keys(Form::SIZES_MM), array_keys(Form::SIZES_MM)),
        );
    }

    /** The blank that it is made of, where it starts from one. */
    public function blank(): ?Blank
    {
        /** @var User $user */
        $user = $this->user();
        $id = $this->validated('blank');

        return $id === null ? null : $user->workshop->blanks()->onRack()->findOrFail((int) $id);
    }
}
