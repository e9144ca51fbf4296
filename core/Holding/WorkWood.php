<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

/** What a hold minds of the wood it holds. */
final readonly class WorkWood
{
    /**
     * @param  bool  $mayFly  cracked or bark-edged
     * @param  bool  $isOpen  whether air goes through its wall: by a flaw, or because it is pierced
     * @param  bool  $hasBrokenRim  whether its rim wears bark, or stands higher here and lower there
     * @param  bool  $isTrue  whether it is round; what dried oval is not
     * @param  bool  $isPorous  whether its end grain has open pores
     */
    public function __construct(
        public bool $mayFly = false,
        public bool $isOpen = false,
        public bool $hasBrokenRim = false,
        public bool $isWet = false,
        public bool $isTrue = true,
        public bool $isPorous = false,
        public ?float $hardnessN = null,
        public RimState $rim = RimState::Sound,
    ) {
    }
}
