<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\PlannedStep;
use App\Models\Workshop;
use Sabre\VObject\Component\VCalendar;

/** The shop's coming steps, closing windows with an alarm, and due dates, as iCalendar. */
final readonly class CalendarFeed
{
    private const MOST = 600;

    private const ALARM_MINUTES = 60;

    public function of(Workshop $workshop): string
    {
        // The library still declares parameters in a way that PHP 8.2 reports as deprecated.
        $level = error_reporting(error_reporting() & ~E_DEPRECATED);
        try {
            $calendar = new VCalendar(
                [
                    'PRODID' => '-//Honest Grain//EN', 'X-WR-CALNAME' => $workshop->name,
                    'REFRESH-INTERVAL;VALUE=DURATION' => 'PT1H',
                ],
            );
            $steps = $workshop->plannedSteps()
                ->with('piece:id,name,workshop_id')
                ->where('state', 'open')
                ->whereNotNull('start_at')
                ->orderBy('start_at')
                ->limit(self::MOST)
                ->get();
            foreach ($steps as $step) {
                $this->step($calendar, $step);
            }
            foreach ($workshop->pieces()->working()->whereNotNull('due_at')->orderBy('due_at')->limit(self::MOST)->get(
                ['id', 'workshop_id', 'name', 'due_at', 'ready_at'],
            ) as $piece) {
                $calendar->add('VEVENT', [
                    'UID' => "due-{$piece->id}@honest-grain", 'DTSTAMP' => now()
                        ->toDateTimeImmutable(), 'SUMMARY' => "Due: {$piece->name}",
                    'DTSTART' => $piece->due_at?->toDateTimeImmutable(),
                    'DTEND' => $piece->due_at?->toDateTimeImmutable(),
                    'DESCRIPTION' => $piece->ready_at === null ? 'Not planned.' : 'Planned to be ready '
                        .$piece->ready_at->setTimezone($workshop->time_zone)->format('D j M H:i').'.',
                ]);
            }

            return $calendar->serialize();
        } finally {
            error_reporting($level);
        }
    }

    private function step(VCalendar $calendar, PlannedStep $step): void
    {
        if ($step->start_at === null || $step->end_at === null || $step->minutes <= 0) {
            return;
        }
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "step-{$step->piece_id}-{$step->step}@honest-grain", 'DTSTAMP' => now()->toDateTimeImmutable(),
            'SUMMARY' => "{$step->piece->name}: {$step->title}", 'DTSTART' => $step->start_at->toDateTimeImmutable(),
            'DTEND' => $step->end_at->toDateTimeImmutable(),
            'DESCRIPTION' => $step->details->because
                .($step->closes_at === null ? '' : ' The window closes '.$step->closes_at->toIso8601ZuluString().'.'),
        ]);
        $calendar->add($event);
        if ($step->closes_at !== null) {
            $alarm = $calendar->createComponent(
                'VALARM',
                ['ACTION' => 'DISPLAY', 'DESCRIPTION' => "Window closing: {$step->piece->name}, {$step->title}"],
            );
            $alarm->add(
                'TRIGGER', $step->closes_at->copy()->subMinutes(self::ALARM_MINUTES)->format('Ymd\THis\Z'),
                ['VALUE' => 'DATE-TIME'],
            );
            $event->add($alarm);
        }
    }
}
