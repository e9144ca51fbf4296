<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KeepPhoto;
use App\Http\Requests\SaveDye;
use App\Http\Requests\SaveSwatch;
use App\Models\Kept\Spots;
use App\Models\Kept\TissueColours;
use App\Models\Swatch;
use App\Pictures\PhotoColour;
use App\Pictures\Photos;
use App\Planning\BoardLearner;
use App\Planning\ShopMapper;
use App\View\SwatchBook;
use App\View\SwatchPage;
use App\View\WheelPage;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Test boards: recipes on a wood, with the colours that really came of them. */
class SwatchController extends Controller
{
    public function __construct(private readonly ShopMapper $mapper, private readonly BoardLearner $learner)
    {
    }

    public function index(Request $request, Catalogue $catalogue): View
    {
        $workshop = $this->workshop($request);
        $tables = $this->mapper->tables($workshop);

        return view('swatches.index', [
            'wheel' => WheelPage::of($request, $workshop, $tables),
            'book' => SwatchBook::of($request, $workshop, $tables),
            'classes' => SaveDye::dyes($catalogue), 'dyes' => $workshop->dyes()->get(),
            'bands' => SwatchPage::bandsOf($workshop),
        ]);
    }

    public function create(Request $request, Catalogue $catalogue): View
    {
        $workshop = $this->workshop($request);

        return view('swatches.create', [
            'woods' => $this->mapper->tables($workshop)->woods->names(), 'classes' => SaveDye::dyes($catalogue),
            'coats' => array_keys($catalogue->coatings()->coatings()), 'dyes' => $workshop->dyes()->get(),
        ]);
    }

    public function store(SaveSwatch $request): RedirectResponse
    {
        $swatch = $this->workshop($request)->swatches()->create($request->swatch());

        return redirect()->route('swatches.show', $swatch)
            ->with('said', say('http.swatch.kept-photograph-beside-grey'));
    }

    public function show(Request $request, Swatch $swatch): View
    {
        $workshop = $this->workshop($request);

        return view('swatches.show', ['page' => new SwatchPage($swatch, $this->mapper->tables($workshop), $workshop)]);
    }

    public function destroy(Request $request, Swatch $swatch, Photos $photos): RedirectResponse
    {
        $swatch->delete();
        $photos->forget($swatch->workshop_id, $swatch->photo);
        $this->learner->derive($this->workshop($request));

        return redirect()->route('swatches')->with('said', say('http.swatch.gone-from-book', [
            'swatch' => $swatch->name,
        ]));
    }

    public function photo(KeepPhoto $request, Swatch $swatch, Photos $photos): RedirectResponse
    {
        $before = $swatch->photo;
        $swatch->update([
            'photo' => $photos->keep($this->workshop($request), $request->photo()), 'points' => null,
            'measured' => null,
        ]);
        $photos->forget($swatch->workshop_id, $before);
        $this->learner->derive($this->workshop($request));

        return back()->with('said', say('http.swatch.photograph-kept-now-pick'));
    }

    public function picture(Swatch $swatch, Photos $photos): BinaryFileResponse
    {
        return $this->photograph($photos->file($swatch->workshop_id, (string) $swatch->photo));
    }

    /** What was picked on the photograph: the grey card, and one tissue or more. */
    public function measure(Request $request, Swatch $swatch, Photos $photos): RedirectResponse
    {
        $spots = ['grey', ...Swatch::TISSUES];
        $typed = $request->validate(array_merge(...array_map(fn (string $spot): array => [
            "x_$spot" => ['nullable', 'numeric', 'between:0,1', "required_with:y_$spot"],
            "y_$spot" => ['nullable', 'numeric', 'between:0,1', "required_with:x_$spot"],
        ], $spots)));
        $points = [];
        foreach ($spots as $spot) {
            if (isset($typed["x_$spot"], $typed["y_$spot"])) {
                $points[$spot] = [(float) $typed["x_$spot"], (float) $typed["y_$spot"]];
            }
        }
        if (! isset($points['grey']) || count($points) < 2) {
            return back()->withErrors(['x_grey' => say('http.swatch.pick-grey-card-least')]);
        }
        $file = $photos->file($swatch->workshop_id, (string) $swatch->photo);
        $photo = $file === null ? null : PhotoColour::in($file);
        abort_if($photo === null, 404);
        $figures = $this->mapper->tables($this->workshop($request))->calibration->colour;
        $card = $photo->at($points['grey']);
        $measured = array_map(
            fn (array $at): string => $photo->at($at)->balanced($card, $figures->greyCard)->toHex(),
            array_diff_key($points, ['grey' => true]),
        );
        $swatch->update(['points' => new Spots($points), 'measured' => new TissueColours($measured), 'counts' => true]);
        $this->learner->derive($this->workshop($request));

        return back()->with('said', say('http.swatch.measured-dye-wood-reckoned'));
    }

    /** Whether its measured colours correct the model. */
    public function count(Request $request, Swatch $swatch): RedirectResponse
    {
        $swatch->update(['counts' => $request->boolean('counts')]);
        $this->learner->derive($this->workshop($request));

        return back()->with('said', $swatch->counts
            ? say('http.swatch.counts-again')
            : say('http.swatch.left-out-model-stands'));
    }
}
