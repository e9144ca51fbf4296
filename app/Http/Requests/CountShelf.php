<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Figures\StoreItem;
use App\Models\StockSort;
use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** What was counted on the shelf; an empty field leaves what stands. */
class CountShelf extends FormRequest implements TakesLists
{
    private const MOST_PIECES = 9999;

    private const MOST_ML = 99_999.0;

    public static function lists(): array
    {
        return ['count', 'key'];
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'array', 'max:500'], 'key.*' => ['required', 'string', 'max:150'],
            'count' => ['required', 'array', 'max:500'], 'count.*' => ['nullable', 'numeric', 'min:0'],
        ];
    }

    /**
     * @param  array<string, StoreItem>  $held
     * @return array<string, float> by key
     *
     * @throws ValidationException at the row that cannot be
     */
    public function counted(array $held, Show $show): array
    {
        $counted = [];
        foreach ($this->validated('key') as $row => $key) {
            $typed = $this->validated('count')[$row] ?? null;
            $item = $held[$key] ?? null;
            if ($typed === null || $item === null) {
                continue;
            }
            $amount = $item->sort === StockSort::Volume ? $show->typed(Unit::Volume, (float) $typed) : (float) $typed;
            $most = $item->sort === StockSort::Volume ? self::MOST_ML : (float) self::MOST_PIECES;
            $isHalf = $item->sort === StockSort::Discs && floor($amount) !== $amount;
            if ($amount > $most || $isHalf) {
                throw ValidationException::withMessages(["count.$row" => say('http.count-shelf.up-to', [
                    'typed' => (string) $typed, 'most' => $item->sort === StockSort::Volume
                        ? $show->volume($most) : $show->bare($most),
                ])]);
            }
            $counted[$key] = round($amount, 3);
        }

        return $counted;
    }
}
