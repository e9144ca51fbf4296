<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Strokes read from an SVG: its lines, polylines and paths, curves drawn with straight pieces, set into the unit
 * square.
 * Fills, texts, pictures, styles and scripts are left out; what moves or declares anything is refused.
 */
final class SvgStrokes
{
    public const MAX_BYTES = 400_000;

    private const PIECES = 12;

    private const FIELD = 'file';

    /** @var list<list<array{float, float}>> */
    private array $strokes = [];

    private int $points = 0;

    private function __construct()
    {
    }

    /** @throws InvalidField for what is no SVG of strokes, declares entities, is transformed, or is too intricate */
    public static function read(string $svg): OwnRepeat
    {
        if (strlen($svg) > self::MAX_BYTES) {
            throw self::refused(strlen($svg).' bytes', new Said('layout.svg-strokes.takes-most-bytes', [
                'what' => Quantity::count(self::MAX_BYTES),
            ]));
        }
        if (preg_match('/<!(DOCTYPE|ENTITY)/i', $svg) === 1) {
            throw self::refused('a declaration', new Said('layout.svg-strokes.must-not-declare-document'));
        }
        $was = libxml_use_internal_errors(true);
        $document = new \DOMDocument;
        $isRead = $svg !== '' && $document->loadXML($svg, LIBXML_NONET | LIBXML_NOWARNING);
        libxml_clear_errors();
        libxml_use_internal_errors($was);
        if (! $isRead || $document->documentElement?->localName !== 'svg') {
            throw self::refused('a file', new Said('layout.svg-strokes.takes-svg-drawing'));
        }
        $self = new self;
        foreach ($document->getElementsByTagName('*') as $element) {
            if ($element->hasAttribute('transform')) {
                throw self::refused('a transform', new Said('layout.svg-strokes.flatten-drawing-first-so'));
            }
            match ($element->localName) {
                'line' => $self->add([
                    [self::number($element, 'x1'), self::number($element, 'y1')],
                    [self::number($element, 'x2'), self::number($element, 'y2')],
                ]),
                'polyline', 'polygon' => $self->polyline($element),
                'path' => $self->path($element->getAttribute('d')),
                default => null,
            };
        }

        return $self->fitted();
    }

    private function polyline(\DOMElement $element): void
    {
        $numbers = self::numbers($element->getAttribute('points'));
        $line = [];
        for ($i = 0; $i + 1 < count($numbers); $i += 2) {
            $line[] = [$numbers[$i], $numbers[$i + 1]];
        }
        $this->add($element->localName === 'polygon' && $line !== [] ? [...$line, $line[0]] : $line);
    }

    /** Moves, lines, and curves of one and two handles; of arcs the chord. */
    private function path(string $d): void
    {
        preg_match_all('/([MLHVCQSTAZ])([^MLHVCQSTAZ]*)/i', $d, $parts, PREG_SET_ORDER);
        $line = [];
        $at = $begun = [0.0, 0.0];
        foreach ($parts as [, $letter, $rest]) {
            $takes = [
                'M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0,
            ];
            $kind = strtoupper($letter);
            $numbers = self::numbers($rest);
            if ($kind === 'Z') {
                $line[] = $at = $begun;

                continue;
            }
            for ($i = 0; $i + $takes[$kind] <= count($numbers); $i += $takes[$kind]) {
                $n = array_slice($numbers, $i, $takes[$kind]);
                $by = $letter === $kind ? [0.0, 0.0] : $at;
                $to = match ($kind) {
                    'H' => [$n[0] + $by[0], $at[1]],
                    'V' => [$at[0], $n[0] + $by[1]],
                    default => [$n[count($n) - 2] + $by[0], $n[count($n) - 1] + $by[1]],
                };
                if ($kind === 'M' && $i === 0) {
                    $this->add($line);
                    $line = [];
                    $begun = $to;
                }
                $bend = in_array($kind, ['C', 'Q'], true) ? array_map(
                    fn (array $pair): array => [$pair[0] + $by[0], $pair[1] + $by[1]],
                    array_chunk(array_slice($n, 0, -2), 2),
                ) : [];
                $line = [...$line, ...self::curve($at, $bend, $to)];
                $at = $to;
            }
        }
        $this->add($line);
    }

    /**
     * @param  array{float, float}  $from
     * @param  list<array{float, float}>  $handles  none, one or two
     * @param  array{float, float}  $to
     * @return list<array{float, float}>
     */
    private static function curve(array $from, array $handles, array $to): array
    {
        if ($handles === []) {
            return [$to];
        }
        $line = [];
        for ($k = 1; $k <= self::PIECES; $k++) {
            $points = [$from, ...$handles, $to];
            $t = $k / self::PIECES;
            // De Casteljau: halved until one is left.
            while (count($points) > 1) {
                $next = [];
                for ($i = 1; $i < count($points); $i++) {
                    $next[] = [
                        $points[$i - 1][0] + $t * ($points[$i][0] - $points[$i - 1][0]),
                        $points[$i - 1][1] + $t * ($points[$i][1] - $points[$i - 1][1]),
                    ];
                }
                $points = $next;
            }
            $line = [...$line, ...$points];
        }

        return $line;
    }

    /** @param  list<array{float, float}>  $line */
    private function add(array $line): void
    {
        if (count($line) < 2) {
            return;
        }
        $this->points += count($line);
        if (count($this->strokes) >= OwnRepeat::MOST_STROKES || $this->points > OwnRepeat::MOST_POINTS) {
            throw self::refused('a drawing', new Said('layout.svg-strokes.takes-most-strokes-points', [
                'what' => Quantity::count(OwnRepeat::MOST_STROKES),
                'what2' => Quantity::count(OwnRepeat::MOST_POINTS),
            ]));
        }
        $this->strokes[] = $line;
    }

    /** The drawing set into the unit square, up turned up. */
    private function fitted(): OwnRepeat
    {
        $all = array_merge([], ...$this->strokes);
        if ($all === []) {
            throw self::refused('a drawing', new Said('layout.svg-strokes.holds-no-line-polyline'));
        }
        [$left, $right] = [min(array_column($all, 0)), max(array_column($all, 0))];
        [$top, $below] = [min(array_column($all, 1)), max(array_column($all, 1))];
        $set = fn (float $value, float $from, float $to): float => $to - $from < 1e-9 ? 0.5
            : max(0.0, min(1.0, ($value - $from) / ($to - $from)));

        return OwnRepeat::read(array_map(fn (array $line): array => array_map(
            fn (array $at): array => [round($set($at[0], $left, $right), 5), round(1 - $set($at[1], $top, $below), 5)],
            $line,
        ), $this->strokes), self::FIELD);
    }

    private static function number(\DOMElement $element, string $attribute): float
    {
        return self::numbers($element->getAttribute($attribute))[0] ?? 0.0;
    }

    /** @return list<float> */
    private static function numbers(string $text): array
    {
        preg_match_all('/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/i', $text, $found);
        $numbers = array_map(floatval(...), $found[0]);
        foreach ($numbers as $number) {
            if (! is_finite($number) || abs($number) > 1e7) {
                throw self::refused('a coordinate', new Said('layout.svg-strokes.coordinates-must-lie-within'));
            }
        }

        return $numbers;
    }

    private static function refused(string $what, Said $why): InvalidField
    {
        return InvalidField::because(self::FIELD, $what, $why);
    }
}
