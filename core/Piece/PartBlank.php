<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Lathework\Stock;
use HonestGrain\Lathework\StockForm;

/** What one part is turned from, mm: of the blank that was entered, or the least that holds it. */
final readonly class PartBlank
{
    /**
     * @param  float  $acrossMm  how wide it is where it is brought round
     * @param  float  $swingsMm  and from corner to corner
     * @param  float  $highMm  along the lathe's axis
     * @param  float  $volumeMm3  as it is put on the lathe
     */
    private function __construct(
        public float $acrossMm,
        public float $swingsMm,
        public float $highMm,
        public float $volumeMm3,
    ) {
    }

    public static function of(Part $part, ?PieceStock $stock, Calibration $calibration): self
    {
        $across = $part->profile->diameterMm() + $calibration->turning->allowanceMm;
        $high = NeededStock::part($part)->takesMm($calibration->stock) + $calibration->turning->allowanceMm;

        return $stock === null ? self::least($part, $across, $high)
            : self::entered($stock->stock, count($stock->parts) === 1, $across, $high);
    }

    /** The same, so much longer, for a second hold at its other end. */
    public function longer(float $mm): self
    {
        return new self(
            $this->acrossMm, $this->swingsMm, $this->highMm + $mm, $this->volumeMm3 * (1 + $mm / $this->highMm),
        );
    }

    /** A spindle is sawn square; a bowl is sawn round first, and the saw leaves about a tenth. */
    private static function least(Part $part, float $acrossMm, float $highMm): self
    {
        $round = M_PI / 4 * $part->profile->diameterMm() ** 2 * $highMm;

        return new self(
            $acrossMm, $acrossMm, $highMm, $round * ($part->grain === GrainDirection::End ? 4 / M_PI : 1.1),
        );
    }

    private static function entered(Stock $stock, bool $isWhole, float $acrossMm, float $highMm): self
    {
        if ($stock->form->isTurnedAcross()) {
            // Sawn round to what it needs.
            $sawn = min($acrossMm, $stock->lengthMm, $stock->widthMm);

            return new self($sawn, $sawn, $stock->heightMm, M_PI / 4 * $sawn ** 2 * $stock->heightMm);
        }
        $high = $isWhole ? $stock->lengthMm : min($highMm, $stock->lengthMm);
        $isSquare = $stock->form === StockForm::Square;
        $across = min($stock->widthMm, $stock->heightMm);

        return new self(
            $across, $isSquare ? hypot($stock->widthMm, $stock->heightMm) : $stock->widthMm, $high,
            ($isSquare ? $stock->widthMm * $stock->heightMm : M_PI / 4 * $stock->widthMm ** 2) * $high,
        );
    }
}
