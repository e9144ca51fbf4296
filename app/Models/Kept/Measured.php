<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Coating\EarlyLook;
use HonestGrain\Route\Look;
use HonestGrain\Route\LookAnswer;

/** What a maker wrote down with a step that is done. */
final readonly class Measured implements Kept
{
    /**
     * @param  string|null  $photo  the name of its file
     * @param  LookAnswer|null  $saw  what the look showed
     * @param  EarlyLook|null  $found  how the coat below is, where its wait is not over; kept with what was planned
     */
    public function __construct(
        public ?float $weightG = null,
        public ?float $amountUsed = null,
        public ?float $discsUsed = null,
        public bool $isNotDry = false,
        public ?string $photo = null,
        public ?EarlyLook $found = null,
        public ?Look $look = null,
        public ?LookAnswer $saw = null,
    ) {
    }

    public static function read(array $kept): self
    {
        $number = fn (string $key): ?float => isset($kept[$key]) ? (float) $kept[$key] : null;

        return new self(
            $number('weight_g'), $number('amount_used'), $number('discs_used'), (bool) ($kept['not_dry'] ?? false),
            isset($kept['photo']) ? (string) $kept['photo'] : null,
            look: Look::tryFrom((string) ($kept['look'] ?? '')),
            saw: LookAnswer::tryFrom((string) ($kept['saw'] ?? '')),
        );
    }

    /** @return array<string, float|bool|string> without what was not written down */
    public function toArray(): array
    {
        return array_filter([
            'weight_g' => $this->weightG, 'amount_used' => $this->amountUsed, 'discs_used' => $this->discsUsed,
            'not_dry' => $this->isNotDry ? true : null, 'photo' => $this->photo,
            'look' => $this->look?->value, 'saw' => $this->saw?->value,
        ], fn (float|bool|string|null $value): bool => $value !== null);
    }
}
