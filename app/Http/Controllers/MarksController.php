<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MoveMarks;
use App\Http\Requests\SaveMark;
use App\Http\Requests\TakeAway;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\BandAsked;
use App\View\Drawings;
use App\View\MarkPanel;
use App\View\MarksPanel;
use App\View\PiecePage;
use App\View\Show;
use Closure;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\OffItsLine;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

class MarksController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function show(Request $request, Piece $piece, ShopMapper $mapper): View
    {
        $tables = $mapper->tables($piece->workshop);
        $core = CorePiece::read($piece->document, $tables);
        $part = $this->part($request, $core);
        $chosen = $request->string('mark')->toString();
        $drawings = Drawings::of($piece, $mapper->key($piece->workshop, $piece), $this->show);

        return view('pieces.marks', [
            'page' => PiecePage::of($piece, $this->show, $core, $part), 'part' => $part,
            'panel' => MarksPanel::of($core, $part, $tables, $this->show, $drawings),
            'chosen' => $part->hasMark($chosen)
                ? new MarkPanel($part, $part->mark($chosen), $core->order, $drawings) : null,
            'laid' => BandAsked::laid($request, $part, $this->show),
            'stains' => $this->stains($tables),
        ]);
    }

    /** @return array<string, list<string>> classes by the key of the technique that lays them on */
    private function stains(Tables $tables): array
    {
        $stains = [];
        foreach ($tables->coatings->stains() as $class => $stain) {
            $stains[$stain->family->technique()][] = $class;
        }

        return $stains + ['paint' => array_keys($tables->coatings->paints())];
    }

    /** What a band would be like, while it is dragged. */
    public function band(Request $request, Piece $piece, ShopMapper $mapper): JsonResponse
    {
        try {
            $asked = BandAsked::read($request, $piece, $mapper->tables($piece->workshop), $this->show);
        } catch (BadInput) {
            return response()->json(['says' => '']);
        }

        return response()->json(['says' => $asked->says()]);
    }

    public function store(SaveMark $request, Piece $piece): RedirectResponse
    {
        $id = Id::fresh('m');

        return $this->change(
            $request, $piece, fn (CorePiece $core, Part $part, Tables $tables): CorePiece => $core
                ->marked($part, $request->mark($part, $id, $tables, $this->show)),
            [Change::MarkPlaced, say('http.marks.mark-placed')], $id,
        );
    }

    public function update(SaveMark $request, Piece $piece, string $mark): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (CorePiece $core, Part $part, Tables $tables): CorePiece => $part->hasMark($mark)
                ? $core->withPart($part->withMark($request->mark($part, $mark, $tables, $this->show))) : $core,
            [Change::MarkChanged, say('http.marks.mark-changed')], $mark,
        );
    }

    /** Several of them, moved, copied or mirrored by the same distance. */
    public function together(MoveMarks $request, Piece $piece): RedirectResponse
    {
        [$ids, $byMm] = [$request->marks(), $request->byMm($this->show)];
        $way = $request->validated('together');
        $words = match ($way) {
            'move' => [Change::MarksMoved, say('http.marks.moved')],
            'copy' => [Change::MarksCopied, say('http.marks.copied')],
            default => [Change::MarksMirrored, say('http.marks.mirrored')],
        };
        try {
            return $this->change(
                $request, $piece, fn (CorePiece $core, Part $part): CorePiece => $core->withPart(match ($way) {
                    'move' => $part->withMoved($ids, $byMm),
                    'copy' => $part->withCopied($ids, $byMm),
                    default => $part->withMirrored($ids),
                }), $words,
            );
        } catch (OffItsLine $e) {
            throw ValidationException::withMessages(['by' => say('http.marks.would-begin-before-line', [
                'mark' => $e->mark->label(), 'by' => $this->show->length($e->byMm, 1),
            ])]);
        }
    }

    public function destroy(TakeAway $request, Piece $piece, string $mark): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (CorePiece $core, Part $part): CorePiece => $core->unmarked($part, $mark),
            [Change::MarkRemoved, say('http.marks.mark-removed-undo-brings')], '',
        );
    }

    /**
     * @param  Closure(CorePiece, Part, Tables): CorePiece  $change
     * @param  array{Change, string}  $words
     * @param  string|null  $chosen  the mark that the page shows afterwards; null for the one it showed
     */
    private function change(
        SaveMark|TakeAway|MoveMarks $request,
        Piece $piece,
        Closure $change,
        array $words,
        ?string $chosen = null,
    ): RedirectResponse {
        $part = $request->part();
        $answer = $this->changing($request, $piece, fn (Edit $edit) => $this->editor->change(
            $piece, $edit, fn (CorePiece $core, Tables $tables): CorePiece => $change(
                $core, $core->partOrBody($part), $tables,
            ),
        ), $words);
        $isRefused = $answer->getSession()?->has('errors') === true;

        return $chosen === null || $isRefused ? $answer : $answer->setTargetUrl(
            route('pieces.marks', [$piece, ...array_filter(['part' => $part, 'mark' => $chosen])]),
        );
    }
}
