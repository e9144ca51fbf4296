<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A rim that stands higher here and lower there: how far it lies under its highest place, by angle.
 *
 * Workshop model: from place to place it runs smoothly and never past either (monotone cubic, F. N. Fritsch and
 * R. E. Carlson 1980, by chords of five degrees), and it is level across its wall. Areas, volumes and balance follow
 * from that line by slices of a sixty-fourth of its drop along the axis.
 */
final readonly class NaturalEdge
{
    public const MOST_PLACES = 24;

    public const FULL_TURN_DEG = 360.0;

    /** The highest place is nought, and no other further from it than this. */
    private const NOUGHT_MM = 0.01;

    private const SLICES = 64;

    /** So many degrees apart its line is told, and drawn. */
    private const CHORD_DEG = 5.0;

    private const DRAWN_DEG = 2.5;

    /** So many places of a log are taken, an even way round. */
    private const OF_LOG = 12;

    /** @var list<array{float, float, float, float}> chords all round: from and to, radians, and mm below at both */
    private array $chords;

    /** @var list<EdgeSlice> what stands of it, from its highest place down to its lowest */
    private array $slices;

    /** @param  non-empty-list<array{float, float}>  $places  radians, rising from 0, and mm below the highest */
    private function __construct(private array $places, public float $dropMm)
    {
        $line = self::smooth($places);
        $this->chords = array_map(
            fn (array $from, array $to): array => [$from[0], $to[0], $from[1], $to[1]], array_slice($line, 0, -1),
            array_slice($line, 1),
        );
        $this->slices = $this->sliced();
    }

    /**
     * @param  array<int, mixed>  $places  degrees from where the grain comes out, and mm below the highest place
     * @param  float  $mostMm  how far below a place may be at the most
     *
     * @throws InvalidField
     */
    public static function read(array $places, float $mostMm, string $field): self
    {
        if (count($places) < 2 || count($places) > self::MOST_PLACES) {
            throw InvalidField::because($field, count($places), new Said('geometry.natural-edge.places', [
                'most' => Quantity::count(self::MOST_PLACES),
            ]));
        }
        $read = [];
        foreach ($places as $i => $place) {
            [$deg, $below] = self::place($place, "$field.$i");
            if ($deg < 0.0 || $deg >= self::FULL_TURN_DEG) {
                throw InvalidField::because("$field.$i", $deg, new Said('geometry.natural-edge.angle'));
            }
            if ($below < 0.0 || $below > $mostMm) {
                throw InvalidField::because("$field.$i", $below, new Said('geometry.natural-edge.below', [
                    'most' => Quantity::mm(max(0.0, $mostMm)),
                ]));
            }
            $key = (string) round($deg, 3);
            if (isset($read[$key])) {
                throw InvalidField::because("$field.$i", $deg, new Said('geometry.natural-edge.twice'));
            }
            $read[$key] = [deg2rad($deg), $below];
        }
        if (min(array_column($read, 1)) > self::NOUGHT_MM) {
            throw InvalidField::because(
                $field, min(array_column($read, 1)), new Said('geometry.natural-edge.no-highest'),
            );
        }
        usort($read, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($read, max(array_column($read, 1)));
    }

    /**
     * That of bark on a log laid across the axis, its length the way side grain comes out: highest there, lowest a
     * quarter of a turn on. Exact for a round log: the rim lies under its crown by R − √(R² − x²).
     *
     * @param  float  $rimMm  the radius of the rim
     * @param  float  $mostMm  as in read()
     *
     * @throws InvalidField
     */
    public static function ofLog(float $logDiameterMm, float $rimMm, float $mostMm, string $field): self
    {
        $radius = $logDiameterMm / 2;
        if ($radius <= $rimMm) {
            throw InvalidField::because($field, $logDiameterMm, new Said('geometry.natural-edge.log', [
                'rim' => Quantity::mm(2 * $rimMm),
            ]));
        }
        $step = self::FULL_TURN_DEG / self::OF_LOG;
        $places = array_map(fn (int $i): array => [
            $i * $step, round($radius - sqrt($radius ** 2 - ($rimMm * sin(deg2rad($i * $step))) ** 2), 1),
        ], range(0, self::OF_LOG - 1));
        if (max(array_column($places, 1)) > $mostMm) {
            throw InvalidField::because($field, $logDiameterMm, new Said('geometry.natural-edge.too-low', [
                'below' => Quantity::mm(max(array_column($places, 1))), 'most' => Quantity::mm($mostMm),
            ]));
        }

        return self::read($places, $mostMm, $field);
    }

    /**
     * @return array{float, float}
     *
     * @throws InvalidField
     */
    private static function place(mixed $place, string $field): array
    {
        $read = is_array($place) && array_is_list($place) && count($place) === 2 ? array_map(
            fn (mixed $one): ?float => is_int($one) || is_float($one) ? (float) $one : null, $place,
        ) : [];

        return isset($read[0], $read[1]) ? [$read[0], $read[1]]
            : throw InvalidField::because($field, $place, new Said('geometry.natural-edge.pair'));
    }

    /** How far below its highest place the rim lies at an azimuth, mm. */
    public function belowAt(float $azimuth): float
    {
        $turn = fmod(fmod($azimuth, 2 * M_PI) + 2 * M_PI, 2 * M_PI);
        $at = $turn < $this->places[0][0] ? $turn + 2 * M_PI : $turn;
        foreach ($this->chords as [$from, $to, $a, $b]) {
            if ($at >= $from && $at <= $to) {
                return $a + ($b - $a) * ($at - $from) / ($to - $from);
            }
        }

        return $this->places[0][1];
    }

    /** What stands that far below the highest place. */
    public function at(float $belowMm): EdgeSlice
    {
        $at = $this->dropMm > 0.0 ? $belowMm / $this->dropMm * self::SLICES : self::SLICES;
        $slice = (int) max(0.0, min(self::SLICES, floor($at)));

        return $this->slices[$slice]->towards($this->slices[min(self::SLICES, $slice + 1)], $at - $slice);
    }

    /** The share of a turn over which wood stands that far below the highest place, 0 to 1. */
    public function share(float $belowMm): float
    {
        return $this->at($belowMm)->share;
    }

    /** How far below its highest place it lies on the mean of a turn, mm: as high as no wood is at its widest. */
    public function meanBelowMm(): float
    {
        return array_sum(array_map(
            fn (array $one): float => ($one[1] - $one[0]) * ($one[2] + $one[3]) / 2, $this->chords,
        )) / (2 * M_PI);
    }

    /**
     * A line with places between, close enough for what stands of it to be told by slices.
     *
     * @param  non-empty-list<Point>  $line
     * @return non-empty-list<Point>
     */
    public function finely(array $line, float $topMm): array
    {
        $fine = [$line[0]];
        $thick = max(self::NOUGHT_MM, $this->dropMm / self::SLICES);
        foreach (array_slice($line, 1) as $i => $to) {
            $from = $line[$i];
            $count = max($from->z, $to->z) > $topMm - $this->dropMm
                ? max(1, (int) ceil(abs($to->z - $from->z) / $thick)) : 1;
            for ($k = 1; $k < $count; $k++) {
                $t = $k / $count;
                $fine[] = new Point(
                    $from->z + $t * ($to->z - $from->z), $from->r + $t * ($to->r - $from->r),
                    $from->arcMm + $t * ($to->arcMm - $from->arcMm),
                );
            }
            $fine[] = $to;
        }

        return $fine;
    }

    /** @return list<array{float, float, float, float}> its line: from and to, radians, and mm below at both */
    public function chords(): array
    {
        return $this->chords;
    }

    /**
     * How far below its highest place the rim lies, an even way round between two azimuths.
     *
     * @return non-empty-list<array{float, float}> azimuth, radians, and mm below
     */
    public function drawn(float $fromDeg, float $toDeg): array
    {
        $count = max(1, (int) ceil(abs($toDeg - $fromDeg) / self::DRAWN_DEG));

        return array_map(function (int $i) use ($fromDeg, $toDeg, $count): array {
            $azimuth = deg2rad($fromDeg + ($toDeg - $fromDeg) * $i / $count);

            return [$azimuth, $this->belowAt($azimuth)];
        }, range(0, $count));
    }

    /** @return list<array{float, float}> angle in degrees and mm below the highest place, as in the document */
    public function toArray(): array
    {
        return array_map(
            fn (array $place): array => [round(rad2deg($place[0]), 3), round($place[1], 3)], $this->places,
        );
    }

    /**
     * @param  non-empty-list<array{float, float}>  $places
     * @return non-empty-list<array{float, float}>
     */
    private static function smooth(array $places): array
    {
        $count = count($places);
        $wide = $rise = $slope = [];
        foreach ($places as $i => [$from, $below]) {
            [$to, $next] = $places[($i + 1) % $count];
            $wide[$i] = $to - $from + ($i + 1 < $count ? 0.0 : 2 * M_PI);
            $rise[$i] = ($next - $below) / $wide[$i];
        }
        foreach ($places as $i => $place) {
            $before = ($i + $count - 1) % $count;
            // Level at a highest or lowest place; else no steeper than either side lets it be.
            $slope[$i] = $rise[$before] * $rise[$i] <= 0.0 ? 0.0
                : ($wide[$before] + $wide[$i]) / ($wide[$before] / $rise[$i] + $wide[$i] / $rise[$before]);
        }
        $line = [];
        foreach ($places as $i => [$from, $below]) {
            $next = ($i + 1) % $count;
            $chords = max(1, (int) ceil(rad2deg($wide[$i]) / self::CHORD_DEG));
            for ($k = 0; $k < $chords; $k++) {
                $t = $k / $chords;
                $line[] = [$from + $t * $wide[$i], (1 + 2 * $t) * (1 - $t) ** 2 * $below
                    + $t * (1 - $t) ** 2 * $wide[$i] * $slope[$i] + $t ** 2 * (3 - 2 * $t) * $places[$next][1]
                    - $t ** 2 * (1 - $t) * $wide[$i] * $slope[$next]];
            }
        }
        $line[] = [$places[0][0] + 2 * M_PI, $places[0][1]];

        return $line;
    }

    /** @return list<EdgeSlice> */
    private function sliced(): array
    {
        return array_map(fn (int $i): EdgeSlice => EdgeSlice::of(
            $this->standing($this->dropMm * $i / self::SLICES),
        ), range(0, self::SLICES));
    }

    /**
     * Where wood stands that far below the highest place.
     *
     * @return list<array{float, float}> from and to, radians
     */
    private function standing(float $belowMm): array
    {
        $stands = [];
        $open = null;
        foreach ($this->chords as [$from, $to, $a, $b]) {
            if ($belowMm < $a && $belowMm < $b) {
                continue;
            }
            $at = $belowMm >= $a && $belowMm >= $b ? null : $from + ($belowMm - $a) / ($b - $a) * ($to - $from);
            [$begins, $ends] = match (true) {
                $at === null => [$from, $to],
                $a < $b => [$from, $at],
                default => [$at, $to],
            };
            $goesOn = $open !== null && $open[1] === $begins;
            if ($open !== null && ! $goesOn) {
                $stands[] = $open;
            }
            $open = [$goesOn ? $open[0] : $begins, $ends];
        }

        return $open === null ? $stands : [...$stands, $open];
    }
}
