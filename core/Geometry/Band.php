<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Reading\Document;

/** A strip of one curve between two arc lengths from that curve's first node, mm. */
final readonly class Band
{
    private function __construct(public string $id, public Surface $on, public float $fromMm, public float $toMm)
    {
    }

    public static function on(string $id, Surface $on, float $fromMm, float $toMm, string $field = 'bands'): self
    {
        if (! is_finite($fromMm) || ! is_finite($toMm) || $fromMm < 0 || $toMm <= $fromMm) {
            throw InvalidProfile::band($field, $fromMm, $toMm, Node::MAX_MM * 2);
        }

        return new self($id, $on, $fromMm, $toMm);
    }

    /** Whether it is the same stretch of the same line as another, to a hundredth of a mm. */
    public function covers(self $other): bool
    {
        return $this->on === $other->on && round($this->fromMm, 2) === round($other->fromMm, 2)
            && round($this->toMm, 2) === round($other->toMm, 2);
    }

    public static function read(Document $band): self
    {
        $on = Surface::from($band->choice('on', array_column(Surface::cases(), 'value')));

        return self::on(
            $band->text('id', 40), $on, $band->number('from_mm', 0, 9000), $band->number('to_mm', 0, 9000), $band->path,
        );
    }
}
