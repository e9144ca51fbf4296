<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Lathework\FittingKind;
use HonestGrain\Lathework\FittingSize;
use HonestGrain\Reading\Document;

/** Something bought that is fitted to an end of a part: what it asks of the wood, what holds it, in which order. */
final readonly class Fitting
{
    public const MOST_PIECES = 12;

    public const MOST_LETTERS = 60;

    /** @param  list<string>  $order  what a kit is made of, the first to go in first */
    private function __construct(
        public string $id,
        public FittingSize $size,
        public HoleFrom $from,
        public ?JointGlue $glue,
        public bool $isPinned,
        public array $order,
    ) {
    }

    /** @throws \HonestGrain\Reading\InvalidField */
    public static function read(Document $fitting): self
    {
        return new self(
            id: Id::read($fitting), size: FittingSize::read($fitting),
            from: HoleFrom::from($fitting->choice(
                'from', [HoleFrom::Top->value, HoleFrom::Foot->value], HoleFrom::Top->value,
            )),
            glue: $fitting->has('glue') ? JointGlue::from(
                $fitting->choice('glue', array_column(JointGlue::cases(), 'value')),
            ) : null,
            isPinned: $fitting->flag('pinned', false),
            order: self::order($fitting),
        );
    }

    /** @return list<string> */
    private static function order(Document $fitting): array
    {
        $order = Document::of($fitting->listOr('order', self::MOST_PIECES), $fitting->at('order'));

        return array_map(fn (string $key): string => $order->text($key, self::MOST_LETTERS), $order->keys());
    }

    /** What it is held with: a tube that is cut through again soon by CA, metal in wood for good by epoxy. */
    public function gluedWith(): ?JointGlue
    {
        return $this->glue ?? match ($this->size->kind) {
            FittingKind::Ferrule => JointGlue::Ca,
            FittingKind::Insert => JointGlue::Epoxy,
            FittingKind::Kit => null,
        };
    }

    /** The hole that it goes into; null for what goes over the wood. */
    public function hole(): ?PartHole
    {
        return $this->size->kind->isBored()
            ? PartHole::onAxis("$this->id/hole", $this->size->diameterMm, $this->size->lengthMm, $this->from) : null;
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return ['id' => $this->id] + $this->size->toArray() + [
            'from' => $this->from->value, 'glue' => $this->glue?->value, 'pinned' => $this->isPinned,
            'order' => $this->order,
        ];
    }
}
