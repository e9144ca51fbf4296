<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\CoatsPanel;
use App\View\PiecePage;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ProvenStack;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\CoatPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

class CoatsController extends Controller
{
    public function show(Request $request, Piece $piece, ShopMapper $mapper, Catalogue $catalogue): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        return view('pieces.coats', [
            'page' => PiecePage::of($piece), 'core' => $core,
            'plans' => CoatsPanel::all($core, $mapper->clock($piece->workshop)),
            'free' => CoatsPanel::freeZones($core),
            'stacks' => $catalogue->stacks(), 'products' => array_keys($mapper->coatings($piece->workshop)->coatings()),
        ]);
    }

    /** One press changes one thing: take a stack, add, move or leave out a coat, rub between, buff, split off a zone. */
    public function update(Request $request, Piece $piece, PieceEditor $editor, Catalogue $catalogue): RedirectResponse
    {
        $typed = $request->validate([
            'do' => ['required', 'in:stack,add,remove,up,down,denib,buff,unplan'],
            'plan' => ['nullable', 'integer', 'between:0,6'],
            'zones' => ['array'],
            'zones.*' => ['in:'.implode(',', CoatPlan::ZONES)],
            'stack' => ['nullable', 'string'],
            'product' => ['nullable', 'string'],
            'coat' => ['nullable', 'integer', 'between:0,16'],
            'denib' => ['nullable', 'in:steel-wool,pad,paper'],
            'buff' => ['nullable', Rule::enum(BuffWith::class)],
        ]);
        $plans = $this->changed($piece->document['coats'] ?? [], $typed, $catalogue->stacks());

        return $this->changing($request, $piece, fn (int $seen) => $editor->change($piece, $seen, ['coats' => $plans], 'coats', $this->user($request)), 'Coats saved.');
    }

    /**
     * @param  list<array<string, mixed>>  $plans
     * @param  array<string, mixed>  $typed
     * @param  list<ProvenStack>  $stacks
     * @return list<array<string, mixed>>
     */
    private function changed(array $plans, array $typed, array $stacks): array
    {
        $i = (int) ($typed['plan'] ?? 0);
        if ($typed['do'] === 'stack') {
            $stack = array_values(array_filter($stacks, fn (ProvenStack $one): bool => $one->id === ($typed['stack'] ?? '')))[0] ?? null;
            $zones = $typed['zones'] ?? [];
            if ($zones === []) {
                throw ValidationException::withMessages(['zones' => 'No surface is ticked; tick at least one to put these coats on.']);
            }
            // A zone wears one stack: taking it here takes it away there.
            $plans = array_map(fn (array $plan): array => ['zones' => array_values(array_diff($plan['zones'], $zones))] + $plan, $plans);
            $plans[] = $stack?->planFor($zones) ?? ['zones' => $zones, 'layers' => [], 'buff' => false];

            return array_values(array_filter($plans, fn (array $plan): bool => $plan['zones'] !== []));
        }
        if (! isset($plans[$i])) {
            throw ValidationException::withMessages(['plan' => 'These coats are no longer there; look at the page again.']);
        }
        $k = (int) ($typed['coat'] ?? 0);
        $layers = $plans[$i]['layers'];
        match ($typed['do']) {
            'add' => $layers[] = ['product' => $typed['product'] ?? '', 'denib' => $typed['denib'] ?? null],
            'remove' => array_splice($layers, $k, 1),
            'up', 'down' => $layers = $this->swapped($layers, $k, $typed['do'] === 'up' ? $k - 1 : $k + 1),
            'denib' => isset($layers[$k]) ? $layers[$k]['denib'] = $typed['denib'] ?? null : null,
            'buff' => $plans[$i] = [
                'buff' => isset($typed['buff']), 'buff_with' => $typed['buff'] ?? null,
            ] + $plans[$i],
            default => null,
        };
        $plans[$i]['layers'] = $layers;
        if ($typed['do'] === 'unplan') {
            array_splice($plans, $i, 1);
        }

        return $plans;
    }

    /**
     * @param  list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private function swapped(array $layers, int $a, int $b): array
    {
        if (isset($layers[$a], $layers[$b])) {
            [$layers[$a]['product'], $layers[$b]['product']] = [$layers[$b]['product'], $layers[$a]['product']];
        }

        return $layers;
    }
}
