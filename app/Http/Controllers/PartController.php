<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddPart;
use App\Http\Requests\PieceChange;
use App\Http\Requests\SaveJoint;
use App\Http\Requests\TakeAway;
use App\Http\Requests\UpdatePart;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\View\Show;
use Closure;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\PartKind;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Starter;
use HonestGrain\Piece\Tables;
use Illuminate\Http\RedirectResponse;

/** The parts of a piece, and how they meet. */
class PartController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(AddPart $request, Piece $piece): RedirectResponse
    {
        $kind = PartKind::from($request->validated('kind'));
        $id = Id::fresh($kind->value);
        $back = $this->change(
            $request, $piece, fn (CorePiece $core, Tables $tables): CorePiece => $core->joined(
                ...Starter::with($kind, $core->partOrBody($request->part()), $id, $tables),
            ), [Change::PartAdded, say('http.part.drawn-shape-marks-coats', [
                'part' => $this->show->said($kind->label()),
            ])],
        );

        return $back->getSession()?->has('errors') === true ? $back
            : $back->setTargetUrl(route('pieces.shape', [$piece, 'part' => $id]));
    }

    public function update(UpdatePart $request, Piece $piece): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->changePart(
            $piece, $edit, $request->part(), fn (Part $part, Tables $tables): Part => $part->made(
                $request->validated('part_name'), $tables->woods->named($request->validated('wood'), 'wood'),
                GrainDirection::from($request->validated('grain')), (float) $request->validated('moisture'),
                Holding::from($request->validated('holding')),
            )->grown($request->rings($part), $request->figured($part))->wishing($request->holds($part))
                ->shaped($part->profile->bored($request->bore($this->show))),
        ), [Change::Particulars, say('http.part.saved')]);
    }

    /** Takes a part away, with its joints and the maker's own steps on it; Undo brings it back. */
    public function destroy(TakeAway $request, Piece $piece): RedirectResponse
    {
        return $this->change(
            $request, $piece,
            fn (CorePiece $core): CorePiece => $core->withoutPart($core->partOrBody($request->part())->id),
            [Change::PartTakenAway, say('http.part.taken-away-undo-brings')],
        )->setTargetUrl(route('pieces.shape', $piece));
    }

    public function joint(SaveJoint $request, Piece $piece, string $joint): RedirectResponse
    {
        return $this->change($request, $piece, function (CorePiece $core) use ($request, $joint): CorePiece {
            $was = $core->joint($joint);

            return $was === null ? $core : $core->withJoint($request->joint($core, $was, $this->show));
        }, [Change::Joint, say('http.part.joint-saved')]);
    }

    /**
     * @param  Closure(CorePiece, Tables): CorePiece  $change
     * @param  array{Change, string}  $words
     */
    private function change(PieceChange $request, Piece $piece, Closure $change, array $words): RedirectResponse
    {
        return $this->changing(
            $request, $piece, fn (Edit $edit) => $this->editor->change($piece, $edit, $change), $words,
        );
    }
}
