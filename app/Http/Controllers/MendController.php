<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChooseRemedy;
use App\Http\Requests\SayWrong;
use App\Http\Requests\TakeAway;
use App\Models\Change;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Planning\Mender;
use App\Planning\ShopState;
use App\View\MendPage;
use App\View\PiecePage;
use App\View\Show;
use HonestGrain\Mending\Mended;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Something is wrong: what happened, where, and what is done about it. */
class MendController extends Controller
{
    public function __construct(private readonly Mender $mender, private readonly Show $show)
    {
    }

    public function create(PlannedStep $step): View
    {
        $page = MendPage::asking($step, $this->mender->seen($step), $this->show);

        return view('mend.what', ['page' => $page, 'step' => $step]);
    }

    public function store(SayWrong $request, PlannedStep $step): RedirectResponse
    {
        $this->mender->hold(
            $step, $this->user($request), $request->fault($this->show, $step), $request->validated('body'),
            $request->press(),
        );

        return redirect()->route('pieces.mend', $step->piece_id)
            ->with('said', say('http.mend.written-down-with-time'));
    }

    public function show(Piece $piece): View|RedirectResponse
    {
        if ($piece->fault === null) {
            return redirect()->route('pieces.route', $piece)->with(
                'said', say('http.mend.nothing-wrong-with-piece'),
            );
        }
        $state = ShopState::of($piece->workshop);

        $readyWith = fn (Mended $mended): ?int => $this->mender->readyWith($piece, $mended, $state);

        [$causes, $doubt] = $this->mender->causes($piece);

        return view('mend.choose', [
            'page' => PiecePage::of($piece, $this->show), 'piece' => $piece, 'causes' => $causes, 'doubt' => $doubt,
            'mend' => MendPage::choosing(
                $piece, $this->mender->remedies($piece), $readyWith, $this->show, $state->isTooMuchForAPage(),
            ),
        ]);
    }

    public function choose(ChooseRemedy $request, Piece $piece): RedirectResponse
    {
        $chosen = $request->validated('remedy');
        $mended = array_values(array_filter(
            $this->mender->remedies($piece), fn (Mended $one): bool => $one->remedy->id === $chosen,
        ))[0] ?? throw ValidationException::withMessages(
            ['remedy' => say('http.mend.there-no-remedy-piece', ['chosen' => $chosen])],
        );

        $back = $this->changing(
            $request, $piece, fn ($edit) => $this->mender->choose($piece, $edit, $mended),
            [Change::SomethingMended, say('http.mend.route', [
                'title' => $this->show->said($mended->remedy->title),
            ])],
        );

        return $piece->refresh()->fault === null ? redirect()->route('pieces.route', $piece) : $back;
    }

    /** From nothing that was asked: the part again from another blank. */
    public function again(TakeAway $request, Piece $piece): RedirectResponse
    {
        $mended = $this->mender->again($piece, $request->part()) ?? throw ValidationException::withMessages(
            ['part' => say('http.mend.nothing-to-make-again')],
        );

        return $this->changing(
            $request, $piece, fn ($edit) => $this->mender->choose($piece, $edit, $mended),
            [Change::SomethingMended, say('http.mend.made-again')],
        );
    }

    public function letGo(Request $request, Piece $piece): RedirectResponse
    {
        $this->mender->letGo($piece, $this->user($request));

        return redirect()->route('pieces.route', $piece)->with('said', say('http.mend.goes'));
    }
}
