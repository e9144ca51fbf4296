<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Blank;
use HonestGrain\Rack\DryingState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Http\FormRequest;

/** Which blanks the rack shows, and in which order; what is not understood is taken as not asked. */
class ListBlanks extends FormRequest
{
    /** Columns by the name of the order; those without the value come last. */
    public const ORDERS = ['ready' => 'ready_at', 'number' => 'number', 'wood' => 'wood', 'place' => 'place'];

    /** Whether it is dry: ready, or any of the states before that. */
    public const DRYNESS = ['ready', 'drying'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    public function asked(string $field): string
    {
        return mb_substr(trim($this->string($field)->toString()), 0, 120);
    }

    public function isGone(): bool
    {
        return $this->asked('state') === 'gone';
    }

    public function order(): string
    {
        return isset(self::ORDERS[$this->asked('sort')]) ? $this->asked('sort') : 'ready';
    }

    public function dryness(): string
    {
        return in_array($this->asked('dry'), self::DRYNESS, true) ? $this->asked('dry') : '';
    }

    public function isNarrowed(): bool
    {
        return $this->asked('q') !== '' || $this->asked('wood') !== '' || $this->dryness() !== '';
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
        $like = '%'.addcslashes($sought, '%_\\').'%';
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
