<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\MarksPanel;
use App\View\PiecePage;
use App\View\Show;
use App\View\Unit;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Technique\MarkKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

class MarksController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function show(Request $request, Piece $piece, ShopMapper $mapper, Catalogue $catalogue): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        return view('pieces.marks', ['page' => PiecePage::of($piece), 'core' => $core, 'panel' => MarksPanel::of($core, $this->show), 'stains' => array_keys($catalogue->coatings()->stains())]);
    }

    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $mark = $this->typed($request);
        $taken = array_column($piece->document['marks'] ?? [], 'id');
        for ($n = 1; in_array($id = $mark['kind'].'-'.$n, $taken, true); $n++);

        return $this->changing($request, $piece, fn (int $seen) => $this->editor->change($piece, $seen, ['marks' => [...$piece->document['marks'] ?? [], ['id' => $id] + $mark]], 'mark placed', $this->user($request)), 'Mark placed.');
    }

    public function update(Request $request, Piece $piece, string $mark): RedirectResponse
    {
        $typed = $this->typed($request);
        $marks = array_map(fn (array $one): array => $one['id'] === $mark ? ['id' => $mark] + $typed : $one, $piece->document['marks'] ?? []);

        return $this->changing($request, $piece, fn (int $seen) => $this->editor->change($piece, $seen, ['marks' => $marks], 'mark changed', $this->user($request)), 'Mark changed.');
    }

    public function destroy(Request $request, Piece $piece, string $mark): RedirectResponse
    {
        $marks = array_values(array_filter($piece->document['marks'] ?? [], fn (array $one): bool => $one['id'] !== $mark));

        return $this->changing($request, $piece, fn (int $seen) => $this->editor->change($piece, $seen, ['marks' => $marks], 'mark removed', $this->user($request)), 'Mark removed. Undo brings it back.');
    }

    /** @return array<string, mixed> as in a piece document */
    private function typed(Request $request): array
    {
        $typed = $request->validate([
            'kind' => ['required', Rule::enum(MarkKind::class)],
            'on' => ['required', 'in:outer,inner,rim'],
            'from' => ['required', 'numeric', $this->show->between(Unit::Length, 0, 6000)],
            'to' => ['required', 'numeric', 'gt:from', $this->show->between(Unit::Length, 0, 6000)],
            'minutes' => ['nullable', 'numeric', 'between:0,2400'],
            'wait_hours' => ['nullable', 'numeric', 'between:0,2000'],
            'product' => ['nullable', 'string'],
            'colour' => ['nullable', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'note' => ['nullable', 'string', 'max:500'],
        ]);
        $number = fn (string $key): ?float => isset($typed[$key]) ? (float) $typed[$key] : null;

        return array_filter([
            'kind' => $typed['kind'], 'on' => $typed['on'],
            'from_mm' => $this->show->typed(Unit::Length, (float) $typed['from']), 'to_mm' => $this->show->typed(Unit::Length, (float) $typed['to']),
            'minutes' => $number('minutes'), 'wait_hours' => $number('wait_hours'),
            'product' => $typed['kind'] === MarkKind::Dye->value ? $typed['product'] ?? null : null,
            'colour' => in_array($typed['kind'], [MarkKind::Dye->value, MarkKind::Scorch->value], true) ? $typed['colour'] ?? null : null,
            'note' => $typed['note'] ?? null,
        ], fn ($value): bool => $value !== null);
    }
}
