<?php

declare(strict_types=1);

namespace App\Planning;

use HonestGrain\Coating\ProvenStack;
use Illuminate\Validation\ValidationException;

/** One press on the Coats page, made on the coat plans of a part as they stand in its document. */
final readonly class CoatChange
{
    /**
     * @param  list<array<string, mixed>>  $plans
     * @param  list<ProvenStack>  $stacks
     */
    public function __construct(private array $plans, private array $stacks)
    {
    }

    /**
     * @param  array<string, mixed>  $typed  as `ChangeCoats` lets it through
     * @return list<array<string, mixed>>
     */
    public function make(array $typed): array
    {
        if ($typed['do'] === 'stack') {
            return $this->stack($typed['zones'] ?? [], $typed['stack'] ?? '');
        }
        $plans = $this->plans;
        $i = $this->placeOf($plans, 'plan', $typed['plan'] ?? '');
        if ($typed['do'] === 'unplan') {
            array_splice($plans, $i, 1);

            return $plans;
        }
        if ($typed['do'] === 'buff') {
            $plans[$i] = [
                'buff' => isset($typed['buff']), 'buff_with' => $typed['buff'] ?? null, 'sheen' => null,
            ] + $plans[$i];

            return $plans;
        }
        if ($typed['do'] === 'sheen') {
            $plans[$i] = ['sheen' => $typed['sheen'] ?? null, 'buff' => false, 'buff_with' => null] + $plans[$i];

            return $plans;
        }
        $layers = $plans[$i]['layers'];
        $k = $typed['do'] === 'add' ? count($layers) : $this->placeOf($layers, 'coat', $typed['coat'] ?? '');
        $plans[$i]['layers'] = $this->layers($layers, $typed, $k);

        return $plans;
    }

    /**
     * @param  list<array<string, mixed>>  $of
     *
     * @throws ValidationException where what is named has gone meanwhile
     */
    private function placeOf(array $of, string $field, string $id): int
    {
        $place = array_search($id, array_column($of, 'id'), true);

        return $place === false ? throw ValidationException::withMessages([
            $field => ($field === 'plan' ? 'These coats are' : 'This coat is').' no longer there; look at the page '
                .'again.',
        ]) : (int) $place;
    }

    /**
     * A zone wears one stack: taking it here takes it away there.
     *
     * @param  list<string>  $zones
     * @return list<array<string, mixed>>
     */
    private function stack(array $zones, string $id): array
    {
        if ($zones === []) {
            throw ValidationException::withMessages([
                'zones' => 'No surface is ticked; tick at least one to put these coats on.',
            ]);
        }
        $plans = array_map(
            fn (array $plan): array => [
                'zones' => array_values(array_diff($plan['zones'], $zones)),
            ] + $plan, $this->plans,
        );
        $stack = array_values(array_filter($this->stacks, fn (ProvenStack $one): bool => $one->id === $id))[0] ?? null;
        $plan = $stack?->planFor($zones) ?? ['zones' => $zones, 'layers' => [], 'buff' => false];
        $plan['layers'] = array_map(fn (array $layer): array => ['id' => FreshId::of('l')] + $layer, $plan['layers']);
        $plans[] = ['id' => FreshId::of('c')] + $plan;

        return array_values(array_filter($plans, fn (array $plan): bool => $plan['zones'] !== []));
    }

    /**
     * @param  list<array<string, mixed>>  $layers
     * @param  array<string, mixed>  $typed
     * @return list<array<string, mixed>>
     */
    private function layers(array $layers, array $typed, int $k): array
    {
        $denib = $typed['denib'] ?? null;
        match ($typed['do']) {
            'add' => $layers[] = ['id' => FreshId::of('l'), 'product' => $typed['product'] ?? '', 'denib' => $denib],
            'remove' => array_splice($layers, $k, 1),
            'up' => $layers = $this->swapped($layers, $k, $k - 1),
            'down' => $layers = $this->swapped($layers, $k, $k + 1),
            'denib' => $layers[$k]['denib'] = $denib,
            default => null,
        };

        return $layers;
    }

    /**
     * Two coats change places, each with its id; how the one below is rubbed belongs to the place.
     *
     * @param  list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private function swapped(array $layers, int $a, int $b): array
    {
        if (isset($layers[$a], $layers[$b])) {
            [$layers[$a], $layers[$b]] = [
                ['denib' => $layers[$a]['denib']] + $layers[$b], ['denib' => $layers[$b]['denib']] + $layers[$a],
            ];
        }

        return $layers;
    }
}
