<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Piece;
use App\Models\PieceState;
use App\Models\Sale;
use HonestGrain\Geometry\Form;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Which pieces a list shows, and in which order. */
class ListPieces extends ListRequest
{
    /** Columns by the name of the order; those without the value come last. */
    public const ORDERS = ['due' => 'due_at', 'ready' => 'ready_at', 'name' => 'name', 'wood' => 'wood', 'new' => 'id'];

    protected function orders(): array
    {
        return array_keys(self::ORDERS);
    }

    protected function narrows(): array
    {
        return [$this->asked('q'), $this->asked('wood'), $this->asked('for'), (string) $this->form()?->value];
    }

    public function state(): PieceState
    {
        return PieceState::tryFrom($this->asked('state')) ?? PieceState::Working;
    }

    public function form(): ?Form
    {
        return Form::tryFrom($this->asked('form'));
    }

    /**
     * For whom the pieces of a state are.
     *
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  HasMany<Piece, T>  $pieces
     * @return array<string, string>
     */
    public function customers(HasMany $pieces): array
    {
        /** @var array<string, string> $names */
        $names = Sale::query()->whereIn('piece_id', $pieces->where('state', $this->state())->select('id'))
            ->whereNotNull('for_whom')->distinct()->orderBy('for_whom')->pluck('for_whom', 'for_whom')->all();

        return $names;
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  HasMany<Piece, T>  $pieces
     * @return HasMany<Piece, T>
     */
    public function of(HasMany $pieces): HasMany
    {
        $column = self::ORDERS[$this->order()];
        $pieces->where('state', $this->state())
            ->when($this->asked('q') !== '', fn (Builder $query) => $query->where(
                'name', 'like', $this->like(),
            ))
            ->when($this->asked('wood') !== '', fn (Builder $query) => $query->where('wood', $this->asked('wood')))
            ->when($this->asked('for') !== '', fn (Builder $query) => $query->whereHas(
                'sale', fn (Builder $sale) => $sale->where('for_whom', $this->asked('for')),
            ))
            ->when($this->form() !== null, fn (Builder $query) => $query->where('form', $this->form()));

        return $this->order() === 'new' ? $pieces->orderByDesc('id')
            : $pieces->orderByRaw("$column is null")->orderBy($column)->orderBy('name');
    }
}
