<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MoveMarks;
use App\Http\Requests\SaveMark;
use App\Http\Requests\TakeAway;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\MarkGift;
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
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\OffItsLine;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

class MarksController extends Controller
{
    public function __construct(
        private readonly PieceEditor $editor,
        private readonly MarkGift $gift,
        private readonly Show $show,
    ) {
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
            'stains' => $this->stains($tables), 'others' => MarksPanel::others($piece),
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
        if ($way === 'give') {
            return $this->give($request, $piece);
        }
        if ($way === 'class') {
            return $this->change($request, $piece, fn (CorePiece $core, Part $part, Tables $tables): CorePiece => $core
                ->withPart($this->reclassed($part, $ids, (string) $request->validated('mark_class'), $tables)),
                [Change::MarkChanged, say('http.marks.class-changed')]);
        }
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

    /** Copies of them on another part, of this piece or of another in work, at the same share of the line. */
    private function give(MoveMarks $request, Piece $piece): RedirectResponse
    {
        [$id, $part] = $request->to();
        $target = $id === $piece->id ? $piece : $this->workshop($request)->pieces()->working()->find($id);
        $target?->setRelation('workshop', $piece->workshop);
        $given = null;
        $answer = $target === null ? null : $this->changing($request, $piece, function (Edit $edit) use (
            $request, $piece, $target, $part, &$given,
        ): void {
            $seen = $target->is($piece) ? $edit->seen : $target->version;
            $given = $this->gift->give(
                $piece, $request->part(), $request->marks(), $target, $part, new Edit($seen, $edit->what, $edit->user),
            );
        }, [Change::MarksCopied, '']);
        if ($answer?->getSession()?->has('errors') === true) {
            return $answer;
        }
        if ($answer === null || $given === null) {
            throw ValidationException::withMessages(['marks_to' => say('http.marks.no-such-part')]);
        }
        $left = array_map($this->show->said(...), $given->left);
        if (count($left) === count($request->marks())) {
            throw ValidationException::withMessages([
                'marks_to' => say('http.marks.none-fits', ['why' => implode(' ', $left)]),
            ]);
        }

        return $answer->with('said', trim(say('http.marks.given', [
            'piece' => $target->name, 'left' => implode(' ', $left),
        ])));
    }

    /**
     * The part with some of its marks of another class of dye, stain or paint.
     *
     * @param  list<string>  $ids
     *
     * @throws ValidationException where one of them cannot have it
     */
    private function reclassed(Part $part, array $ids, string $class, Tables $tables): Part
    {
        $stains = $this->stains($tables);
        foreach (array_filter($ids, $part->hasMark(...)) as $id) {
            $mark = $part->mark($id);
            if (! in_array($class, $stains[$mark->technique->key()] ?? [], true)) {
                throw ValidationException::withMessages([
                    'mark_class' => say('http.marks.takes-no-class', ['mark' => $mark->label()]),
                ]);
            }
            $settings = ['product' => $class] + $mark->settings();
            $part = $part->withMark(Mark::read(Document::of(['settings' => $settings] + $mark->toArray()), $tables));
        }

        return $part;
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
