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
            $this->climate->isRecorded($at) => say('view.air-page.read'),
            $this->climate->profile !== [] => say('view.air-page.usual-course-days'),
            default => say('view.air-page.setting-nothing-read-lately'),
        };

        return say('view.air-page.wood-settles-now-over', [
            'temperature' => $this->show->temperature(round($stretch->tempC, 1)),
            'rhPercent' => $this->show->plain(
                $stretch->rhPercent,
            ),
            'how' => $how,
            'emc' => $this->show->plain($emc),
            'settlesPercent' => $this->show->plain($this->settlesPercent),
        ]);
    }

    public function chart(): string
    {
        $from = now($this->workshop->time_zone)->startOfDay()->subDays(self::DAYS_BACK);

        return (new AirChart(
            $this->climate, (int) $from->getTimestamp(), self::DAYS_BACK + self::DAYS_AHEAD, (int) now()
                ->getTimestamp(),
            fn (int $at): string => $this->show->dated(Carbon::createFromTimestamp($at), 'j M'),
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
            $this->show->plain((float) $row->rh_percent).' %', say("view.air-page.sources.$row->source"),
            $row->nonsense === null ? '' : say("view.air-page.nonsense.$row->nonsense"),
        ])->all());
    }

    /** @return array<string, string> */
    public function stations(): array
    {
        $set = [
            Air::NO_STATION => say('view.air-page.no-station'), 'works' => $this->simulated(InstrumentFault::None),
        ];
        foreach (array_slice(InstrumentFault::cases(), 1) as $fault) {
            $set[$fault->value] = $this->simulated($fault);
        }

        return $set;
    }

    private function simulated(InstrumentFault $fault): string
    {
        return say('view.air-page.simulated', ['fault' => $fault->label()]);
    }

    /** @return array<string, Said|string> */
    public function kinds(): array
    {
        return array_diff_key(lines('models.air'), [Air::SHOP => true]);
    }

    /** What the maker means to do to it; empty where it is left as it comes. */
    public function warmed(): string
    {
        $warm = $this->air->warmed[0] ?? null;

        return $warm === null || $warm->until < now()->getTimestamp() ? ''
            : say('view.air-page.warmed-until', [
                'temperature' => $this->show->temperature($warm->tempC),
                'day' => $this->show->day(Carbon::createFromTimestamp($warm->until, $this->workshop->time_zone)),
            ]);
    }
}
