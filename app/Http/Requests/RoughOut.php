<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\View\Show;
use App\View\Unit;
use HonestGrain\Geometry\Node;
use HonestGrain\Rack\Blank as CoreBlank;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\Keeping;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A solid blank is roughed out: to what, how large, and how thick its wall is left. */
class RoughOut extends FormRequest
{
    private const SIZES = ['diameter_mm', 'length_mm', 'wall_mm', 'tenon_mm'];

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        $length = fn (float $most): string => $show->between(Unit::Length, 1, $most);

        return [
            'version' => ['required', 'integer'],
            'rough_form' => ['required', Rule::in([BlankForm::RoughBowl->value, BlankForm::RoughHollow->value])],
            'diameter_mm' => ['required', 'numeric', $length(Node::MAX_MM)],
            'length_mm' => ['required', 'numeric', $length(Node::MAX_MM)],
            'wall_mm' => ['required', 'numeric', $length(CoreBlank::MOST_WALL_MM)],
            'tenon_mm' => ['nullable', 'numeric', $length(Node::MAX_MM)],
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
        foreach (self::SIZES as $size) {
            if ($this->validated($size) !== null) {
                $changed[$size] = round($show->typed(Unit::Length, (float) $this->validated($size)), 2);
            }
        }

        return $changed;
    }
}
