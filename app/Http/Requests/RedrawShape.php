<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Redraw;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** By which rule a line is drawn anew, and how thick the wall is to be where that is the inside. */
class RedrawShape extends PieceChange
{
    private const LEAST_MM = 0.5;

    protected function fields(Show $show): array
    {
        $isInside = Redraw::tryFrom($this->string('way')->toString())?->isInside() === true;

        return [
            'way' => ['required', Rule::enum(Redraw::class)],
            'redraw_wall' => [
                $isInside ? 'required' : 'nullable', 'numeric',
                $show->between(Unit::Length, self::LEAST_MM, Node::MAX_MM),
            ],
        ];
    }

    public function way(): Redraw
    {
        return Redraw::from($this->validated('way'));
    }

    public function redrawn(Profile $profile, Show $show): Profile
    {
        $wallMm = $show->typed(Unit::Length, $this->number('redraw_wall') ?? 0.0);
        try {
            return $this->way()->of($profile, $wallMm);
        } catch (NoRoom $e) {
            throw InvalidField::because('redraw_wall', Quantity::mm($wallMm), new Said('dates.no-room', [
                'up' => Quantity::mm($e->zMm), 'across' => Quantity::mm($e->acrossMm),
            ]));
        } catch (InvalidProfile $e) {
            throw ValidationException::withMessages(['way' => $show->said($e->said)]);
        }
    }
}
