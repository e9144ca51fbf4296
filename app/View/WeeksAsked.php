<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Workshop;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** How Weeks is looked at: how far, by what, which pieces, and what of it is chosen. */
final readonly class WeeksAsked
{
    public const SPANS = [7, 14, 21, 28, 56];

    public const BY = ['piece', 'person', 'air'];

    private const USUAL_SPAN = 21;

    /** What an address need not say. */
    private const USUAL = [
        'days' => self::USUAL_SPAN, 'by' => self::BY[0], 'page' => null, 'find' => '', 'late' => null, 'piece' => null,
        'day' => null, 'table' => null,
    ];

    private const MOST_PAGES = 500;

    private function __construct(
        public int $days,
        public string $by,
        public int $page,
        public string $find,
        public bool $isLateOnly,
        public ?int $piece,
        public ?string $day,
        public bool $isTable,
        private string $path,
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
            $text('table') === '1', route('weeks'),
        );
    }

    /** Whether no piece is left out. */
    public function isOfAll(): bool
    {
        return $this->find === '' && ! $this->isLateOnly && $this->page === 0;
    }

    /** The address of the same, with something of it otherwise. */
    public function address(mixed ...$otherwise): string
    {
        $asked = $otherwise + [
            'days' => $this->days, 'by' => $this->by, 'page' => $this->page, 'find' => $this->find,
            'late' => $this->isLateOnly ? 1 : null, 'piece' => $this->piece, 'day' => $this->day, 'table' => null,
        ];
        $asked['page'] = $asked['page'] === 0 ? null : $asked['page'] + 1;
        $said = [];
        foreach (self::USUAL as $name => $usual) {
            $said += $asked[$name] === $usual ? [] : [$name => $asked[$name]];
        }
        $query = http_build_query($said);

        return $query === '' ? $this->path : "$this->path?$query";
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
