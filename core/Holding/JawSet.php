<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** One set of chuck jaws: what it grips from outside and what it opens into, mm; null where it does not. */
final readonly class JawSet
{
    /**
     * @param  array{float, float}|null  $tenonMm  least and greatest diameter of a tenon
     * @param  array{float, float}|null  $recessMm  least and greatest diameter of a recess
     * @param  float|null  $depthMm  from the rim of its jaws to their floor
     * @param  float|null  $slopeDeg  how far their faces lean in, as on a dovetail; null for straight ones
     */
    public function __construct(
        public string $name, public ?array $tenonMm, public ?array $recessMm, public ?float $depthMm = null,
        public ?float $slopeDeg = null,
    ) {
    }

    public const MOST_SLOPE_DEG = 30.0;

    private const MOST_MM = 2000;

    /** @throws InvalidField for a range that ends before it begins */
    public static function read(Document $set): self
    {
        return new self(
            $set->text('name'), self::range($set, 'tenon'), self::range($set, 'recess'),
            $set->numberOr('depth_mm', null, 1, self::MOST_MM),
            $set->numberOr('slope_deg', null, 0, self::MOST_SLOPE_DEG),
        );
    }

    public function gripsTenon(float $diameterMm): bool
    {
        return $this->tenonMm !== null && $diameterMm >= $this->tenonMm[0] && $diameterMm <= $this->tenonMm[1];
    }

    /** How what they grip is cut to lean with them; null for straight jaws. */
    public function sloped(string $line): ?Said
    {
        return $this->slopeDeg === null || $this->slopeDeg <= 0.0 ? null
            : new Said($line, ['slope' => Quantity::degrees($this->slopeDeg)]);
    }

    /** The diameter at which its jaws make a true circle: nearly closed on a tenon (workshop model). */
    public function perfectMm(): float
    {
        return $this->tenonMm[0] ?? $this->recessMm[0] ?? 0.0;
    }

    /** @return array{float, float}|null */
    private static function range(Document $set, string $what): ?array
    {
        if (! $set->has("{$what}_min_mm") && ! $set->has("{$what}_max_mm")) {
            return null;
        }
        $least = $set->number("{$what}_min_mm", 0, self::MOST_MM);
        $most = $set->number("{$what}_max_mm", 0, self::MOST_MM);
        if ($most < $least) {
            throw InvalidField::because(
                $set->at("{$what}_max_mm"), $most, new Said('holding.jaw-set.must-not-below-min', [
                    'what' => $what,
                    'least' => Quantity::number($least),
                ]),
            );
        }

        return [$least, $most];
    }

    /**
     * Those that still hold a tenon, the one whose jaws come nearest to a true circle first.
     *
     * @param  list<self>  $sets
     * @return list<self>
     */
    public static function holding(array $sets, float $tenonMm): array
    {
        $holding = array_values(array_filter($sets, fn (self $set): bool => $set->gripsTenon($tenonMm)));
        usort(
            $holding, fn (self $a, self $b): int => abs($a->perfectMm() - $tenonMm) <=> abs($b->perfectMm() - $tenonMm),
        );

        return $holding;
    }
}
