<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** How a tin says that its finish is mixed. */
final readonly class TinRatio implements Kept
{
    /**
     * @param  float  $thinnerPercent  of the mix
     * @param  float  $resin  parts; none where it is not known yet
     * @param  array{float, float}|null  $densities  resin and hardener, g/mL
     * @param  string|null  $kind  how it was mixed last
     */
    public function __construct(
        public float $thinnerPercent = 50.0,
        public float $resin = 0.0,
        public float $hardener = 1.0,
        public bool $byMass = false,
        public ?array $densities = null,
        public ?string $kind = null,
    ) {
    }

    public static function read(array $kept): self
    {
        $densities = array_map(floatval(...), array_values((array) ($kept['densities'] ?? [])));

        return new self(
            (float) ($kept['thinner_percent'] ?? 50.0), (float) ($kept['resin'] ?? 0.0),
            (float) ($kept['hardener'] ?? 1.0), (bool) ($kept['by_mass'] ?? false),
            count($densities) === 2 ? [$densities[0], $densities[1]] : null, $kept['kind'] ?? null,
        );
    }

    public function toArray(): array
    {
        return [
            'thinner_percent' => $this->thinnerPercent, 'resin' => $this->resin, 'hardener' => $this->hardener,
            'by_mass' => $this->byMass, 'densities' => $this->densities, 'kind' => $this->kind,
        ];
    }
}
