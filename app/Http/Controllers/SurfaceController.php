<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\PiecePage;
use App\View\SandingPanel;
use App\View\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

class SurfaceController extends Controller
{
    public function show(Request $request, Piece $piece, ShopMapper $mapper): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        $panels = SandingPanel::all($core, $mapper->bench($piece->workshop));

        return view('pieces.surface', [
            'page' => PiecePage::of($piece), 'core' => $core, 'panels' => $panels,
            'together' => SandingPanel::together($panels),
        ]);
    }

    public function update(Request $request, Piece $piece, PieceEditor $editor, Show $show): RedirectResponse
    {
        $typed = $request->validate([
            'tool_mark_um' => ['required', 'numeric', 'between:1,5000'],
            'own' => ['array'],
            'own.*' => ['nullable', 'string', 'max:300'],
        ]);
        $own = [];
        foreach ($typed['own'] ?? [] as $zone => $line) {
            $typedGrits = preg_split('/[,;→>]+/u', (string) $line) ?: [];
            $grits = array_values(
                array_filter(array_map($show->typedGrit(...), $typedGrits), fn (string $grit): bool => $grit !== ''),
            );
            if ($grits !== []) {
                $own[$zone] = $grits;
            }
        }

        return $this->changing($request, $piece, fn (int $seen) => $editor->change($piece, $seen, ['surface' => ['tool_mark_um' => (float) $typed['tool_mark_um'], 'own' => $own]], 'sanding', $this->user($request)), 'Sanding saved.');
    }
}
