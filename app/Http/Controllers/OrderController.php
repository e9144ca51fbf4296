<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddOwnStep;
use App\Http\Requests\ChooseSchool;
use App\Http\Requests\MoveStep;
use App\Http\Requests\TakeAway;
use App\Models\Piece;
use App\Planning\History;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** The maker's own place in the route: steps moved, steps of their own, and their school. */
class OrderController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly ShopMapper $mapper)
    {
    }

    public function move(MoveStep $request, Piece $piece): RedirectResponse
    {
        $pair = $request->pair();
        $order = [
            ...array_values(array_filter(
                $piece->document['order'] ?? [], fn (array $one): bool => array_diff($one, $pair) !== [],
            )), $pair,
        ];
        $warned = $this->judge($piece, $order, $pair);

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, ['order' => $order]),
            ['step moved', $warned === null ? 'Moved.' : "Moved. $warned"],
        );
    }

    /** Every wish taken back: the route as it comes by itself. */
    public function asItComes(TakeAway $request, Piece $piece): RedirectResponse
    {
        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, ['order' => []]),
            ['own order taken back', 'The order is the one that comes by itself. Undo brings yours back.'],
        );
    }

    public function add(AddOwnStep $request, Piece $piece): RedirectResponse
    {
        $steps = [...$piece->document['steps'] ?? [], $request->step()];

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, ['steps' => $steps]),
            ['own step added', 'Added.'],
        );
    }

    public function remove(TakeAway $request, Piece $piece, string $own): RedirectResponse
    {
        $steps = array_values(array_filter(
            $piece->document['steps'] ?? [], fn (array $one): bool => $one['id'] !== $own,
        ));

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, ['steps' => $steps]),
            ['own step removed', 'Removed. Undo brings it back.'],
        );
    }

    public function school(ChooseSchool $request, Piece $piece): RedirectResponse
    {
        $choice = [$request->validated('choice') => $request->validated('way')];
        $forShop = (bool) $request->validated('for_shop');
        if ($forShop) {
            Gate::authorize('run-shop');
        }
        $fields = ['school' => $choice + ($piece->document['school'] ?? [])];
        $with = $forShop ? fn (Piece $locked) => $locked->workshop->follow($choice) : null;

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, $fields, $with),
            ['way of working chosen', 'The route goes that way now.'],
        );
    }

    /**
     * Refuses what the rules forbid, with the reason and the nearest place; gives back what they only warn of.
     *
     * @param  list<array{string, string}>  $order
     * @param  array{string, string}  $pair
     */
    private function judge(Piece $piece, array $order, array $pair): ?string
    {
        $workshop = $piece->workshop;
        $route = Route::of(
            $this->mapper->piece($workshop, ['order' => $order] + $piece->document, $piece),
            $this->mapper->bench($workshop, $piece), $this->mapper->tables($workshop, $piece),
            History::of($piece)->past()->withWoodDated($piece->datedAs()),
        );
        foreach ($route->conflicts as $conflict) {
            if ($conflict->code === Conflict::ORDER && $conflict->steps === $pair) {
                throw ValidationException::withMessages([
                    'step' => "$conflict->message {$conflict->choices[0]}.",
                ]);
            }
        }
        foreach ($route->conflicts as $conflict) {
            if ($conflict->steps === $pair) {
                return $conflict->message;
            }
        }

        return null;
    }
}
