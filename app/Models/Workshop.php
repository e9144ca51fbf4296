<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\BoardFactors;
use App\Models\Kept\Choices;
use App\Models\Kept\DocumentCast;
use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\Kept\PlanSummary;
use App\Models\Kept\SandingFactors;
use App\Models\Kept\Texts;
use App\Models\Kept\UsualAir;
use HonestGrain\Abrasive\Learnt;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Colour\DyeFactorTable;
use HonestGrain\Holding\Equipment;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\WorkingHours;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;

/**
 * One shop: its hours, its air, its limits, and everything in it.
 *
 * @property int $id
 * @property string $name
 * @property string $time_zone
 * @property OpenHours $hours
 * @property list<string> $closed  dates
 * @property OpenDays $also  dates on which it is open besides, or in hours of their own
 * @property UsualAir $climate
 * @property float $sanding_cap_m_s  at the rim
 * @property float|null $hour_rate  what an hour of hands costs
 * @property float|null $lathe_kw  what the lathe draws
 * @property float|null $kwh_price
 * @property float $min_wall_mm  it warns of a thinner one
 * @property int $spare_chucks  chuck bodies besides the one on the lathe
 * @property bool $dries_apart  whether coats dry in air of their own, away from the dust of the bench
 * @property Choices|null $school  how it likes to go about it
 * @property Choices|null $instruments  how each simulated one is set
 * @property SandingFactors|null $learnt
 * @property BoardFactors|null $dye_factors
 * @property list<string> $unlearnt  methods and families whose factors it will not have
 * @property Document|null $equipment  read by the core (`equipment()`)
 * @property bool $is_demo  the one whose sign-in is printed; its people stay as they are
 * @property bool $is_visit  made for one visitor, and swept
 * @property Carbon|null $last_seen_at
 * @property Carbon|null $closes_at  when it is deleted, with all that is in it
 * @property int $version  counts every change that a plan follows from
 * @property int|null $planned_version  the version that the plan was made from
 * @property int $turns  counts whoever had it for themselves
 * @property Carbon|null $planned_at
 * @property PlanSummary|null $plan_summary
 * @property-read Collection<int, Abrasive> $abrasives
 * @property-read Collection<int, Tin> $tins
 * @property-read Collection<int, StoredGood> $goods
 * @property-read Collection<int, OwnWood> $woods
 * @property-read Collection<int, OwnMix> $mixes
 * @property-read Collection<int, Air> $airs
 * @property-read Collection<int, Dye> $dyes
 * @property-read Collection<int, Swatch> $swatches
 * @property-read Collection<int, Worker> $workers
 */
class Workshop extends Keeping
{
    protected $attributes = ['closed' => '[]', 'also' => '{}'];

    protected $fillable = [
        'learnt', 'unlearnt', 'dye_factors',
        'hour_rate', 'lathe_kw', 'kwh_price',
        'name', 'time_zone', 'hours', 'closed', 'also', 'climate', 'sanding_cap_m_s', 'min_wall_mm', 'spare_chucks',
        'dries_apart', 'school', 'instruments', 'equipment', 'is_demo', 'is_visit', 'last_seen_at', 'planned_at',
        'plan_summary',
    ];

    protected function casts(): array
    {
        return [
            'hours' => KeptCast::of(OpenHours::class), 'closed' => Texts::class,
            'also' => KeptCast::of(OpenDays::class),
            'climate' => KeptCast::of(UsualAir::class), 'sanding_cap_m_s' => 'float', 'min_wall_mm' => 'float',
            'hour_rate' => 'float', 'lathe_kw' => 'float', 'kwh_price' => 'float',
            'dries_apart' => 'boolean', 'school' => KeptCast::of(Choices::class),
            'instruments' => KeptCast::of(Choices::class), 'equipment' => DocumentCast::class, 'is_demo' => 'boolean',
            'is_visit' => 'boolean', 'last_seen_at' => 'datetime', 'closes_at' => 'datetime',
            'planned_at' => 'datetime',
            'plan_summary' => KeptCast::of(PlanSummary::class), 'learnt' => KeptCast::of(SandingFactors::class),
            'unlearnt' => Texts::class, 'dye_factors' => KeptCast::of(BoardFactors::class),
        ];
    }

    /** MariaDB's number for a lock that did not come free in time. */
    private const LOCK_WAIT_TIMEOUT = 1205;

    private const MOST_ASKED_FOR_LOCK = 20;

    protected static function booted(): void
    {
        static::creating(function (self $workshop): void {
            $usual = Catalogue::shipped()->calibration();
            $workshop->hours ??= OpenHours::usual();
            $workshop->climate ??= UsualAir::unheated();
            $workshop->sanding_cap_m_s ??= $usual->sanding->capMPerS;
            $workshop->min_wall_mm ??= $usual->shape->leastWallMm;
            $workshop->spare_chucks ??= 0;
            $workshop->dries_apart ??= false;
            $workshop->version ??= 1;
        });
    }

    /** @return list<string> the grits on its shelf */
    public function grits(): array
    {
        return array_values($this->abrasives->map(fn (Abrasive $row): string => $row->grit)->all());
    }

    /** When hands are in it. */
    public function workingHours(): WorkingHours
    {
        return WorkingHours::read(
            Document::of([
                'hours' => $this->hours->stretches, 'closed' => $this->closed, 'also' => $this->also->dates,
            ]),
            new \DateTimeZone($this->time_zone),
        );
    }

    /** What its own records have made of the model of sanding, as far as it will have it. */
    public function learnt(): Learnt
    {
        $learnt = $this->learnt ?? new SandingFactors;
        $refused = array_flip($this->unlearnt);

        return new Learnt(array_diff_key($learnt->minutes, $refused), array_diff_key($learnt->discs, $refused));
    }

