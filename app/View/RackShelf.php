<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Blank;
use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Piece\Flaw;
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
            ? say('view.rack-shelf.wall', [
                'length' => $this->show->length($blank->document->number('wall_mm', 0.0, INF)),
            ]) : '';

        return "$form, ".str_replace(
            ' '.$this->show->unit(Unit::Length).' ×', ' ×',
            $this->show->length($blank->document->number('diameter_mm', 0.0, INF), 0).' × '
                .$this->show->length($blank->document->number('length_mm', 0.0, INF), 0),
        ).$wall;
    }

    /**
     * What the wood brings, each kind once.
     *
     * @param  list<Flaw>  $flaws
     */
    public function brings(array $flaws): string
    {
        return implode(', ', array_unique(array_map(
            fn (Flaw $flaw): string => mb_lcfirst($this->show->said($flaw->kind->label())), $flaws,
        )));
    }

    /** What its weights say, in one line. */
    public function says(Blank $blank): string
    {
        $day = fn (?Carbon $at): string => $at === null ? '' : $this->show->calendarDay($at);
        $moisture = $blank->moisture_percent === null
            ? '' : ' · '.$this->show->plain($blank->moisture_percent).' %';

        return match ($blank->drying) {
            DryingState::Ready => say('view.rack-shelf.ready-since', [
                'day' => $day($blank->ready_at),
                'moisture' => $moisture,
            ]),
            DryingState::Drying => ($this->isDue($blank)
                ? say('view.rack-shelf.should-ready-weigh')
                : say('view.rack-shelf.ready-about', [
                    'day' => $day($blank->ready_at),
                ])).$moisture,
            DryingState::TooFew => $blank->last_weighed_at === null ? say('view.rack-shelf.never-weighed')
                : say('view.rack-shelf.too-few-weighings-date'),
            DryingState::Rising => say('view.rack-shelf.gained-weight-no-date'),
            DryingState::WetAir => say('view.rack-shelf.air-too-damp-dry'),
            DryingState::NoPlateau => say('view.rack-shelf.still-far-from-no'),
            DryingState::TooShort => say('view.rack-shelf.weighed-over-too-short'),
            DryingState::NoClimate => say('view.rack-shelf.air-not-known'),
        };
    }

    /** "between 3 Jan and 20 Feb" */
    public function between(Blank $blank): string
    {
        return $blank->ready_from === null || $blank->ready_until === null || $this->isDue($blank) ? ''
            : say('view.rack-shelf.between', [
                'from' => $this->show->calendarDay($blank->ready_from),
                'until' => $this->show->calendarDay(
                    $blank->ready_until,
                ),
            ]);
    }

    public function lost(Blank $blank): string
    {
        return $blank->lost_percent === null ? ''
            : say($blank->week_percent === null ? 'view.rack-shelf.lost' : match ($blank->week_percent < 0) {
                true => 'view.rack-shelf.lost-and-gaining',
                false => 'view.rack-shelf.lost-and-losing',
            }, [
                'lost' => $this->show->plain($blank->lost_percent),
                'week' => number_format(abs((float) $blank->week_percent), 2),
            ]);
    }

    /** "felled 3 Jan, roughed 4 Jan", as far as known */
    public function dates(Blank $blank): string
    {
        $said = [];
        foreach (['felled_on', 'cut_on', 'roughed_on'] as $field) {
            $date = $blank->document->value($field);
            $said[] = is_string($date) ? say("view.rack-shelf.dates.$field", [
                'date' => $this->show->dated(Carbon::parse($date, $this->show->timeZone), 'j M Y'),
            ]) : '';
        }

        return implode(', ', array_filter($said));
    }

    /** When it was on the scale last. */
    public function last(Blank $blank): string
    {
        return $blank->last_weighed_at === null ? say('view.rack-shelf.never') : say('view.rack-shelf.last', [
            'calendarDay' => $this->show->calendarDay($blank->last_weighed_at),
        ]);
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
