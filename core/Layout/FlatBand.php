<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/** A band as it lies flat: its own cone where it is one, else gores side by side, each with its share of the turn. */
final readonly class FlatBand
{
    /** @param  int  $gores  as many as the turn is divided into; nought for a cone */
    private function __construct(private CurvedBand $band, private ?UnrolledBand $cone, public int $gores)
    {
    }

    public static function of(CurvedBand $band, int $parts, float $fitsMm): self
    {
        return new self($band, $band->cone($fitsMm), max(3, $parts));
    }

    public function cone(): ?UnrolledBand
    {
        return $this->cone;
    }

    /** How wide a gore is where it is widest, mm. */
    public function goreMm(): float
    {
        return 2 * M_PI * max(array_column($this->band->places, 0)) / $this->gores;
    }

    /**
     * A place of the band on the flat, mm: x to the right, y downwards.
     *
     * @param  float  $turn  0 to 1
     * @param  float  $height  0 at its lower edge to 1 at its upper
     * @return array{float, float}
     */
    public function at(float $turn, float $height): array
    {
        if ($this->cone !== null) {
            return $this->cone->flat($turn, $height);
        }
        $gore = min($this->gores - 1, (int) floor($turn * $this->gores));
        $in = $turn * $this->gores - $gore - 0.5;
        $up = $height * $this->band->heightMm();

        return [($gore + 0.5) * $this->goreMm() + $in * 2 * M_PI * $this->band->radiusAtMm($up) / $this->gores, -$up];
    }

    /**
     * A line over the band; cut where it goes from one gore to the next.
     *
     * @param  list<array{float, float}>  $run  turn and height
     * @return list<list<array{float, float}>>
     */
    public function lines(array $run): array
    {
        if ($this->cone !== null) {
            return [array_map(fn (array $at): array => $this->at(...$at), $run)];
        }
        $lines = [];
        $last = null;
        foreach ($run as $at) {
            $gore = min($this->gores - 1, (int) floor($at[0] * $this->gores));
            if ($gore !== $last) {
                $lines[] = [];
                $last = $gore;
            }
            $lines[count($lines) - 1][] = $this->at(...$at);
        }

        return array_values(array_filter($lines, fn (array $line): bool => count($line) > 1));
    }
}
