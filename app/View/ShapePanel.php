<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\Frame;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Zone;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Sanding;

/** The drawing of a shape with its numbers, worded for the reader; the same for the page and for a drag. */
final readonly class ShapePanel
{
    private function __construct(private Piece $piece, private CorePiece $core, private Bench $bench, private Measurement $measured, private Frame $frame, private Show $show)
    {
    }

    public static function of(Piece $piece, CorePiece $core, Bench $bench, Show $show, ?Frame $frame = null): self
    {
        return new self($piece, $core, $bench, $core->measure($bench->minWallMm), $frame ?? Frame::around($core->profile, true), $show);
    }

    public function drawing(): string
    {
        return Elevation::of($this->core->profile, $this->core->grain, $this->core->wood->rgb, $this->core->marks, $this->core->name, 'shape')->withLengths($this->show->length(...))->detailed($this->frame, $this->measured);
    }

    /**
     * Every zone with what can be opened from it.
     *
     * @return list<array{id: string, name: string, area: string, end: string, band: bool, grit: string, surface: string, coats: string, coated: string}>
     */
    public function zones(): array
    {
        $bands = [];
        foreach ($this->core->marks as $mark) {
            $bands[$mark->band->id] = explode(',', $mark->kind->label())[0];
        }

        $sandings = Sanding::all($this->core, $this->bench, $this->measured);
        $lastGrit = fn (Sanding $sanding): string => ($grits = $sanding->chosen()?->gritNames() ?? []) === [] ? 'none' : $grits[count($grits) - 1];

        return array_values(array_map(fn (Zone $zone): array => [
            'id' => $zone->id, 'name' => $bands[$zone->id] ?? ucfirst($zone->id), 'area' => $this->show->area($zone->areaMm2),
            'end' => round($zone->endGrainMean * 100).' %', 'band' => isset($bands[$zone->id]),
            'grit' => isset($sandings[$zone->id]) ? $lastGrit($sandings[$zone->id]) : '', 'surface' => route('pieces.surface', $this->piece)."#zone-$zone->id",
            'coats' => isset($sandings[$zone->id]) ? (string) count($this->core->coatPlanFor($zone->id)->coats ?? []) : '', 'coated' => route('pieces.coats', $this->piece)."#zone-$zone->id",
        ], $this->measured->zones));
    }

    public function sentence(): string
    {
        $wall = $this->measured->wall === null ? '' : ' Wall '.$this->show->length($this->measured->wall->minMm).' at thinnest, floor '.$this->show->length($this->measured->floorMm).'.';

        return 'Weighs '.$this->show->mass($this->measured->massG).' at '.$this->show->plain($this->core->moisturePercent).' % moisture.'.$wall;
    }

    /** @return list<array{code: string, message: string}> */
    public function warnings(): array
    {
        return array_map(fn ($warning): array => ['code' => $warning->code, 'message' => $this->show->sentence($warning->message)], $this->measured->warnings);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'drawing' => $this->drawing(), 'frame' => [$this->frame->x, $this->frame->y, $this->frame->width, $this->frame->height],
            'zones' => $this->zones(), 'sentence' => $this->sentence(), 'warnings' => $this->warnings(),
            'shape' => $this->core->profile->toArray(), 'unit' => $this->frame->unit(),
        ];
    }
}
