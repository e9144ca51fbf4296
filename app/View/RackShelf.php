<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Blank;
use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\DryingState;
use HonestGrain\Words\Unit;
use Illuminate\Support\Carbon;

/** Blanks side by side, drawn to one scale, each with what its weights say. */
final readonly class RackShelf
{
    private const WIDEST_PX = 120.0;

    /** A wider blank than this sets the scale no further, mm. */
    private const WIDEST_MM = 420.0;

    private const TALLEST_PX = 170;

    private float $pxPerMm;

    /** @param  array<Blank>  $blanks */
    public function __construct(array $blanks, private DryingFigures $figures, private Show $show)
    {
        $widest = max([1.0, ...array_map(
            fn (Blank $one): float => $one->document->number('diameter_mm', 0.0, INF), $blanks,
        )]);
        $this->pxPerMm = self::WIDEST_PX / min(self::WIDEST_MM, $widest);
    }

    public function drawing(Blank $blank): string
    {
        preg_match('/viewBox="\S+ \S+ (\S+) (\S+)"/', $blank->drawing, $frame);
        $height = (float) ($frame[2] ?? 100) * $this->pxPerMm;
        $scale = min(1.0, self::TALLEST_PX / $height);

        return (string) preg_replace('/^<svg /', sprintf(
            '<svg width="%d" height="%d" aria-hidden="true" ', round(
                (float) ($frame[1] ?? 100) * $this->pxPerMm * $scale,
            ), round($height * $scale),
        ), $blank->drawing);
    }

    public function what(Blank $blank): string
    {
        $form = $this->show->said(BlankForm::from($blank->form)->label());
        $wall = $blank->document->has('wall_mm')
            ? ', wall '.$this->show->length($blank->document->number('wall_mm', 0.0, INF)) : '';

        return "$form, ".str_replace(
            ' '.$this->show->unit(Unit::Length).' ×', ' ×',
            $this->show->length($blank->document->number('diameter_mm', 0.0, INF), 0).' × '
                .$this->show->length($blank->document->number('length_mm', 0.0, INF), 0),
        ).$wall;
    }

    /** What its weights say, in one line. */
    public function says(Blank $blank): string
    {
        $day = fn (?Carbon $at): string => $at === null ? '' : $this->show->calendarDay($at);
        $moisture = $blank->moisture_percent === null
            ? '' : ' · '.$this->show->plain($blank->moisture_percent).' %';

        return match ($blank->drying) {
            DryingState::Ready => 'Ready since '.$day($blank->ready_at).$moisture,
            DryingState::Drying => ($this->isDue($blank) ? 'Should be ready: weigh it' : 'Ready about '
                .$day($blank->ready_at)).$moisture,
            DryingState::TooFew => $blank->last_weighed_at === null ? 'Never weighed'
                : 'Too few weighings for a date',
            DryingState::Rising => 'It gained weight: no date',
            DryingState::WetAir => 'The air is too damp to dry it',
            DryingState::NoPlateau => 'Still far from dry: no date yet',
            DryingState::TooShort => 'Weighed over too short a time',
            DryingState::NoClimate => 'Its air is not known',
        };
    }

    /** "between 3 Jan and 20 Feb" */
    public function between(Blank $blank): string
    {
        return $blank->ready_from === null || $blank->ready_until === null || $this->isDue($blank) ? ''
            : 'between '.$this->show->calendarDay($blank->ready_from).' and '.$this->show->calendarDay(
                $blank->ready_until,
            );
    }

    public function lost(Blank $blank): string
    {
        return $blank->lost_percent === null ? ''
            : 'lost '.$this->show->plain($blank->lost_percent).' % so far'
            .($blank->week_percent === null ? '' : ', '.($blank->week_percent < 0 ? 'gaining ' : '')
                .number_format(abs($blank->week_percent), 2).' % a week');
    }

    /** "felled 3 Jan, roughed 4 Jan", as far as known */
    public function dates(Blank $blank): string
    {
        $said = [];
        foreach (['felled_on' => 'felled', 'cut_on' => 'cut', 'roughed_on' => 'roughed'] as $field => $word) {
            $date = $blank->document->value($field);
            $said[] = is_string($date) ? "$word ".Carbon::parse($date)->format('j M Y') : '';
        }

        return implode(', ', array_filter($said));
    }

    /** When it was on the scale last. */
    public function last(Blank $blank): string
    {
        return $blank->last_weighed_at === null ? 'never' : 'last '.$this->show->calendarDay($blank->last_weighed_at);
    }

    public function isForgotten(Blank $blank): bool
    {
        return $blank->drying === DryingState::Ready && $blank->ready_at !== null
            && $blank->ready_at->lt(now()->subDays((int) $this->figures->forgottenDays));
    }

    public function isOverdue(Blank $blank): bool
    {
        return $blank->gone_at === null && $blank->drying !== DryingState::Ready
            && ($blank->last_weighed_at ?? $blank->created_at)?->lt(
                now()->subDays((int) $this->figures->weighEveryDays),
            ) === true;
    }

    private function isDue(Blank $blank): bool
    {
        return $blank->drying === DryingState::Drying && $blank->ready_at !== null && $blank->ready_at->isPast();
    }
}
