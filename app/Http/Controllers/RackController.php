<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ListBlanks;
use App\Http\Requests\RoughOut;
use App\Http\Requests\SaveBlank;
use App\Models\Blank;
use App\Planning\Airs;
use App\Planning\Rack;
use App\Planning\ShopMapper;
use App\Planning\VersionConflict;
use App\View\BlankPage;
use App\View\FieldWords;
use App\View\FlawWords;
use App\View\RackShelf;
use App\View\Show;
use App\View\WeightDoubts;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\InvalidField;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The rack: blanks by readiness, and each by itself. */
class RackController extends Controller
{
    private const A_PAGE = 16;

    public function __construct(private readonly Rack $rack)
    {
    }

    public function index(ListBlanks $request, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);
        $blanks = $request->of($workshop->blanks())->simplePaginate(self::A_PAGE)->withQueryString();
        $woods = $request->there($workshop->blanks())->toBase()->distinct()->orderBy('wood')->pluck('wood')->all();

        return view('rack.index', [
            'blanks' => $blanks, 'asked' => $request, 'isGone' => $request->isGone(), 'q' => $request->asked('q'),
            'woods' => $show->woods($woods),
            'shelf' => new RackShelf($blanks->items(), $catalogue->calibration()->drying, $show),
        ]);
    }

    public function create(Request $request, ShopMapper $mapper): View
    {
        $workshop = $this->workshop($request);

        return view('rack.create', [
            'woods' => $mapper->tables($workshop)->woods->names(),
            'number' => (int) $workshop->blanks()->max('number') + 1, 'airs' => $workshop->airs->pluck(
                'name', 'id',
            )->all(),
        ]);
    }

    public function store(SaveBlank $request, Show $show): RedirectResponse
    {
        $number = $request->validated('number');
        $blank = $this->rack->add(
            $this->workshop($request), $request->document($show), $number === null ? null : (int) $number,
            $request->airId(),
        );

        return redirect()->route('rack.show', $blank)->with(
            'said', say('http.rack.number-rack-write-number', ['number' => $blank->number]),
        );
    }

    public function show(
        Request $request,
        Blank $blank,
        ShopMapper $mapper,
        Airs $airs,
        Catalogue $catalogue,
        Show $show,
    ): View {
        $workshop = $this->workshop($request);
        $tables = $mapper->tables($workshop);

        return view('rack.show', [
            'blank' => $blank, 'woods' => $tables->woods->names(), 'airs' => $workshop->airs->pluck(
                'name', 'id',
            )->all(),
            'doubts' => new WeightDoubts($show),
            'flaws' => new FlawWords($blank->core()->profile(), $catalogue->calibration(), $show),
            'page' => new BlankPage(
                $blank, $this->rack->counted($blank), $this->rack->drying($blank, $workshop), $airs->equilibriumPercent(
                    $workshop, $blank->air,
                ),
                $tables, $workshop->equipment(), $show,
            ),
        ]);
    }

    public function update(SaveBlank $request, Blank $blank, Show $show): RedirectResponse
    {
        try {
            $this->rack->change(
                $blank, $this->workshop($request), $request->document($show, $blank),
                (int) $request->validated('version'), $request->airId(),
            );
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => say('http.rack.out-of-date')]);
        }

        return back()->with('said', say('http.rack.saved'));
    }

    /** From a solid blank to a rough-out: what it weighed before says nothing of it any more. */
    public function rough(RoughOut $request, Blank $blank, Show $show): RedirectResponse
    {
        try {
            $this->rack->roughAt(
                $blank, $this->workshop($request), $request->document($show), (int) $request->validated('version'),
            );
        } catch (InvalidField $e) {
            $field = array_search($e->field, RoughOut::SIZES, true);
            throw $field === false ? $e : ValidationException::withMessages([
                $field => FieldWords::in($show->said($e->said), $e->field),
            ]);
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => say('http.rack.out-of-date')]);
        }

        return back()->with(
            'said', say('http.rack.roughed-out-seal-end'),
        );
    }

    /** Off the rack: used, given away or burnt. It keeps its record and can come back. */
    public function destroy(Blank $blank): RedirectResponse
    {
        $blank->update(['gone_at' => $blank->gone_at === null ? now() : null]);

        return back()->with('said', $blank->gone_at === null
            ? say('http.rack.number-back-rack', ['number' => $blank->number]) : say('http.rack.number-off-rack', [
                'number' => $blank->number,
            ]));
    }
}
