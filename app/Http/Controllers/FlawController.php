<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveFlaw;
use App\Http\Requests\TakeAway;
use App\Models\Piece;
use App\Planning\FreshId;
use App\Planning\PieceEditor;
use App\View\Show;
use Illuminate\Http\RedirectResponse;

/** What the wood of a part brings. */
class FlawController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(SaveFlaw $request, Piece $piece): RedirectResponse
    {
        $flaw = ['id' => FreshId::of('f')] + $request->flaw($this->show);

        return $this->change(
            $request, $piece, fn (array $flaws): array => [...$flaws, $flaw], ['flaw placed', 'Placed.'],
        );
    }

    public function update(SaveFlaw $request, Piece $piece, string $flaw): RedirectResponse
    {
        return $this->change($request, $piece, fn (array $flaws): array => array_map(
            fn (array $one): array => $one['id'] === $flaw
                ? ['id' => $flaw] + $request->flaw($this->show) : $one, $flaws,
        ), ['flaw changed', 'Changed.']);
    }

    public function destroy(TakeAway $request, Piece $piece, string $flaw): RedirectResponse
    {
        return $this->change($request, $piece, fn (array $flaws): array => array_values(
            array_filter($flaws, fn (array $one): bool => $one['id'] !== $flaw),
        ), ['flaw removed', 'Removed. Undo brings it back.']);
    }

    /**
     * @param  \Closure(list<array<string, mixed>>): list<array<string, mixed>>  $changed
     * @param  array{string, string}  $words
     */
    private function change(SaveFlaw|TakeAway $request, Piece $piece, \Closure $changed, array $words): RedirectResponse
    {
        $part = $request->part();
        $flaws = array_column($piece->document['parts'], 'features', 'id')[$part] ?? [];
        $fields = ['features' => $changed($flaws)];

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->changePart($piece, $edit, $part, $fields), $words,
        );
    }
}
