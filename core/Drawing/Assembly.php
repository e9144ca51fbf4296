<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Words\Said;

/** All parts of a piece on one drawing: put together as their joints say, or drawn apart along the same axis. */
final readonly class Assembly
{
    /** How far parts are drawn from each other, as a share of the piece's size. */
    private const APART = 0.16;

    private const BESIDE = 0.12;

    /** @param  array<string, Placed>  $placed  by part */
    private function __construct(private string $name, private string $key, private array $placed)
    {
    }

    /** @param  string  $key  distinguishes the pattern ids of several drawings on one page */
    public static function of(Piece $piece, string $key = 'p'): self
    {
        return self::placing($piece, $key, 0.0);
    }

    public static function apart(Piece $piece, string $key = 'p'): self
    {
        $sizes = array_map(
            fn (Part $part): float => max($part->profile->diameterMm(), $part->profile->heightMm()), $piece->parts,
        );

        return self::placing($piece, $key, max($sizes) * self::APART);
    }

    /** For a list, or beside a name: no dimensions. A width in px to a common scale, and another name, may be given. */
    public function small(?float $pxPerMm = null, ?Said $name = null): string
    {
        $frame = $this->frame(0.02);

        return $frame->svg($name ?? $this->name, $this->body($frame), $pxPerMm === null ? [] : [
            'width' => $frame->width * $pxPerMm, 'height' => $frame->height * $pxPerMm,
        ]);
    }

    /** For a page, each part with its name beside it. */
    public function named(): string
    {
        $frame = $this->frame(0.16);
        $u = $frame->unit();
        $names = '';
        foreach ($this->placed as $placed) {
            [$x, $y, $width, $height] = $placed->box();
            $names .= Svg::text($x + $width + $u * 1.5, $y + $height / 2 + $u, $u * 3.4, $placed->part->name);
        }

        return $frame->svg($this->name, $this->body($frame).$names);
    }

    public function widthMm(): float
    {
        return $this->frame(0.0)->width;
    }

    public function heightMm(): float
    {
        return $this->frame(0.0)->height;
    }

    private static function placing(Piece $piece, string $key, float $gapMm): self
    {
        /** @var array<string, Placed> $placed */
        $placed = [];
        $right = 0.0;
        // A part whose joint is with one that is not placed yet waits for the next round.
        for ($round = 0; $round < count($piece->parts) && count($placed) < count($piece->parts); $round++) {
            foreach ($piece->parts as $part) {
                $joint = self::jointOf($piece, $part, array_keys($placed));
                if (isset($placed[$part->id]) || ($joint === null && $placed !== [] && $round === 0)) {
                    continue;
                }
                $on = $joint === null
                    ? null : ($placed[$joint->socket === $part->id ? $joint->spigot : $joint->socket] ?? null);
                $placed[$part->id] = match (true) {
                    $placed === [] => new Placed($part, 0.0, 0.0),
                    $joint === null || $on === null => new Placed(
                        $part, $right * (1 + self::BESIDE) + $part->profile->diameterMm() / 2 + 4, 0.0,
                    ),
                    $joint->socket === $part->id => $on->under($part, $joint, $gapMm),
                    default => $on->with($part, $joint, $gapMm),
                };
                [$x, , $width] = $placed[$part->id]->box();
                $right = max($right, $x + $width);
            }
        }

        return new self($piece->name, $key, $placed);
    }

    /** @param  list<string>  $placed */
    private static function jointOf(Piece $piece, Part $part, array $placed): ?Joint
    {
        foreach ($piece->joints as $joint) {
            $other = match ($part->id) {
                $joint->socket => $joint->spigot,
                $joint->spigot => $joint->socket,
                default => null,
            };
            // A ball hangs beside its cup.
            if ($joint->kind !== JointKind::Ball && $other !== null && in_array($other, $placed, true)) {
                return $joint;
            }
        }

        return null;
    }

    private function frame(float $margin): Frame
    {
        $boxes = array_values(array_map(fn (Placed $placed): array => $placed->box(), $this->placed));
        if ($boxes === []) {
            throw new \LogicException('A piece has at least one part.');
        }
        $left = min(array_column($boxes, 0));
        $top = min(array_column($boxes, 1));
        $right = max(array_map(fn (array $box): float => $box[0] + $box[2], $boxes));
        $foot = max(array_map(fn (array $box): float => $box[1] + $box[3], $boxes));
        $room = max($right - $left, $foot - $top) * $margin;

        return Frame::of([$left - $room, $top - $room, $right - $left + 2 * $room, $foot - $top + 2 * $room]);
    }

    private function body(Frame $frame): string
    {
        $u = $frame->unit();
        $svg = '';
        // What goes into another is drawn first, so that the socket's section lies over it.
        foreach (array_reverse($this->placed) as $id => $placed) {
            $svg .= Svg::tag(
                'g', ['data-part' => $id, 'transform' => $placed->transform()],
                (new PartFigure($placed->part, "$this->key-$id", true))->body($u),
            );
        }

        return $svg.$frame->axis();
    }
}
