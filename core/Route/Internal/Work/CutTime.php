<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Calibration\CutFigures;
use HonestGrain\Geometry\Face;
use HonestGrain\Lathework\Boring;
use HonestGrain\Lathework\Cut;
use HonestGrain\Lathework\CutKind;
use HonestGrain\Lathework\Speed;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What cuts of a part take, and what that is made of.
 *
 * @internal
 */
final readonly class CutTime
{
    /**
     * @param  list<Said>  $reckoning  a line for each cut
     * @param  list<Said>  $how  what the cut asks for besides
     * @param  Speed|null  $speed  where the tool says how fast it turns
     */
    private function __construct(
        public float $minutes,
        public array $reckoning,
        public array $how,
        public ?Speed $speed = null,
    ) {
    }

    /**
     * @param  list<Face>  $faces  that are left finished
     * @param  float|null  $wallMm  what stands behind them; null where it is solid
     */
    public static function of(
        PartContext $subject,
        CutKind $kind,
        float $wasteMm3,
        array $faces = [],
        ?float $wallMm = null,
        ?float $diameterMm = null,
    ): self {
        $figures = $subject->calibration->cuts;
        $cut = new Cut(
            kind: $kind, wood: $subject->cutWood(), volumeMm3: max(0.0, $wasteMm3), areaMm2: $subject->areaMm2($faces),
            diameterMm: $diameterMm ?? $subject->part->profile->diameterMm(), wallMm: $wallMm,
            mouthShare: $subject->part->profile->mouthShare(),
        );
        $minutes = $cut->minutes($figures);

        return new self($minutes->total(), [new Said('route.cut.reckoned', [
            'total' => Quantity::minutes($minutes->total()),
            'setUp' => Quantity::minutes($minutes->setUp),
            'waste' => Quantity::minutes($minutes->waste),
            'volume' => Quantity::mm3($cut->volumeMm3),
            'rate' => Quantity::cm3PerMinute($cut->cm3PerMinute($figures)),
            'finish' => $minutes->finish > 0 ? new Said('route.cut.finish', [
                'minutes' => Quantity::minutes($minutes->finish), 'area' => Quantity::mm2($cut->areaMm2),
            ]) : '',
            'sharpening' => $minutes->sharpening > 0 ? new Said('route.cut.sharpening', [
                'minutes' => Quantity::minutes($minutes->sharpening),
            ]) : '',
        ])], self::rings($cut, $figures));
    }

    public function with(self $other): self
    {
        return new self(
            $this->minutes + $other->minutes, [...$this->reckoning, ...$other->reckoning],
            [...$this->how, ...$other->how],
        );
    }

    /**
     * A hole that is cut with a tool, where no bit bores it.
     *
     * @param  list<Face>  $faces
     */
    public static function hole(PartContext $subject, float $diameterMm, float $depthMm, array $faces = []): self
    {
        return self::of($subject, CutKind::Hollow, M_PI / 4 * $diameterMm ** 2 * $depthMm, $faces);
    }

    public static function boring(Boring $boring): self
    {
        return new self($boring->minutes, $boring->reckoning, $boring->how, Speed::most($boring->rpm, 'bit'));
    }

    /** @return list<Said> */
    private static function rings(Cut $cut, CutFigures $figures): array
    {
        return $cut->isInRings($figures) ? [new Said('route.cut.in-rings', [
            'wall' => Quantity::mm($figures->ringsBelowMm), 'ring' => Quantity::mm($figures->ringMm),
        ])] : [];
    }
}
