<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** Something that went wrong: what, on which part and face, and from where to where along it, mm. */
final readonly class Fault
{
    private function __construct(
        public FaultKind $kind,
        public string $part,
        public Surface $on,
        public ?float $fromMm,
        public ?float $toMm,
    ) {
    }

    /** @throws InvalidField */
    public static function read(Document $fault, Piece $piece): self
    {
        $part = $fault->textOr('part', $piece->body()->id, 40) ?? $piece->body()->id;
        if ($piece->part($part) === null) {
            throw InvalidField::choice($fault->at('part'), $part, array_column($piece->parts, 'id'));
        }
        $from = $fault->numberOr('from_mm', null, 0, 3 * Node::MAX_MM);
        $to = $fault->numberOr('to_mm', null, 0, 3 * Node::MAX_MM);
        if ($from !== null && $to !== null && $to < $from) {
            throw InvalidField::range($fault->at('to_mm'), $to, $from, 3 * Node::MAX_MM);
        }

        return new self(
            FaultKind::from($fault->choice('kind', array_column(FaultKind::cases(), 'value'))), $part,
            Surface::from($fault->choice('on', array_column(Surface::cases(), 'value'), Surface::Outer->value)),
            $from, $to,
        );
    }

    public function face(): Face
    {
        return $this->on->face();
    }

    /**
     * How far it runs along the face; where that is not said the whole of it, or so much as such a fault usually takes.
     */
    public function lengthMm(Part $part, float $usualMm): float
    {
        $whole = $this->on->lengthMm($part->profile);
        $isOpen = $this->fromMm === null && $this->toMm === null;

        return $isOpen && $this->kind->isLocal() ? max(1.0, min($whole, $usualMm))
            : max(1.0, min($whole, $this->toMm ?? $whole) - ($this->fromMm ?? 0.0));
    }

    /** @return array<string, mixed> as in the question */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value, 'part' => $this->part, 'on' => $this->on->value,
            'from_mm' => $this->fromMm, 'to_mm' => $this->toMm,
        ];
    }
}
