<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Stain;
use HonestGrain\Geometry\Band;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Technique\MarkKind;

/** One decoration on one band: hands-on minutes where the maker typed them, hours to wait after it, and its colour. */
final readonly class Mark
{
    private function __construct(
        public Band $band,
        public MarkKind $kind,
        public ?float $minutes,
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
            $mark->numberOr('minutes', null, 0, 2400),
            $mark->numberOr('wait_hours', $stain === null ? $kind->usualWaitHours() : $stain->coatFromHours, 0, 2000),
            $stain, $colour, $mark->textOr('note', null, 500, lines: true),
        );
    }

    /** What the maker does, for a step's title: a bleach is not dyed on. */
    public function action(): string
    {
        return $this->stain?->family->action() ?? $this->kind->action();
    }

    /** Why this one stands where it stands. */
    public function because(): string
    {
        return match (true) {
            $this->stain?->takesColourOut() === true => 'On bare, sanded wood and before every colour, which it would '
                .'take out.',
            $this->stain?->needsSealed === true, $this->stain?->isWax() === true => 'After every other colour: it '
                .'lies in what pores are left open.',
            default => $this->kind->because(),
        };
    }

    public function overlaps(self $other): bool
    {
        return $this->band->on === $other->band->on
            && $this->band->fromMm < $other->band->toMm && $other->band->fromMm < $this->band->toMm;
    }

    /** Smaller comes first where both lie on one piece: among colours, what takes colour out comes first. */
    public function rank(): float
    {
        return $this->kind->rank() + ($this->stain?->rank() ?? 0) / 10;
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
