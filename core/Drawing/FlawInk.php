<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\Wish;

/** What the wood brings, drawn where it lies: on the outside where it is seen, otherwise along the section. */
final readonly class FlawInk
{
    private const INK = '#5a2316';

    public function __construct(private Profile $profile, private float $u)
    {
    }

    /** @param  list<Flaw>  $flaws */
    public function all(array $flaws): string
    {
        return implode('', array_map($this->one(...), $flaws));
    }

    private function one(Flaw $flaw): string
    {
        $points = $this->line($flaw);
        $isSeen = $flaw->on === Surface::Outer || $flaw->on === Surface::Rim && $this->profile->edge !== null;
        $side = $isSeen ? 1 : -1;
        $d = '';
        foreach ($points as $i => $point) {
            // Seen from outside it lies within the half; on the section, on its line.
            $x = $flaw->on === Surface::Outer ? $point->r * self::shareOf($flaw) : $point->r;
            $d .= $this->at($flaw->kind, $side * $x, -$point->z, $i, count($points));
        }
        $isFilled = in_array($flaw->kind, [FlawKind::Void, FlawKind::Worm], true);
        // What is filled with a colour wears it.
        $ink = $flaw->wish === Wish::Fill ? $flaw->rgb?->toHex() ?? self::INK : self::INK;

        return Svg::tag('g', ['data-flaw' => $flaw->id], Svg::tag('path', [
            'd' => $d, 'fill' => $isFilled ? $ink : 'none', 'stroke' => $ink,
            'stroke-width' => $this->u * ($flaw->kind === FlawKind::BarkEdge ? 0.7 : 0.35),
            'stroke-linejoin' => 'round', 'stroke-linecap' => 'round',
        ]));
    }

    /** Where on the visible half it is drawn: by its azimuth where that is turned to the reader. */
    private static function shareOf(Flaw $flaw): float
    {
        if ($flaw->azimuthDeg === null) {
            return 0.5;
        }
        $middle = deg2rad(($flaw->azimuthDeg[0] + $flaw->azimuthDeg[1]) / 2);

        return max(0.08, min(0.92, abs(sin($middle))));
    }

    /** @return non-empty-list<Point> points an even way apart along it */
    private function line(Flaw $flaw): array
    {
        if ($flaw->on === Surface::Rim && $this->profile->edge !== null) {
            return (new EdgeInk($this->profile, $this->profile->edge))->nearRim();
        }
        $curve = $flaw->on->curve($this->profile);
        $count = max(2, min(40, (int) ceil($flaw->lengthMm() / max(0.5, $this->u * 0.8))));
        $points = [];
        foreach (range(0, $count) as $i) {
            $arc = $flaw->fromMm + ($flaw->toMm - $flaw->fromMm) * $i / $count;
            $points[] = $curve?->at($arc) ?? $this->profile->outer->first();
        }

        return $points;
    }

    private function at(FlawKind $kind, float $x, float $y, int $i, int $count): string
    {
        $u = $this->u;
        $n = Svg::n(...);
        $odd = $i % 2 === 0 ? 1 : -1;
        // A crack wanders: never the same twice running, and thin at both ends.
        $wander = $odd * (0.25 + 0.5 * fmod($i * 0.618, 1.0)) * sin(M_PI * $i / max(1, $count - 1));
        $dot = fn (float $r): string => sprintf(
            'M%s %s a%s %s 0 1 0 %s 0 a%s %s 0 1 0 %s 0', $n($x - $r), $n($y), $n($r), $n($r), $n(2 * $r), $n($r),
            $n($r), $n(-2 * $r),
        );

        return match ($kind) {
            FlawKind::Crack => sprintf('%s%s %s', $i === 0 ? 'M' : 'L', $n($x + $wander * $u), $n($y)),
            FlawKind::BarkEdge => sprintf(
                '%s%s %s', $i === 0 ? 'M' : 'L', $n($x + $odd * $u * 0.35), $n($y - $odd * $u * 0.2),
            ),
            FlawKind::Void => $dot($u * 0.9 * sin(M_PI * ($i + 0.5) / ($count + 1)) + 0.01),
            FlawKind::Worm => $i % 3 === 0 ? $dot($u * 0.3) : '',
            FlawKind::Knot => $i === intdiv($count, 2) ? $dot($u * 1.5).$dot($u * 0.9).$dot($u * 0.35) : '',
            FlawKind::Pith => $i === intdiv($count, 2) ? $dot($u * 0.8).$dot($u * 0.25) : '',
            FlawKind::Soft => sprintf('M%s %s h%s', $n($x - $u * 0.9 + $odd * $u * 0.5), $n($y), $n($u * 0.6)),
            FlawKind::Torn => sprintf('M%s %s l%s %s', $n($x - $u * 0.5), $n($y), $n($u * 0.9), $n(-$u * 0.6)),
        };
    }
}
