<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Decoration;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Layout\BeadRow;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\CutsProfile;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Figure;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\Measure;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Pattern;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\WallLeft;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;

/** Coves cut hollow. */
final readonly class Coves implements CutsProfile, Decoration
{
    /** One that nobody counted is about so wide. */
    private const LIKELY_MM = 6.0;

    private const PIECES = 12;

    public function key(): string
    {
        return 'coves';
    }

    public function label(): string
    {
        return 'Coves';
    }

    public function character(): Character
    {
        return Grounds::cut(Work::Spinning)->hurts(Hazard::Lathe);
    }

    public function action(): string
    {
        return 'Cut the coves';
    }

    public function because(): string
    {
        return 'On a sanded ground; a twist of used paper finishes the hollow.';
    }

    public function settings(): array
    {
        return [Setting::Count, Setting::FilletMm, Setting::DepthMm];
    }

    public function likely(Ground $ground, Calibration $calibration): Settings
    {
        $count = max(1, (int) round($ground->lengthMm() / self::LIKELY_MM));
        $fillet = $ground->lengthMm() > self::LIKELY_MM ? 1.0 : 0.0;
        $width = ($ground->lengthMm() - ($count - 1) * $fillet) / $count;

        return Settings::of([
            'count' => (float) $count, 'fillet_mm' => $fillet,
            'depth_mm' => $ground->likelyDepthMm(max(0.1, $width / 2), $calibration),
        ]);
    }

    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked
    {
        $row = self::row($set, $ground);
        $depth = $set->number(Setting::DepthMm);
        $left = WallLeft::under($ground, array_fill(0, count($ground->levels), $depth), $calibration);
        $roundM = 2 * M_PI * $ground->middle()->radiusMm / 1000;
        $rates = $calibration->marks;

        return new Worked(
            max(1.0, $row->count * $roundM * $rates->beadMinutesPerM
                + ($row->filletMm > 0 ? ($row->count - 1) * $roundM * $rates->grooveMinutesPerM : 0.0)),
            [
                Figure::of('Width of each', Measure::Mm, $row->widthMm), Figure::of('Depth', Measure::Mm, $depth),
                ...$left->figures(),
            ],
            [
                ...self::room($set, $ground),
                ...$left->findings('The coves', 'Cut them less deep', 'Cut more of them, each narrower'),
            ],
            [sprintf(
                '%d coves %.1f mm wide and %.1f mm deep%s: set the callipers once and match the row.', $row->count,
                $row->widthMm,
                $depth, $row->filletMm > 0 ? sprintf(', %s mm fillets between', $row->filletMm) : '',
            )],
        );
    }

    public function pattern(Settings $set, Ground $ground): Pattern
    {
        return Pattern::rings(self::row($set, $ground)->edgesMm(), 0.5, Ink::Cut);
    }

    public function waitHours(MarkRates $rates): float
    {
        return 0.0;
    }

    public function nature(): Nature
    {
        return Nature::Cuts;
    }

    public function hold(string $mounted): string
    {
        return "$mounted, spinning";
    }

    public function isFilled(): bool
    {
        return false;
    }

    public function ink(): string
    {
        return '#1c120a';
    }

    public function notches(Settings $set, Ground $ground): array
    {
        $row = self::row($set, $ground);
        $depth = $set->number(Setting::DepthMm);
        $half = $row->widthMm / 2;
        $line = [];
        for ($i = 0; $i < $row->count; $i++) {
            $from = $i * ($row->widthMm + $row->filletMm);
            for ($k = 0; $k <= self::PIECES; $k++) {
                // A round hollow: its edges keep the surface.
                $x = cos(M_PI * (1 - $k / self::PIECES));
                $line[] = [$from + $half * (1 + $x), $depth * sqrt(max(0.0, 1 - $x ** 2))];
            }
        }

        return $line;
    }

    private static function row(Settings $set, Ground $ground): BeadRow
    {
        $count = $set->whole(Setting::Count);
        $room = $ground->lengthMm() / max(1, $count - 1);

        return BeadRow::of($ground->lengthMm(), $count, min($set->number(Setting::FilletMm), 0.9 * $room));
    }

    /** @return list<Finding> */
    private static function room(Settings $set, Ground $ground): array
    {
        $count = $set->whole(Setting::Count);
        $fillet = $set->number(Setting::FilletMm);

        return ($count - 1) * $fillet < 0.9 * $ground->lengthMm() ? [] : [Finding::refuse(
            sprintf('%d fillets of %s mm leave nothing of %.1f mm.', $count - 1, $fillet, $ground->lengthMm()),
            'Make the fillets narrower', 'Cut fewer', 'Widen the band',
        )];
    }
}
