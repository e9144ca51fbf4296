<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Models\Workshop;
use App\Planning\Edit;
use App\Planning\FreshId;
use App\Planning\PieceEditor;
use App\Planning\VersionConflict;
use HonestGrain\Piece\Mark;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A recipe of dyes used on a band of a piece. */
class RecipeController extends Controller
{
    public function __construct(private readonly PieceEditor $editor)
    {
    }

    public function store(Request $request): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $typed = $request->validate([
            'band' => ['required', 'string', 'max:120', 'regex:/^\d+\|[^|]+\|[^|]+$/'],
            'swatch' => ['nullable', 'integer'],
            'product' => ['required_without:swatch', 'string', 'max:200'],
            'rgb' => ['required_without:swatch', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'strength' => ['required_without:swatch', 'numeric', 'between:0.01,5'],
            'mix_name' => ['nullable', 'string', 'max:200'],
        ]);
        [$id, $part, $mark] = explode('|', $typed['band']);
        $piece = $workshop->pieces()->findOrFail((int) $id);
        $marks = array_column($piece->document['parts'], 'marks', 'id')[$part] ?? abort(404);
        $onto = array_column($marks, null, 'id')[$mark] ?? abort(404);
        [$name, $layers] = $this->recipe($workshop, $typed);
        try {
            $this->editor->changePart(
                $piece, new Edit($piece->version, 'recipe used', $this->user($request)), $part,
                ...$this->laid($piece, $marks, $onto, $name, $layers),
            );
        } catch (VersionConflict) {
            return back()->withErrors(['band' => 'This piece was just changed elsewhere. Try again.']);
        }

        return redirect()->route('pieces.marks', [
            $piece, ...$piece->document['parts'][0]['id'] === $part ? [] : ['part' => $part],
        ])->with('said', 'The recipe lies on that band. Undo takes it back.');
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return array{string, list<array{product: string, rgb: string, strength: float, sanded_um: float}>}
     */
    private function recipe(Workshop $workshop, array $typed): array
    {
        if (isset($typed['swatch'])) {
            $swatch = $workshop->swatches()->whereKey($typed['swatch'])->firstOrFail();

            return [$swatch->name, $swatch->layers];
        }

        return [$typed['mix_name'] ?? 'Mixed', [[
            'product' => $typed['product'], 'rgb' => $typed['rgb'], 'strength' => (float) $typed['strength'],
            'sanded_um' => 0.0,
        ]]];
    }

    /**
     * What dyes lie on the very band go; its other marks stay.
     *
     * @param  list<array<string, mixed>>  $marks
     * @param  array<string, mixed>  $onto
     * @param  list<array{product: string, rgb: string, strength: float, sanded_um: float}>  $layers
     * @return array{array<string, mixed>, array<string, mixed>} fields of the part, and of the document
     */
    private function laid(Piece $piece, array $marks, array $onto, string $name, array $layers): array
    {
        $isThere = fn (array $one): bool => $one['technique'] === 'dye' && $one['on'] === $onto['on']
            && abs($one['from_mm'] - $onto['from_mm']) < 0.01 && abs($one['to_mm'] - $onto['to_mm']) < 0.01;
        $gone = array_column(array_filter($marks, $isThere), 'id');
        $kept = array_values(array_filter($marks, fn (array $one): bool => ! $isThere($one)));
        $order = array_values(array_filter(
            $piece->document['order'] ?? [], fn (array $pair): bool => array_intersect($pair, $gone) === [],
        ));
        $last = null;
        foreach ($layers as $i => $layer) {
            $id = FreshId::of('m');
            $kept[] = [
                'id' => $id, 'technique' => 'dye', 'on' => $onto['on'], 'from_mm' => $onto['from_mm'],
                'to_mm' => $onto['to_mm'],
                'name' => mb_substr(count($layers) === 1 ? $name : $name.', '.($i + 1), 0, Mark::MAX_NAME),
                'settings' => [
                    'product' => $layer['product'], 'colour' => $layer['rgb'], 'strength' => $layer['strength'],
                ] + ($layer['sanded_um'] > 0 ? ['sanded_um' => $layer['sanded_um']] : []),
            ];
            if ($last !== null) {
                $order[] = [$last, $id];
            }
            $last = $id;
        }

        return [['marks' => $kept], ['order' => $order]];
    }
}
