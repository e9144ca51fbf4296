<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use HonestGrain\Geometry\Surface;
use HonestGrain\Layout\Proportion;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Unit;
use Illuminate\Http\Request;

/** A band that is not placed yet: dragged over the drawing, or laid out by a proportion or between two marks. */
final readonly class BandAsked
{
    private function __construct(private Part $part, private Show $show)
    {
    }

    /** @throws BadInput for a band that there is not */
    public static function read(Request $request, Piece $piece, Tables $tables, Show $show): self
    {
        $core = CorePiece::read($piece->document, $tables);
        $part = $core->part($request->string('part')->toString()) ?? $core->body();
        $of = $request->string('mark')->toString();
        $set = $part->hasMark($of) ? $part->mark($of)->settings() : [];
        $mark = Mark::read(Document::of([
            'id' => 'asked', 'settings' => $set, 'technique' => $request->string('technique')->toString(),
            'on' => $request->string('on')->toString(), 'from_mm' => $request->float('from'),
            'to_mm' => $request->float('to'),
        ]), $tables);

        return new self($part->withMark($mark), $show);
    }

    /** Its area, its edges, its usual minutes and what will not do. */
    public function says(): string
    {
        $ground = $this->part->grounds['asked'];
        $worked = $this->part->worked()['asked'];
        [$low, $high] = [$ground->levels[0], $ground->levels[count($ground->levels) - 1]];
        $says = [
            say('view.band-asked.along', [
                'length' => $this->show->length($ground->lengthMm(), 1),
                'area' => $this->show->area($ground->areaMm2),
            ]),
            say('view.band-asked.edges', [
                'low' => $this->show->length(2 * $low->radiusMm, 1),
                'lowUp' => $this->show->length($low->heightMm, 1),
                'high' => $this->show->length(2 * $high->radiusMm, 1),
                'highUp' => $this->show->length($high->heightMm, 1),
            ]),
            $this->show->minutes($worked->minutes),
        ];
        foreach (array_slice($worked->findings, 0, 1) as $finding) {
            $says[] = mb_lcfirst(rtrim($this->show->said($finding->message), '.'));
        }

        return implode(' · ', $says);
    }

    /**
     * Where a band comes by the rule that was asked for, in mm along its line.
     *
     * @return array{on: string, from: string, to: string}|null the fields of the form; null where no rule is asked for
     */
    public static function laid(Request $request, Part $part, Show $show): ?array
    {
        $rule = $request->string('lay')->toString();
        if ($rule === '') {
            return null;
        }
        [$on, $from, $to] = $rule === 'between' ? self::between($request, $part) : self::share($request, $part, $rule);
        $field = fn (float $mm): string => $show->field(Unit::Length, $mm);

        return $to - $from < 0.1 ? null : ['on' => $on->value, 'from' => $field($from), 'to' => $field($to)];
    }

    /** @return array{Surface, float, float} */
    private static function share(Request $request, Part $part, string $rule): array
    {
        $on = Surface::tryFrom($request->string('lay_on')->toString()) ?? Surface::Outer;
        $long = $part->lineMm($on);
        $parts = max(2, min(24, $request->integer('parts', 4)));
        $ratios = array_values(array_filter(array_map(
            floatval(...), preg_split('/[^\d.]+/', $request->string('ratios')->toString()) ?: [],
        ), fn (float $ratio): bool => $ratio > 0));
        $proportion = Proportion::tryFrom($rule) ?? Proportion::Thirds;
        $cuts = $proportion === Proportion::Ratio && count($ratios) < 2 ? []
            : $proportion->marksMm($long, $parts, $ratios);
        if ($cuts === []) {
            return [$on, 0.0, 0.0];
        }
        $edges = [0.0, ...$cuts, $long];
        $nth = max(1, min(count($edges) - 1, $request->integer('nth', 1)));

        return [$on, $edges[$nth - 1], $edges[$nth]];
    }

    /** @return array{Surface, float, float} */
    private static function between(Request $request, Part $part): array
    {
        $ids = [$request->string('first')->toString(), $request->string('second')->toString()];
        $marks = array_values(array_filter($part->marks, fn (Mark $mark): bool => in_array($mark->id(), $ids, true)));
        usort($marks, fn (Mark $a, Mark $b): int => $a->band->fromMm <=> $b->band->fromMm);
        if (count($marks) < 2 || $marks[0]->band->on !== $marks[1]->band->on) {
            return [Surface::Outer, 0.0, 0.0];
        }

        return [$marks[0]->band->on, $marks[0]->band->toMm, $marks[1]->band->fromMm];
    }
}
