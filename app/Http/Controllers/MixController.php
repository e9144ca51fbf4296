<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveMix;
use App\Models\OwnMix;
use App\Models\Workshop;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use App\View\MixesPanel;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Quantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Mixes of this workshop's own, which are finishes like those of the catalogue. */
class MixController extends Controller
{
    public function __construct(private readonly Planner $planner)
    {
    }

    public function index(Request $request, ShopMapper $mapper, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);

        return view('mixes', [
            'panel' => new MixesPanel(
                $mapper->typical($workshop), $workshop->mixes,
                $workshop->mixes->firstWhere('id', $request->integer('change')), $show,
            ),
            'known' => array_keys($catalogue->coatings()->coatings()),
        ]);
    }

    public function store(SaveMix $request, Catalogue $catalogue, Show $show): RedirectResponse
    {
        $typed = $request->mix($show);
        // Refused here, before anything is stored, if it makes no sense.
        $catalogue->coatings()->withMix(Document::of($typed));
        $workshop = $this->workshop($request);
        $mix = $this->planner->apply($workshop, fn (): OwnMix => $workshop->mixes()->updateOrCreate(
            ['name' => $typed['name']], ['typed' => Document::of($typed)],
        ));

        return redirect()->route('mixes')->with(
            'said', say('http.mix.among-your-finishes-every', ['name' => $typed['name']]),
        );
    }

    /** A mix goes unless a piece is coated with it. */
    public function destroy(Request $request, OwnMix $ownMix): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $pieces = $this->coatedWith($workshop, $ownMix->name);
        if ($pieces > 0) {
            throw ValidationException::withMessages(['mix_name' => say('http.mix.stays-coated-with', [
                'ownMix' => $ownMix->name,
                'pieces' => Quantity::count($pieces),
            ])]);
        }
        $this->planner->apply($workshop, fn (): ?bool => $ownMix->delete());

        return redirect()->route('mixes')->with('said', say('http.mix.no-longer-among-your', [
            'ownMix' => $ownMix->name,
        ]));
    }

    private function coatedWith(Workshop $workshop, string $name): int
    {
        return $workshop->pieces()->where('document', 'like', '%'.addcslashes(
            (string) json_encode($name), '%_\\',
        ).'%')->count();
    }
}
