<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Blank;
use HonestGrain\Rack\DryingState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Which blanks the rack shows, and in which order. */
class ListBlanks extends ListRequest
{
    /** Columns by the name of the order; those without the value come last. */
    public const ORDERS = ['ready' => 'ready_at', 'number' => 'number', 'wood' => 'wood', 'place' => 'place'];

    /** Whether it is dry: ready, or any of the states before that. */
    public const DRYNESS = ['ready', 'drying'];

    protected function orders(): array
    {
        return array_keys(self::ORDERS);
    }

    protected function narrows(): array
    {
        return [$this->asked('q'), $this->asked('wood'), $this->dryness()];
    }

    public function isGone(): bool
    {
        return $this->asked('state') === 'gone';
    }

    public function dryness(): string
    {
        return $this->oneOf('dry', self::DRYNESS) ?? '';
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  HasMany<Blank, T>  $blanks
     * @return HasMany<Blank, T>
     */
    public function of(HasMany $blanks): HasMany
    {
        $sought = $this->asked('q');
        $like = $this->like();
        $column = self::ORDERS[$this->order()];
        $this->there($blanks)
            ->when($sought !== '', fn (Builder $query) => $query->where(fn (Builder $query) => $query
                ->where('number', $sought)->orWhere('wood', 'like', $like)->orWhere('place', 'like', $like)))
            ->when($this->asked('wood') !== '', fn (Builder $query) => $query->where('wood', $this->asked('wood')))
            ->when($this->dryness() !== '', fn (Builder $query) => $query->where(
                'drying', $this->dryness() === 'ready' ? '=' : '!=', DryingState::Ready,
            ));

        return $blanks->orderByRaw("$column is null")->orderBy($column)->orderBy('number');
    }

    /**
     * Those of the half of the list that is open, before anything narrows it.
     *
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  HasMany<Blank, T>  $blanks
     * @return HasMany<Blank, T>
     */
    public function there(HasMany $blanks): HasMany
    {
        return $this->isGone() ? $blanks->whereNotNull('gone_at') : $blanks->whereNull('gone_at');
    }
}
