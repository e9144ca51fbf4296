<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\CutsProfile;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\TurnedRow;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Said;

/** Beads cut proud, each between two fillets. */
final readonly class Beads implements CutsProfile, Decoration
{
    public function key(): string
    {
        return 'beads';
    }

    public function label(): Said
    {
        return new Said('technique.beads.label');
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Spinning)->hurts(Hazard::Lathe)->chips();
    }

    public function action(): Said
    {
        return new Said('technique.beads.action');
    }

    public function because(): Said
    {
        return new Said('technique.beads.because');
    }

    public function settings(): array
    {
        return [Setting::Count, Setting::FilletMm, Setting::DepthMm];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        return TurnedRow::likely($ground, $calibration);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        return TurnedRow::on($set, $ground)->worked($calibration, 'beads');
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return Pattern::rings(TurnedRow::on($set, $ground)->row->edgesMm(), 0.5, Ink::Cut);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(Said $mounted): Said
    {
        return Said::at($mounted, new Said('technique.spinning'));
    }

    public function isFilled(): bool
    {
        return false;
    }

    public function takesColour(): bool
    {
        return false;
    }

    public function ink(): string
    {
        return '#1c120a';
    }

    public function notches(Settings $set, Ground $ground): array
    {
        // Round: its crown keeps the surface, its edges go down.
        return TurnedRow::on($set, $ground)->notches(fn (float $x): float => 1 - sqrt(max(0.0, 1 - $x ** 2)));
    }
}
