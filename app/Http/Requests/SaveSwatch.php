<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Kept\DyedLayer;
use App\Models\Swatch;
use App\Models\User;
use App\Planning\ShopMapper;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\BadInput;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A test board as it is typed. */
class SaveSwatch extends FormRequest implements TakesLists
{
    public static function lists(): array
    {
        return ['layer_product', 'layer_rgb', 'layer_strength', 'layer_sanded'];
    }

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue, ShopMapper $mapper): array
    {
        /** @var User $user */
        $user = $this->user();
        $known = function (string $field, mixed $wood, Closure $fail) use ($mapper, $user): void {
            try {
                $mapper->tables($user->workshop)->woods->named((string) $wood, $field);
            } catch (BadInput $e) {
                $fail($e->getMessage());
            }
        };
        $rows = ['nullable', 'array', 'max:'.Swatch::MOST_LAYERS];

        return [
            'swatch_name' => ['required', 'string', 'max:60'],
            'wood' => ['required', 'string', 'max:200', $known],
            'grit' => ['nullable', 'string', 'max:20'],
            'layer_product' => $rows,
            'layer_product.*' => ['nullable', Rule::in(SaveDye::dyes($catalogue))],
            'layer_rgb' => $rows, 'layer_rgb.*' => ['nullable', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'layer_strength' => $rows, 'layer_strength.*' => ['nullable', 'numeric', 'between:0.01,5'],
            'layer_sanded' => $rows, 'layer_sanded.*' => ['nullable', 'numeric', 'between:0,500'],
            'coat' => ['nullable', Rule::in(array_keys($catalogue->coatings()->coatings()))],
            'made_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->layers() === []) {
                $validator->errors()->add('layer_product.0', say('http.save-swatch.test-board-least-one'));
            }
        });
    }

    /** @return array<string, mixed> */
    public function swatch(): array
    {
        $typed = $this->validated();

        return [
            'name' => $typed['swatch_name'], 'wood' => $typed['wood'], 'grit' => $typed['grit'] ?? null,
            'layers' => $this->layers(), 'coat' => $typed['coat'] ?? null, 'made_on' => $typed['made_on'],
            'note' => $typed['note'] ?? null,
        ];
    }

    /** @return list<DyedLayer> */
    private function layers(): array
    {
        $layers = [];
        foreach ((array) $this->input('layer_product', []) as $i => $product) {
            if ((string) $product !== '') {
                $layers[] = new DyedLayer(
                    product: (string) $product, rgb: strtolower((string) $this->input("layer_rgb.$i", '#2e4d63')),
                    strength: (float) ($this->input("layer_strength.$i") ?? 1),
                    sandedUm: (float) ($this->input("layer_sanded.$i") ?? 0),
                );
            }
        }

        return $layers;
    }
}
