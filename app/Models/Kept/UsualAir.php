<?php

declare(strict_types=1);

namespace App\Models\Kept;

/** What the air of a shop is set to, by day and by night. */
final readonly class UsualAir implements Kept
{
    /**
     * @param  float  $dayC  °C
     * @param  float  $dayRh  % RH
     * @param  int  $dayFrom  the hour at which day begins
     * @param  int  $dayTo  the hour at which it ends
     */
    public function __construct(
        public float $dayC,
        public float $dayRh,
        public float $nightC,
        public float $nightRh,
        public int $dayFrom,
        public int $dayTo,
    ) {
    }

    public static function unheated(): self
    {
        return new self(dayC: 18.0, dayRh: 55.0, nightC: 13.0, nightRh: 65.0, dayFrom: 8, dayTo: 18);
    }

    public static function read(array $kept): self
    {
        $usual = self::unheated();

        return new self(
            dayC: (float) ($kept['day_c'] ?? $usual->dayC), dayRh: (float) ($kept['day_rh'] ?? $usual->dayRh),
            nightC: (float) ($kept['night_c'] ?? $usual->nightC),
            nightRh: (float) ($kept['night_rh'] ?? $usual->nightRh),
            dayFrom: (int) ($kept['day_from'] ?? $usual->dayFrom), dayTo: (int) ($kept['day_to'] ?? $usual->dayTo),
        );
    }

    /** @return array{day_c: float, day_rh: float, night_c: float, night_rh: float, day_from: int, day_to: int} */
    public function toArray(): array
    {
        return [
            'day_c' => $this->dayC, 'day_rh' => $this->dayRh, 'night_c' => $this->nightC, 'night_rh' => $this->nightRh,
            'day_from' => $this->dayFrom, 'day_to' => $this->dayTo,
        ];
    }
}
