<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\User;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VAlarm;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/**
 * The shop's coming steps, every window with an alarm, and due dates, as iCalendar (RFC 5545), in the words of one
 * reader.
 */
final readonly class CalendarFeed
{
    private const MOST = 600;

    private const ALARM_MINUTES = 60;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function of(User $reader): string
    {
        // The library still declares parameters in a way that PHP 8.2 reports as deprecated.
        $level = error_reporting(error_reporting() & ~E_DEPRECATED);
        try {
            return $this->calendar($reader, Show::for($reader, $this->catalogue))->serialize();
        } finally {
            error_reporting($level);
        }
    }

    /** Of several people each has their own steps in theirs. */
    private function calendar(User $reader, Show $show): VCalendar
    {
        $workshop = $reader->workshop;
        $worker = $workshop->workers->count() < 2 ? null : $workshop->workers->firstWhere('user_id', $reader->id);
        $calendar = new VCalendar([
            'PRODID' => '-//Honest Grain//EN', 'X-WR-CALNAME' => $workshop->name,
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT1H',
        ]);
        $steps = $workshop->plannedSteps()->with('piece:id,name,workshop_id')->where('state', StepState::Open)
            ->whereNotNull('start_at')->of($worker)->orderBy('start_at')->limit(self::MOST)->get();
        $before = $workshop->plannedSteps()->whereIn('piece_id', $steps->pluck('piece_id')->unique())
            ->whereNotNull('wait_until_h')->whereNotNull('end_at')
            ->get(['piece_id', 'step', 'end_at', 'wait_from_h', 'wait_until_h'])
            ->keyBy(fn (PlannedStep $step): string => "$step->piece_id $step->step");
        foreach ($steps as $step) {
            $step->piece->setRelation('workshop', $workshop);
            $this->step($calendar, $step, $this->window($step, $before), $show);
        }
        $pieces = $workshop->pieces()->working()->whereNotNull('due_at')->orderBy('due_at')->limit(self::MOST);
        foreach ($pieces->get(['id', 'workshop_id', 'name', 'due_at', 'ready_at', 'updated_at']) as $piece) {
            $this->due($calendar, $piece, $workshop, $show);
        }

        return $calendar;
    }

    private function due(VCalendar $calendar, Piece $piece, Workshop $workshop, Show $show): void
    {
        $calendar->add('VEVENT', [
            'UID' => "due-{$piece->id}@honest-grain",
            'SUMMARY' => say('view.calendar-feed.due', ['piece' => $piece->name]),
            'DTSTART' => $piece->due_at?->toDateTimeImmutable(), 'DTEND' => $piece->due_at?->toDateTimeImmutable(),
            'DESCRIPTION' => $piece->ready_at === null
                ? say('view.calendar-feed.not-planned')
                : say('view.calendar-feed.planned-ready', [
                    'day' => $show->day($piece->ready_at),
                    'time' => $show->time($piece->ready_at),
                ]),
        ] + $this->state($piece->id, $workshop));
    }

    private function step(VCalendar $calendar, PlannedStep $step, ?Window $window, Show $show): void
    {
        if ($step->start_at === null || $step->end_at === null || ($step->minutes <= 0 && $window === null)) {
            return;
        }
        $title = $show->said($step->title);
        $closes = $window === null
            ? '' : say('view.calendar-feed.window-closes', [
                'day' => $show->day($window->closes),
                'time' => $show->time($window->closes),
            ]);
        /** @var VEvent $event */
        $event = $calendar->add('VEVENT', [
            'UID' => "step-{$step->piece_id}-{$step->step}@honest-grain",
            'SUMMARY' => "{$step->piece->name}: $title",
            'DTSTART' => $step->start_at->toDateTimeImmutable(), 'DTEND' => $step->end_at->toDateTimeImmutable(),
            'DESCRIPTION' => $show->said($step->details->because).$closes,
        ] + $this->state($step->piece_id, $step->piece->workshop));
        if ($window !== null) {
            $alarm = $event->add('VALARM', [
                'ACTION' => 'DISPLAY', 'DESCRIPTION' => say('view.calendar-feed.window-closing', [
                    'piece' => $step->piece->name,
                    'title' => $title,
                ]),
            ]);
            assert($alarm instanceof VAlarm);
            $alarm->add('TRIGGER', $window->rings(self::ALARM_MINUTES)->format('Ymd\THis\Z'), ['VALUE' => 'DATE-TIME']);
        } elseif ($step->must_at !== null && $step->given_up_at === null) {
            $this->last($event, $step->must_at, say('view.calendar-feed.must-begin', [
                'piece' => $step->piece->name, 'title' => $title, 'time' => $show->dayTime($step->must_at),
            ]));
        }
    }

    /** It rings so long before a step can be left no longer. */
    private function last(VEvent $event, Carbon $must, string $says): void
    {
        $alarm = $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $says]);
        assert($alarm instanceof VAlarm);
        $at = $must->copy()->utc()->subMinutes(self::ALARM_MINUTES);
        $alarm->add('TRIGGER', $at->format('Ymd\THis\Z'), ['VALUE' => 'DATE-TIME']);
    }

    /** @return array<string, mixed> which state of the plan an entry is of, and where to read on */
    private function state(int $piece, Workshop $workshop): array
    {
        $made = $workshop->planned_at ?? now();

        return [
            'DTSTAMP' => $made->toDateTimeImmutable(), 'LAST-MODIFIED' => $made->toDateTimeImmutable(),
            'SEQUENCE' => $workshop->planned_version ?? 0, 'URL' => route('pieces.route', $piece),
        ];
    }

    /**
     * The time within which a step must be done: the one that runs, or the one that the step before will open.
     *
     * @param  Collection<string, PlannedStep>  $before  steps that open a window, by piece and id
     */
    private function window(PlannedStep $step, Collection $before): ?Window
    {
        $windows = $step->closes_at === null ? [] : [new Window($step->opens_at ?? $step->closes_at, $step->closes_at)];
        foreach ($step->follows as $id) {
            $opener = $step->closes_at === null ? $before->get("$step->piece_id $id") : null;
            if ($opener?->end_at !== null && $opener->wait_until_h !== null) {
                $after = fn (float $hours): CarbonInterface => $opener->end_at->copy()
                    ->addSeconds((int) round(3600 * $hours));
                $windows[] = new Window($after($opener->wait_from_h ?? 0.0), $after($opener->wait_until_h));
            }
        }
        usort($windows, fn (Window $a, Window $b): int => $a->closes <=> $b->closes);

        return $windows[0] ?? null;
    }
}
