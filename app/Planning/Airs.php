<?php

declare(strict_types=1);

namespace App\Planning;

use App\Devices\ClimateStation;
use App\Devices\SimulatedStation;
use App\Models\Air;
use App\Models\Kept\Warmed;
use App\Models\Piece;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\AirReading;
use HonestGrain\Coating\Climate;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\RecordedClimate;
use HonestGrain\Wood\Emc;
use Illuminate\Support\Facades\DB;

/** The airs of a workshop: what was read of each, what it is now, and what wood settles at in it. */
final readonly class Airs
{
    /** No wait that still runs began earlier. */
    private const LOOK_BACK_DAYS = 60;

    /** With fewer hours of a day read, the setting says what wood settles at. */
    private const LEAST_HOURS = 12;

    private const SOUND_BEFORE = 40;

    private const SETTLED_SECONDS = 3600;

    /** A reading says what the air was for so long. */
    private const READ_ABOUT_HOURS = 3;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** The air that coats dry in: the piece's own, else the cupboard's where they dry apart, else the shop's. */
    public function forCoats(Workshop $workshop, ?Piece $piece = null): ?Air
    {
        $own = $piece?->air_id === null ? null : $workshop->airs->firstWhere('id', $piece->air_id);
        if ($own !== null) {
            return $own;
        }
        $kind = $workshop->dries_apart && $workshop->airs->contains('kind', Air::CUPBOARD) ? Air::CUPBOARD : Air::SHOP;

        return $workshop->airs->firstWhere('kind', $kind);
    }

    /** An air as a `CureClock` names it: empty for the shop's own. */
    public static function name(?Air $air): string
    {
        return $air === null || $air->kind === Air::SHOP ? '' : (string) $air->id;
    }

    /** @return array<string, Closure(): Climate> all but the shop's own */
    public function others(Workshop $workshop): array
    {
        $others = [];
        foreach ($workshop->airs as $air) {
            if (self::name($air) !== '') {
                $others[self::name($air)] = fn (): Climate => $this->recorded($workshop, $air);
            }
        }

        return $others;
    }

    public function climate(Workshop $workshop, ?Air $air): Climate
    {
        return $air === null ? self::setting($workshop, null) : $this->recorded($workshop, $air);
    }

    public function recorded(Workshop $workshop, Air $air, int $days = self::LOOK_BACK_DAYS): RecordedClimate
    {
        return new RecordedClimate(
            $this->catalogue->calibration()->climate, $this->readings($air, $days), self::setting($workshop, $air),
            new \DateTimeZone($workshop->time_zone),
            array_map(fn (Warmed $one): array => $one->stretch(), $air->warmed),
        );
    }

    /** What wood settles at there, %: by the usual course of its days where that is known, else by its setting. */
    public function equilibriumPercent(Workshop $workshop, ?Air $air = null): float
    {
        $air ??= $workshop->airs->firstWhere('kind', Air::SHOP);
        $profile = $air === null ? [] : $this->recorded(
            $workshop, $air, $this->catalogue->calibration()->climate->profileDays,
        )->profile;
        if (count($profile) >= self::LEAST_HOURS) {
            return array_sum(array_map(
                fn (array $hour): float => Emc::at($hour[0], $hour[1])->percent, $profile,
            )) / count($profile);
        }
        $setting = self::setting($workshop, $air);
        $midnight = now($workshop->time_zone)->startOfDay()->getTimestamp();

        return array_sum(array_map(function (int $hour) use ($setting, $midnight): float {
            $stretch = $setting->stretchAt((int) $midnight + $hour * 3600);

            return Emc::at($stretch->tempC, $stretch->rhPercent)->percent;
        }, range(0, 23))) / 24;
    }

    /** The same for the shop's own air, worked out once an hour and at every reading: for what each page asks. */
    public function settled(Workshop $workshop): float
    {
        $air = $workshop->airs->firstWhere('kind', Air::SHOP);
        if ($air === null) {
            return $this->equilibriumPercent($workshop);
        }
        $of = hash('xxh128', serialize([$workshop->climate, $workshop->time_zone, $air->setting, $air->warmed]));
        [$kept, $percent] = cache()->get(self::settledKey($air)) ?? ['', 0.0];
        if ($kept !== $of) {
            $percent = $this->equilibriumPercent($workshop, $air);
            cache()->put(self::settledKey($air), [$of, $percent], self::SETTLED_SECONDS);
        }

        return $percent;
    }

    /**
     * Keeps a reading; one that cannot be true is kept as such, and never used.
     *
     * @return string|null why it is nonsense
     */
    public function record(Air $air, AirReading $reading, string $source): ?string
    {
        $before = array_slice($this->readings($air, 2), -self::SOUND_BEFORE);
        $nonsense = $reading->nonsense($this->catalogue->calibration()->climate, array_values(array_filter(
            $before, fn (AirReading $one): bool => $one->at < $reading->at,
        )));
        DB::table('air_readings')->upsert([
            'air_id' => $air->id, 'at' => gmdate('Y-m-d H:i:s', $reading->at),
            'temp_c' => max(-999.0, min(999.0, $reading->tempC)),
            'rh_percent' => max(-999.0, min(999.0, $reading->rhPercent)),
            'source' => $source, 'nonsense' => $nonsense,
        ], ['air_id', 'at'], ['temp_c', 'rh_percent', 'source', 'nonsense']);
        cache()->forget(self::settledKey($air));

        return $nonsense;
    }

    /**
     * Keeps many at once, as from a file, in order of time.
     *
     * @param  list<AirReading>  $readings
     * @return int how many cannot be true: kept as such, and never used
     */
    public function recordAll(Air $air, array $readings, string $source): int
    {
        $sound = $rows = [];
        $count = 0;
        foreach ($readings as $reading) {
            $nonsense = $reading->nonsense(
                $this->catalogue->calibration()->climate, array_slice($sound, -self::SOUND_BEFORE),
            );
            $nonsense === null ? $sound[] = $reading : $count++;
            $rows[] = [
                'air_id' => $air->id, 'at' => gmdate('Y-m-d H:i:s', $reading->at), 'temp_c' => $reading->tempC,
                'rh_percent' => $reading->rhPercent, 'source' => $source, 'nonsense' => $nonsense,
            ];
        }
        DB::transaction(function () use ($rows): void {
            foreach (array_chunk($rows, 500) as $chunk) {
                DB::table('air_readings')->upsert(
                    $chunk, ['air_id', 'at'], ['temp_c', 'rh_percent', 'source', 'nonsense'],
                );
            }
        });
        cache()->forget(self::settledKey($air));

        return $count;
    }

    /** The station of an air; null where it has none. */
    public function station(Workshop $workshop, Air $air): ?ClimateStation
    {
        $fault = $air->fault();

        return $fault === null ? null : new SimulatedStation(self::setting($workshop, $air), $fault, $air->id);
    }

    /** @return list<AirReading> sound ones, in order of time */
    public function readings(Air $air, int $days): array
    {
        $rows = DB::table('air_readings')->where('air_id', $air->id)->whereNull('nonsense')
            ->where('at', '>=', now()->utc()->subDays($days)->format('Y-m-d H:i:s'))->orderBy('at')
            ->selectRaw('unix_timestamp(at) as at, temp_c, rh_percent')->get();

        return array_values($rows->map(fn (object $row): AirReading => new AirReading(
            (int) $row->at, (float) $row->temp_c, (float) $row->rh_percent,
        ))->all());
    }

    /** The last sound reading of an air before a time, if it was read about then; of the shop's where it has none. */
    public function readAbout(Workshop $workshop, string $air, CarbonInterface $at): ?AirReading
    {
        $asked = array_filter([
            $air === '' ? null : $workshop->airs->firstWhere('id', (int) $air),
            $workshop->airs->firstWhere('kind', Air::SHOP),
        ]);
        foreach ($asked as $one) {
            $read = $this->readIn($one, $at);
            if ($read !== null) {
                return $read;
            }
        }

        return null;
    }

    /** The last sound reading of one air about a time. */
    public function readIn(Air $air, CarbonInterface $at): ?AirReading
    {
        $row = DB::table('air_readings')->where('air_id', $air->id)->whereNull('nonsense')
            ->whereBetween('at', self::about($at))->latest('at')->first(['at', 'temp_c', 'rh_percent']);

        return $row === null ? null : self::reading($row);
    }

    /** @return array{string, string} from when to when a reading says what the air is at a time */
    private static function about(CarbonInterface $at): array
    {
        return [
            $at->copy()->utc()->subHours(self::READ_ABOUT_HOURS)->format('Y-m-d H:i:s'),
            $at->copy()->utc()->format('Y-m-d H:i:s'),
        ];
    }

    private static function reading(\stdClass $row): AirReading
    {
        return new AirReading((int) strtotime("$row->at UTC"), (float) $row->temp_c, (float) $row->rh_percent);
    }

    /**
     * The last sound reading about a time of each air that was read then, by one question for all.
     *
     * @return array<int, AirReading> by the number of the air
     */
    public function lastRead(Workshop $workshop, CarbonInterface $at): array
    {
        $rows = DB::table('air_readings')->whereIn('air_id', $workshop->airs->modelKeys())->whereNull('nonsense')
            ->whereBetween('at', self::about($at))->orderBy('at')->get(['air_id', 'at', 'temp_c', 'rh_percent']);

        return $rows->keyBy('air_id')->map(self::reading(...))->all();
    }

    /** What the plan counts on there before it is read: its usual course, its setting, or as it is to be warmed. */
    public function plannedC(Workshop $workshop, Air $air, int $at): float
    {
        $figures = $this->catalogue->calibration()->climate;
        $before = array_values(array_filter(
            $this->readings($air, $figures->profileDays + 1),
            fn (AirReading $one): bool => $one->at < $at - $figures->gapHours * 3600,
        ));

        return (new RecordedClimate(
            $figures, $before, self::setting($workshop, $air), new \DateTimeZone($workshop->time_zone),
            array_map(fn (Warmed $one): array => $one->stretch(), $air->warmed),
        ))->stretchAt($at)->tempC;
    }

    private static function settledKey(Air $air): string
    {
        return "settled-$air->id";
    }

    /** How warm the shop is kept on the whole, °C. */
    public function roomC(Workshop $workshop): float
    {
        return self::setting($workshop, $workshop->airs->firstWhere('kind', Air::SHOP))->meanC();
    }

    private static function setting(Workshop $workshop, ?Air $air): DayNightClimate
    {
        $zone = new \DateTimeZone($workshop->time_zone);
        $own = $air?->setting;
        if ($own !== null) {
            return DayNightClimate::of(
                $own->tempC, $own->rhPercent, $own->tempC, $own->rhPercent, 0, 24, $zone,
            );
        }
        $shop = $workshop->climate;

        return DayNightClimate::of(
            $shop->dayC, $shop->dayRh, $shop->nightC, $shop->nightRh, $shop->dayFrom, $shop->dayTo, $zone,
        );
    }
}
