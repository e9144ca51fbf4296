<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FindBlank;
use App\Http\Requests\RoughOut;
use App\Http\Requests\SaveBlank;
use App\Models\Blank;
use App\Planning\Airs;
use App\Planning\Photos;
use App\Planning\Rack;
use App\Planning\ShopMapper;
use App\Planning\VersionConflict;
use App\View\BlankPage;
use App\View\FieldWords;
use App\View\FlawWords;
use App\View\RackShelf;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Largest;
use HonestGrain\Reading\InvalidField;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The rack: blanks by readiness, and each by itself. */
class RackController extends Controller
{
    private const A_PAGE = 16;

    private const MOST_LABELS = 40;

    private const OUT_OF_DATE = 'This blank has been changed since you opened the page. Your change was not saved; '
        .'the page now shows the blank as it is. Make your change again.';

    private const MOST_LOOKED_AT = 200;

    public function __construct(private readonly Rack $rack)
    {
    }

    public function index(Request $request, Catalogue $catalogue, Show $show): View
    {
        $isGone = $request->query('state') === 'gone';
        $sought = $request->string('q')->toString();
        $workshop = $this->workshop($request);
        $like = '%'.addcslashes($sought, '%_\\').'%';
        $blanks = $workshop->blanks()
            ->when($isGone, fn ($query) => $query->whereNotNull('gone_at'), fn ($query) => $query->whereNull('gone_at'))
            ->when($sought !== '', fn ($query) => $query->where(fn ($query) => $query
                ->where('number', $sought)->orWhere('wood', 'like', $like)->orWhere('place', 'like', $like)))
            ->orderByRaw('ready_at is null')->orderBy('ready_at')->orderBy('number')
            ->simplePaginate(self::A_PAGE)->withQueryString();

        return view('rack.index', [
            'blanks' => $blanks, 'isGone' => $isGone, 'q' => $sought,
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
            'said', "Number $blank->number is on the rack. Write the number on the wood, and weigh it.",
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
            'flaws' => new FlawWords($blank->core()->profile(), $catalogue->calibration(), $show),
            'page' => new BlankPage(
                $blank, $this->rack->counted($blank), $this->rack->drying($blank, $workshop), $airs->equilibriumPercent(
                    $workshop, $blank->air,
                ),
                $tables->woods, $workshop->equipment(), $catalogue->calibration(), $show,
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
            return back()->withInput()->withErrors(['version' => self::OUT_OF_DATE]);
        }

        return back()->with('said', 'Saved.');
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
                $field => $show->sentence(FieldWords::in($e->getMessage(), $e->field)),
            ]);
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => self::OUT_OF_DATE]);
        }

        return back()->with(
            'said', 'Roughed out. Seal its end grain, wrap it, and weigh it now: its curve begins anew.',
        );
    }

    /** Off the rack: used, given away or burnt. It keeps its record and can come back. */
    public function destroy(Blank $blank): RedirectResponse
    {
        $blank->update(['gone_at' => $blank->gone_at === null ? now() : null]);

        return back()->with('said', $blank->gone_at === null
            ? "Number $blank->number is back on the rack." : "Number $blank->number is off the rack.");
    }

    public function keepPhoto(Request $request, Blank $blank, Photos $photos): RedirectResponse
    {
        $most = config('photos.most_kilobytes');
        $request->validate(['photo' => ['required', 'file', "max:$most"]], [
            'photo.max' => 'The photograph is too large; it takes up to '.round($most / 1000).' MB.',
        ]);
        $blank->update(['photo' => $photos->keep($this->workshop($request), $request->file('photo'))]);

        return back()->with('said', 'The photograph is kept.');
    }

    public function photo(Blank $blank, Photos $photos): BinaryFileResponse
    {
        return response()->file(
            $photos->file($blank->workshop_id, (string) $blank->photo) ?? abort(404),
            ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400'],
        );
    }

    /** What is ready for an order: the blanks that a form and its sizes come out of, the least waste first. */
    public function for(FindBlank $request, ShopMapper $mapper, Airs $airs, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);
        $form = Form::tryFrom($request->string('form')->toString()) ?? Form::DeepBowl;
        $wanted = $request->wanted($show, $form);
        $found = $settles = [];
        $woods = $mapper->tables($workshop)->woods;
        foreach ($wanted === null ? [] : $workshop->blanks()->onRack()->where('drying', DryingState::Ready)->with('air')
            ->whereNull('piece_id')->limit(self::MOST_LOOKED_AT)->get() as $blank) {
            $core = $blank->core();
            $emc = $settles[$blank->air_id ?? 0] ??= $airs->equilibriumPercent($workshop, $blank->air);
            $largest = Largest::outOf($core, $woods->named($core->wood), $catalogue->calibration(), $emc);
            if ($largest->fits($wanted->diameterMm(), $wanted->heightMm(), $request->wallMm($show))) {
                $found[] = [$blank, $largest, $largest->wasted($wanted)];
            }
        }
        usort($found, fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return view('rack.for', [
            'form' => $form, 'wanted' => $wanted, 'found' => $found, 'forms' => Form::cases(),
            'shelf' => new RackShelf(array_column($found, 0), $catalogue->calibration()->drying, $show),
        ]);
    }

    public function labels(Request $request, Show $show, Catalogue $catalogue): View
    {
        $numbers = array_filter(array_map(intval(...), preg_split(
            '/[\s,;]+/', $request->string('numbers')->toString(),
        ) ?: []));
        $blanks = $this->workshop($request)->blanks()->onRack()
            ->when($numbers !== [], fn ($query) => $query->whereIn('number', $numbers))
            ->orderBy('number')->limit(self::MOST_LABELS)->get();

        return view('rack.labels', [
            'blanks' => $blanks, 'shelf' => new RackShelf(
                $blanks->all(), $catalogue->calibration()->drying, $show,
            ), 'numbers' => implode(', ', $numbers),
            'paper' => $request->query('paper') === 'letter' ? 'letter' : 'A4',
        ]);
    }
}
