<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Stain;
use HonestGrain\Geometry\Surface;
use HonestGrain\Holding\Mount;
use HonestGrain\Reading\Document;

/** A step of the maker's own: what, where, how long, how long to wait after it, and between which others it stands. */
final readonly class OwnStep
{
    private const MOST = 40;

    /**
     * @param  list<string>  $before  operations, or ids of the document that mean all that goes with them
     * @param  list<string>  $after
     */
    private function __construct(
        public string $id,
        public string $title,
        public ?string $part,
        public ?Surface $on,
        public float $minutes,
        public float $waitHours,
        public ?Mount $mount,
        public array $before,
        public array $after,
        public string $technique,
        public string $how,
        public Coating|Stain|null $product,
    ) {
    }

    public static function read(Document $step, Tables $tables): self
    {
        return new self(
            Id::read($step), $step->text('title', 160), $step->textOr('part', null, 40),
            $step->has('on') ? Surface::from($step->choice('on', array_column(Surface::cases(), 'value'))) : null,
            $step->numberOr('minutes', 0.0, 0, 2400), $step->numberOr('wait_hours', 0.0, 0, 2000),
            $step->has('mount') ? Mount::from($step->choice('mount', array_column(Mount::cases(), 'value'))) : null,
            $step->has('before') ? $step->strings('before', self::MOST) : [],
            $step->has('after') ? $step->strings('after', self::MOST) : [],
            $tables->techniques->named($step->textOr('technique', 'own', 40) ?? 'own', $step->at('technique'))->key(),
            $step->textOr('how', '', 300) ?? '', self::product($step, $tables),
        );
    }

    private static function product(Document $step, Tables $tables): Coating|Stain|null
    {
        $class = $step->textOr('product', null);
        if ($class === null) {
            return null;
        }

        return $tables->coatings->stains()[$class] ?? $tables->coatings->coating($class, $step->at('product'));
    }

    /** Whether it came with a remedy, and not from the maker. */
    public function mends(): bool
    {
        return $this->technique !== 'own';
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'title' => $this->title, 'part' => $this->part, 'on' => $this->on?->value,
            'minutes' => $this->minutes, 'wait_hours' => $this->waitHours, 'mount' => $this->mount?->value,
            'before' => $this->before, 'after' => $this->after,
        ] + ($this->mends() ? ['technique' => $this->technique] : [])
            + ($this->how === '' ? [] : ['how' => $this->how])
            + ($this->product === null ? [] : ['product' => $this->product->class]);
    }
}
