<?php

declare(strict_types=1);

namespace HonestGrain\Decoration;

use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Stain;
use HonestGrain\Exception\InvalidField;
use HonestGrain\Exchange\Document;
use HonestGrain\Geometry\Band;

/** One decoration on one band: hands-on minutes, hours to wait after it, and its colour. */
final readonly class Mark
{
    private function __construct(
        public Band $band,
        public MarkKind $kind,
        public float $minutes,
        public float $waitHours,
        public ?Stain $stain,
        public ?string $colour,
        public ?string $note,
    ) {
    }

    public static function read(Document $mark, CoatingTable $coatings): self
    {
        $kind = MarkKind::from($mark->choice('kind', array_column(MarkKind::cases(), 'value')));
        $product = $kind === MarkKind::Dye ? $mark->textOr('product', null) : null;
        $stain = $product === null ? null : $coatings->stain($product, $mark->at('product'));
        $colour = $mark->textOr('colour', null, 7);
        if ($colour !== null && preg_match('/^#[0-9a-fA-F]{6}$/', $colour) !== 1) {
            throw InvalidField::type($mark->at('colour'), $colour, 'a colour such as #2f4f6f');
        }

        return new self(
            Band::read($mark), $kind,
            $mark->numberOr('minutes', $kind->usualMinutes(), 0, 2400),
            $mark->numberOr('wait_hours', $stain === null ? $kind->usualWaitHours() : $stain->coatFromHours, 0, 2000),
            $stain, $colour, $mark->textOr('note', null, 500),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->band->id, 'kind' => $this->kind->value, 'on' => $this->band->on->value,
            'from_mm' => round($this->band->fromMm, 2), 'to_mm' => round($this->band->toMm, 2),
            'minutes' => $this->minutes, 'wait_hours' => $this->waitHours,
            'product' => $this->stain?->class, 'colour' => $this->colour, 'note' => $this->note,
        ];
    }
}
