<?php

declare(strict_types=1);

namespace HonestGrain\Mending\Internal;

use HonestGrain\Abrasive\Abrading;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use HonestGrain\Piece\Wish;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Said;

/**
 * What a piece's plan says for one cause of a fault or another, or against the fault itself.
 *
 * @internal
 */
final readonly class Evidence
{
    /** @param  Abrading|null  $abrading  how the face is sanded; null where it is not */
    public function __construct(
        private Fault $fault,
        private Part $part,
        private Tables $tables,
        private ?Abrading $abrading,
        private bool $isCoated,
        private float $equilibriumPercent,
        private Record $record,
    ) {
    }

    /** Why the face can hardly have it, as far as anything was logged; null where nothing speaks against it. */
    public function doubt(): ?Said
    {
        $face = $this->fault->face();
        $isBlotch = $this->fault->kind === FaultKind::Blotch;
        $isBare = ! $this->isCoated && ! $this->record->isColoured();
        $why = match (true) {
            ! in_array($face, $this->part->faces(), true) => 'no-face',
            $this->fault->kind->isOfACoat() && ! $this->isCoated => 'no-coat',
            $isBlotch && $isBare => 'no-colour',
            default => null,
        };

        return $why === null ? null : new Said("mending.doubts.$why", ['face' => $face->said()]);
    }

    /** What the log says for a cause; null where it says nothing. */
    public function logged(string $cause): ?Said
    {
        return match ($cause) {
            'skipped-grit' => $this->record->skipped(StepKind::Sand) ?? $this->record->quick(StepKind::Sand),
            'stray-grain', 'dust' => $this->record->skipped(StepKind::DustOff),
            'blunt', 'against-the-grain' => $this->record->quick(StepKind::Turn),
            'too-much', 'cold', 'oily', 'thin-film' => $this->record->hurried(),
            'late' => $this->record->skipped(StepKind::WipeOff),
            default => null,
        };
    }

    public function method(): Method
    {
        return $this->abrading->method ?? $this->part->surface->of($this->fault->face())->method
            ?? Method::Hand;
    }

    /** @return array{string, string}|null two grits of the face that lie too far apart */
    public function jump(): ?array
    {
        $grits = $this->part->surface->of($this->fault->face())->own;
        foreach (array_slice($grits, 1) as $i => $grit) {
            if ($grits[$i]->micron / $grit->micron > $this->tables->calibration->sanding->maxRatio) {
                return [$grits[$i]->name, $grit->name];
            }
        }

        return null;
    }

    public function isWipedBetween(): bool
    {
        return $this->part->surface->of($this->fault->face())->wiped !== [];
    }

    public function isCutOnBevel(): bool
    {
        return $this->part->surface->of($this->fault->face())->cut->by === ToolMark::BevelCut;
    }

    /** Whether end grain comes out in two quarters of the face. */
    public function tears(): bool
    {
        return $this->part->grain === GrainDirection::Side;
    }

    public function isFilled(): bool
    {
        return array_filter(
            $this->part->flaws, fn (Flaw $flaw): bool => $flaw->on === $this->fault->on && $flaw->wish !== Wish::Keep,
        ) !== [];
    }

    public function isOily(): bool
    {
        return $this->part->wood->nature->oily;
    }

    /** Whether it holds more water than the shop's air leaves in it. */
    public function isWet(): bool
    {
        return $this->equilibriumPercent > 0.0 && $this->part->moisturePercent
            > $this->equilibriumPercent + $this->tables->calibration->bench->wetWoodPoints;
    }

    /** What the face was cut for without a break that is planned, min. */
    public function cutMinutes(): float
    {
        return $this->record->cutMinutes();
    }

    /** How long an edge lasts, min. */
    public function edgeLasts(): float
    {
        return $this->tables->calibration->cuts->sharpenEveryMinutes;
    }

    public function isThin(): bool
    {
        $wall = $this->part->measure($this->tables->calibration->shape)->wall?->minMm;

        return $wall !== null && $wall < $this->tables->calibration->sanding->heatWallMm;
    }
}
