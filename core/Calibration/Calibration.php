<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

use HonestGrain\Reading\Row;

/**
 * The constants that rules work with, by subject, each read from its one row in `catalogue/constants.csv` and printed
 * from there under "Why?".
 */
final readonly class Calibration
{
    /** @param  array<string, Constant>  $constants  by name */
    private function __construct(
        private array $constants,
        public MarkRates $marks,
        public RepairRates $repairs,
        public JointRates $joints,
        public SandingFigures $sanding,
        public AskedFigures $asked,
        public CoatFigures $coats,
        public ShapeFigures $shape,
        public BenchFigures $bench,
        public TurningRates $turning,
        public MendingRates $mending,
        public DryingFigures $drying,
        public ClimateFigures $climate,
        public SpeedFigures $speed,
        public LearningFigures $learning,
        public LayoutFigures $layout,
        public ColourFigures $colour,
    ) {
    }

    /** @param  list<Row>  $rows */
    public static function of(array $rows): self
    {
        $constants = [];
        foreach ($rows as $row) {
            $constant = Constant::fromRow($row);
            $constants[$constant->name] = $constant;
        }
        $value = fn (string $name): float => ($constants[$name]
            ?? throw new \LogicException("The catalogue has no constant $name."))->value;

        return new self(
            $constants, MarkRates::from($value), RepairRates::from($value), JointRates::from($value),
            SandingFigures::from($value), AskedFigures::from($value), CoatFigures::from($value),
            ShapeFigures::from($value), BenchFigures::from($value), TurningRates::from($value),
            MendingRates::from($value), DryingFigures::from($value), ClimateFigures::from($value),
            SpeedFigures::from($value), LearningFigures::from($value), LayoutFigures::from($value),
            ColourFigures::from($value),
        );
    }

    /** @throws \LogicException for a name that the catalogue lacks, a fault of the release */
    public function constant(string $name): Constant
    {
        return $this->constants[$name] ?? throw new \LogicException("The catalogue has no constant $name.");
    }

    /**
     * A sentence with every "{name}" in it as the constant of that name with its unit, and "{name|}" without.
     */
    public function told(string $sentence): string
    {
        return (string) preg_replace_callback(
            '/\{([a-z0-9_]+)(\|?)\}/',
            fn (array $m): string => $m[2] === '' ? $this->constant($m[1])->inWords() : $this->constant($m[1])->bare(),
            $sentence,
        );
    }

    /** @return array<string, Constant> */
    public function all(): array
    {
        return $this->constants;
    }
}
