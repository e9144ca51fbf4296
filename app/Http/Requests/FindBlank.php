<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Profile;
use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Sentences;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** An order that a blank is looked for: a form and the sizes it is wanted in. */
class FindBlank extends FormRequest
{
    private const USUAL_WALL_MM = 8.0;

    private const FOOT_SHARE = 0.36;

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        $size = fn (string $name): string => $show->between(Unit::Length, ...Form::SIZES_MM[$name]);

        return [
            'form' => ['nullable', Rule::enum(Form::class)],
            'diameter' => ['nullable', 'required_with:height', 'numeric', $size('diameter')],
            'height' => ['nullable', 'required_with:diameter', 'numeric', $size('height')],
            'wall' => ['nullable', 'numeric', $size('wall')],
            'foot' => ['nullable', 'numeric', $size('foot')],
        ];
    }

    public function wallMm(Show $show): float
    {
        $wall = $this->validated('wall');

        return $wall === null ? self::USUAL_WALL_MM : $show->typed(Unit::Length, (float) $wall);
    }

    /**
     * The wanted piece as it would be drawn; null before anything is asked for.
     *
     * @throws ValidationException where these sizes make no such form
     */
    public function wanted(Show $show, Form $form): ?Profile
    {
        [$diameter, $height] = [$this->validated('diameter'), $this->validated('height')];
        if ($diameter === null || $height === null) {
            return null;
        }
        $across = $show->typed(Unit::Length, (float) $diameter);
        $foot = $this->validated('foot');
        try {
            return $form->profile(
                $across, $show->typed(Unit::Length, (float) $height),
                $foot === null ? $across * self::FOOT_SHARE : $show->typed(Unit::Length, (float) $foot),
                $this->wallMm($show), $form->sizes()['bore_mm'],
            );
        } catch (BadInput) {
            throw ValidationException::withMessages([
                'wall' => say('http.find-blank.no-such-form', [
                    'form' => mb_lcfirst(
                        Sentences::english()->say($form->label()),
                    ),
                ]),
            ]);
        }
    }
}
