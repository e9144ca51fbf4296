<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Finish;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\ToolMark;

/** What is tried in the grit lab: a wood as it was cut, what comes on it, and two plans side by side. */
final readonly class LabQuestion
{
    /**
     * @param  int|null  $pass  after which grit it is looked at; null for the last
     * @param  float  $lightDeg  of the raking light over the wood
     * @param  array{a: list<Grit>, b: list<Grit>}  $plans
     */
    public function __construct(
        public string $wood,
        public ToolMark $cut,
        public Finish $finish,
        public float $areaCm2,
        public float $speedMPerS,
        public int $seed,
        public ?int $pass,
        public float $lightDeg,
        public array $plans,
    ) {
    }
}
