<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CountShelf;
use App\Planning\Stores;
use App\View\Show;
use App\View\StoreMoves;
use App\View\StoreWords;
use HonestGrain\Shelf\Receipt;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the shelf holds: counted row by row, bought by a line, and either taken back. */
class CountController extends Controller
{
    private const MOST_CHARACTERS = 2000;

    private const SHOWN = 60;

    public function __construct(private readonly Stores $stores, private readonly Show $show)
    {
    }

    public function show(Request $request): View
    {
        $workshop = $this->workshop($request);

        return view('count', [
            'held' => array_values($this->stores->held($workshop)), 'words' => new StoreWords($this->show),
            'lately' => StoreMoves::lately(
                $workshop->stockMoves()->with('user:id,name')->reorder()->latest('id')->limit(self::SHOWN)->get(),
                $this->show,
            ),
        ]);
    }

    public function store(CountShelf $request): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $counted = $request->counted($this->stores->held($workshop), $this->show);
        if ($counted === []) {
            return back()->withInput()->withErrors(['count' => say('http.count.nothing-typed')]);
        }
        $this->stores->count($workshop, $this->user($request), $counted);

        return back()->with('said', say('http.count.counted', ['count' => count($counted)]));
    }

    public function buy(Request $request): RedirectResponse
    {
        $typed = $request->validate(['receipt' => ['required', 'string', 'max:'.self::MOST_CHARACTERS]]);
        $workshop = $this->workshop($request);
        $known = $this->stores->known($workshop);
        $bought = Receipt::read($typed['receipt'], (new StoreWords($this->show))->names($known));
        $this->stores->buy($workshop, $this->user($request), $bought);
        $words = new StoreWords($this->show);
        $names = array_map(fn ($one): string => $words->amount($known[$one->what], $one->amount).' '.
            $words->name($known[$one->what]), $bought);

        return back()->with('said', say('http.count.bought', ['what' => $names]));
    }

    public function destroy(Request $request, string $batch): RedirectResponse
    {
        $isBack = $this->stores->takeBack($this->workshop($request), $batch);

        return back()->with('said', $isBack ? say('http.count.taken-back') : say('http.count.was-back'));
    }
}
