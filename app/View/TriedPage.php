<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\Tried;
use App\Figures\TriedDate;
use HonestGrain\Words\Said;

/** What was tried, beside the plan that stands. */
final readonly class TriedPage
{
    private const NAMED = 2;

    /**
     * @param  array<int, string>  $names  pieces in work, by number
     * @param  list<array{written: string, said: Said, piece: int|null}>  $changes
     */
    public function __construct(public Tried $tried, public array $names, public array $changes)
    {
    }

    /** @return list<string> */
    public function written(): array
    {
        return array_column($this->changes, 'written');
    }

    /**
     * The address of the sheet without one of its changes.
     *
     * @return list<string>
     */
    public function without(int $number): array
    {
        $written = $this->written();
        unset($written[$number]);

        return array_values($written);
    }

    /** "in time, 2 days to spare", "3 days late" */
    public function verdict(?TriedDate $date, Show $show): string
    {
        $late = $date?->lateHours();

        return match (true) {
            $date?->after === null => say('view.tried.no-date'),
            $late === null => say('view.tried.ready', ['day' => $show->dayTime($date->after)]),
            $late > 0 => say('view.tried.late', ['hours' => $show->about($late)]),
            default => say('view.tried.in-time', ['hours' => $show->about(-$late)]),
        };
    }

    /** Whether a piece would be better off. */
    public function helps(?TriedDate $date): bool
    {
        return $date !== null && $date->after !== null
            && (($date->lateHours() ?? 0.0) < ($date->lateBefore() ?? 0.0) - 1);
    }

    /** What it does to all other pieces, in one line. */
    public function others(int $but, Show $show): string
    {
        $moved = $this->tried->moved($but);
        $harmed = array_values(array_filter($moved, fn (TriedDate $one): bool => $one->isHarmed()));
        if ($harmed !== []) {
            return say('view.tried.harms', ['pieces' => $this->named($harmed, $show)]);
        }
        $later = array_values(array_filter($moved, fn (TriedDate $one): bool => $one->laterHours() > 0));

        return match (true) {
            $moved === [] => say('view.tried.nothing-else'),
            $later !== [] => say('view.tried.later', ['pieces' => $this->named($later, $show)]),
            default => say('view.tried.sooner', ['count' => count($moved)]),
        };
    }

    public function headline(): string
    {
        return say('view.tried.headline', [
            'before' => $this->tried->lateBefore(), 'after' => $this->tried->lateAfter(),
        ]);
    }

    /** @param  list<TriedDate>  $dates */
    private function named(array $dates, Show $show): string
    {
        $names = array_map(
            fn (TriedDate $one): string => say('view.tried.by', [
                'piece' => $one->name, 'hours' => $show->about($one->laterHours()),
            ]), array_slice($dates, 0, self::NAMED),
        );
        $more = count($dates) - self::NAMED;

        return implode(', ', $names).($more > 0 ? say('view.tried.and-more', ['count' => $more]) : '');
    }
}
