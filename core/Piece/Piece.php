<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Wood\Wood;

/**
 * A piece as the maker intends it: its parts, how they meet, and the maker's own steps and order. The open document,
 * version 2, read.
 */
final readonly class Piece
{
    public const FORMAT = 'honest-grain/piece';

    public const VERSION = 2;

    public const MAX_PARTS = 8;

    private const MAX_JOINTS = 12;

    private const MAX_STEPS = 40;

    private const MAX_ORDER = 100;

    public const MAX_MIXES = 16;

    private const MAX_WOODS = 16;

    /**
     * @param  array<string, string>  $school  preferences in the order of work, by name
     * @param  non-empty-list<Part>  $parts
     * @param  list<Joint>  $joints
     * @param  list<OwnStep>  $steps
     * @param  list<array{string, string}>  $order  what the maker wants first, and what after it
     */
    private function __construct(
        public string $name,
        public Form $form,
        public Purpose $purpose,
        public ?\DateTimeImmutable $due,
        public StartsAs $startsAs,
        public array $school,
        public array $parts,
        public array $joints,
        public array $steps,
        public array $order,
        public string $note,
    ) {
    }

    /**
     * @throws \HonestGrain\Reading\BadInput naming the field that is wrong
     */
    public static function read(Document $document, Tables $tables): self
    {
        $document->choice('format', [self::FORMAT]);
        $version = $document->integer('version', 1, 1_000_000);
        foreach ($document->has('woods') ? $document->children('woods', self::MAX_WOODS) : [] as $wood) {
            $tables = $tables->withWood(Wood::typed($wood, $tables->woods));
        }
        foreach ($document->has('mixes') ? $document->children('mixes', self::MAX_MIXES) : [] as $mix) {
            $tables = $tables->withCoatings($tables->coatings->withMix($mix));
        }

        if ($version !== self::VERSION) {
            throw InvalidField::because('version', $version, $version === 1
                ? 'version 1 was never released, and is not read; write the piece as version '.self::VERSION
                : 'this release reads version '.self::VERSION);
        }

        return self::of($document, self::made($document, $tables));
    }

    /**
     * The fields that stand in the piece itself, around its parts.
     *
     * @param  array{parts: non-empty-list<Part>, joints: list<Joint>, steps: list<OwnStep>,
     *     order: list<array{string, string}>}  $made
     */
    private static function of(Document $document, array $made): self
    {
        $piece = new self(
            $document->text('name', 80),
            Form::from($document->choice('form', array_column(Form::cases(), 'value'))),
            Purpose::from(
                $document->choice('purpose', array_column(Purpose::cases(), 'value'), Purpose::Handled->value),
            ),
            $document->has('due_at') ? $document->time('due_at') : null,
            StartsAs::from(
                $document->choice('starts_as', array_column(StartsAs::cases(), 'value'), StartsAs::Turned->value),
            ),
            self::school($document->childOr('school')),
            $made['parts'], $made['joints'], $made['steps'], $made['order'],
            $document->textOr('note', '', 2000, lines: true) ?? '',
        );
        $piece->check($document);

        return $piece;
    }

    /** The part that the piece is named for: the one that goes into no other, whatever order they are written in. */
    public function body(): Part
    {
        $inserted = array_map(fn (Joint $joint): string => $joint->spigot, $this->joints);
        foreach ($this->partsInOrder() as $part) {
            if (! in_array($part->id, $inserted, true)) {
                return $part;
            }
        }

        return $this->parts[0];
    }

    /** Whether the piece stands on the foot of that part: a ball rolls, and a lid lies on its box. */
    public function standsOn(Part $part): bool
    {
        return $part->id === $this->body()->id && $this->form->stands();
    }

    /** What a part is for: what goes into another and is not hollow is held by, and touches no contents. */
    public function purposeOf(Part $part): Purpose
    {
        $isHandle = $part->id !== $this->body()->id && ! in_array('inside', $part->faces(), true);

        return $isHandle && $this->purpose->holds() ? Purpose::Handled : $this->purpose;
    }

    /** @return non-empty-list<Part> the body first, then by their names in the document */
    public function partsInOrder(): array
    {
        $parts = $this->parts;
        usort($parts, fn (Part $a, Part $b): int => [$a->id !== 'body', $a->id] <=> [$b->id !== 'body', $b->id]);

        return $parts;
    }

    public function part(string $id): ?Part
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }

        return null;
    }

    public function hasParts(): bool
    {
        return count($this->parts) > 1;
    }

    /** The same with a part in place of the one of that id. */
    public function with(Part $part): self
    {
        return new self(
            $this->name, $this->form, $this->purpose, $this->due, $this->startsAs, $this->school,
            array_map(fn (Part $one): Part => $one->id === $part->id ? $part : $one, $this->parts),
            $this->joints, $this->steps, $this->order, $this->note,
        );
    }

    /** The same, one choice of school made. */
    public function inSchool(string $name, string $value): self
    {
        return new self(
            $this->name, $this->form, $this->purpose, $this->due, $this->startsAs, [$name => $value] + $this->school,
            $this->parts, $this->joints, $this->steps, $this->order, $this->note,
        );
    }

    /** @return array<string, mixed> the open document, version 2 */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION,
            'name' => $this->name, 'form' => $this->form->value, 'purpose' => $this->purpose->value,
            'due_at' => $this->due?->format('Y-m-d\TH:i:s\Z'), 'starts_as' => $this->startsAs->value,
            'school' => (object) $this->school,
            'parts' => array_map(fn (Part $part): array => $part->toArray(), $this->parts),
            'joints' => array_map(fn (Joint $joint): array => $joint->toArray(), $this->joints),
            'steps' => array_map(fn (OwnStep $step): array => $step->toArray(), $this->steps),
            'order' => $this->order,
            'note' => $this->note,
        ];
    }

    /**
     * @return array{parts: non-empty-list<Part>, joints: list<Joint>, steps: list<OwnStep>,
     *     order: list<array{string, string}>}
     */
    private static function made(Document $document, Tables $tables): array
    {
        $parts = array_map(
            fn (Document $part): Part => Part::read($part, $tables), $document->children('parts', self::MAX_PARTS, 1),
        );

        return [
            'parts' => $parts === [] ? throw InvalidField::missing('parts', 'at least one part') : $parts,
            'joints' => array_map(
                Joint::read(...), $document->has('joints') ? $document->children('joints', self::MAX_JOINTS) : [],
            ),
            'steps' => array_map(
                fn (Document $step): OwnStep => OwnStep::read($step, $tables),
                $document->has('steps') ? $document->children('steps', self::MAX_STEPS) : [],
            ),
            'order' => self::order($document),
        ];
    }

    /** @return array<string, string> */
    private static function school(Document $school): array
    {
        $chosen = [];
        foreach (array_slice($school->keys(), 0, 20) as $key) {
            $chosen[$key] = $school->text($key, 40);
        }

        return $chosen;
    }

    /** @return list<array{string, string}> */
    private static function order(Document $document): array
    {
        $order = [];
        foreach ($document->has('order') ? $document->list('order', self::MAX_ORDER) : [] as $i => $pair) {
            if (! is_array($pair) || count($pair) !== 2 || ! is_string($pair[0] ?? null) || ! is_string(
                $pair[1] ?? null,
            )) {
                throw InvalidField::type(
                    $document->at("order.$i"), $pair, 'the ids of what is first and what is later',
                );
            }
            $order[] = [$pair[0], $pair[1]];
        }

        return $order;
    }

    /** Every id stands once, and what is named is there. */
    private function check(Document $document): void
    {
        $ids = [];
        $isOld = $document->value('version') === 1;
        foreach ($this->parts as $i => $part) {
            $ids += $part->ids($isOld ? '' : "parts.$i");
        }
        foreach ($this->joints as $i => $joint) {
            $ids["joints.$i.id"] = $joint->id;
            foreach ([$joint->socket, $joint->spigot] as $k => $part) {
                if ($this->part($part) === null) {
                    throw InvalidField::choice("joints.$i.parts.$k", $part, array_column($this->parts, 'id'));
                }
            }
        }
        foreach ($this->steps as $i => $step) {
            $ids["steps.$i.id"] = $step->id;
            if ($step->part !== null && $this->part($step->part) === null) {
                throw InvalidField::choice("steps.$i.part", $step->part, array_column($this->parts, 'id'));
            }
        }
        Id::eachOnce($ids);
        $this->refuseRing();
    }

    /** What goes into another part goes into none that goes into it, by however many joints. */
    private function refuseRing(): void
    {
        $into = [];
        foreach ($this->joints as $joint) {
            $into[$joint->spigot][] = $joint->socket;
        }
        foreach ($this->joints as $i => $joint) {
            $sockets = [$joint->socket];
            for ($k = 0; $k < count($sockets); $k++) {
                $sockets = array_values(array_unique([...$sockets, ...$into[$sockets[$k]] ?? []]));
            }
            if (in_array($joint->spigot, $sockets, true)) {
                throw InvalidField::because(
                    "joints.$i.parts", [$joint->socket, $joint->spigot],
                    'the joints go round in a ring, and nothing could be put together first',
                );
            }
        }
    }
}
