<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\Frame;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Redraw;
use HonestGrain\Geometry\Standing;
use HonestGrain\Geometry\Wall;
use HonestGrain\Geometry\Warning;
use HonestGrain\Geometry\Zone;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\School;
use HonestGrain\Piece\School\Wet;
use HonestGrain\Piece\WallReading;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Sanding;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Unit;

/** The drawing of a part with its numbers, worded for the reader; the same for the page and for a drag. */
final readonly class ShapePanel
{
    private Measurement $measured;

    private function __construct(
        private Piece $piece,
        private CorePiece $core,
        private Part $part,
        private Bench $bench,
        private Show $show,
        private Frame $frame,
        private ?Drawings $drawings,
    ) {
        $measured = $part->measure($bench->calibration->shape, $bench->minWallMm);
        $this->measured = $core->standsOn($part) ? $measured : $measured->ofWhatDoesNotStand();
    }

    public static function of(
        Piece $piece,
        CorePiece $core,
        Part $part,
        Bench $bench,
        Show $show,
        ?Frame $frame = null,
        ?Drawings $drawings = null,
    ): self {
        return new self(
            $piece, $core, $part, $bench, $show, $frame ?? Frame::around($part->profile, true), $drawings,
        );
    }

    public function drawing(): string
    {
        $draw = fn (): string => Elevation::of($this->part, $this->piece->name, 'shape')
            ->withLengths($this->show->length(...))
            ->detailed($this->frame, $this->measured, $this->uneven(), $this->thick());

        // What is dragged is drawn once and never again.
        return $this->drawings?->kept("shape-{$this->part->id}-".hash('xxh128', serialize([
            $this->bench->minWallMm, $this->bench->equilibriumPercent, $this->bench->school,
        ])), $draw) ?? $draw();
    }

    /** @return array<string, string> by which rules a line of the part can be drawn anew */
    public function redraws(): array
    {
        $isHollow = $this->part->profile->inner !== null;
        $ways = array_filter(Redraw::cases(), fn (Redraw $way): bool => $isHollow || ! $way->isInside());

        return array_map(
            fn (Redraw $way): string => say("view.shape-panel.redraw.$way->value"),
            array_combine(array_column($ways, 'value'), $ways),
        );
    }

    /** Its wall where it is thinnest, in the reader's unit; empty where it is solid. */
    public function thinnestWall(): string
    {
        $inner = $this->part->profile->inner;

        return $inner === null ? '' : $this->show->field(
            Unit::Length, Wall::thinnest($this->part->profile->outer, $inner)->minMm,
        );
    }

    /** @return list<Wall> where the wall of a piece that is turned once from wet wood departs from even */
    private function uneven(): array
    {
        $inner = $this->part->profile->inner;
        $figures = $this->bench->calibration;
        $isWet = $this->part->moisturePercent > $this->bench->equilibriumPercent + $figures->bench->wetWoodPoints;
        $school = School::of($this->core->school, $this->bench->school);

        return $inner === null || ! $isWet || $school->wet !== Wet::TurnedOnce ? []
            : Wall::uneven($this->part->profile->outer, $inner, $figures->drying->greenUnevenShare)[1];
    }

    /** @return list<Wall> where callipers found more wood than is drawn */
    private function thick(): array
    {
        $figures = $this->bench->calibration->shape;

        return array_values(array_filter(array_map(
            fn (WallReading $reading): ?Wall => $reading->isThick($this->part->profile, $figures)
                ? $reading->drawn($this->part->profile) : null, $this->part->wallReadings,
        )));
    }

    /**
     * Every face and band with what can be opened from it.
     *
     * @return list<array<string, string|bool>>
     */
    public function zones(): array
    {
        $bands = [];
        foreach ($this->part->marks as $mark) {
            $bands[$mark->id()] = explode(',', $this->show->said($mark->technique->label()))[0];
        }
        $sandings = Sanding::all($this->part, $this->bench->inSchool($this->core->school), $this->measured);
        $page = fn (string $tab): string => route("pieces.$tab", [$this->piece, 'part' => $this->part->id]);

        return array_values(array_map(function (Zone $zone) use ($bands, $sandings, $page): array {
            $sanding = $sandings[$zone->id] ?? null;

            return [
                'id' => $zone->id, 'name' => $bands[$zone->id] ?? mb_ucfirst($this->show->said($zone->face?->said())),
                'area' => $this->show->area($zone->areaMm2), 'end' => round($zone->endGrainMean * 100).' %',
                'band' => isset($bands[$zone->id]), 'grit' => $sanding === null ? '' : $this->lastGrit($sanding),
                'surface' => $page('surface')."#zone-$zone->id",
                'coats' => $sanding === null ? '' : (string) count(
                    $this->part->coatPlanFor($sanding->face)->coats ?? [],
                ),
                'coated' => $page('coats')."#zone-$zone->id",
            ];
        }, $this->measured->zones));
    }

    public function sentence(): string
    {
        $measured = $this->measured;
        $wood = $this->part->wood;
        $weighs = $measured->massG === null
            ? say('view.shape-panel.what-weighs-unknown-no', ['wood' => $wood->said()])
            : say('view.shape-panel.weighs-moisture', [
                'mass' => $this->show->mass($measured->massG),
                'moisturePercent' => $this->show->plain($this->part->moisturePercent),
            ]);
        $wall = $measured->wall === null ? '' : say('view.shape-panel.wall-thinnest', [
            'length' => $this->show->length($measured->wall->minMm),
            'floor' => $measured->floorMm === null ? '.' : say('view.shape-panel.floor', [
                'length' => $this->show->length($measured->floorMm),
            ]),
        ]);

        $holds = $this->part->profile->capacityMm3();
        $standing = $this->core->standsOn($this->part) ? Standing::of($this->part->profile) : null;

        return $weighs.$wall.($holds === null ? '' : say($this->part->profile->edge === null ? 'view.shape-panel.holds'
            : 'view.shape-panel.holds-to-lowest', [
                'volume' => Quantity::ml($holds / 1000),
            ])).($standing === null ? '' : say('view.shape-panel.stands', [
                'centre' => $this->show->length($standing->centreMm),
                'tips' => Quantity::degrees(round($standing->tipsDeg())),
            ]));
    }

    /** @return list<array{code: string, message: string}> */
    public function warnings(): array
    {
        return array_map(fn (Warning $warning): array => [
            'code' => $warning->code->value, 'message' => $this->show->said($warning->message),
        ], $this->measured->warnings);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'drawing' => $this->show->drawn($this->drawing()),
            'frame' => [$this->frame->x, $this->frame->y, $this->frame->width, $this->frame->height],
            'zones' => $this->zones(), 'sentence' => $this->sentence(), 'warnings' => $this->warnings(),
            'shape' => $this->part->profile->toArray(), 'unit' => $this->frame->unit(), 'part' => $this->part->id,
        ];
    }

    private function lastGrit(Sanding $sanding): string
    {
        $grits = $sanding->gritNames();

        return $grits === [] ? say('view.shape-panel.none') : $grits[count($grits) - 1];
    }
}
