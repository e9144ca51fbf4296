<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Air;
use App\Models\InstrumentFault;
use App\Models\Workshop;
use HonestGrain\Coating\RecordedClimate;
use HonestGrain\Drawing\AirChart;
use HonestGrain\Wood\Emc;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** One air: what it is now, its chart, and the latest of what was read. */
final readonly class AirPage
{
    /** Why a reading cannot be true, in words. */
    public const NONSENSE = [
        'range' => 'No shop is so.', 'jump' => 'No shop changes so fast.',
        'stuck' => 'The very same for a day: the station is stuck.',
    ];

    private const DAYS_BACK = 10;

    private const DAYS_AHEAD = 3;

    private const SHOWN = 14;

    public function __construct(
        private Workshop $workshop,
        public Air $air,
        private RecordedClimate $climate,
        private float $settlesPercent,
        private Show $show,
    ) {
    }

    public function now(): string
    {
        $at = (int) now()->getTimestamp();
        $stretch = $this->climate->stretchAt($at);
        $emc = Emc::at($stretch->tempC, $stretch->rhPercent)->percent;
        $how = match (true) {
            $this->climate->isRecorded($at) => 'as it was read',
            $this->climate->profile !== [] => 'by the usual course of its days',
            default => 'by its setting: nothing was read lately',
        };

        return "{$this->show->temperature(round($stretch->tempC, 1))}, {$this->show->plain(
            $stretch->rhPercent,
        )} %, $how. "
            ."Wood settles at {$this->show->plain($emc)} % in it now, and at "
            .$this->show->plain($this->settlesPercent).' % over its days.';
    }

    public function chart(): string
    {
        $from = now($this->workshop->time_zone)->startOfDay()->subDays(self::DAYS_BACK);

        return (new AirChart(
            $this->climate, (int) $from->getTimestamp(), self::DAYS_BACK + self::DAYS_AHEAD, (int) now()
                ->getTimestamp(),
            fn (int $at): string => Carbon::createFromTimestamp($at, $this->workshop->time_zone)->format('j M'),
            fn (float $c): string => $this->show->temperature(round($c, 1)),
        ))->svg($this->air->name);
    }

    /** @return list<array{string, string, string, string, string}> when, °C, % RH, by what, why it is nonsense */
    public function latest(): array
    {
        $rows = DB::table('air_readings')->where('air_id', $this->air->id)->orderByDesc('at')
            ->limit(self::SHOWN)->get();

        return array_values($rows->map(fn (object $row): array => [
            $this->show->dayTime(Carbon::parse("$row->at UTC")), $this->show->temperature((float) $row->temp_c),
            $this->show->plain((float) $row->rh_percent).' %', (string) $row->source,
            $row->nonsense === null ? '' : self::NONSENSE[$row->nonsense],
        ])->all());
    }

    /** @return array<string, string> */
    public function stations(): array
    {
        $set = [Air::NO_STATION => 'none', 'works' => 'simulated: works'];
        foreach (array_slice(InstrumentFault::cases(), 1) as $fault) {
            $set[$fault->value] = 'simulated: '.$fault->label();
        }

        return $set;
    }

    /** @return array<string, Said|string> */
    public function kinds(): array
    {
        return array_diff_key(Air::KINDS, [Air::SHOP => true]);
    }

    /** What the maker means to do to it; empty where it is left as it comes. */
    public function warmed(): string
    {
        $warm = $this->air->warmed[0] ?? null;

        return $warm === null || $warm->until < now()->getTimestamp() ? ''
            : "Warmed to {$this->show->temperature($warm->tempC)} until "
                .$this->show->day(Carbon::createFromTimestamp($warm->until, $this->workshop->time_zone)).'.';
    }
}
