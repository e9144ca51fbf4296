<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Blank;
use App\Models\Weighing;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Drawing\DryingChart;
use HonestGrain\Drawing\TruingPlan;
use HonestGrain\Holding\Equipment;
use HonestGrain\Holding\Holds;
use HonestGrain\Holding\JawSet;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\StartingSpeed;
use HonestGrain\Piece\School;
use HonestGrain\Piece\Tables;
use HonestGrain\Rack\Blank as CoreBlank;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\Checks;
use HonestGrain\Rack\Drying;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Dryness;
use HonestGrain\Rack\Keeping;
use HonestGrain\Rack\Truing;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** One blank: what its weights say, drawn and in words, and what can still be turned out of it. */
final readonly class BlankPage
{
    /** Wood as it is roughed, unless its weights say otherwise. */
    private const GREEN_PERCENT = Wood::FIBRE_SATURATION_PERCENT;

    /** What is turned off a solid blank to bring it round. */
    private const BARK_MM = 6.0;

    /** A scale and a meter so many points apart are both shown. */
    private const APART_POINTS = 2.0;

    private const BOWL_HEIGHT_SHARE = 0.45;

    public CoreBlank $core;

    /** @var Collection<int, Weighing> all of them, struck ones too, the newest first */
    public Collection $weighings;

    private Wood $wood;

    private Calibration $calibration;

    private Holds $holds;

    /** @param  list<Weighing>  $counted  the weights that its curve is made of */
    public function __construct(
        private Blank $blank,
        private array $counted,
        public Drying $drying,
        private float $emc,
        Tables $tables,
        private Equipment $equipment,
        private Show $show,
    ) {
        $this->core = $blank->core();
        $this->calibration = $tables->calibration;
        $this->wood = $tables->woods->named($this->core->wood);
        $this->holds = $this->core->holds($this->wood, $equipment, $tables, self::GREEN_PERCENT);
        $this->weighings = $blank->weighings()->get()->reverse()->values();
    }

    public function isSomeones(): bool
    {
        return $this->core->givenBy !== '' || $this->core->promisedFor !== '';
    }

    /** Whose wood it is: its number, who gave it, and for whom it is kept. */
    public static function story(Blank $blank): string
    {
        $core = $blank->core();

        return say('view.blank-page.story', [
            'number' => $blank->number,
            'from' => implode('', array_map(fn (string $line, string $who): string => $who === ''
                ? '' : say("view.blank-page.$line", ['who' => $who]), ['from', 'given-by', 'kept-for'], [
                    $core->source, $core->givenBy, $core->promisedFor,
                ])),
        ]);
    }

    /** The last weight that stands. */
    public function newest(): ?Weighing
    {
        return $this->weighings->firstWhere('struck_at', null);
    }

    /** The answer, in one sentence: of what speaks without its weights, where they do not say it is ready. */
    public function verdict(): string
    {
        $dryness = $this->dryness();
        if ($dryness !== null && ($dryness->readyAt !== null || $this->drying->state === DryingState::TooFew)
            && ! $this->drying->isReady()) {
            return $this->show->said($dryness->said);
        }
        $percent = fn (?float $value): string => $this->show->plain($value ?? 0.0)."\u{a0}%";
        $day = fn (?int $at): string => $this->show->calendarDay(Carbon::createFromTimestampUTC($at ?? 0));
        $drying = $this->drying;

        return match ($drying->state) {
            DryingState::Ready => say('view.blank-page.ready-where-air-holds', [
                'moisture' => $percent($drying->moisturePercent),
                'settles' => $percent($drying->emcPercent),
            ]),
            DryingState::Drying => say('view.blank-page.ready-about-now-settles', [
                'day' => $day($drying->readyAt),
                'interval' => $this->interval(),
                'moisture' => $percent($drying->moisturePercent),
                'settles' => $percent($drying->emcPercent),
            ]),
            DryingState::TooFew => say('view.blank-page.no-date-yet-curve', [
                'leastReadings' => $this->calibration->drying->leastReadings,
                'there' => match (count($this->counted)) {
                    0 => say('view.blank-page.none'),
                    1 => say('view.blank-page.one'),
                    default => say('view.blank-page.are', ['counted' => count($this->counted)]),
                },
            ]),
            DryingState::Rising => say('view.blank-page.no-date-weighed-more', [
                'day' => $day($drying->rise?->at),
            ]),
            DryingState::WetAir => say('view.blank-page.no-date-air-holds', [
                'percent' => $percent($drying->emcPercent),
            ]),
            DryingState::NoPlateau => say('view.blank-page.no-date-yet-loses'),
            DryingState::TooShort => say('view.blank-page.no-date-yet-weighings'),
            DryingState::NoClimate => say('view.blank-page.no-date-air-dries'),
        };
    }

    /** What its weights say beside a meter that says otherwise; empty where they do not. */
    public function besides(): string
    {
        $scale = $this->drying->moisturePercent;
        $meter = $this->core->meterPercent;

        return $scale === null || $meter === null || abs($scale - $meter) < self::APART_POINTS ? ''
            : say('view.blank-page.scale-and-meter', [
                'scale' => $this->show->plain(round($scale, 1)), 'meter' => $this->show->plain($meter),
            ]);
    }

    /** From when the ends of wood that waits are likely to check; empty for what is dry, roughed or under water. */
    public function checks(): string
    {
        $rule = new Checks($this->core, $this->emc);
        $figures = $this->calibration->drying;
        $days = $this->drying->isReady() || $this->dryness()?->readyAt !== null ? null : $rule->days($figures);
        if ($days === null) {
            return '';
        }
        $since = $rule->since();
        $sealed = $rule->days($figures, Keeping::EndsSealed) ?? 0.0;

        return say('view.blank-page.checks', [
            'days' => (int) round($days),
            'from' => $since === null ? '' : say('view.blank-page.checks-from', [
                'day' => $this->show->calendarDay(Carbon::parse($since)->addDays((int) round($days))),
            ]),
            'sealed' => $sealed > $days ? say('view.blank-page.checks-sealed', ['days' => (int) round($sealed)]) : '',
        ]);
    }

    private function dryness(): ?Dryness
    {
        return Dryness::of($this->core, $this->emc, (int) now()->getTimestamp(), $this->calibration->drying);
    }

    public function chart(): string
    {
        $weighings = Weighing::read($this->counted);

        return count($weighings) < 2 ? '' : (new DryingChart(
            $weighings, $this->drying, (int) now()->getTimestamp(),
            fn (int $at): string => $this->show->calendarDay(Carbon::createFromTimestampUTC($at)),
            fn (float $mass): string => $this->show->mass($mass),
        ))->svg(say('view.blank-page.number-lower', ['number' => $this->blank->number]));
    }

    /** Why a weight that stands is no part of the curve; empty where it is one. */
    public function aside(Weighing $one): string
    {
        $counted = array_map(fn (Weighing $other): int => $other->id, $this->counted);

        return $one->struck_at !== null || in_array($one->id, $counted, true)
            ? ''
            : say('view.blank-page.before-roughed-out');
    }

    /** "14 % by meter", where one was read beside the weighing */
    public function meter(Weighing $one): string
    {
        return $one->meter_percent === null ? '' : say('view.blank-page.meter', [
            'meterPercent' => $this->show->plain($one->meter_percent),
        ]);
    }

    /** @return list<array{string, string}> label and figure */
    public function figures(): array
    {
        $weighings = Weighing::read($this->counted);
        $lost = Drying::lostPercent(...$weighings);
        $week = Drying::weeklyLossPercent($this->calibration->drying, ...$weighings);
        $ahead = $this->drying->curve?->lossPercentAWeek((int) now()->getTimestamp());

        return array_values(array_filter([
            $lost === null ? null : [say('view.blank-page.lost-so-far'), say('view.blank-page.first-weight', [
                'lost' => $this->show->plain($lost),
            ])],
            $week === null ? null : [
                say('view.blank-page.last-loss'), say('view.blank-page.a-week', ['week' => number_format($week, 2)]),
            ],
            $ahead === null || ! $this->hasDate() ? null : [
                say('view.blank-page.curve'),
                say('view.blank-page.week-now', ['ahead' => number_format($ahead, 2)]),
            ],
            $this->drying->plateauG === null ? null : [
                say('view.blank-page.plateau'), say('view.blank-page.at', [
                    'mass' => $this->show->mass($this->drying->plateauG),
                    'emc' => $this->show->plain($this->emc),
                ]),
            ],
            [say('view.blank-page.wood-weighs'), $this->weighsAt()],
        ]));
    }

    /** The note on cracking; empty where there is no reason for one. */
    public function crack(): string
    {
        return ! $this->blank->may_crack ? '' : say('view.blank-page.loses-week-wood-thick', [
            'lost' => number_format((float) $this->blank->week_percent, 1),
            'thick' => $this->show->length($this->core->thicknessMm()),
            'most' => number_format($this->core->crackLossPercent($this->calibration->drying), 1),
            'slower' => $this->core->keeping->slower(),
        ]);
    }

    /** @return list<array{string, string, string}> what, now, and when it is ready */
    public function truing(): array
    {
        $now = $this->core->measuredTruing($this->calibration->drying->toComeCleanMm)
            ?? $this->truingAt($this->drying->moisturePercent ?? self::GREEN_PERCENT);
        $then = $this->truingAt($this->emc);
        if ($now === null || $then === null) {
            return [];
        }
        $mm = fn (?float $value): string => $this->show->length($value, $this->show->fine());

        return [
            [say('view.blank-page.oval'), $mm($now->ovalityMm), $mm($then->ovalityMm)],
            [say('view.blank-page.largest-true-circle'), $mm($now->trueDiameterMm), $mm($then->trueDiameterMm)],
            ...$this->walls($now, $then),
            ...$now->tenonMm === null ? [] : [[
                say('view.blank-page.tenon-turned-true'), $mm($now->tenonMm), $mm($then->tenonMm),
            ]],
        ];
    }

    /** What is made of it. */
    public function becomes(): string
    {
        return ($this->blank->gone_at === null
            ? say('view.blank-page.becomes')
            : say('view.blank-page.became')).($this->blank->piece->name ?? '');
    }

    public function within(): string
    {
        return $this->blank->piece === null ? ''
            : say('view.blank-page.within', ['piece' => $this->blank->piece->name]);
    }

    /** The oval, the true circle and the piece, from above; empty where that cannot be known. */
    public function plan(): string
    {
        $truing = $this->truingAt($this->emc);

        return $truing === null || $this->core->wallMm === null ? '' : (new TruingPlan(
            $truing, $this->core->diameterMm, $this->core->wallMm, $this->blank->piece?->diameter_mm,
        ))->svg(say('view.blank-page.number', ['number' => $this->blank->number]));
    }

    /** @return list<array{string, string, string}> the thickest wall by height, now and when it is ready */
    private function walls(Truing $now, Truing $then): array
    {
        $words = fn (float $mm): string => $mm > 0
            ? $this->show->length($mm, $this->show->fine()) : say('view.blank-page.none-left');
        $soon = $this->core->wallsLeftMm($then->shrinkFraction, $this->calibration->drying->toComeCleanMm);

        return array_map(
            fn (array $wall, array $then, string $where): array => [$where, $words($wall[1]), $words($then[1])],
            $this->core->wallsLeftMm($now->shrinkFraction, $this->calibration->drying->toComeCleanMm), $soon,
            [
                say('view.blank-page.thickest-wall-turned-true'), say('view.blank-page.half-way-up'),
                say('view.blank-page.near-foot'),
            ],
        );
    }

    /** @return array<string, array{string, string}> label and first value of the sizes it would be roughed to */
    public function roughSizes(): array
    {
        $unit = ', '.$this->show->unit(Unit::Length);
        $mm = fn (float $value): string => $this->show->field(Unit::Length, floor($value));
        $across = $this->core->diameterMm;

        return [
            'rough_diameter' => [say('view.blank-page.across', ['unit' => $unit]), $mm($across - self::BARK_MM)],
            'rough_height' => [
                say('view.blank-page.height', ['unit' => $unit]),
                $mm(min($this->core->lengthMm, $across * self::BOWL_HEIGHT_SHARE)),
            ],
            'rough_wall' => [
                say('view.blank-page.wall', ['unit' => $unit]),
                $mm($across * $this->calibration->turning->roughWallShare),
            ],
            'rough_tenon' => [say('view.blank-page.tenon', ['unit' => $unit]), ''],
        ];
    }

    /** @return array<string, string> */
    public function roughForms(): array
    {
        $rough = array_filter(BlankForm::cases(), fn (BlankForm $one): bool => $one->isRough());

        return array_column(array_map(
            fn (BlankForm $one): array => [
                $one->value, mb_lcfirst($this->show->said($one->label())),
            ], array_values($rough),
        ), 1, 0);
    }

    public function canBeRoughed(): bool
    {
        return $this->blank->gone_at === null && $this->blank->piece_id === null && ! $this->core->form->isRough()
            && $this->core->form->isBowlWood();
    }

    /** What still holds its tenon once that is trued, and what to do where nothing does. */
    public function jaws(): string
    {
        $tenon = $this->truingAt($this->emc)?->tenonMm;
        if ($tenon === null) {
            return '';
        }
        $mm = $this->show->length($tenon, $this->show->fine());
        if ($this->equipment->jaws === []) {
            return say('view.blank-page.no-jaw-sets-listed', ['mm' => $mm]);
        }
        $holding = JawSet::holding($this->equipment->jaws, $tenon);
        if ($holding !== []) {
            return say('view.blank-page.trued-tenon-held', [
                'mm' => $mm,
                'holding' => implode(', ', array_map(
                    fn (JawSet $set): string => $set->name, $holding,
                )),
            ]);
        }
        $smaller = array_filter($this->equipment->jaws, fn (JawSet $set): bool => ($set->tenonMm[1] ?? INF) < $tenon);

        return say('view.blank-page.no-jaw-set-holds', [
            'mm' => $mm,
            'cut' => $smaller === [] ? '' : say('view.blank-page.cut-down-next-smaller'),
        ]);
    }

    /** @return list<array{string, string, string, string}> holds, where to start, at most, and what holds it down */
    public function speeds(): array
    {
        $figures = School::of($this->blank->workshop->school())->speeds($this->calibration)->speed;
        $alike = [];
        foreach ($this->mounts() as $mount) {
            $speed = StartingSpeed::of(
                $figures, $this->equipment, $mount, $this->core->diameterMm, $this->blank->last_mass_g
                    ?? $this->core->massG($this->wood, self::GREEN_PERCENT), false, $this->core->rim(),
            );
            $because = implode(', ', array_map($this->show->said(...), $speed->because));
            $alike["{$speed->start->rpm} {$speed->work->rpm} $because"][] = [
                $this->show->said($mount->label()), $speed, $because,
            ];
        }

        return array_map(fn (array $ones): array => [
            mb_ucfirst(implode(', ', array_column($ones, 0))),
            $this->startedAt($ones[0][1]), "{$ones[0][1]->work->rpm} rpm",
            $ones[0][2],
        ], array_values($alike));
    }

    /** "60 rpm", or that the lathe does not turn so slowly. */
    private function startedAt(StartingSpeed $speed): string
    {
        $least = $this->equipment->lathe?->leastRpm;

        return $least === null || $speed->start->rpm >= $least ? "{$speed->start->rpm} rpm"
            : say('view.blank-page.too-fast', ['rpm' => $speed->start->rpm, 'least' => $least]);
    }

    /** @return list<Mount> how it can be put on the lathe with what the shop has */
    private function mounts(): array
    {
        $can = $this->core->mounts($this->holds);
        $has = array_values(array_filter($can, fn (Mount $mount): bool => $this->holds->beyond($mount) === []));

        return $has === [] ? $can : $has;
    }

    /** @return list<array{string, string}> what does not hold it, and why */
    public function notHeldBy(): array
    {
        $not = [];
        foreach ($this->core->mounts($this->holds) as $mount) {
            $because = $this->holds->beyond($mount);
            if ($because !== []) {
                $not[] = [$this->show->said($mount->label()), implode(' ', array_map(
                    $this->show->said(...), $because,
                ))];
            }
        }

        return $not;
    }

    /** Where it does not swing; empty where it does, or nobody said. */
    public function swing(): string
    {
        $lathe = $this->equipment->lathe;

        return $lathe === null || $this->core->diameterMm <= $lathe->swingMm ? ''
            : say('view.blank-page.does-not-swing-across', [
                'across' => $this->show->length($this->core->diameterMm),
                'swing' => $this->show->length($lathe->swingMm),
            ]);
    }

    /** The rough wall it should have had, by the common rule and by this wood's shrinkage. */
    public function roughWalls(): string
    {
        $percent = Truing::ovalPercent($this->wood, $this->core->grain, $this->core->rings);
        if ($percent === null || ! $this->core->form->isBowlWood()) {
            return '';
        }
        $shrink = Truing::shrinkFraction($percent, self::GREEN_PERCENT, $this->emc);
        $finished = $this->calibration->shape->leastWallMm;

        return say('view.blank-page.common-rule-tenth-diameter', [
            'wall' => $this->core->form->isRough()
                ? say('view.blank-page.rough-wall')
                : say('view.blank-page.roughed-out-bowl-wall'),
            'byRule' => $this->show->length($this->core->diameterMm * $this->calibration->turning->roughWallShare),
            'finished' => $this->show->length($finished),
            'byShrinkage' => $this->show->length(Truing::roughWallMm(
                $shrink, $this->core->diameterMm, $finished, $this->calibration->drying->toComeCleanMm,
            )),
        ]);
    }

    /** Of which wood the figures are, where they are not this one's own. */
    public function borrowed(): string
    {
        return implode(' ', array_filter(array_map(
            $this->show->said(...), [$this->wood->about('shrinkage'), $this->wood->about('density')],
        )));
    }

    public function readyRule(): string
    {
        return $this->show->said(new Said('figures.ready'));
    }

    private function truingAt(float $moisture): ?Truing
    {
        return $this->core->truing(
            $this->wood, self::GREEN_PERCENT, min($moisture, self::GREEN_PERCENT),
            $this->calibration->drying->toComeCleanMm,
        );
    }

    private function weighsAt(): string
    {
        $mass = $this->core->massG($this->wood, $this->emc);

        return $mass === null ? say('view.blank-page.density-not-known') : say('view.blank-page.when-dry-size', [
            'mass' => $this->show->mass($mass),
        ]);
    }

    private function hasDate(): bool
    {
        return $this->drying->readyAt !== null;
    }

    private function interval(): string
    {
        [$from, $until] = [$this->blank->ready_from, $this->blank->ready_until];

        return $from === null || $until === null ? '' : say('view.blank-page.between', [
            'from' => $this->show->calendarDay($from),
            'until' => $this->show->calendarDay($until),
        ]);
    }
}
