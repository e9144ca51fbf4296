<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Drawing\ScratchLine;
use HonestGrain\Piece\Part;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Sanding;
use Illuminate\Support\Str;

/** One zone's sanding as the Surface tab shows it, with the falling scratch line. */
final readonly class SandingPanel
{
    private function __construct(public Sanding $sanding, public string $own, private Calibration $calibration)
    {
    }

    /** @return list<self> */
    public static function all(Part $part, Bench $bench): array
    {
        return array_values(array_map(
            fn (Sanding $sanding): self => new self($sanding, implode(', ', array_map(
                fn (Grit $grit): string => $grit->name, $part->surface->own[$sanding->zone->id] ?? [],
            )), $bench->calibration),
            Sanding::all($part, $bench, $part->measure($bench->calibration->shape, $bench->minWallMm)),
        ));
    }

    /**
     * Faces that are left as the tool left them.
     *
     * @return list<string>
     */
    public static function left(Part $part): array
    {
        return array_values(array_filter(
            $part->faces(),
            fn (string $face): bool => $part->surface->leaves($face),
        ));
    }

    /**
     * What all zones that share their changes of grit take together, minutes.
     *
     * @param  list<self>  $panels
     */
    public static function together(array $panels): float
    {
        return array_sum(array_map(
            fn (self $panel): float => $panel->sanding->with === [] ? 0.0 : $panel->sanding->minutes(), $panels,
        ));
    }

    /** "412 cm², 40 % end grain; 360 rpm is 3.2 m/s here" */
    public function place(Show $show): string
    {
        $s = $this->sanding;

        return $show->area($s->zone->areaMm2).', '.round($s->zone->endGrainMean * 100).' % end grain'
            .($s->stopped ? '' : "; $s->rpm rpm is ".$show->speed($s->speedMPerS).' here');
    }

    /** Where the hardness of the wood comes from. */
    public function why(Part $part): string
    {
        return $this->calibration->told(
            'Scratch depth {sanding_valley_per_micron|} × grain size × ({reference_hardness_n|} ÷ '
            .'hardness)^{sanding_hardness_exponent|}; removal {sanding_removal_um_min} for a grain of '
            .'{sanding_reference_grain_um} at {sanding_reference_speed_m_s} on a hardness of {reference_hardness_n}, '
            .'in proportion to size, speed and softness, under a pad of {sanding_pad_mm2}, '
            .'with passes that overlap ({sanding_overlap}), and never less than {sanding_cover_minutes_per_100cm2} '
            .'for each grit; the first grain as large as the tool marks are deep; a size may fall {sanding_max_ratio} '
            .'at most from one grit to the next; {sanding_change_minutes} to change a disc, '
            .'{sanding_inspect_minutes} to look, {sanding_along_grain_minutes_per_100cm2} along the grain at the end.',
        ).' '.$this->hardness($part).' Grain sizes: FEPA 43 / ISO 6344 and ANSI B74 (published).';
    }

    public function powerFloor(Show $show): string
    {
        return $show->speed($this->calibration->sanding->powerFloorMPerS);
    }

    /** On what wood the minutes are reckoned where the hardness of this one is unknown. */
    public function reckonedOn(): string
    {
        return $this->calibration->told('The minutes shown are those of a wood of {reference_hardness_n}.');
    }

    private function hardness(Part $part): string
    {
        $wood = $part->wood;

        return match (true) {
            $wood->jankaN === null => "$wood->name: no hardness is known.",
            $wood->about('hardness') !== null => "$wood->name: ".number_format($wood->jankaN).' N. '
                .$wood->about('hardness'),
            default => "$wood->name: ".number_format($wood->jankaN)." N ($wood->source).",
        };
    }

    /** Minutes of the zone on the ladder shown, with its part of the shared changes. */
    public function minutes(): string
    {
        $minutes = $this->sanding->own === null ? $this->sanding->minutes() : $this->sanding->best->totalMinutes ?? 0.0;

        return number_format($minutes, 1);
    }

    public function missing(): string
    {
        return $this->sanding->missing.($this->sanding->borrowed ? ' The minutes are those of the usual set.'
            : ' This is as far as it goes.');
    }

    /** How fine the last grit must be, and why. */
    public function asked(Show $show): string
    {
        $s = $this->sanding;

        return 'Asked: a last grain of '.$show->plain($s->asked->limitMicron).' µm or finer ('
            .$show->plain($s->job->limitUm)." µm of scratch on this wood), because {$s->asked->because}. "
            .'Between grits, wipe off and look along it under a low raking light.';
    }

    public function recut(Show $show): string
    {
        return 'The first grit takes over half of the time; a clean cut would save '
            .$show->plain($this->sanding->recutSavesMinutes ?? 0.0).' min, the cut itself counted.';
    }

    public function yours(): string
    {
        $own = $this->sanding->own;
        $discs = $own?->discs() ?? 0;

        return 'Yours: '.number_format($own->totalMinutes ?? 0.0, 1)." min, $discs ".Str::plural('disc', $discs)
            .$this->ownAgainst().'.'.($own?->faults === [] ? ' No faulty step.' : '');
    }

    public function comparison(): string
    {
        $best = $this->sanding->best;

        return match (true) {
            $this->sanding->missing !== null || $best === null => '',
            $this->sanding->shared === null => 'The least there is from your shelf.',
            default => sprintf(
                'With its part of the shared changes; alone the least would be %s, %s min.',
                implode(', ', $best->gritNames()), number_format($best->totalMinutes, 1),
            ),
        };
    }

    /** How the maker's own ladder compares with the shortest for this zone alone. */
    public function ownAgainst(): string
    {
        $own = $this->sanding->own;
        $best = $this->sanding->best;
        if ($own === null || $best === null || $this->sanding->missing !== null) {
            return '';
        }
        $more = $own->totalMinutes - $best->totalMinutes;

        return sprintf(' (%s%s min)', $more >= 0 ? '+' : '−', number_format(abs($more), 1));
    }

    /** The scratch depth over the minutes, as steps down to the limit. */
    public function line(Progression $ladder, Show $show): string
    {
        return (new ScratchLine($this->sanding->job, $ladder, $this->sanding->own, $this->longest()))->svg(
            $show->plain(...),
        );
    }

    private function longest(): float
    {
        $s = $this->sanding;

        return max($s->best->totalMinutes ?? 0.0, $s->own->totalMinutes ?? 0.0, $s->shared->totalMinutes ?? 0.0);
    }
}
