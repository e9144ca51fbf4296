<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveMark;
use App\Http\Requests\TakeAway;
use App\Models\Piece;
use App\Planning\FreshId;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\MarksPanel;
use App\View\PiecePage;
use App\View\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

class MarksController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function show(Request $request, Piece $piece, ShopMapper $mapper): View
    {
        $tables = $mapper->tables($piece->workshop);
        $core = $mapper->piece($piece->workshop, $piece->document);
        $part = $this->part($request, $core);

        return view('pieces.marks', [
            'page' => PiecePage::of($piece, $core, $part), 'part' => $part,
            'panel' => MarksPanel::of($core, $part, $tables, $this->show),
            'stains' => array_keys($tables->coatings->stains()),
        ]);
    }

    public function store(SaveMark $request, Piece $piece): RedirectResponse
    {
        $mark = $request->mark($this->show);
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
        );
    }

    public function update(SaveMark $request, Piece $piece, string $mark): RedirectResponse
    {
        $marks = array_map(
            fn (array $one): array => $one['id'] === $mark ? ['id' => $mark] + $request->mark($this->show) : $one,
            $this->marks($piece, $request->part()),
        );

        return $this->change($request, $piece, $marks, ['mark changed', 'Mark changed.']);
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
            $request, $piece, $marks, ['mark removed', 'Mark removed. Undo brings it back.'], ['order' => $order],
        );
    }

    /**
     * @param  list<array<string, mixed>>  $marks
     * @param  array{string, string}  $words
     * @param  array<string, mixed>  $around
     */
    private function change(
        SaveMark|TakeAway $request,
        Piece $piece,
        array $marks,
        array $words,
        array $around = [],
    ): RedirectResponse {
        $part = $request->part();

        return $this->changing($request, $piece, fn ($edit) => $this->editor->changePart(
            $piece, $edit, $part, ['marks' => $marks], $around,
        ), $words);
    }

    /** @return list<array<string, mixed>> */
    private function marks(Piece $piece, string $part): array
    {
        return array_column($piece->document['parts'], 'marks', 'id')[$part] ?? [];
    }
}
