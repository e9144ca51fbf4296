<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\View\Show;
use HonestGrain\Geometry\Node;
use HonestGrain\Rack\Blank as CoreBlank;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\Keeping;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A solid blank is roughed out: to what, how large, and how thick its wall is left. */
class RoughOut extends FormRequest
{
    /** Field => size of the blank. */
    public const SIZES = [
        'rough_diameter' => 'diameter_mm', 'rough_height' => 'length_mm', 'rough_wall' => 'wall_mm',
        'rough_tenon' => 'tenon_mm',
    ];

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        $length = fn (float $most): string => $show->between(Unit::Length, 1, $most);

        return [
            'version' => ['required', 'integer'],
            'rough_form' => ['required', Rule::in([BlankForm::RoughBowl->value, BlankForm::RoughHollow->value])],
            'rough_diameter' => ['required', 'numeric', $length(Node::MAX_MM)],
            'rough_height' => ['required', 'numeric', $length(Node::MAX_MM)],
            'rough_wall' => ['required', 'numeric', $length(CoreBlank::MOST_WALL_MM)],
            'rough_tenon' => ['nullable', 'numeric', $length(Node::MAX_MM)],
        ];
    }

    /** @return array<string, mixed> what changes of the blank's document */
    public function document(Show $show): array
    {
        /** @var User $user */
        $user = $this->user();
        $changed = [
            'form' => $this->validated('rough_form'), 'roughed_on' => now($user->timeZone())->toDateString(),
            'keeping' => Keeping::Wrapped->value, 'flaws' => [],
        ];
        foreach (self::SIZES as $field => $size) {
            if ($this->validated($field) !== null) {
                $changed[$size] = round($show->typed(Unit::Length, (float) $this->validated($field)), 2);
            }
        }

        return $changed;
    }
}
