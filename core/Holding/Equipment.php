<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\SpeedFigures;
use HonestGrain\Lathework\Bit;
use HonestGrain\Lathework\FittingSize;
use HonestGrain\Lathework\Speed;
use HonestGrain\Layout\Cutter;
use HonestGrain\Layout\Tooling;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/**
 * What a shop holds and turns work with:
 * `{"lathe":{"swing_mm","bed_mm","least_rpm","most_rpm","reverses","index_holes"}|null,
 * "jaws":[{"name","tenon_min_mm","tenon_max_mm","recess_min_mm","recess_max_mm","depth_mm"}],
 * "holds":[{"mount","most_rpm","size_mm","most_diameter_mm"}],
 * "cutters":[{"name","kind":"ball"|"v","radius_mm"|"angle_deg"}],
 * "bits":[{"kind","diameter_mm","length_mm"}],
 * "bars":[diameter in mm, …],
 * "fittings":[{"kind","name","diameter_mm","length_mm","outer_mm"}]}`.
 */
final readonly class Equipment
{
    public const MOST_SETS = 20;

    public const MOST_BITS = 100;

    public const MOST_BAR_MM = 60.0;

    /**
     * @param  list<JawSet>  $jaws
     * @param  array<string, OwnHold>  $holds  by mount
     * @param  list<Cutter>  $cutters
     * @param  list<float>  $bars  that it hollows with, mm across; none where it has not said
     * @param  list<FittingSize>  $fittings  what it buys and fits to work
     * @param  list<Bit>  $bits  none where the shop has not said: it is taken to have what is sold
     */
    private function __construct(
        public ?Lathe $lathe,
        public array $jaws,
        private array $holds,
        public array $cutters = [],
        public array $bits = [],
        public array $fittings = [],
        public array $bars = [],
    ) {
    }

    /** A shop that has said nothing of it: nothing is refused. */
    public static function unknown(): self
    {
        return new self(null, [], []);
    }

    /** @throws InvalidField */
    public static function read(Document $equipment): self
    {
        $holds = [];
        foreach ($equipment->has('holds') ? $equipment->children('holds', count(Mount::cases())) : [] as $hold) {
            $mount = $hold->choice('mount', array_column(Mount::cases(), 'value'));
            $holds[$mount] = OwnHold::read($hold);
        }

        return new self(
            lathe: $equipment->has('lathe') ? Lathe::read($equipment->child('lathe')) : null,
            jaws: array_map(JawSet::read(...), self::rows($equipment, 'jaws')), holds: $holds,
            cutters: array_map(Cutter::read(...), self::rows($equipment, 'cutters')),
            bits: array_map(Bit::read(...), self::rows($equipment, 'bits', self::MOST_BITS)),
            fittings: array_map(FittingSize::read(...), self::rows($equipment, 'fittings')),
            bars: $equipment->has('bars') ? self::bars($equipment) : [],
        );
    }

    /** @return list<float> */
    private static function bars(Document $equipment): array
    {
        $bars = count($equipment->list('bars', self::MOST_SETS));

        return $bars === 0 ? [] : $equipment->numbers('bars', 1, self::MOST_BAR_MM, $bars);
    }

    /** @return list<Document> */
    private static function rows(Document $equipment, string $key, int $most = self::MOST_SETS): array
    {
        return $equipment->has($key) ? $equipment->children($key, $most) : [];
    }

    /** What marks are divided and cut with. */
    public function tooling(): Tooling
    {
        return new Tooling($this->lathe->indexHoles ?? [], $this->cutters);
    }

    /**
     * Whether the shop has such a hold: where it has listed none at all it is taken to own what most do; jaws are a
     * chuck, and no jaws beside other holds are none.
     */
    public function owns(Mount $mount): bool
    {
        $grips = array_filter($this->jaws, fn (JawSet $set): bool => match ($mount) {
            Mount::Tenon => $set->tenonMm !== null,
            Mount::Recess => $set->recessMm !== null,
            default => false,
        });

        return $this->has($mount) || $grips !== []
            || ($this->holds === [] && ($this->jaws === [] || ! $mount->isInJaws()));
    }

    /** The same; what is made for the work need not be owned. */
    public function ownsOrMakes(HoldLimits $kind): bool
    {
        return $kind->isMade || $this->owns($kind->mount);
    }

    /** How large its own is, mm; null where nobody said. */
    public function sizeMm(Mount $mount): ?float
    {
        return ($this->holds[$mount->value] ?? null)?->sizeMm;
    }

    /** The widest work that its own takes, mm; null where nobody said. */
    public function mostDiameterMm(Mount $mount): ?float
    {
        return ($this->holds[$mount->value] ?? null)?->mostDiameterMm;
    }

    public function has(Mount $mount): bool
    {
        return array_key_exists($mount->value, $this->holds);
    }

    /** The fastest that a hold takes by itself, rpm; null where nobody said. */
    public function limit(Mount $mount): ?int
    {
        return ($this->holds[$mount->value] ?? null)?->mostRpm;
    }

    /** The fastest that the lathe turns; of most lathes where it is not known. */
    public function latheSpeed(SpeedFigures $figures): Speed
    {
        return $this->lathe === null ? Speed::most($figures->usualMostRpm, 'usual-lathe')
            : Speed::most($this->lathe->mostRpm, 'lathe');
    }

    /**
     * What a hold and the lathe allow: a limit of one's own stands in the place of what is marked on most, and what a
     * rim may do by pressure alone holds all the same.
     *
     * @return list<Speed>
     */
    public function speeds(SpeedFigures $figures, Mount $mount, float $diameterMm, bool $isTrue): array
    {
        $own = $this->limit($mount);

        return array_values(array_filter([
            $mount->rimSpeed($figures, $diameterMm, $isTrue),
            $own === null ? $mount->marked($figures) : Speed::most($own, 'own'),
            $this->latheSpeed($figures),
        ], fn (?Speed $speed): bool => $speed !== null));
    }

    /** @return list<Mount> those that it has */
    public function mounts(): array
    {
        return array_map(Mount::from(...), array_map(strval(...), array_keys($this->holds)));
    }
}
