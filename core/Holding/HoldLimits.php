<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Reading\Row;

/** What one kind of hold asks of the work, takes at the most and leaves free (workshop). */
final readonly class HoldLimits
{
    public Mount $mount;

    /** Whether it is made for the work, or every lathe has it, so that a shop need not own it. */
    public bool $isMade;

    /** How the tail centre stands to it. */
    public TailCentre $tail;

    /** The one direction of the grain that it holds in; null for both. */
    public ?GrainDirection $grain;

    /** How large it is where the shop has not said. */
    public ?float $sizeMm;

    public ?float $mostDiameterMm;

    public ?float $mostHeightMm;

    public ?float $mostKg;

    /** What it takes to make it for the work, min; 0 for what is there already, or is made by a step of its own. */
    public float $makeMinutes;

    /** Whether it presses on what may be finished, so that padding goes between. */
    public bool $touches;

    /** A line of holding.leaves that says what mark it leaves. */
    public string $leaves;

    /** @var array<string, list<Face>> what it leaves free, by the stage */
    private array $free;

    /** @var array<string, int> those that serve best have the least, by the stage */
    private array $rank;

    /** The same of a blank of end grain, where long screws are the weaker hold. */
    private int $rankOfEndGrain;

    /** @var array{side: float|null, end: float|null, most: float|null, held: float|null} */
    private array $overhang;

    private function __construct(Row $row)
    {
        $this->mount = Mount::from($row->text('key'));
        $this->isMade = $row->text('equipment') === 'made';
        $this->tail = TailCentre::from($row->text('tail'));
        $this->grain = GrainDirection::tryFrom($row->text('grain'));
        $this->sizeMm = $row->numberOrNull('size_mm');
        $this->mostDiameterMm = $row->numberOrNull('most_diameter_mm');
        $this->mostHeightMm = $row->numberOrNull('most_height_mm');
        $this->mostKg = $row->numberOrNull('most_kg');
        $this->makeMinutes = $row->numberOrNull('make_minutes') ?? 0.0;
        $this->touches = $row->flag('touches');
        $this->leaves = $row->text('leaves');
        $free = $rank = [];
        $sides = ['first' => HoldStage::Outside, 'main' => HoldStage::Inside, 'turned' => HoldStage::Foot];
        foreach ($sides as $side => $stage) {
            $faces = preg_split('/ /', $row->text($side), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $free[$stage->value] = array_map(Face::from(...), $faces);
            $rank[$stage->value] = (int) ($row->numberOrNull("rank_$side") ?? 0);
        }
        $this->free = $free;
        $this->rank = $rank;
        $this->rankOfEndGrain = (int) ($row->numberOrNull('rank_first_end') ?? 0);
        $this->overhang = [
            'side' => $row->numberOrNull('overhang_side'), 'end' => $row->numberOrNull('overhang_end'),
            'most' => $row->numberOrNull('overhang_end_most'), 'held' => $row->numberOrNull('overhang_held'),
        ];
    }

    public static function fromRow(Row $row): self
    {
        return new self($row);
    }

    /** @return list<Face> what it leaves free by the end that it holds at that stage; none where it does not serve */
    public function free(HoldStage $stage): array
    {
        return $this->free[$stage->value];
    }

    /** Those that serve best have the least; null where it is none of those that are chosen. */
    public function rank(HoldStage $stage, GrainDirection $grain): ?int
    {
        return ($stage === HoldStage::Outside && $grain === GrainDirection::End
            ? $this->rankOfEndGrain : $this->rank[$stage->value]) ?: null;
    }

    /** How many times its own width the work may stand out of it by itself. */
    public function overhang(GrainDirection $grain): float
    {
        return $this->overhang[$grain === GrainDirection::Side ? 'side' : 'end'] ?? INF;
    }

    /** The same with care: further out than that it is not done at all. */
    public function overhangWarned(GrainDirection $grain): float
    {
        return $grain === GrainDirection::Side ? $this->overhang($grain)
            : max($this->overhang($grain), $this->overhang['most'] ?? 0.0);
    }

    /** And with the tail centre or a steady at its other end. */
    public function overhangHeld(): float
    {
        return $this->overhang['held'] ?? INF;
    }
}
