<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

use HonestGrain\Reading\Row;
use HonestGrain\Words\Figures;
use HonestGrain\Words\Quantity;

/**
 * The constants that rules work with, by subject, each read from its one row in `catalogue/constants.csv` and called
 * from there, by name, under "Why?".
 */
final readonly class Calibration implements Figures
{
    public MarkRates $marks;

    public RepairRates $repairs;

    public JointRates $joints;

    public SandingFigures $sanding;

    public AskedFigures $asked;

    public CoatFigures $coats;

    public MixFigures $mixes;

    public ShelfFigures $shelf;

    public ShapeFigures $shape;

    public BenchFigures $bench;

    public TurningRates $turning;

    public CutFigures $cuts;

    public BoreFigures $bores;

    public StockFigures $stock;

    public HoldFigures $holds;

    public MendingRates $mending;

    public DryingFigures $drying;

    public ClimateFigures $climate;

    public SpeedFigures $speed;

    public LearningFigures $learning;

    public LayoutFigures $layout;

    public ColourFigures $colour;

    public WoodRates $woods;

    /** @param  array<string, Row>  $rows  by name of the constant */
    private function __construct(private array $rows)
    {
        $value = fn (string $name): float => $this->row($name)->number('value');
        $this->marks = new MarkRates($value);
        $this->repairs = new RepairRates($value);
        $this->joints = new JointRates($value);
        $this->sanding = new SandingFigures($value);
        $this->asked = new AskedFigures($value);
        $this->coats = new CoatFigures($value);
        $this->mixes = new MixFigures($value);
        $this->shelf = new ShelfFigures($value);
        $this->shape = new ShapeFigures($value);
        $this->bench = new BenchFigures($value);
        $this->turning = new TurningRates($value);
        $this->cuts = new CutFigures($value);
        $this->bores = new BoreFigures($value);
        $this->stock = new StockFigures($value);
        $this->holds = new HoldFigures($value);
        $this->mending = new MendingRates($value);
        $this->drying = new DryingFigures($value);
        $this->climate = new ClimateFigures($value);
        $this->speed = new SpeedFigures($value);
        $this->learning = new LearningFigures($value);
        $this->layout = new LayoutFigures($value);
        $this->colour = new ColourFigures($value);
        $this->woods = new WoodRates($value);
    }

    /** @param  list<Row>  $rows */
    public static function of(array $rows): self
    {
        return new self(Row::by('name', $rows));
    }

    /** @throws \LogicException for a name that the catalogue lacks, a fault of the release */
    public function constant(string $name): Constant
    {
        return Constant::fromRow($this->row($name));
    }

    private function row(string $name): Row
    {
        return $this->rows[$name] ?? throw new \LogicException("The catalogue has no constant $name.");
    }

    public function figure(string $name): ?Quantity
    {
        return isset($this->rows[$name]) ? $this->constant($name)->quantity() : null;
    }

    /** @return array<string, Constant> */
    public function all(): array
    {
        return array_map(Constant::fromRow(...), $this->rows);
    }
}
