<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepState;
use HonestGrain\Drawing\WaitLength;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;

/** What a page says of a planned step, worded for the reader. */
final readonly class StepWords
{
    private function __construct(private PlannedStep $step, private Show $show)
    {
    }

    public static function of(PlannedStep $step, Show $show): self
    {
        return new self($step, $show);
    }

    /** "In the chuck, spinning, at most 360 rpm." */
    public function hold(): string
    {
        $details = $this->step->details;
        $speed = $details->speedRpm === null ? '' : say('view.step-words.and-most-rpm', [
            'speedRpm' => $details->speedRpm,
        ]);

        return mb_ucfirst($this->show->said($details->hold))."$speed.";
    }

    /** "wiping varnish: pour 12 mL." */
    public function taking(): ?string
    {
        $amount = $this->show->stepAmount($this->step);

        return $amount === null ? null : ($this->step->product === null ? mb_ucfirst($amount)
            : mb_ucfirst(mb_lcfirst($this->show->product($this->step->product)).": $amount")).'.';
    }

    /** @return list<string> lines of instruction */
    public function how(): array
    {
        $scuff = $this->step->given_up_at === null ? [] : [say('view.step-words.given-up', [
            'at' => $this->show->dayTime($this->step->given_up_at),
        ])];

        return [...$scuff, ...array_map($this->show->said(...), $this->step->details->how)];
    }

    /** All of it on one line. */
    public function line(): string
    {
        $amount = $this->show->stepAmount($this->step);

        return implode(' ', array_filter([
            $this->hold(), $amount === null ? '' : mb_ucfirst($amount).'.', ...$this->how(),
        ]));
    }

    /** What is to be known where it is mounted or cut, on a card; empty elsewhere. */
    public function atTheLathe(): string
    {
        $kinds = [StepKind::Mount->value, StepKind::Turn->value, StepKind::RoughOut->value];

        return in_array($this->step->kind, $kinds, true) ? implode(' ', $this->how()) : '';
    }

    /** What is to be had beside the title on a card: how much of what, and how fast. */
    public function beside(): string
    {
        $speed = $this->step->details->speedRpm;

        return implode(' · ', array_filter([
            (string) $this->show->stepAmount($this->step), $speed === null ? '' : say('view.step-words.most-rpm', [
                'speed' => $speed,
            ]),
        ]));
    }

    /** @return list<string> what stands under the title on a card: how it is held, then the wait and the cautions */
    public function onCard(): array
    {
        $lines = [$this->atTheLathe(), trim("{$this->wait()} {$this->hazardTitles()}")];

        return array_values(array_filter($lines, fn (string $line): bool => $line !== ''));
    }

    /** "Then wait 4 h, at most 18 h, before the next coat."; null where the next step need not wait. */
    public function wait(): ?string
    {
        $details = $this->step->details;
        if ($details->wait === null) {
            return null;
        }
        [$from, $until] = $this->hours();

        return say('view.step-words.then-wait', [
            'hours' => $this->show->hours($from),
            'most' => $until === null ? '' : say('view.step-words.most', ['hours' => $this->show->hours($until)]),
            'what' => $details->waitFor === null ? ''
                : ' '.$this->show->said($details->waitFor),
        ]);
    }

    /** The same as a line of a list has it, with its bar: "waits 4 h, at most 18 h,"; empty where nothing waits. */
    public function waits(): string
    {
        [$from, $until] = $this->hours();

        return $from <= 0.0 ? '' : rtrim(say('view.step-words.waits', [
            'hours' => $this->show->hours($from),
            'most' => $until === null ? '' : say('view.step-words.most', ['hours' => $this->show->hours($until)]),
        ]), ',');
    }

    /** Its id, of letters and digits that an address may have. */
    public function anchor(): string
    {
        return (string) preg_replace('/[^A-Za-z0-9_-]/', '-', $this->step->step);
    }

    public function waitBar(): string
    {
        return WaitLength::svg($this->anchor(), $this->hours()[0]);
    }

    /** @return array{float, ?float} the least and the most hours of its wait; 0 where there is none */
    private function hours(): array
    {
        $wait = $this->step->details->wait;

        return match (true) {
            $wait === null => [0.0, null],
            $this->step->wait_from_h === null => [$wait['min_hours'], $wait['max_hours']],
            default => [$this->step->wait_from_h, $this->step->wait_until_h],
        };
    }

    /** What the wait would be at the tin's own climate, where this shop's air makes another of it. */
    public function atTheTin(): ?string
    {
        $wait = $this->step->details->wait;
        if ($wait === null || $this->step->wait_from_h === null) {
            return null;
        }

        return say('view.step-words.air-would', [
            'air' => $this->air(),
            'hours' => $this->show->hours($wait['min_hours']),
            'until' => $wait['max_hours'] === null ? '' : say('view.step-words.to', [
                'hours' => $this->show->hours($wait['max_hours']),
            ]),
            'airOfLabels' => $this->show->airOfLabels(),
        ]);
    }

    /** Where its wait runs. */
    private function air(): string
    {
        $air = $this->step->details->air;

        return $air === '' ? say('view.step-words.shop')
            : mb_lcfirst($this->step->piece->workshop->airs->firstWhere('id', (int) $air)->name
                ?? say('view.step-words.shop'));
    }

    /** When it is planned, or was done: day and time. */
    public function when(): string
    {
        $at = $this->step->start_at ?? $this->step->end_at;

        return $at === null ? '' : $this->show->day($at).' '.$this->show->time($at);
    }

    /** "done Tue 24 Nov 11:05", "skipped". */
    public function past(): string
    {
        return $this->step->state === StepState::Done && $this->step->end_at !== null

                ? say('view.step-words.done', ['dayTime' => $this->show->dayTime($this->step->end_at)])
                : $this->step->state->value;
    }

    /** "May start 14:20.", "Window closes 18:00."; the first that is to be said. */
    public function window(): ?string
    {
        if (! $this->step->is_next) {
            return null;
        }
        $opens = $this->step->opens_at?->isFuture() === true
            ? say('view.step-words.may-start', ['dayTime' => $this->show->dayTime($this->step->opens_at)]) : '';
        $closes = $this->step->closes_at;
        $shuts = $closes === null
            ? ''
            : ($closes->isPast() ? say('view.step-words.window-closed') : say('view.step-words.window-closes'))
            .$this->show->dayTime($closes).'.';

        return trim($opens.$shuts) === '' ? null : trim($opens.$shuts);
    }

    public function isTooLate(): bool
    {
        return $this->step->is_next && $this->step->closes_at?->isPast() === true;
    }

    public function hazardTitles(): string
    {
        return implode(' · ', array_map(
            fn (Hazard $hazard): string => $this->show->said($hazard->title()), $this->step->details->hazards,
        ));
    }

    public function why(): string
    {
        return $this->show->said(StepKind::from($this->step->kind)->why());
    }
}
