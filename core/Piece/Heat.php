<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Geometry\Face;
use HonestGrain\Technique\Nature;
use HonestGrain\Words\Said;

/**
 * How far the heat of a burnt mark reaches: along the surface by its kind, and through a thin wall to its other face.
 * Workshop model, with the distances of the calibration.
 */
final readonly class Heat
{
    private Nearness $nearness;

    public function __construct(private Part $part, private MarkRates $rates)
    {
        $this->nearness = new Nearness($part->profile);
    }

    /**
     * Those of a part's burnt marks whose heat reaches a stretch.
     *
     * @return list<Mark>
     */
    public static function over(Part $part, MarkRates $rates, Stretch $stretch): array
    {
        $heat = new self($part, $rates);

        return array_values(array_filter($heat->marks(), fn (Mark $mark): bool => $heat->reaches($mark, $stretch)));
    }

    /** @return list<Mark> the part's burnt marks, in their order */
    public function marks(): array
    {
        return array_values(array_filter(
            $this->part->marksInOrder(), fn (Mark $mark): bool => $mark->technique->nature()->leavesChar(),
        ));
    }

    public function reaches(Mark $hot, Stretch $stretch): bool
    {
        return $this->nearness->isBeside(
            Stretch::ofMark($hot), $stretch, $this->besideMm($hot), $this->rates->heatThroughMm,
        );
    }

    public function reachesFace(Mark $hot, Face $face): bool
    {
        $stretch = Stretch::ofFace($face, $this->part->profile);

        return $stretch !== null && $this->reaches($hot, $stretch);
    }

    public function besideMm(Mark $hot): float
    {
        return $hot->technique->nature() === Nature::Flames ? $this->rates->torchBesideMm : $this->rates->penBesideMm;
    }

    /** "under", "beside" or, where it lies on the other face, where that is. */
    public function where(Mark $hot, Stretch $stretch): Said
    {
        $along = $this->nearness->alongMm(Stretch::ofMark($hot), $stretch);

        return match (true) {
            $along <= 0.0 => new Said('piece.heat.under'),
            $along <= $this->besideMm($hot) => new Said('piece.heat.beside'),
            default => new Said('piece.heat.other-side-thin-wall'),
        };
    }
}
