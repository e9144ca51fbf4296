<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Workshop;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\Frame;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Route\Piece as CorePiece;

/** The drawing of a shape with its numbers, worded for the reader; the same for the page and for a drag. */
final readonly class ShapePanel
{
    private function __construct(private CorePiece $core, private Measurement $measured, private Frame $frame, private Show $show)
    {
    }

    public static function of(CorePiece $core, Workshop $workshop, Show $show, ?Frame $frame = null): self
    {
        return new self($core, $core->measure((float) $workshop->limits['min_wall_mm']), $frame ?? Frame::around($core->profile, true), $show);
    }

    public function drawing(): string
    {
        return Elevation::of($this->core->profile, $this->core->grain, $this->core->wood->rgb, $this->core->marks, $this->core->name, 'shape')->withLengths($this->show->length(...))->detailed($this->frame, $this->measured);
    }

    /** @return list<array{id: string, name: string, area: string, end: string, band: bool}> */
    public function zones(): array
    {
        $bands = [];
        foreach ($this->core->marks as $mark) {
            $bands[$mark->band->id] = $mark->kind->label();
        }

        return array_values(array_map(fn ($zone): array => [
            'id' => $zone->id, 'name' => $bands[$zone->id] ?? ucfirst($zone->id), 'area' => $this->show->area($zone->areaMm2),
            'end' => round($zone->endGrainMean * 100).' %', 'band' => isset($bands[$zone->id]),
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
