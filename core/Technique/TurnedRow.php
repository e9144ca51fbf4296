<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Layout\BeadRow;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A row of beads or coves on a band: how wide and deep, how long they take, and the line that they cut. */
final readonly class TurnedRow
{
    /** One that nobody counted is about so wide. */
    private const LIKELY_MM = 6.0;

    private const PIECES = 12;

    private function __construct(private Settings $set, private Ground $ground, public BeadRow $row)
    {
    }

    /** @param  Settings  $set  whole, with what is likely */
    public static function on(Settings $set, Ground $ground): self
    {
        $count = $set->whole(Setting::Count);
        $room = $ground->lengthMm() / max(1, $count - 1);

        return new self($set, $ground, BeadRow::of(
            $ground->lengthMm(), $count, min($set->number(Setting::FilletMm), 0.9 * $room),
        ));
    }

    public static function likely(Ground $ground, Calibration $calibration): Settings
    {
        $count = max(1, (int) round($ground->lengthMm() / self::LIKELY_MM));
        $fillet = $ground->lengthMm() > self::LIKELY_MM ? 1.0 : 0.0;
        $width = ($ground->lengthMm() - ($count - 1) * $fillet) / $count;

        return Settings::of([
            'count' => (float) $count, 'fillet_mm' => $fillet,
            'depth_mm' => $ground->likelyDepthMm(max(0.1, $width / 2), $calibration),
        ]);
    }

    /**
     * @param  'beads'|'coves'  $kind  of which it speaks
     */
    public function worked(Calibration $calibration, string $kind): Worked
    {
        $row = $this->row;
        $depth = $this->set->number(Setting::DepthMm);
        $left = WallLeft::under($this->ground, array_fill(0, count($this->ground->levels), $depth), $calibration);
        $roundM = 2 * M_PI * $this->ground->middle()->radiusMm / 1000;
        $fillets = $row->filletMm > 0 ? $row->count - 1 : 0;

        return (new Worked(
            max(1.0, $row->count * $roundM * $calibration->marks->beadMinutesPerM
                + $fillets * $roundM * $calibration->marks->grooveMinutesPerM),
            [
                Figure::of(
                    new Said('technique.turned-row.width-each'), Measure::Mm, $row->widthMm,
                ), Figure::of(new Said("technique.turned-row.$kind.measure"), Measure::Mm, $depth),
                ...$left->figures(),
            ],
            [
                ...$this->room(),
                ...$left->findings(
                    new Said("technique.turned-row.$kind.the"),
                    new Said('technique.turned-row.cut-them-less-deep'),
                    new Said('technique.turned-row.cut-more-them-each'),
                ),
            ],
            [new Said("technique.turned-row.$kind.made", [
                'count' => Quantity::count($row->count), 'wide' => Quantity::mm($row->widthMm),
                'depth' => Quantity::mm($depth),
                'fillets' => $fillets > 0 ? new Said('technique.turned-row.fillets-between', [
                    'fillet' => Quantity::mm($row->filletMm),
                ]) : null,
            ])],
        ))->smoothed(
            $row->count * $roundM * $calibration->marks->edgeSandMinutesPerM,
            new Said("technique.turned-row.$kind.smooth"),
        );
    }

    /**
     * The line that is cut.
     *
     * @param  \Closure(float): float  $form  share of the depth, from −1 at one edge of a bead to 1 at the other
     * @return list<array{float, float}>
     */
    public function notches(\Closure $form): array
    {
        $half = $this->row->widthMm / 2;
        $line = [];
        for ($i = 0; $i < $this->row->count; $i++) {
            $from = $i * ($this->row->widthMm + $this->row->filletMm);
            for ($k = 0; $k <= self::PIECES; $k++) {
                $x = cos(M_PI * (1 - $k / self::PIECES));
                $line[] = [$from + $half * (1 + $x), $this->set->number(Setting::DepthMm) * $form($x)];
            }
        }

        return $line;
    }

    /** @return list<Finding> */
    private function room(): array
    {
        $count = $this->set->whole(Setting::Count);
        $fillet = $this->set->number(Setting::FilletMm);
        $long = $this->ground->lengthMm();

        return ($count - 1) * $fillet < 0.9 * $long ? [] : [Finding::refuse(
            new Said('technique.turned-row.fillets-leave-nothing', [
                'count' => Quantity::count($count - 1),
                'fillet' => Quantity::mm($fillet),
                'long' => Quantity::mm($long),
            ]),
            new Said(
                'technique.turned-row.make-fillets-narrower',
            ), new Said('technique.turned-row.cut-fewer'), new Said('technique.turned-row.widen-band'),
        )];
    }
}
