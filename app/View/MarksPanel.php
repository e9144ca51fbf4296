<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use HonestGrain\Drawing\DivisionPlan;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\Frame;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Finding;
use HonestGrain\Technique\Work;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Said;

/** The drawing to place marks on, and the lines a band can be dragged along. */
final readonly class MarksPanel
{
    private const OTHERS = 60;

    private const OF_PARTS = "json_extract(document,'$.parts[*].%s') %s";

    /** @param  array<string, Worked>  $worked  by id of a mark */
    private function __construct(
        public string $drawing,
        public Frame $frame,
        private Part $part,
        private Tables $tables,
        private array $worked,
    ) {
    }

    public static function of(CorePiece $core, Part $part, Tables $tables, Show $show, Drawings $drawings): self
    {
        $frame = Frame::around($part->profile, true);

        return new self(
            $drawings->kept("marks-$part->id", fn (): string => Elevation::of(
                $part, $core->name, 'marks',
            )->withLengths($show->length(...))->detailed($frame)),
            $frame, $part, $tables, $part->worked(),
        );
    }

    /** @return array<string, string> parts of pieces in work that marks can be copied to, this piece's own first */
    public static function others(Piece $piece): array
    {
        $pieces = $piece->workshop->pieces()->working()->orderByRaw('id <> ?', [$piece->id])->orderByDesc('id')
            ->limit(self::OTHERS)->toBase()->select('id', 'name')
            ->selectRaw(sprintf(self::OF_PARTS, 'id', 'ids'))->selectRaw(sprintf(self::OF_PARTS, 'name', 'names'))
            ->get();
        $others = [];
        foreach ($pieces as $one) {
            $parts = array_combine(json_decode((string) $one->ids), json_decode((string) $one->names));
            foreach ($parts as $id => $name) {
                $others["$one->id/$id"] = count($parts) === 1 ? (string) $one->name : "$one->name, $name";
            }
        }

        return $others;
    }

    /**
     * Classes that the colours which are there can be changed to, where there are two of them or more.
     *
     * @param  array<string, list<string>>  $stains  by the key of the technique
     * @return list<string>
     */
    public function classes(array $stains): array
    {
        $there = array_filter(
            $this->part->marks, fn (Mark $mark): bool => isset($stains[$mark->technique->key()]),
        );
        $keys = array_unique(array_map(fn (Mark $mark): string => $mark->technique->key(), $there));

        return count($there) < 2 ? [] : array_merge(
            ...array_map(fn (string $key): array => $stains[$key], array_values($keys)),
        );
    }

    /** @return array<string, Said> by key */
    public function techniques(): array
    {
        $labels = [];
        foreach ($this->tables->techniques->decorations() as $technique) {
            $labels[$technique->key()] = $technique->label();
        }

        return $labels;
    }

    /** @return array<string, string> the lines that a band can lie on, with their lengths */
    public function places(Show $show): array
    {
        $places = [];
        foreach ($this->lengths() as $on => $mm) {
            $places[$on] = $show->said(Surface::from($on)->said()).' ('.$show->length($mm).')';
        }

        return $places;
    }

    /** The rim from above, divided as the chosen mark is. */
    public function plan(?MarkPanel $chosen): string
    {
        return $chosen === null
            ? (new DivisionPlan($this->part->grain, $this->part->wood->nature->rgb))->drawn() : $chosen->plan();
    }

    /** @return array<string, string> rules by which a band is laid out */
    public function rules(): array
    {
        return [
            'thirds' => say('view.marks-panel.thirds'),
            'golden' => say('view.marks-panel.golden-section'),
            'equal' => say('view.marks-panel.equal-parts'),
            'ratio' => say('view.marks-panel.my-own-ratio'),
            'between' => say('view.marks-panel.between-two-marks'),
        ];
    }

    /** The rates behind the usual minutes. */
    public function rates(Show $show): string
    {
        return $show->said(new Said('figures.marks'));
    }

    /** How the part is held for a mark, in a word or two. */
    public function held(Mark $mark): string
    {
        return match ($mark->technique->character()->work) {
            Work::Spinning => say('view.marks-panel.spinning'),
            Work::Locked => $this->worked[$mark->id()]->plate === null
                ? say('view.marks-panel.locked') : say('view.marks-panel.index'),
            Work::Lap => say('view.marks-panel.lap'),
            Work::Hand, Work::Points => say('view.marks-panel.hand'),
        };
    }

    /** What a mark is where its name does not say, and what is used. */
    public function kind(Mark $mark, Show $show): string
    {
        return implode(' · ', array_filter([
            $mark->name === null ? '' : mb_lcfirst($show->said($mark->technique->label())),
            mb_lcfirst($mark->isClassTaken ? '' : $show->said($mark->stain?->name() ?? $mark->paint?->name())),
        ]));
    }

    /** "24 ×" where a mark is divided or comes in a row; empty where it is one. */
    public function count(Mark $mark): string
    {
        $parts = $this->worked[$mark->id()]->parts;

        return $parts > 1 ? "$parts ×" : '';
    }

    public function isRefused(Mark $mark): bool
    {
        return array_filter(
            $this->worked[$mark->id()]->findings, fn (Finding $finding): bool => $finding->isRefused,
        ) !== [];
    }

    /** @return array<string, string> the marks, for a choice of two */
    public function names(Show $show): array
    {
        $names = [];
        foreach ($this->part->marks as $mark) {
            $names[$mark->id()] = $show->said($mark->label()).', '.$show->length($mark->band->fromMm, 1);
        }

        return $names;
    }

    /** @return array<string, array{string, float}> word and place of each edge of a mark, by field */
    public function edges(Mark $mark): array
    {
        return [
            'from' => [say('view.marks-panel.from'), $mark->band->fromMm],
            'to' => [say('view.marks-panel.to'), $mark->band->toMm],
        ];
    }

    /** @return array{float, float}|null diameter and height over the table of an edge of a mark, mm */
    public function standsAt(Mark $mark, float $arcMm): ?array
    {
        $at = ($this->curves()[$mark->band->on->value] ?? null)?->at($arcMm);

        return $at === null ? null : [2 * $at->r, $at->z - $this->part->profile->standsOn()->z];
    }

    /** Hands-on minutes of a mark, typed or usual. */
    public function minutes(Mark $mark): float
    {
        return $mark->minutes ?? $this->worked[$mark->id()]->minutes;
    }

    /** @return array<string, float> arc length of each line a band can lie on, mm */
    public function lengths(): array
    {
        return array_map(fn (Curve $curve): float => $curve->lengthMm(), $this->curves());
    }

    /**
     * For the browser to find the arc length under the pointer: x, y on the drawing and arc length, mm.
     *
     * @return array{frame: list<float>, lines: array<string, list<array{float, float, float}>>, coloured: list<string>}
     *     coloured: techniques that take a colour
     */
    public function toArray(): array
    {
        $lines = [];
        foreach ($this->curves() as $on => $curve) {
            // The outside is dragged on the right, where it is seen; inside and rim on the section.
            $side = $on === 'inner' ? -1 : 1;
            $lines[$on] = array_map(
                fn (Point $p): array => [round($side * $p->r, 2), round(-$p->z, 2), round($p->arcMm, 2)],
                $curve->points,
            );
        }

        return [
            'frame' => [$this->frame->x, $this->frame->y, $this->frame->width, $this->frame->height], 'lines' => $lines,
            'coloured' => array_values(array_map(
                fn (Decoration $technique): string => $technique->key(),
                array_filter(
                    $this->tables->techniques->decorations(),
                    fn (Decoration $technique): bool => $technique->takesColour(),
                ),
            )),
        ];
    }

    /** @return array<string, Curve> */
    private function curves(): array
    {
        $curves = [];
        foreach (Surface::cases() as $on) {
            $curves[$on->value] = $on->curve($this->part->profile);
        }

        return array_filter($curves);
    }
}
