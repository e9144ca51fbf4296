<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MoveMarks;
use App\Http\Requests\SaveMark;
use App\Http\Requests\TakeAway;
use App\Models\Piece;
use App\Planning\FreshId;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\BandAsked;
use App\View\MarkPanel;
use App\View\MarksPanel;
use App\View\PiecePage;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Surface;
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
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show,
        private readonly Catalogue $catalogue)
    {
    }

    public function show(Request $request, Piece $piece, ShopMapper $mapper): View
    {
        $tables = $mapper->tables($piece->workshop);
        $core = CorePiece::read(Document::of($piece->document), $tables);
        $part = $this->part($request, $core);
        $chosen = $request->string('mark')->toString();

        return view('pieces.marks', [
            'page' => PiecePage::of($piece, $this->show, $core, $part), 'part' => $part,
            'panel' => MarksPanel::of($core, $part, $tables, $this->show),
            'chosen' => $part->hasMark($chosen) ? new MarkPanel($part, $part->mark($chosen), $core->order) : null,
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
        $mark = $request->mark($this->show, $this->catalogue);
        $marks = $this->marks($piece, $request->part());
        $id = FreshId::of('m');
        // A colour laid over another of its kind comes after it.
        $order = $piece->document['order'] ?? [];
        foreach ($marks as $below) {
            $meets = $below['on'] === $mark['on']
                && $below['from_mm'] < $mark['to_mm']
                && $mark['from_mm'] < $below['to_mm'];
            if ($meets && $below['technique'] === $mark['technique']) {
                $order[] = [$below['id'], $id];
            }
        }

        return $this->change(
            $request, $piece, [...$marks, ['id' => $id] + $mark], ['mark placed', 'Mark placed.'], ['order' => $order],
            $id,
        );
    }

    public function update(SaveMark $request, Piece $piece, string $mark): RedirectResponse
    {
        $marks = array_map(
            fn (array $one): array => $one['id'] === $mark
                ? ['id' => $mark] + $request->mark($this->show, $this->catalogue, $one['settings'] ?? []) : $one,
            $this->marks($piece, $request->part()),
        );

        return $this->change($request, $piece, $marks, ['mark changed', 'Mark changed.'], [], $mark);
    }

    /** Several of them, moved, copied or mirrored by the same distance. */
    public function together(MoveMarks $request, Piece $piece, ShopMapper $mapper): RedirectResponse
    {
        $way = $request->validated('together');
        $by = $request->byMm($this->show);
        $part = $mapper->piece($piece->workshop, $piece->document)->part($request->part());
        $marks = $this->marks($piece, $request->part());
        $made = [];
        foreach ($marks as $i => $mark) {
            if (! in_array($mark['id'], $request->marks(), true)) {
                continue;
            }
            $placed = $way === 'mirror' ? $this->mirrored($mark, $part) : [
                'from_mm' => $mark['from_mm'] + $by, 'to_mm' => $mark['to_mm'] + $by,
            ];
            if ($placed['from_mm'] < 0) {
                throw ValidationException::withMessages(['by' => sprintf(
                    '%s would begin %s before its line does.', ucfirst(str_replace('-', ' ', $mark['technique'])),
                    $this->show->length(-$placed['from_mm'], 1),
                )]);
            }
            $way === 'move' ? $marks[$i] = $placed + $mark : $made[] = ['id' => FreshId::of('m')] + $placed + $mark;
        }
        $said = ['move' => 'Moved.', 'copy' => 'Copied.', 'mirror' => 'Mirrored.'][$way];

        return $this->change($request, $piece, [...$marks, ...$made], ['marks '.lcfirst(rtrim($said, '.')), $said]);
    }

    public function destroy(TakeAway $request, Piece $piece, string $mark): RedirectResponse
    {
        $marks = array_values(array_filter(
            $this->marks($piece, $request->part()), fn (array $one): bool => $one['id'] !== $mark,
        ));
        $order = array_values(array_filter(
            $piece->document['order'] ?? [], fn (array $pair): bool => ! in_array($mark, $pair, true),
        ));

        return $this->change(
            $request, $piece, $marks, ['mark removed', 'Mark removed. Undo brings it back.'], ['order' => $order], '',
        );
    }

    /**
     * @param  list<array<string, mixed>>  $marks
     * @param  array{string, string}  $words
     * @param  array<string, mixed>  $around
     * @param  string|null  $chosen  the mark that the page shows afterwards; null for the one it showed
     */
    private function change(
        SaveMark|TakeAway|MoveMarks $request,
        Piece $piece,
        array $marks,
        array $words,
        array $around = [],
        ?string $chosen = null,
    ): RedirectResponse {
        $part = $request->part();
        $answer = $this->changing($request, $piece, fn ($edit) => $this->editor->changePart(
            $piece, $edit, $part, ['marks' => $marks], $around,
        ), $words);
        $isRefused = $answer->getSession()?->has('errors') === true;

        return $chosen === null || $isRefused ? $answer : $answer->setTargetUrl(route('pieces.marks', [
            $piece, ...array_filter([
                'part' => $piece->document['parts'][0]['id'] === $part ? '' : $part, 'mark' => $chosen,
            ]),
        ]));
    }

    /**
     * @param  array<string, mixed>  $mark
     * @return array{from_mm: float, to_mm: float}
     */
    private function mirrored(array $mark, ?Part $part): array
    {
        $long = $part?->lineMm(Surface::from($mark['on'])) ?? 0.0;

        return ['from_mm' => $long - $mark['to_mm'], 'to_mm' => $long - $mark['from_mm']];
    }

    /** @return list<array<string, mixed>> */
    private function marks(Piece $piece, string $part): array
    {
        return array_column($piece->document['parts'], 'marks', 'id')[$part] ?? [];
    }
}
