<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Surface;
use HonestGrain\Layout\SphereMarks;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Technique\Setting;

/** The mark-out list of a piece: every edge of every mark, cumulative, as it is read at the lathe. */
final readonly class MarkOut
{
    public function __construct(public Piece $core, private Show $show)
    {
    }

    /**
     * From the rim down on each face, from the edge in on a flat end.
     *
     * @return list<array{Face, array{string, string}, list<array{string, string, string, string, string}>}> face,
     *     the two ends that it is measured from, then words, from the one, from the other, callipers and height of
     *     each edge
     */
    public function faces(Part $part): array
    {
        $faces = [];
        foreach (Surface::cases() as $on) {
            $edges = [];
            foreach ($part->marks as $mark) {
                if ($mark->band->on === $on) {
                    $edges = [...$edges, [$mark->band->toMm, $mark, true], [$mark->band->fromMm, $mark, false]];
                }
            }
            usort($edges, fn (array $a, array $b): int => $on === Surface::Outer ? $b[0] <=> $a[0] : $a[0] <=> $b[0]);
            if ($edges !== []) {
                $faces[] = [$on->face(), self::ends($on), $this->merged(array_map(
                    fn (array $edge): array => $this->edge($part, $on, ...$edge), $edges,
                ))];
            }
        }

        return $faces;
    }

    /** @return array{string, string} what the edges on a face are measured from */
    private static function ends(Surface $on): array
    {
        return match (true) {
            $on === Surface::Outer => [say('view.mark-out.rim'), say('view.mark-out.foot')],
            $on->isFlatEnd() => [say('view.mark-out.edge'), say('view.mark-out.middle')],
            default => [say('view.mark-out.rim'), say('view.mark-out.far-end')],
        };
    }

    /**
     * The lines of a sphere on its blank; none for other forms.
     *
     * @return list<array{string, string}> from one end, and across
     */
    public function sphere(): array
    {
        return $this->core->form !== Form::Sphere ? [] : array_map(
            fn (array $mark): array => [$this->show->length($mark[0], 1), $this->show->length($mark[1], 1)],
            SphereMarks::of($this->core->body()->profile->diameterMm()),
        );
    }

    /**
     * @return list<array{string, string, string}> each mark that is divided: its name, its parts, its holes or strip
     */
    public function divisions(Part $part): array
    {
        $divided = [];
        $settled = $part->settled();
        foreach ($part->worked() as $id => $worked) {
            if ($worked->parts > 1) {
                $start = $settled[$id]->numberOr(Setting::StartDeg, 0.0) ?? 0.0;
                $ground = $part->grounds[$id];
                $divided[] = [$this->show->said(
                    $part->mark($id)->label(),
                ), (string) $worked->parts, $worked->plate === null
                    ? say('view.mark-out.paper-strip-long-marked', [
                        'length' => $this->show->length($ground->levels[0]->roundMm(), 1),
                        'every' => $this->show->length($ground->levels[0]->roundMm() / $worked->parts, 2),
                    ])
                    : say('view.mark-out.plate', [
                        'plate' => $worked->plate,
                        'holes' => $worked->plate === $worked->parts
                            ? say('view.mark-out.every-hole')
                            : implode(' ', $worked->holes),
                        'first' => $start > 0 ? say('view.mark-out.first-from-end-grain', [
                            'start' => $this->show->plain($start),
                        ]) : '',
                    ])];
            }
        }

        return $divided;
    }

    /**
     * One line for all that lies at one place.
     *
     * @param  list<array{string, string, string, string, string}>  $edges
     * @return list<array{string, string, string, string, string}>
     */
    private function merged(array $edges): array
    {
        $merged = [];
        foreach ($edges as $edge) {
            $last = count($merged) - 1;
            if ($last >= 0 && array_slice($merged[$last], 1) === array_slice($edge, 1)) {
                $merged[$last] = [$merged[$last][0].'; '.$edge[0], $edge[1], $edge[2], $edge[3], $edge[4]];
            } else {
                $merged[] = $edge;
            }
        }

        return $merged;
    }

    /** @return array{string, string, string, string, string} */
    private function edge(Part $part, Surface $on, float $arcMm, Mark $mark, bool $isUpper): array
    {
        $ground = $part->grounds[$mark->id()];
        $level = $ground->levels[abs($arcMm - $mark->band->fromMm) < 1e-9 ? 0 : count($ground->levels) - 1];
        $long = $part->lineMm($on);
        [$rim, $foot] = $on === Surface::Outer ? [$long - $arcMm, $arcMm] : [$arcMm, $long - $arcMm];

        return [
            $this->show->said($mark->label()).match (true) {
                $on->isFlatEnd() => $isUpper ? say('view.mark-out.inner-edge') : say('view.mark-out.outer-edge'),
                $isUpper === ($on === Surface::Outer) => say('view.mark-out.upper-edge'),
                default => say('view.mark-out.lower-edge'),
            },
            $this->show->length($rim, 1), $this->show->length($foot, 1),
            $this->show->length($level->diameterMm(), 1), $this->show->length($level->heightMm, 1),
        ];
    }
}
