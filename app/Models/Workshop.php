<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\PlanSummary;
use HonestGrain\Abrasive\Learnt;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Colour\DyeFactors;
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
 * @property array<string, list<array{string, string}>> $hours
 * @property list<string> $closed
 * @property array{day_c: float, day_rh: float, night_c: float, night_rh: float, day_from: int, day_to: int} $climate
 * @property array<string, array<string, float>>|null $learnt  factors by what and by method and family
 * @property array<string, array{uptake: list<float>, depth: list<float>, boards: int}>|null $dye_factors  by wood and
 *     dye
 * @property list<string>|null $unlearnt  methods and families whose factors it will not have
 * @property array{sanding_cap_m_s: float, min_wall_mm: float, spare_chucks?: int, dries_apart?: bool,
 *     school?: array<string, string>, instruments?: array<string, string>} $limits
 * @property array<string, mixed>|null $equipment  read by the core (`equipment()`)
 * @property bool $is_demo  the one whose sign-in is printed; its people stay as they are
 * @property bool $is_visit  made for one visitor, and swept
 * @property Carbon|null $last_seen_at
 * @property int $version  counts every change that a plan follows from
 * @property int|null $planned_version  the version that the plan was made from
 * @property Carbon|null $planned_at
 * @property PlanSummary|null $plan_summary
 * @property-read Collection<int, Abrasive> $abrasives
 * @property-read Collection<int, Tin> $tins
 * @property-read Collection<int, OwnWood> $woods
 * @property-read Collection<int, OwnMix> $mixes
 * @property-read Collection<int, Air> $airs
 * @property-read Collection<int, Dye> $dyes
 * @property-read Collection<int, Swatch> $swatches
 */
class Workshop extends Keeping
{
    public const USUAL_HOURS = [
        'mon' => [['08:00', '12:00'], ['13:00', '17:00']], 'tue' => [['08:00', '12:00'], ['13:00', '17:00']],
        'wed' => [['08:00', '12:00'], ['13:00', '17:00']], 'thu' => [['08:00', '12:00'], ['13:00', '17:00']],
        'fri' => [['08:00', '12:00'], ['13:00', '17:00']], 'sat' => [['09:00', '13:00']], 'sun' => [],
    ];

    public const USUAL_CLIMATE = [
        'day_c' => 18.0, 'day_rh' => 55.0, 'night_c' => 13.0, 'night_rh' => 65.0, 'day_from' => 8, 'day_to' => 18,
    ];

    protected $fillable = [
        'learnt', 'unlearnt', 'dye_factors',
        'name', 'time_zone', 'hours', 'closed', 'climate', 'limits', 'equipment', 'is_demo', 'is_visit', 'last_seen_at',
        'planned_at', 'plan_summary',
    ];

    protected function casts(): array
    {
        return [
            'hours' => 'array', 'closed' => 'array', 'climate' => 'array', 'limits' => 'array',
            'equipment' => 'array', 'is_demo' => 'boolean',
            'is_visit' => 'boolean', 'last_seen_at' => 'datetime', 'planned_at' => 'datetime',
            'plan_summary' => KeptCast::of(PlanSummary::class), 'learnt' => 'array', 'unlearnt' => 'array',
            'dye_factors' => 'array',
        ];
    }

    /** MariaDB's number for a lock that did not come free in time. */
    private const LOCK_WAIT_TIMEOUT = 1205;

    private const MOST_ASKED_FOR_LOCK = 20;

    protected static function booted(): void
    {
        static::creating(function (self $workshop): void {
            $workshop->hours ??= self::USUAL_HOURS;
            $workshop->closed ??= [];
            $workshop->climate ??= self::USUAL_CLIMATE;
            $workshop->limits ??= self::usualLimits();
            $workshop->version ??= 1;
        });
    }

    /** @return array{sanding_cap_m_s: float, min_wall_mm: float} what a shop keeps to until it says otherwise */
    public static function usualLimits(): array
    {
        $usual = Catalogue::shipped()->calibration();

        return [
            'sanding_cap_m_s' => $usual->sanding->capMPerS,
            'min_wall_mm' => $usual->shape->leastWallMm,
        ];
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
            Document::of(['hours' => $this->hours, 'closed' => $this->closed]), new \DateTimeZone($this->time_zone),
        );
    }

    /** What its own records have made of the model of sanding, as far as it will have it. */
    public function learnt(): Learnt
    {
        $taken = fn (string $what): array => array_map(floatval(...), array_diff_key(
            $this->learnt[$what] ?? [], array_flip($this->unlearnt ?? []),
        ));

        return new Learnt($taken('minutes'), $taken('discs'));
    }

    /** What its test boards make of its dyes. */
    public function dyeFactors(): DyeFactorTable
    {
        return new DyeFactorTable(array_map(DyeFactors::of(...), $this->dye_factors ?? []));
    }

    /** @return array<string, float> of a disc, by grit, where the shelf says */
    public function discPrices(): array
    {
        return $this->abrasives->whereNotNull('price')->pluck('price', 'grit')->all();
    }

    /** What it holds and turns work with; unknown until it says. */
    public function equipment(): Equipment
    {
        return $this->equipment === null ? Equipment::unknown() : Equipment::read(Document::of($this->equipment));
    }

    /** @return HasMany<Dye, $this> */
    public function dyes(): HasMany
    {
        return $this->hasMany(Dye::class)->orderBy('name');
    }

    /** @return HasMany<Swatch, $this> */
    public function swatches(): HasMany
    {
        return $this->hasMany(Swatch::class)->latest('made_on')->latest('id');
    }

    /** How many chuck bodies there are besides the one on the lathe. */
    public function spareChucks(): int
    {
        return (int) ($this->limits['spare_chucks'] ?? 0);
    }

    /** Whether coats dry in air of their own, away from the dust of the bench. */
    public function driesApart(): bool
    {
        return (bool) ($this->limits['dries_apart'] ?? false);
    }

    /** @return array<string, string> how it likes to go about it, by choice */
    public function school(): array
    {
        return $this->limits['school'] ?? [];
    }

    /** @param  array<string, string>  $choice  of its school, for every piece that has not chosen for itself */
    public function follow(array $choice): void
    {
        $this->update(['limits' => ['school' => $choice + $this->school()] + $this->limits]);
    }

    /**
     * Lets one change to this workshop through at a time, until the transaction ends. Taken before any
     * other row is locked, so that two changes never wait for each other.
     *
     * It asks again every second: a question that takes two is a database that does not answer.
     */
    public function lock(): void
    {
        for ($asked = 1; ; $asked++) {
            try {
                self::query()->whereKey($this->id)->lock('for update wait 1')->first();

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

    /** @return HasMany<Air, $this> */
    public function airs(): HasMany
    {
        return $this->hasMany(Air::class)->orderBy('id');
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

    /** @return HasMany<LogEntry, $this> */
    public function logEntries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }
}
