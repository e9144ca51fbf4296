<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Reading\Row;

/** How a kind of bit is driven, and what sizes there are of it (workshop). */
final readonly class BitFigures
{
    public BitKind $kind;

    public float $speedMPerS;

    /** Its speed falls so with the hardness of the wood; 0 where it does not. */
    public float $hardnessPower;

    public float $mostRpm;

    public float $mostFeedMmPerMinute;

    /** Once it is so many diameters deep it is drawn out and cleared as often as below; null where it always is. */
    public ?float $backsOutFromDiameters;

    public float $leastMm;

    public float $mostMm;

    public float $lengthMm;

    private ?float $backsOutMm;

    private ?float $backsOutDiameters;

    private function __construct(Row $row)
    {
        $this->kind = BitKind::from($row->text('kind'));
        $this->speedMPerS = $row->number('speed_m_s');
        $this->hardnessPower = $row->number('hardness_power');
        $this->mostRpm = $row->number('most_rpm');
        $this->mostFeedMmPerMinute = $row->number('most_feed_mm_per_minute');
        $this->backsOutMm = $row->numberOrNull('backs_out_mm');
        $this->backsOutDiameters = $row->numberOrNull('backs_out_diameters');
        $this->backsOutFromDiameters = $row->numberOrNull('backs_out_from_diameters');
        $this->leastMm = $row->number('least_mm');
        $this->mostMm = $row->number('most_mm');
        $this->lengthMm = $row->number('length_mm');
    }

    public static function fromRow(Row $row): self
    {
        return new self($row);
    }

    /** Every how many mm it is drawn out. */
    public function clearsEveryMm(float $diameterMm): float
    {
        return $this->backsOutMm ?? ($this->backsOutDiameters ?? 1.0) * $diameterMm;
    }
}
