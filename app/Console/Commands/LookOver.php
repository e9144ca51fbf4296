<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Watch\Doctor;
use Illuminate\Console\Command;

/** Looks the installation over: what is wrong with it, and what mends that. */
class LookOver extends Command
{
    protected $signature = 'admin:doctor';

    protected $description = 'Looks the installation over, and says of each thing what mends it';

    public function handle(Doctor $doctor): int
    {
        $bad = 0;
        foreach ($doctor->look() as $finding) {
            $lines = "admin.doctor.$finding->of";
            if ($finding->isWell === true) {
                $this->line(say('admin.well').say("$lines.well", $finding->says));

                continue;
            }
            $bad += $finding->isWell === false ? 1 : 0;
            $this->line(say($finding->isWell === false ? 'admin.bad' : 'admin.hint').say("$lines.bad", $finding->says));
            $this->line(say('admin.remedy').say("$lines.remedy", $finding->says));
        }
        $this->newLine();
        $this->line(say('admin.found', ['count' => $bad]));

        return $bad === 0 ? self::SUCCESS : self::FAILURE;
    }
}
