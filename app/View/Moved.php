<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Kept\DateMove;
use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;

/** What a change did to the date of a piece: told to the next page in figures, worded there in the reader's way. */
final readonly class Moved
{
    /** Dates that differ by less are the same to a maker. */
    private const SAME_MINUTES = 10;

    /** @return array{string, int, int}|null name, seconds before and after; null where a maker would not notice */
    public static function told(string $name, ?CarbonInterface $before, ?CarbonInterface $after): ?array
    {
        return $before === null || $after === null || abs($before->diffInMinutes($after)) < self::SAME_MINUTES
            ? null : [$name, (int) $before->getTimestamp(), (int) $after->getTimestamp()];
    }

    /** From when to when, of a piece that a plan has moved. */
    public static function dates(DateMove $move, Show $show): string
    {
        $at = fn (int $second): string => $show->dayTime(Carbon::createFromTimestamp($second));

        return say('view.moved.from-to', ['before' => $at($move->before), 'after' => $at($move->after)]);
    }

    /** @param  array{string, int, int}|null  $told */
    public static function words(?array $told, Show $show): string
    {
        if ($told === null) {
            return '';
        }
        [$name, $before, $after] = $told;

        return say($after > $before ? 'view.moved.later' : 'view.moved.sooner', [
            'piece' => $name, 'hours' => $show->hours(abs($after - $before) / 3600),
            'at' => $show->dayTime(Carbon::createFromTimestamp($after)),
        ]);
    }
}
