<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\PieceCost;
use App\Models\Piece;
use App\Planning\History;
use App\Planning\Planner;
use App\Planning\RouteStore;
use App\Planning\ShopMapper;
use App\View\CostWords;
use App\View\PiecePage;
use App\View\RoutePage;
use App\View\Show;
use HonestGrain\Piece\Care;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

class RouteController extends Controller
{
    public function show(
        Piece $piece,
        Planner $planner,
        ShopMapper $mapper,
        RouteStore $routes,
        Show $show,
    ): View {
        $planner->planIfStale($piece->workshop);
        $page = PiecePage::of($piece, $show);
        $core = $mapper->piece($piece->workshop, $piece->document, $piece);
        $bench = $mapper->bench($piece->workshop, $piece);

        return view('pieces.route', [
            'page' => $page, 'emc' => $bench->equilibriumPercent, 'told' => RoutePage::of(
                $page, $core, $routes->facts($piece->workshop, $piece, $core, $bench, History::of($piece)), $show,
            ),
        ]);
    }

    public function record(Request $request, Piece $piece, Show $show): View
    {
        $entries = $piece->logEntries()
            ->with('user:id,name')
            ->orderByDesc('happened_at')
            ->orderByDesc('id')
            ->simplePaginate(50);
        $undone = $piece->logEntries()->whereNotNull('undoes_id')->pluck('undoes_id')->flip();

        return view(
            'pieces.record',
            [
                'page' => PiecePage::of($piece, $show), 'entries' => $entries, 'undone' => $undone,
                'cost' => CostWords::of(PieceCost::of($piece), $show),
                'revisions' => $piece->revisions()->orderByDesc('number')->limit(20)->get(
                    ['number', 'what', 'created_at'],
                ),
            ],
        );
    }

    public function card(Piece $piece, ShopMapper $mapper, Show $show): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        return view('pieces.card', [
            'page' => PiecePage::of($piece, $show, $core, $core->body()), 'piece' => $piece, 'care' => Care::of($core),
            'weight' => $this->weight($piece, $core, $show),
        ]);
    }

    /** All parts together; null where the density of one is not known. */
    private function drawnGrams(CorePiece $core): ?float
    {
        $grams = array_map(fn (Part $part): ?float => $part->massG(), $core->parts);

        return in_array(null, $grams, true) ? null : array_sum($grams);
    }

    /** As it was weighed last, or as it is drawn. */
    private function weight(Piece $piece, CorePiece $core, Show $show): string
    {
        $weighed = $piece->logEntries()->whereNotNull('facts->weight_g')->latest('id')->first();
        $grams = $weighed?->facts->measured->weightG;

        return $grams === null
            ? say('http.route.weighs-about-drawn', ['mass' => $show->mass($this->drawnGrams($core))])
            : say('http.route.weighed', ['mass' => $show->mass($grams)]);
    }
}
