<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;
use HonestGrain\Calibration\Learning;
use HonestGrain\Calibration\LearningFigures;

/**
 * What test boards make of a dye on a wood: how many times the usual uptake and depth it has, by tissue.
 *
 * Workshop model: the factor with which the model comes nearest to what was measured (ΔE 1976), of boards that were not
 * sanded back for the uptake, of those that were for the depth; then the median, shrunk towards 1.
 */
final readonly class DyeFactors
{
    private const LEAST = 0.2;

    private const MOST = 5.0;

    private const TRIES = 120;

    /**
     * @param  list<float>  $uptake  by tissue
     * @param  list<float>  $depth
     */
    private function __construct(public array $uptake, public array $depth, public int $boards)
    {
    }

    public static function usual(): self
    {
        return new self([1.0, 1.0, 1.0], [1.0, 1.0, 1.0], 0);
    }

    /** @param  list<TestBoard>  $boards */
    public static function from(array $boards, ColourFigures $figures, LearningFigures $learning): self
    {
        $uptake = $depth = [];
        foreach ([0, 1, 2] as $tissue) {
            $ratios = self::ratios($boards, $tissue, false, fn (TestBoard $board, float $times): Rgb => self::told(
                $board, $figures, $tissue, $times, 1.0,
            ));
            $uptake[$tissue] = Learning::from($ratios, $learning, $learning->priorBoards)->factor;
            $ratios = self::ratios($boards, $tissue, true, fn (TestBoard $board, float $times): Rgb => self::told(
                $board, $figures, $tissue, $uptake[$tissue], $times,
            ));
            $depth[$tissue] = Learning::from($ratios, $learning, $learning->priorBoards)->factor;
        }

        return new self($uptake, $depth, count($boards));
    }

    /** @param  array{uptake: list<float>, depth: list<float>, boards: int}  $written */
    public static function of(array $written): self
    {
        return new self(
            array_map(floatval(...), $written['uptake']), array_map(floatval(...), $written['depth']),
            $written['boards'],
        );
    }

    /** @return array{uptake: list<float>, depth: list<float>, boards: int} */
    public function toArray(): array
    {
        return ['uptake' => $this->uptake, 'depth' => $this->depth, 'boards' => $this->boards];
    }

    public function isUsual(): bool
    {
        return $this->uptake === [1.0, 1.0, 1.0] && $this->depth === [1.0, 1.0, 1.0];
    }

    /**
     * @param  list<TestBoard>  $boards
     * @param  \Closure(TestBoard, float): Rgb  $told  the model's colour with that factor
     * @return list<float>
     */
    private static function ratios(array $boards, int $tissue, bool $sanded, \Closure $told): array
    {
        $ratios = [];
        foreach ($boards as $board) {
            $measured = $board->measured[$tissue] ?? null;
            if ($measured === null || ($board->sandedUm > 0) !== $sanded) {
                continue;
            }
            $best = 1.0;
            $off = INF;
            for ($i = 0; $i <= self::TRIES; $i++) {
                $times = self::LEAST * (self::MOST / self::LEAST) ** ($i / self::TRIES);
                $far = $told($board, $times)->differenceTo($measured);
                [$best, $off] = $far < $off ? [$times, $far] : [$best, $off];
            }
            $ratios[] = $best;
        }

        return $ratios;
    }

    private static function told(
        TestBoard $board, ColourFigures $figures, int $tissue, float $uptake, float $depth,
    ): Rgb {
        $factors = new self(array_fill(0, 3, $uptake), array_fill(0, 3, $depth), 0);
        $layer = DyeLayer::usual(
            colour: $board->dye, carrier: $board->carrier, strength: $board->strength, sandedUm: $board->sandedUm,
            factors: $factors, figures: $figures,
        );

        return Tissues::ofWood(
            $board->wood, $figures,
        )->dyed($layer)->coated($board->coat, $figures)->colours()[$tissue];
    }
}
