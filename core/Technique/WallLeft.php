<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Words\Measure;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What a cut leaves of the wall, height by height. */
final readonly class WallLeft
{
    /** @param  list<float|null>  $leftMm  at each level; null where the wood is solid */
    private function __construct(private Ground $ground, public array $leftMm, private float $leastMm)
    {
    }

    /** @param  list<float>  $depthsMm  at each level of the ground */
    public static function under(Ground $ground, array $depthsMm, Calibration $calibration): self
    {
        return new self($ground, array_map(
            fn (Level $level, float $depth): ?float => $level->wallMm === null ? null : $level->wallMm - $depth,
            $ground->levels, $depthsMm,
        ), $calibration->shape->leastWallMm);
    }

    /** @return list<Figure> none where it is solid */
    public function figures(): array
    {
        $levels = $left = [];
        foreach ($this->ground->levels as $i => $level) {
            if ($this->leftMm[$i] !== null) {
                $levels[] = $level;
                $left[] = $this->leftMm[$i];
            }
        }

        return $levels === [] ? [] : [
            Figure::atLevels(new Said('technique.wall-left.wall-left'), Measure::Mm, $levels, $left),
        ];
    }

    /**
     * @param  Said  $cuts  what cuts, such as "The flutes"
     * @return list<Finding>
     */
    public function findings(Said $cuts, Said ...$choices): array
    {
        $worst = null;
        foreach ($this->leftMm as $i => $left) {
            if ($left !== null && ($worst === null || $left < $this->leftMm[$worst])) {
                $worst = $i;
            }
        }
        $left = $worst === null ? null : $this->leftMm[$worst];
        if ($left === null || $left >= $this->leastMm) {
            return [];
        }
        $height = round($this->ground->levels[$worst]->heightMm);

        return [$left <= 0
            ? Finding::refuse(
                new Said('technique.wall-left.cut-through-wall-up', [
                    'cuts' => $cuts,
                    'height' => Quantity::mm($height),
                    'what' => Quantity::mm(-$left),
                ]), ...$choices,
            )
            : Finding::warn(new Said('technique.wall-left.leave-wall-up-less', [
                'cuts' => $cuts,
                'left' => Quantity::mm($left),
                'height' => Quantity::mm($height),
                'least' => Quantity::mm($this->leastMm),
            ]), ...$choices)];
    }
}
