<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\RouteFacts;
use App\Models\Piece;
use App\Models\PlannedStep;
use HonestGrain\Drawing\Held;
use HonestGrain\Drawing\TruingPlan;
use HonestGrain\Holding\Mount;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Rack\Truing;
use HonestGrain\Route\SchoolOffer;
use HonestGrain\Route\SchoolWay;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** The route told by mounts: each a stage with its steps, and what the maker may change about it. */
final readonly class RoutePage
{
    /** A gap that is worth a line. */
    private const GAP_HOURS = 3;

    /** Dates that differ by less are the same to a maker. */
    private const SAME_HOURS = 0.2;

    /**
     * @param  list<RouteStage>  $stages  that are not behind
     * @param  array<string, Said>  $titles  by step
     */
    private function __construct(
        public array $stages,
        private array $titles,
        private RouteFacts $facts,
        private Piece $piece,
        private CorePiece $core,
        private Show $show,
    ) {
    }

    /** That its route begins with a finished shape; empty where it does not, or is under way. */
    public function takenAsTurned(): string
    {
        return $this->core->startsAs === StartsAs::Turned && ! $this->piece->isBegun()
            ? say('view.route-page.taken-as-turned') : '';
    }

    /** @return list<LookPanel> what is looked at before the step is ticked off */
    public function looks(PlannedStep $step): array
    {
        return LookPanel::of($step);
    }

    /** Who does a step; empty where one pair of hands does everything. */
    public function who(PlannedStep $step): string
    {
        return $this->piece->workshop->whoDoes($step);
    }

    /** Until when its wood dries, by its weights; empty for what is dry or has no place on the rack. */
    public function drying(): string
    {
        $kinds = array_merge([], ...array_map(
            fn (RouteStage $stage): array => array_column($stage->steps, 'kind'), $this->stages,
        ));
        $blank = in_array(StepKind::Dry->value, $kinds, true) ? $this->piece->blank : null;
        if ($blank === null) {
            return '';
        }
        if (in_array(StepKind::RoughOut->value, $kinds, true) && ! $blank->isRough()) {
            return say('view.route-page.wood-number-still-solid', ['number' => $blank->number]);
        }
        if ($blank->ready_at === null) {
            return say('view.route-page.wood-number-no-date', ['number' => $blank->number]);
        }
        $between = $blank->ready_from === null || $blank->ready_until === null ? ''
            : say('view.route-page.between', [
                'from' => $this->show->calendarDay($blank->ready_from),
                'until' => $this->show->calendarDay($blank->ready_until),
            ]);

        $about = $this->show->calendarDay($blank->ready_at);

        $air = $blank->air === null ? '' : say('view.route-page.dries', ['air' => $blank->air->name]);

        return say('view.route-page.wood-number-ready-about', [
            'number' => $blank->number,
            'about' => $about,
            'between' => $between,
            'air' => $air,
        ]);
    }

    /** How oval a piece that is turned once dries, from above; empty for all others. */
    public function warped(float $emcPercent): string
    {
        $body = $this->core->body();
        $shrinkage = Truing::ovalPercent($body->wood, $body->grain, $body->rings);
        $across = $body->profile->diameterMm();
        if (! $this->facts->warps || $shrinkage === null) {
            return '';
        }
        $wall = $body->profile->inner === null
            ? $across / 2 : ($across / 2 - $body->profile->inner->first()->r);

        return (new TruingPlan(Truing::of(
            Truing::shrinkFraction($shrinkage, $body->moisturePercent, $emcPercent), $across, $wall,
        ), $across, $wall))->svg($this->piece->name);
    }

    public static function of(PiecePage $page, CorePiece $core, RouteFacts $facts, Show $show): self
    {
        return new self(
            self::stages($core, $page->steps->slice($page->past()->count()), $show),
            $page->steps->pluck('title', 'step')->all(), $facts, $page->piece, $core, $show,
        );
    }

    /** @return list<SchoolOffer> */
    public function offers(): array
    {
        return $this->facts->offers;
    }

    /** "ready Fri 4 Dec, 3 h later"; when it is ready now is told beside it. */
    public static function readyThen(?Carbon $now, ?Carbon $then, Show $show): string
    {
        $hours = $now === null || $then === null ? 0.0 : $now->diffInMinutes($then) / 60;

        return match (true) {
            $then === null => say('view.route-page.then-no-date'),
            abs($hours) < self::SAME_HOURS => say('view.route-page.then-same', ['day' => $show->day($then)]),
            $hours < 0 => say('view.route-page.then-sooner', [
                'day' => $show->day($then), 'time' => $show->hours(-$hours),
            ]),
            default => say('view.route-page.then-later', ['day' => $show->day($then), 'time' => $show->hours($hours)]),
        };
    }

    /** Where it is worked out when the piece would be ready another way. */
    public function dateOf(SchoolOffer $offer, SchoolWay $way): string
    {
        return route('pieces.school.date', [$this->piece, 'choice' => $offer->name, 'way' => $way->value]);
    }

    /** When it is ready as it goes now; empty without a date. */
    public function readyNow(): string
    {
        return $this->piece->ready_at === null ? '' : say('view.route-page.then-now', [
            'day' => $this->show->day($this->piece->ready_at),
        ]);
    }

    /**
     * Those whose first change is at a step of a mount.
     *
     * @return list<SchoolOffer>
     */
    public function offersAt(RouteStage $stage): array
    {
        return array_values(array_filter($this->facts->offers, fn (SchoolOffer $offer): bool => in_array(
            $offer->from, array_column($stage->steps, 'step'), true,
        )));
    }

    /** @return list<SchoolOffer> those that would have changed what is behind already */
    public function offersBefore(): array
    {
        $later = array_merge([], ...array_map($this->offersAt(...), $this->stages));

        return array_values(array_filter(
            $this->facts->offers, fn (SchoolOffer $offer): bool => ! in_array($offer, $later, true),
        ));
    }

    /** @param  non-empty-list<SchoolOffer>  $offers */
    public function waysLabel(array $offers): string
    {
        return say('view.route-page.ways', ['about' => array_map(
            fn (SchoolOffer $offer): string => mb_lcfirst($this->show->said($offer->label)), $offers,
        )]);
    }

    /** Where a step may stand, for the page's script: the numbers of the steps that hold it, and why. */
    public function room(PlannedStep $step): string
    {
        $room = $this->facts->rooms[$step->step] ?? null;

        return $room === null ? '' : json_encode([
            'after' => $room->after, 'afterBecause' => $this->show->said($room->afterBecause),
            'before' => $room->before, 'beforeBecause' => $this->show->said($room->beforeBecause),
        ], JSON_THROW_ON_ERROR);
    }

    public function canMove(PlannedStep $step): bool
    {
        return isset($this->facts->rooms[$step->step]) && $step->isOpen() && $this->piece->isInWork();
    }

    public function isOwn(PlannedStep $step): bool
    {
        return array_filter($this->core->steps, fn ($own): bool => $own->id === $step->step) !== [];
    }

    public function hasOwnOrder(): bool
    {
        return $this->core->order !== [];
    }

    /** @return list<string> why the step stands where it does, without what goes without saying */
    public function reasons(PlannedStep $step): array
    {
        $lines = [];
        foreach ($step->details->reasons as $reason) {
            if (isset($this->titles[$reason['after']])) {
                // Without the face at its end, so that three alike are named once.
                $lines[$this->show->said($reason['because'])][] = say('view.route-page.step', [
                    'title' => Str::beforeLast($this->show->said($this->titles[$reason['after']]), ', '),
                ]);
            }
        }

        return array_map(
            fn (string $because, array $after): string => say('view.route-page.after', [
                'after' => array_values(array_unique(array_slice($after, 0, 3))), 'because' => $because,
            ]),
            array_keys($lines), array_values($lines),
        );
    }

    /** @return array<string, string> */
    public function parts(): array
    {
        return array_column(array_map(fn (Part $part): array => [$part->id, $part->name], $this->core->parts), 1, 0);
    }

    /** @return array<string, Said|string> */
    public function mounts(): array
    {
        return ['' => say('view.route-page.wherever')] + array_column(array_map(
            fn (Mount $mount): array => [$mount->value, $mount->label()], Mount::cases(),
        ), 1, 0);
    }

    /** @return array<string, string> steps that another may be put before or after */
    public function open(): array
    {
        $open = ['' => say('view.route-page.anywhere')];
        foreach ($this->stages as $stage) {
            foreach ($stage->steps as $step) {
                $open[$step->step] = $step->number().'. '.$this->show->said($step->title);
            }
        }

        return $open;
    }

    /** "82 min of hands, 3 mounts" */
    public function costs(SchoolWay $way): string
    {
        return say('view.route-page.hands', [
            'minutes' => $this->show->minutes($way->minutes),
            'mounts' => Quantity::count($way->mounts),
            'date' => $way->hasDate ? '' : say('view.route-page.no-date'),
        ]);
    }

    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @return list<RouteStage>
     */
    private static function stages(CorePiece $core, Collection $steps, Show $show): array
    {
        $groups = [];
        foreach ($steps as $step) {
            $key = "$step->part {$step->details->stage}";
            $last = array_key_last($groups);
            if ($last === null || $groups[$last][0] !== $key) {
                $groups[] = [$key, []];
                $last = array_key_last($groups);
            }
            $groups[$last][1][] = $step;
        }
        $stages = [];
        $ends = null;
        foreach ($groups as [, $members]) {
            $starts = $members[0]->start_at;
            $gap = $ends === null || $starts === null ? 0.0 : $ends->diffInMinutes($starts) / 60;
            $stages[] = self::stage($core, $members, $show, $gap >= self::GAP_HOURS ? $show->hours($gap) : null);
            $ends = end($members)->end_at ?? $ends;
        }

        return $stages;
    }

    /** @param  non-empty-list<PlannedStep>  $steps */
    private static function stage(CorePiece $core, array $steps, Show $show, ?string $gap): RouteStage
    {
        $part = $core->part((string) $steps[0]->part) ?? $core->body();
        $mount = Mount::Lap;
        foreach ($steps as $step) {
            $of = Mount::tryFrom((string) $step->details->mount);
            // Off the lathe a part stands on its points while a coat dries, and lies in the lap for all else.
            $mount = $of === null || ($of === Mount::Lap && $mount === Mount::Points) ? $mount : $of;
        }

        return new RouteStage(
            $core->hasParts() ? $part->name : '', $mount->spins() ? mb_ucfirst(
                $show->said($mount->label()),
            ) : say('view.route-page.off-lathe'),
            Held::of($part->profile, $mount, $steps[0]->details->footOut), $steps, $gap,
        );
    }
}
