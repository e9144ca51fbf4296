<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Equal beads in a row with fillets between. Physics: w = (L − (n − 1)·f)/n; a round bead is w/2 high. */
final readonly class BeadRow
{
    private function __construct(public float $widthMm, public int $count, public float $filletMm)
    {
    }

    /** @throws InvalidField where the fillets leave nothing for the beads */
    public static function of(float $lengthMm, int $count, float $filletMm): self
    {
        $width = ($lengthMm - ($count - 1) * $filletMm) / $count;
        if ($width <= 0) {
            throw InvalidField::because(
                'fillet_mm', $filletMm, new Said('layout.bead-row.them-leave-nothing-beads', [
                    'count' => Quantity::count($count - 1),
                    'length' => Quantity::mm($lengthMm),
                    'length2' => Quantity::count($lengthMm / max(1, $count - 1)),
                ]),
            );
        }

        return new self($width, $count, $filletMm);
    }

    public function heightMm(): float
    {
        return $this->widthMm / 2;
    }

    /** @return list<float> where each bead begins and ends; where no fillet parts them, once */
    public function edgesMm(): array
    {
        $edges = [0.0];
        for ($i = 0; $i < $this->count; $i++) {
            $from = $i * ($this->widthMm + $this->filletMm);
            if ($i > 0 && $this->filletMm > 0) {
                $edges[] = $from;
            }
            $edges[] = $from + $this->widthMm;
        }

        return $edges;
    }
}
