<?php

declare(strict_types=1);

namespace App\View;

use Closure;
use HonestGrain\Drawing\Appearance;
use HonestGrain\Drawing\DivisionPlan;
use HonestGrain\Drawing\MarkStrip;
use HonestGrain\Piece\BandEdges;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\Tints;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;

/** One mark: what is set for it, what follows, its strip laid flat and its division. */
final readonly class MarkPanel
{
    /** Heights of the band that a table shows. */
    private const HEIGHTS = 5;

    public Worked $worked;

    private Ground $ground;

    private Settings $settled;

    /** @param  list<array{string, string}>  $order */
    public function __construct(
        public Part $part,
        public Mark $mark,
        private array $order,
        private ?Drawings $drawings = null,
    ) {
        $this->ground = $part->grounds[$mark->id()];
        $this->settled = $part->settled()[$mark->id()];
        $this->worked = $part->worked()[$mark->id()];
    }

    /** What no chosen class means. */
    public function unchosen(Show $show): string
    {
        return $this->mark->isClassTaken
            ? say('view.mark-panel.not-chosen-taken', [
                'productName' => mb_lcfirst($show->said($this->mark->productName())),
            ]) : say('view.mark-panel.not-chosen');
    }

    public function strip(): string
    {
        return $this->kept('strip', fn (): string => MarkStrip::of($this->part, $this->mark));
    }

    public function isPartOfStrip(): bool
    {
        return MarkStrip::isPart($this->part, $this->mark);
    }

    public function plan(): string
    {
        return (new DivisionPlan(
            $this->part->grain, $this->part->wood->nature->rgb, $this->worked,
            $this->settled->numberOr(Setting::StartDeg, 0.0) ?? 0.0,
        ))->drawn();
    }

    /**
     * What can be set.
     *
     * @return list<array{Setting, string, string, string}> setting, label with its unit, what is set, what is usual
     */
    public function fields(Show $show): array
    {
        return array_map(function (Setting $setting) use ($show): array {
            $unit = $setting->isLength() ? $show->unit(Unit::Length) : $setting->unit();

            return [
                $setting, $show->said($setting->label()).($unit === '' ? '' : ', '.$show->said($unit)),
                $this->value($this->mark->set, $setting, $show),
                $this->value($this->settled, $setting, $show),
            ];
        }, array_values(array_filter($this->mark->technique->settings(), $this->matters(...))));
    }

    /** @return list<array{string, string}> what is the same all over the band */
    public function figures(Show $show): array
    {
        return array_values(array_map(
            fn (Figure $figure): array => [
                $show->said($figure->label), self::worded($figure->measure, $figure->value, $show),
            ],
            array_filter($this->worked->figures, fn (Figure $figure): bool => $figure->byHeight === []),
        ));
    }

    /**
     * What changes with the height: a row of words for each place, from the upper edge down.
     *
     * @return array{list<string>, list<list<string>>} heads and rows; none where nothing changes
     */
    public function byHeight(Show $show): array
    {
        $figures = array_values(array_filter(
            $this->worked->figures, fn (Figure $figure): bool => $figure->byHeight !== [],
        ));
        if ($figures === []) {
            return [[], []];
        }
        $last = count($this->ground->levels) - 1;
        $rows = [];
        for ($i = 0; $i < self::HEIGHTS; $i++) {
            $level = $this->ground->levels[(int) round($i / (self::HEIGHTS - 1) * $last)];
            $row = [$show->length($level->heightMm, 1), $show->length(2 * $level->radiusMm, 1)];
            foreach ($figures as $figure) {
                $row[] = self::worded($figure->measure, self::nearest($figure, $level->heightMm, $i), $show);
            }
            $rows[] = $row;
        }

        return [
            [
                say('view.mark-panel.up'), '⌀',
                ...array_map(fn (Figure $figure): string => $show->said($figure->label), $figures),
            ],
            $rows[0][0] === $rows[self::HEIGHTS - 1][0] ? $rows : array_reverse($rows),
        ];
    }

    /** @return list<Finding> what will not do first */
    public function findings(): array
    {
        $findings = $this->worked->findings;
        usort($findings, fn (Finding $a, Finding $b): int => $b->isRefused <=> $a->isRefused);

        return $findings;
    }

    /** @return array<string, string> colours of a dyed band by stage; none for other marks */
    public function chips(): array
    {
        if (! $this->mark->technique instanceof Tints) {
            return [];
        }
        $look = Appearance::of($this->part, $this->order);
        [$early, $late, $figure] = $look->under($this->mark, false);
        [$earlyCoated, $lateCoated] = $look->under($this->mark);

        return [
            say('view.mark-panel.bare') => $this->part->wood->nature->rgb,
            say('view.mark-panel.early') => $early->toHex(), say('view.mark-panel.late') => $late->toHex(),
            say('view.mark-panel.end-grain') => $figure->toHex(),
            say('view.mark-panel.early-coated') => $earlyCoated->toHex(),
            say('view.mark-panel.late-coated') => $lateCoated->toHex(),
        ];
    }

    /**
     * @return array{array<string, float>, int, float}|null share kept by tissue, best µm and its ΔE; null for no dye
     */
    public function sandedBack(): ?array
    {
        if (! $this->mark->isLayered()) {
            return null;
        }

        return $this->kept('sanded-back', function (): array {
            $look = Appearance::of($this->part, $this->order);

            return [$look->kept($this->mark), ...$look->bestSanding($this->mark)];
        });
    }

    /**
     * @template T of string|array
     *
     * @param  Closure(): T  $draw
     * @return T
     */
    private function kept(string $what, Closure $draw): string|array
    {
        return $this->drawings?->kept("$what-{$this->mark->id()}", $draw) ?? $draw();
    }

    /** The contrast between early and late wood as it is: ΔE. */
    public function contrast(): float
    {
        [$early, $late] = Appearance::of($this->part, $this->order)->under($this->mark);

        return $early->differenceTo($late);
    }

    /** Where a colour is open to bleed; empty where burnt lines or grooves dam it. */
    public function bleeds(Show $show): string
    {
        $open = $this->mark->isLayered() ? BandEdges::open($this->part, $this->mark) : [];
        $figures = $this->part->colourFigures();

        return $open === [] ? '' : $show->said(new Said('piece.bleeds', [
            'edges' => array_map(fn (array $edge): Quantity => Quantity::mm($edge[0]), $open),
            'least' => Quantity::mm($figures->bleedsAlongMm[0]), 'most' => Quantity::mm($figures->bleedsAlongMm[1]),
            'across' => Quantity::mm($figures->bleedsAcrossMm),
        ]));
    }

    /** The holes that the index pin goes into. */
    public function holes(): string
    {
        return match ($this->worked->plate) {
            null => '',
            $this->worked->parts => say('view.mark-panel.every-one'),
            default => implode(', ', $this->worked->holes),
        };
    }

    /** The wheel of the shop's dyes, on this wood and for this area. */
    public function wheel(): string
    {
        return route('swatches', ['wood' => $this->part->wood->name, 'area' => round($this->ground->areaMm2 / 100)]);
    }

    private function matters(Setting $setting): bool
    {
        return match ($setting) {
            Setting::RadiusMm => $this->settled->choice(Setting::Tool) === 'ball',
            Setting::AngleDeg => ! $this->settled->has(Setting::Tool) || $this->settled->choice(Setting::Tool) === 'v',
            Setting::FrequencyHz, Setting::Rpm => $this->settled->choice(Setting::Texture) === 'chatter',
            Setting::Grid, Setting::PitchMm => ! $this->settled->has(Setting::Opening)
                || $this->settled->choice(Setting::Opening) === 'holes',
            Setting::Count => ! $this->settled->has(Setting::Opening)
                || $this->settled->choice(Setting::Opening) === 'slots',
            Setting::TiltDeg => $this->settled->choice(Setting::Opening) === 'hook',
            Setting::SizeMm => ! $this->settled->has(
                Setting::Unit,
            ) || $this->settled->choice(Setting::Unit) === 'brand',
            Setting::Binder => $this->settled->choice(Setting::Filling) !== 'wire',
            default => true,
        };
    }

    private function value(Settings $settings, Setting $setting, Show $show): string
    {
        if (! $settings->has($setting)) {
            return '';
        }

        return match (true) {
            $setting->choices() !== [] => $settings->choice($setting),
            $setting->isLength() => $show->field(Unit::Length, $settings->number($setting)),
            default => $show->bare($settings->number($setting)),
        };
    }

    private static function nearest(Figure $figure, float $heightMm, int $i): float
    {
        $last = count($figure->byHeight) - 1;
        $best = $figure->byHeight[(int) round($i / (self::HEIGHTS - 1) * $last)];
        foreach ($figure->byHeight as $at) {
            $best = abs($at[0] - $heightMm) < abs($best[0] - $heightMm) - 1e-6 ? $at : $best;
        }

        return $best[1];
    }

    private static function worded(Measure $measure, float $value, Show $show): string
    {
        return match ($measure) {
            Measure::Mm => $show->length($value, abs($value) < 100 ? 2 : 0),
            Measure::Um => $show->plain($value).' µm',
            Measure::Degrees => $show->plain(round($value, 1)).'°',
            Measure::Count => $show->plain(round($value, 1)),
            Measure::Ml => $show->volume($value),
            Measure::Grams => number_format($value, 2).' g',
            Measure::Rpm => $show->plain($value).' rpm',
            Measure::Seconds => $show->plain($value).' s',
            Measure::Minutes => $value < 10 ? $show->plain($value).' min' : $show->minutes($value),
            Measure::Metres => $show->plain(round($value, 2)).' m',
            Measure::Share => $show->share($value),
            Measure::Cm2 => $show->area($value * 100),
            default => $show->write(Quantity::of($measure, $value)),
        };
    }
}
