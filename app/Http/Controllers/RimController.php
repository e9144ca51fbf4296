<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PieceChange;
use App\Http\Requests\SaveRim;
use App\Http\Requests\SaveRimOfLog;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\View\Show;
use Closure;
use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Geometry\Profile;
use HonestGrain\Piece\Part;
use Illuminate\Http\RedirectResponse;

/** A rim that stands higher here and lower there: typed by angle, or taken from the log that it is turned of. */
class RimController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function update(SaveRim $request, Piece $piece): RedirectResponse
    {
        return $this->edged($request, $piece, fn (Profile $profile): ?NaturalEdge => $request->edge(
            $profile, $this->show,
        ));
    }

    public function log(SaveRimOfLog $request, Piece $piece): RedirectResponse
    {
        return $this->edged($request, $piece, fn (Profile $profile): NaturalEdge => $request->edge(
            $profile, $this->show,
        ));
    }

    /** @param  Closure(Profile): (NaturalEdge|null)  $edge */
    private function edged(PieceChange $request, Piece $piece, Closure $edge): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->changePart(
            $piece, $edit, $request->part(),
            fn (Part $part): Part => $part->shaped($part->profile->edged($edge($part->profile))),
        ), [Change::RimMeasured, say('http.rim.kept')]);
    }
}
