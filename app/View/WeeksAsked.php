<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Workshop;
use HonestGrain\Reading\Copy;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** How Weeks is looked at: how far, by what, which pieces, and what of it is chosen. */
final readonly class WeeksAsked
{
    public const SPANS = [7, 14, 21, 28, 56];

    public const BY = ['piece', 'person', 'air'];

    private const USUAL_SPAN = 21;

    private const MOST_PAGES = 500;

    private function __construct(
        public int $days,
        public string $by,
        public int $page,
        public string $find,
        public bool $isLateOnly,
        public ?int $piece,
        public ?string $day,
    ) {
    }

    public static function of(Request $request): self
    {
        $text = fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $day = $text('day');

        return new self(
            in_array($request->integer('days'), self::SPANS, true) ? $request->integer('days') : self::USUAL_SPAN,
            in_array($text('by'), self::BY, true) ? $text('by') : self::BY[0],
            min(self::MOST_PAGES, max(0, $request->integer('page', 1) - 1)), mb_substr(trim($text('find')), 0, 60),
            $text('late') === '1', $request->integer('piece') ?: null,
            preg_match('/^\d{4}-\d\d-\d\d$/', $day) === 1 && strtotime($day) !== false ? $day : null,
        );
    }

    /** The address of the same, with something of it otherwise. */
    public function address(mixed ...$otherwise): string
    {
        $named = array_filter($otherwise, is_string(...), ARRAY_FILTER_USE_KEY);
        $asked = $named === [] ? $this : Copy::with($this, $named);

        return route('weeks', array_filter([
            'days' => $asked->days === self::USUAL_SPAN ? null : $asked->days,
            'by' => $asked->by === self::BY[0] ? null : $asked->by,
            'page' => $asked->page === 0 ? null : $asked->page + 1,
            'find' => $asked->find, 'late' => $asked->isLateOnly ? 1 : null, 'piece' => $asked->piece,
            'day' => $asked->day,
        ], fn (mixed $value): bool => $value !== null && $value !== ''));
    }

    /** The first moment that is shown, and the first that is not. */
    public function from(Show $show): Carbon
    {
        return Carbon::now($show->timeZone)->startOfDay();
    }

    public function until(Show $show): Carbon
    {
        return $this->from($show)->addDays($this->days);
    }

    /** The day that is chosen, in a workshop's own time, as its first and last moment. */
    public function chosenDay(Workshop $workshop): ?Carbon
    {
        return $this->day === null ? null : Carbon::parse($this->day, $workshop->time_zone)->startOfDay();
    }
}
