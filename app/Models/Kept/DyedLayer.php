<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** One layer of dye on a test board. */
final readonly class DyedLayer implements Kept
{
    /**
     * @param  string  $product  its class
     * @param  string  $rgb  as #rrggbb
     * @param  float  $strength  1 as the label has it
     * @param  float  $sandedUm  taken off it again, µm
     */
    public function __construct(
        public string $product,
        public string $rgb,
        public float $strength,
        public float $sandedUm,
    ) {
    }

    public static function read(array $kept): self
    {
        return new self(
            (string) ($kept['product'] ?? ''), (string) ($kept['rgb'] ?? '#000000'), (float) ($kept['strength'] ?? 1),
            (float) ($kept['sanded_um'] ?? 0),
        );
    }

    public function toArray(): array
    {
        return [
            'product' => $this->product, 'rgb' => $this->rgb, 'strength' => $this->strength,
            'sanded_um' => $this->sandedUm,
        ];
    }
}
