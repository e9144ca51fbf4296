<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Jobs\DeriveRack;
use App\Models\Air;
use App\Planning\Airs;
use App\Planning\Planner;
use HonestGrain\Coating\AirReading;
use Illuminate\Console\Command;

class ReadClimate extends Command
{
    protected $signature = 'climate:read';

    protected $description = 'Reads every climate station and has the plans made that follow from it';

    public function handle(Airs $airs, Planner $planner): int
    {
        $now = (int) now()->getTimestamp();
        $read = 0;
        foreach (Air::query()->where('station', '!=', Air::NO_STATION)->with('workshop.airs')->lazyById(100) as $air) {
            $said = $airs->station($air->workshop, $air)?->read($now);
            if ($said !== null && $airs->record($air, new AirReading($now, ...$said), 'station') === null) {
                $planner->apply($air->workshop, fn (): bool => true);
                DeriveRack::dispatch($air->workshop_id);
                $read++;
            }
        }
        $this->info("$read airs were read.");

        return self::SUCCESS;
    }
}