    /** What its test boards make of its dyes. */
    public function dyeFactors(): DyeFactorTable
    {
        return $this->dye_factors?->table() ?? new DyeFactorTable;
    }

    /** @return array<string, float> of a disc, by grit, where the shelf says */
    public function discPrices(): array
    {
        return $this->abrasives->whereNotNull('price')->pluck('price', 'grit')->all();
    }

    /** What it holds and turns work with; unknown until it says. */
    public function equipment(): Equipment
    {
        return $this->equipment === null ? Equipment::unknown() : Equipment::read($this->equipment);
    }

    /** @return HasMany<Dye, $this> */
    public function dyes(): HasMany
    {
        return $this->hasMany(Dye::class)->orderBy('name');
    }

    /** @return HasMany<Recipe, $this> */
    public function recipes(): HasMany
    {
        return $this->hasMany(Recipe::class);
    }

    /** Whether one of its recipes has that name already, besides one. */
    public function isRecipeCalled(string $name, ?Recipe $besides = null): bool
    {
        return $this->recipes()->kept()->where('name', $name)->whereKeyNot($besides->id ?? 0)->exists();
    }

    /** @return HasMany<Swatch, $this> */
    public function swatches(): HasMany
    {
        return $this->hasMany(Swatch::class)->latest('made_on')->latest('id');
    }

    /** @return array<string, string> how it likes to go about it, by choice */
    public function school(): array
    {
        return $this->school->chosen ?? [];
    }

    /** @param  array<string, string>  $choice  of its school, for every piece that has not chosen for itself */
    public function follow(array $choice): void
    {
        $this->update(['school' => ($this->school ?? new Choices)->with($choice)]);
    }

    /**
     * Lets one change to this workshop through at a time, until the transaction ends. Taken before any
     * other row is locked, so that two changes never wait for each other.
     *
     * It asks again every second: a question that takes two is a database that does not answer. Several databases
     * that share it know nothing of each other's locks, only of what was written: so it writes that it had its turn,
     * and of two at once on two of them one begins again.
     */
    public function lock(): void
    {
        for ($asked = 1; ; $asked++) {
            try {
                self::query()->whereKey($this->id)->lock('for update wait 1')->first(['id']);
                self::query()->whereKey($this->id)->toBase()->increment('turns');

                return;
            } catch (QueryException $e) {
                if (($e->errorInfo[1] ?? null) !== self::LOCK_WAIT_TIMEOUT || $asked === self::MOST_ASKED_FOR_LOCK) {
                    throw $e;
                }
            }
        }
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class);
    }

    /** @return HasMany<Abrasive, $this> */
    public function abrasives(): HasMany
    {
        return $this->hasMany(Abrasive::class);
    }

    /** @return HasMany<Tin, $this> */
    public function tins(): HasMany
    {
        return $this->hasMany(Tin::class);
    }

    /** @return HasMany<StoredGood, $this> */
    public function goods(): HasMany
    {
        return $this->hasMany(StoredGood::class);
    }

    /** @return HasMany<MixedCup, $this> */
    public function cups(): HasMany
    {
        return $this->hasMany(MixedCup::class)->orderBy('id');
    }

    /** @return HasMany<StockMove, $this> */
    public function stockMoves(): HasMany
    {
        return $this->hasMany(StockMove::class)->orderBy('id');
    }

    /** @return HasMany<Air, $this> */
    public function airs(): HasMany
    {
        return $this->hasMany(Air::class)->orderBy('id');
    }

    /**
     * Whoever works here, where that is more than one pair of hands in the shop's hours.
     *
     * @return HasMany<Worker, $this>
     */
    public function workers(): HasMany
    {
        return $this->hasMany(Worker::class)->orderBy('id');
    }

    /** Who does a step, by name; empty where one pair of hands does everything. */
    public function whoDoes(PlannedStep $step): string
    {
        $names = $this->workers->count() < 2 ? [] : $this->workers->pluck('name', 'id')->all();

        return implode(', ', array_filter(array_map(
            fn (string $id): string => $names[(int) $id] ?? '', explode(',', (string) $step->who),
        )));
    }

    /** @return HasMany<Timer, $this> */
    public function timers(): HasMany
    {
        return $this->hasMany(Timer::class)->orderBy('id');
    }

    /** Whose bench somebody sees first: their own, where they work here beside others. */
    public function workerOf(User $user): ?Worker
    {
        $workers = $this->workers->reject(fn (Worker $worker): bool => $worker->isGone($this));

        return $workers->count() < 2 ? null : $workers->firstWhere('user_id', $user->id);
    }

    /** @return HasMany<StepPin, $this> */
    public function pins(): HasMany
    {
        return $this->hasMany(StepPin::class);
    }

    /** @return HasMany<Blank, $this> */
    public function blanks(): HasMany
    {
        return $this->hasMany(Blank::class);
    }

    /** @return HasMany<Weighing, $this> */
    public function weighings(): HasMany
    {
        return $this->hasMany(Weighing::class);
    }

    /** @return HasMany<OwnWood, $this> */
    public function woods(): HasMany
    {
        return $this->hasMany(OwnWood::class)->orderBy('name');
    }

    /** @return HasMany<OwnMix, $this> */
    public function mixes(): HasMany
    {
        return $this->hasMany(OwnMix::class)->orderBy('name');
    }

    /** @return HasMany<PlannedStep, $this> */
    public function plannedSteps(): HasMany
    {
        return $this->hasMany(PlannedStep::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class)->orderBy('id');
    }

    /** @return HasMany<AuditEntry, $this> */
    public function audit(): HasMany
    {
        return $this->hasMany(AuditEntry::class);
    }

    /** @return HasMany<LogEntry, $this> */
    public function logEntries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }
}
