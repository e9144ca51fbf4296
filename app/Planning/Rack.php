<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Air;
use App\Models\Blank;
use App\Models\User;
use App\Models\Weighing;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Drawing\BlankFigure;
use HonestGrain\Rack\Blank as CoreBlank;
use HonestGrain\Rack\Drying;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Dryness;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Wood\WoodTable;
use HonestGrain\Words\Said;
use Illuminate\Contracts\Database\ConcurrencyErrorDetector;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Writes blanks and their weights, and works out what follows from them. */
final readonly class Rack
{
    /** The same weight of the same blank within this time is one press too many. */
    private const SAME_SECONDS = 60;

    /** 31 December 9999. */
    private const LAST_SECOND = 253_402_214_400;

    public function __construct(
        private Catalogue $catalogue,
        private ShopMapper $mapper,
        private Airs $airs,
        private ConcurrencyErrorDetector $detector,
    ) {
    }

    /** @throws InvalidField */
    public function add(Workshop $workshop, Document $document, ?int $number = null, ?int $airId = null): Blank
    {
        return DB::transaction(function () use ($workshop, $document, $number, $airId): Blank {
            $workshop->lock();
            $number ??= (int) $workshop->blanks()->max('number') + 1;
            if ($workshop->blanks()->where('number', $number)->exists()) {
                throw InvalidField::because('number', $number, say('planning.rack.another-blank-number-already'));
            }

            $blank = $workshop->blanks()->create(
                ['number' => $number, 'air_id' => $airId] + $this->columns($workshop, $document),
            )->refresh();
            $this->derive($blank, $workshop);

            return $blank->refresh();
        });
    }

    /**
     * @param  int  $version  that the page was made from
     *
     * @throws InvalidField
     * @throws VersionConflict
     */
    public function change(Blank $blank, Workshop $workshop, Document $document, int $version, ?int $airId): void
    {
        DB::transaction(function () use ($blank, $workshop, $document, $version, $airId): void {
            $workshop->lock();
            if ($blank->refresh()->version !== $version) {
                throw new VersionConflict;
            }
            $blank->update($this->columns($workshop, $document) + [
                'version' => $version + 1, 'air_id' => $airId,
            ]);
            $blank->unsetRelation('air');
            $this->derive($blank, $workshop);
        });
    }

    /**
     * From a solid blank to a rough-out: what it weighed before says nothing of it any more.
     *
     * @param  array<string, mixed>  $changes  of its document
     *
     * @throws InvalidField
     */
    public function rough(Blank $blank, Workshop $workshop, array $changes): void
    {
        $solid = $blank->document;
        $blank->update($this->columns($workshop, $solid->with($changes)) + [
            'solid' => $solid, 'version' => $blank->version + 1,
        ]);
        $this->derive($blank, $workshop);
    }

    /**
     * The same from a page.
     *
     * @param  array<string, mixed>  $changes
     * @param  int  $version  that the page was made from
     *
     * @throws InvalidField
     * @throws VersionConflict
     */
    public function roughAt(Blank $blank, Workshop $workshop, array $changes, int $version): void
    {
        DB::transaction(function () use ($blank, $workshop, $changes, $version): void {
            $workshop->lock();
            if ($blank->refresh()->version !== $version) {
                throw new VersionConflict;
            }
            $this->rough($blank, $workshop, $changes);
        });
    }

    /** A rough-out that was none after all. */
    public function solidAgain(Blank $blank, Workshop $workshop): void
    {
        if ($blank->solid !== null) {
            $blank->update($this->columns($workshop, $blank->solid) + [
                'solid' => null, 'version' => $blank->version + 1,
            ]);
            $this->derive($blank, $workshop);
        }
    }

    /**
     * One weight, kept whatever follows from it; where the same was typed just before, that one.
     *
     * @param  array{batch?: string|null, corrects_id?: int|null}  $more
     */
    public function weigh(
        Blank $blank,
        CarbonInterface $at,
        float $massG,
        ?float $meterPercent,
        ?User $user,
        string $source = 'typed',
        array $more = [],
    ): Weighing {
        // Looked up before: what is read first within a transaction fixes what the rest of it sees.
        $workshop = $blank->workshop;
        $row = new WeightRow($at, $massG, $meterPercent);

        return DB::transaction(function () use ($workshop, $blank, $row, $user, $source, $more): Weighing {
            $workshop->lock();

            return $this->write($blank, [$row], $user, ['source' => $source] + $more)[0];
        });
    }

    /**
     * Many weights of one blank, of which each is kept once; two of one second are put one after the other.
     *
     * @param  list<WeightRow>  $rows
     * @param  array<string, mixed>  $more  columns of each
     * @return list<Weighing>
     */
    public function write(Blank $blank, array $rows, ?User $user, array $more): array
    {
        $taken = $blank->weighings()->standing()->get()->keyBy(fn (Weighing $one): int => $one->at->getTimestamp())
            ->all();
        $free = [];
        $kept = [];
        foreach ($rows as $row) {
            $second = $first = $row->at->getTimestamp();
            $same = self::same($taken, $row);
            if ($same !== null) {
                $kept[] = $same;

                continue;
            }
            for ($second = $free[$first] ?? $first; isset($taken[$second]); $second++);
            $free[$first] = $second + 1;
            $weighing = $blank->weighings()->make([
                'at' => Carbon::createFromTimestampUTC($second), 'mass_g' => $row->massG,
                'meter_percent' => $row->meterPercent, 'user_id' => $user?->id,
            ] + $more);
            $weighing->workshop_id = $blank->workshop_id;
            $weighing->save();
            $kept[] = $taken[$second] = $weighing;
        }

        return $kept;
    }

    /**
     * The same weight within a minute before: one press too many.
     *
     * @param  array<int, Weighing>  $taken  by second
     */
    private static function same(array $taken, WeightRow $row): ?Weighing
    {
        $at = $row->at->getTimestamp();
        // Behind it too: of two in one second the other stands there, and a device sends what waited as it comes.
        for ($second = $at - self::SAME_SECONDS; $second <= $at + self::SAME_SECONDS; $second++) {
            if (isset($taken[$second]) && abs($taken[$second]->mass_g - round($row->massG, 2)) < 0.005) {
                return $taken[$second];
            }
        }

        return null;
    }

    /** Strikes weights out; they stay on record. */
    public function strike(Workshop $workshop, Closure $which): int
    {
        $struck = $which($workshop->weighings()->standing())->get();
        foreach ($struck as $weighing) {
            $weighing->update(['struck_at' => now()]);
        }
        foreach ($workshop->blanks()->whereIn('id', $struck->pluck('blank_id')->unique())->get() as $blank) {
            $this->derive($blank, $workshop);
        }

        return $struck->count();
    }

    /**
     * The weights that its curve is made of: those that stand, and of a rough-out those since it was roughed, because
     * what it weighed as a solid blank is no part of its drying.
     *
     * @return list<Weighing>
     */
    public function counted(Blank $blank): array
    {
        $roughed = $blank->core()->form->isRough() ? $blank->core()->roughedOn : null;

        $standing = $blank->weighings()->standing()->where('mass_g', '>', 0);

        return array_values($standing->when($roughed !== null, fn ($query) => $query->where(
            'at', '>=', Carbon::parse((string) $roughed, $blank->workshop->time_zone)->utc(),
        ))->get()->all());
    }

    public function drying(Blank $blank, Workshop $workshop): Drying
    {
        return $this->dryingOf($this->counted($blank), $workshop, $blank->air);
    }

    /**
     * What follows from the weights, into the columns that the list is sorted by. A figure that cannot be worked out
     * costs no weight: it is reported, and what was there before stays.
     */
    public function derive(Blank $blank, Workshop $workshop): void
    {
        DB::transaction(function () use ($blank, $workshop): void {
            $workshop->lock();
            $weighings = $this->counted($blank);
            $last = $weighings === [] ? null : $weighings[count($weighings) - 1];
            $blank->update(['last_mass_g' => $last?->mass_g, 'last_weighed_at' => $last?->at]);
            try {
                DB::transaction(fn () => $blank->update($this->derived($blank, $workshop, $weighings)));
            } catch (Throwable $e) {
                throw_if($this->detector->causedByConcurrencyError($e), $e);
                report($e);
                $blank->refresh();
            }
        });
    }

    /**
     * @param  list<Weighing>  $weighings
     * @return array<string, mixed>
     */
    private function derived(Blank $blank, Workshop $workshop, array $weighings): array
    {
        $read = Weighing::read($weighings);
        $drying = $this->dryingOf($weighings, $workshop, $blank->air);
        $last = $weighings === [] ? null : $weighings[count($weighings) - 1];
        $figures = $this->catalogue->calibration()->drying;
        $week = Drying::weeklyLossPercent($figures, ...$read);
        $day = fn (?float $days): ?Carbon => $days === null || $last === null
            ? null : self::inCalendar((int) $last->at->getTimestamp() + (int) round($days * 86_400));

        $weighed = [
            'drying' => $drying->state, 'moisture_percent' => $drying->moisturePercent,
            'lost_percent' => Drying::lostPercent(...$read), 'week_percent' => $week,
            'ready_at' => $drying->readyAt === null ? null : self::inCalendar($drying->readyAt),
            'ready_from' => $drying->isReady() ? null : $day($drying->range->days[0] ?? null),
            'ready_until' => $drying->isReady() ? null : $day($drying->range->days[1] ?? null),
            'may_crack' => $week !== null && $week > $blank->core()->crackLossPercent($figures),
        ];

        return ($drying->isReady() ? [] : $this->saidDry($blank, $workshop, $drying)) + $weighed;
    }

    /** @return array<string, mixed> what else than its weights says of it, in their place; none where nothing does */
    private function saidDry(Blank $blank, Workshop $workshop, Drying $drying): array
    {
        $says = $this->dryness($blank, $workshop);
        if ($says?->readyAt === null) {
            return [];
        }
        $settled = $says->isReady ? $this->airs->equilibriumPercent($workshop, $blank->air) : null;

        return [
            'drying' => $says->isReady ? DryingState::Ready : DryingState::Drying,
            'moisture_percent' => $says->moisturePercent ?? $settled ?? $drying->moisturePercent,
            'ready_at' => self::inCalendar($says->readyAt), 'ready_from' => null, 'ready_until' => null,
        ];
    }

    /** A time as far as the calendar of the database reaches. */
    private static function inCalendar(int $second): Carbon
    {
        return Carbon::createFromTimestampUTC(max(0, min(self::LAST_SECOND, $second)));
    }

    /** What else than its weights says how dry it is. */
    public function dryness(Blank $blank, Workshop $workshop): ?Dryness
    {
        return Dryness::of(
            $blank->core(), $this->airs->equilibriumPercent($workshop, $blank->air), (int) now()->getTimestamp(),
            $this->catalogue->calibration()->drying,
        );
    }

    public function deriveAll(Workshop $workshop): void
    {
        $workshop->blanks()->onRack()->with('air')->each(fn (Blank $blank) => $this->derive($blank, $workshop));
    }

    /** @param  list<Weighing>  $weighings */
    private function dryingOf(array $weighings, Workshop $workshop, ?Air $air): Drying
    {
        $dryG = null;
        foreach ($weighings as $one) {
            $dryG = $one->meter_percent === null ? $dryG : Drying::dryG($one->mass_g, $one->meter_percent);
        }

        return Drying::of(
            $this->catalogue->calibration()->drying, Weighing::read($weighings),
            $this->airs->equilibriumPercent($workshop, $air), $dryG,
        );
    }

    /** @return array<string, mixed> what of it stands in columns, with what follows from it */
    public function columns(Workshop $workshop, Document $document): array
    {
        $core = CoreBlank::read($document);
        $profile = $core->checked();
        $wood = $this->woods($workshop)->named($core->wood, 'wood');
        $key = hash('crc32b', serialize($document->fields()));

        return [
            'document' => $document, 'wood' => $core->wood, 'form' => $core->form->value, 'place' => $core->place,
            'drawing' => (new BlankFigure($core, $profile, $wood->nature->rgb, $key))
                ->svg(new Said('rack.drawing', ['form' => $core->form->label(), 'wood' => $wood->said()])),
        ];
    }

    private function woods(Workshop $workshop): WoodTable
    {
        return $this->mapper->tables($workshop)->woods;
    }
}
