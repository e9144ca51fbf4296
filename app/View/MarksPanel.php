<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\Frame;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Piece\Piece as CorePiece;

/** The drawing to place marks on, and the lines a band can be dragged along. */
final readonly class MarksPanel
{
    private function __construct(
        public string $drawing,
        public Frame $frame,
        private CorePiece $core,
        public Measurement $measured,
    ) {
    }

    public static function of(CorePiece $core, Show $show): self
    {
        $frame = Frame::around($core->profile, true);

        return new self(
            Elevation::of(
                $core->profile, $core->grain, $core->wood->rgb, $core->marks, $core->name, 'marks',
            )->withLengths($show->length(...))->detailed($frame),
            $frame, $core, $core->measure(),
        );
    }

    /** @return array<string, float> arc length of each line a band can lie on, mm */
    public function lengths(): array
    {
        return array_map(fn (Curve $curve): float => $curve->lengthMm(), $this->curves());
    }

    /**
     * For the browser to find the arc length under the pointer: x, y on the drawing and arc length, mm.
     *
     * @return array{frame: list<float>, lines: array<string, list<array{float, float, float}>>}
     */
    public function toArray(): array
    {
        $lines = [];
        foreach ($this->curves() as $on => $curve) {
            // The outside is dragged on the right, where it is seen; inside and rim on the section.
            $side = $on === 'inner' ? -1 : 1;
            $lines[$on] = array_map(fn (Point $p): array => [round($side * $p->r, 2), round(-$p->z, 2), round($p->arcMm, 2)], $curve->points);
        }

        return ['frame' => [$this->frame->x, $this->frame->y, $this->frame->width, $this->frame->height], 'lines' => $lines];
    }

    /** @return array<string, Curve> */
    private function curves(): array
    {
        return array_filter(['outer' => $this->core->profile->outer, 'inner' => $this->core->profile->inner, 'rim' => Measurement::rim($this->core->profile)]);
    }
}
