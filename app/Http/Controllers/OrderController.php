<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddOwnStep;
use App\Http\Requests\AskWay;
use App\Http\Requests\ChooseSchool;
use App\Http\Requests\MoveStep;
use App\Http\Requests\PieceChange;
use App\Http\Requests\TakeAway;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\Foresight;
use App\Planning\History;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\RoutePage;
use App\View\Show;
use Closure;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Route;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** The maker's own place in the route: steps moved, steps of their own, and their school. */
class OrderController extends Controller
{
    public function __construct(
        private readonly PieceEditor $editor,
        private readonly ShopMapper $mapper,
        private readonly Show $show,
    ) {
    }

    public function move(MoveStep $request, Piece $piece): RedirectResponse
    {
        $pair = $request->pair();
        $warned = $this->judge($piece, $pair);

        return $this->change(
            $request, $piece, fn (CorePiece $core): CorePiece => $core->wanting(...$pair),
            [Change::StepMoved, trim(say('http.order.moved', ['warned' => $warned ?? '']))],
        );
    }

    /** Every wish taken back: the route as it comes by itself. */
    public function asItComes(TakeAway $request, Piece $piece): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (CorePiece $core): CorePiece => $core->asItComes(),
            [Change::OwnOrderTakenBack, say('http.order.order-one-comes-itself')],
        );
    }

    public function add(AddOwnStep $request, Piece $piece): RedirectResponse
    {
        return $this->change(
            $request, $piece,
            fn (CorePiece $core, Tables $tables): CorePiece => $core->withSteps($request->step($core, $tables)),
            [Change::OwnStepAdded, say('http.order.added')],
        );
    }

    public function remove(TakeAway $request, Piece $piece, string $own): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (CorePiece $core): CorePiece => $core->withoutStep($own),
            [Change::OwnStepRemoved, say('http.order.removed-undo-brings-back')],
        );
    }

    public function school(ChooseSchool $request, Piece $piece): RedirectResponse
    {
        [$name, $way] = [$request->validated('choice'), $request->validated('way')];
        $forShop = (bool) $request->validated('for_shop');
        if ($forShop) {
            Gate::authorize('run-shop');
        }
        $with = $forShop ? fn (Piece $locked) => $locked->workshop->follow([$name => $way]) : null;

        return $this->change(
            $request, $piece, fn (CorePiece $core): CorePiece => $core->inSchool($name, $way),
            [Change::WayOfWorkingChosen, say('http.order.route-goes-way-now')], $with,
        );
    }

    /** When it would be ready another way, with nothing else moved. */
    public function date(AskWay $request, Piece $piece, Foresight $foresight): View
    {
        abort_unless($piece->isInWork(), 404);
        $core = $this->mapper->piece($piece->workshop, $piece->document)->inSchool($request->choice(), $request->way());
        $then = $foresight->otherwise($piece->workshop, $piece, $core);
        // A date by itself is none to hold against one among all the others.
        $now = $then->leftOut > 0 ? $foresight->otherwise(
            $piece->workshop, $piece, $this->mapper->piece($piece->workshop, $piece->document),
        )->ready : $piece->ready_at;

        return view('pieces.way', [
            'choice' => $request->choice(), 'way' => $request->way(),
            'words' => RoutePage::readyThen($now, $then->ready, $this->show)
                .($then->leftOut > 0 ? ' '.say('view.route-page.by-itself') : ''),
        ]);
    }

    /**
     * @param  Closure(CorePiece, Tables): CorePiece  $change
     * @param  array{Change, string}  $words
     * @param  (Closure(Piece): void)|null  $with
     */
    private function change(
        PieceChange $request,
        Piece $piece,
        Closure $change,
        array $words,
        ?Closure $with = null,
    ): RedirectResponse {
        return $this->changing(
            $request, $piece, fn (Edit $edit) => $this->editor->change($piece, $edit, $change, $with), $words,
        );
    }

    /**
     * Refuses what the rules forbid, with the reason and the nearest place; gives back what they only warn of.
     *
     * @param  array{string, string}  $pair
     */
    private function judge(Piece $piece, array $pair): ?string
    {
        $workshop = $piece->workshop;
        $route = Route::of(
            $this->mapper->piece($workshop, $piece->document, $piece)->wanting(...$pair),
            $this->mapper->bench($workshop, $piece), $this->mapper->tables($workshop, $piece),
            History::of($piece)->past()->withWoodDated($piece->datedAs()),
        );
        foreach ($route->conflicts as $conflict) {
            if ($conflict->code === ConflictCode::Order && $conflict->steps === $pair) {
                throw ValidationException::withMessages([
                    'step' => $this->show->said($conflict->message).' '
                        .$this->show->said($conflict->choices[0] ?? '').'.',
                ]);
            }
        }
        foreach ($route->conflicts as $conflict) {
            if ($conflict->steps === $pair) {
                return $this->show->said($conflict->message);
            }
        }

        return null;
    }
}
