<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

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

    public string $name;

    public Form $form;

    public Purpose $purpose;

    public ?\DateTimeImmutable $due;

    public StartsAs $startsAs;

    /** @var array<string, string> preferences in the order of work, by name */
    public array $school;

    /** @var non-empty-list<Part> */
    public array $parts;

    /** @var list<Joint> */
    public array $joints;

    /** @var list<OwnStep> */
    public array $steps;

    /** @var list<PieceStock> the blanks that were entered */
    public array $stock;

    /** @var list<array{string, string}> what the maker wants first, and what after it */
    public array $order;

    public string $note;

    /**
     * @param  array{parts: non-empty-list<Part>, joints: list<Joint>, steps: list<OwnStep>,
     *     order: list<array{string, string}>}  $made
     */
    private function __construct(Document $document, array $made)
    {
        $this->name = $document->text('name', 80);
        $this->form = Form::from($document->choice('form', array_column(Form::cases(), 'value')));
        $this->purpose = Purpose::from(
            $document->choice('purpose', array_column(Purpose::cases(), 'value'), Purpose::Handled->value),
        );
        $this->due = $document->has('due_at') ? $document->time('due_at') : null;
        $this->startsAs = StartsAs::from(
            $document->choice('starts_as', array_column(StartsAs::cases(), 'value'), StartsAs::Turned->value),
        );
        $this->school = self::school($document->childOr('school'));
        $this->parts = $made['parts'];
        $this->joints = $made['joints'];
        $this->steps = $made['steps'];
        $this->order = $made['order'];
        $this->stock = array_map(
            PieceStock::read(...), $document->has('stock') ? $document->children('stock', self::MAX_PARTS) : [],
        );
        $this->note = $document->textOr('note', '', 2000, lines: true) ?? '';
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
            throw InvalidField::because('version', $version, new Said(
                $version === 1 ? 'piece.piece.version-1' : 'piece.piece.version',
                ['version' => Quantity::count(self::VERSION)],
            ));
        }

        $piece = new self($document, self::made($document, $tables));
        Whole::check($piece);

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

    /** Whether it is fitted to another part without glue, so that the one can be pressed in or on the other. */
    public function isFitted(Part $part): bool
    {
        return array_filter($this->joints, fn (Joint $joint): bool => $joint->kind->isFitted()
            && in_array($part->id, $joint->parts(), true)) !== [];
    }

    /** The hollow part that another lifts off, which goes into it by its foot; null for what is no such lid. */
    public function boxOf(Part $part): ?Part
    {
        foreach ($this->joints as $joint) {
            $box = $this->part($joint->socket);
            if ($joint->kind === JointKind::Lifts && $joint->spigot === $part->id && $box?->profile->inner !== null
                && $joint->place === JointPlace::Top && $joint->entersByFoot($part)) {
                return $box;
            }
        }

        return null;
    }

    /** The hollow part that a hollow lid lifts off, mouth to mouth; null for what is no such lid. */
    public function boxUnder(Part $part): ?Part
    {
        foreach ($part->profile->inner === null ? [] : $this->joints as $joint) {
            $box = $this->part($joint->socket);
            if ($joint->kind === JointKind::Lifts && $joint->spigot === $part->id && $box?->profile->inner !== null
                && $joint->place === JointPlace::Top && ! $joint->entersByFoot($part)) {
                return $box;
            }
        }

        return null;
    }

    /** What a part is for: what goes into another and is not hollow is held by, and touches no contents. */
    public function purposeOf(Part $part): Purpose
    {
        $isHandle = $part->id !== $this->body()->id && ! in_array(Face::Inside, $part->faces(), true);

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

    /** The part of that id; the body where none is named, or none of that id is there. */
    public function partOrBody(?string $id): Part
    {
        return ($id === null ? null : $this->part($id)) ?? $this->body();
    }

    public function hasParts(): bool
    {
        return count($this->parts) > 1;
    }

    /** The blank that was entered for a part; null where none was. */
    public function stockOf(Part $part): ?PieceStock
    {
        foreach ($this->stock as $stock) {
            if (in_array($part->id, $stock->parts, true)) {
                return $stock;
            }
        }

        return null;
    }

    /** How far a part is when its route begins. */
    public function begins(Part $part): StartsAs
    {
        return $part->startsAs ?? $this->startsAs;
    }

    /**
     * The same, a part of it from a blank of its own, without what was mended on it.
     */
    public function withPartAnew(Part $part, Calibration $calibration): self
    {
        $fresh = $part->begunAnew();
        $kept = array_values(array_filter(array_map(
            fn (PieceStock $one): ?PieceStock => $one->without($part->id), $this->stock,
        )));
        $needed = PieceStock::least(Id::free('stock', array_column($this->stock, 'id')), $fresh, $calibration);

        return Copy::with($this->withPart($fresh), [
            'stock' => $this->stockOf($part) === null ? $this->stock : [...$kept, $needed],
            'steps' => array_values(array_filter(
                $this->steps, fn (OwnStep $step): bool => $step->part !== $part->id || ! $step->mends(),
            )),
        ]);
    }

    /** The same from other blanks. */
    public function outOf(PieceStock ...$stock): self
    {
        return Copy::with($this, ['stock' => array_values($stock)]);
    }

    /** The same with a part in place of the one of that id. */
    public function withPart(Part $part): self
    {
        return Copy::with($this, ['parts' => array_map(
            fn (Part $one): Part => $one->id === $part->id ? $part : $one, $this->parts,
        )]);
    }

    /**
     * The same with the coats of each of its faces changed.
     *
     * @param  \Closure(CoatPlan): CoatPlan  $change
     */
    public function withEachCoatPlan(\Closure $change): self
    {
        return Copy::with($this, ['parts' => array_map(
            fn (Part $part): Part => array_reduce(
                $part->coatPlans, fn (Part $so, CoatPlan $plan): Part => $so->withCoats($change($plan)), $part,
            ), $this->parts,
        )]);
    }

    /** The same with one more part, that meets another. */
    public function joined(Part $part, Joint $joint): self
    {
        return Copy::with($this, ['parts' => [...$this->parts, $part], 'joints' => [...$this->joints, $joint]]);
    }

    /** The same without a part, its joints and the maker's own steps on it. */
    public function withoutPart(string $id): self
    {
        $kept = fn (array $of, \Closure $isKept): array => array_values(array_filter($of, $isKept));

        return Copy::with($this, [
            'parts' => $kept($this->parts, fn (Part $part): bool => $part->id !== $id),
            'joints' => $kept($this->joints, fn (Joint $one): bool => ! in_array($id, $one->parts(), true)),
            'steps' => $kept($this->steps, fn (OwnStep $step): bool => $step->part !== $id),
            'stock' => array_values(array_filter(array_map(
                fn (PieceStock $stock): ?PieceStock => $stock->without($id), $this->stock,
            ))),
        ]);
    }

    /** @return list<string> the ids of the joints in which a part meets another */
    public function jointsOf(Part $part): array
    {
        return array_values(array_map(fn (Joint $joint): string => $joint->id, array_filter(
            $this->joints, fn (Joint $joint): bool => in_array($part->id, $joint->parts(), true),
        )));
    }

    public function joint(string $id): ?Joint
    {
        return array_column($this->joints, null, 'id')[$id] ?? null;
    }

    /** The same with a joint in place of the one of that id. */
    public function withJoint(Joint $joint): self
    {
        return Copy::with($this, ['joints' => array_map(
            fn (Joint $one): Joint => $one->id === $joint->id ? $joint : $one, $this->joints,
        )]);
    }

    /** The same with a mark laid on a part: it comes after those of its technique that it lies over. */
    public function marked(Part $part, Mark $mark): self
    {
        $order = $this->order;
        foreach ($part->marks as $below) {
            if ($below->overlaps($mark) && $below->technique->key() === $mark->technique->key()) {
                $order[] = [$below->id(), $mark->id()];
            }
        }

        return Copy::with($this->withPart($part->withMark($mark)), ['order' => $order]);
    }

    /** The same without some marks of a part, and what was wished of their order. */
    public function unmarked(Part $part, string ...$ids): self
    {
        return Copy::with($this->withPart($part->withoutMark(...$ids)), ['order' => array_values(array_filter(
            $this->order, fn (array $pair): bool => array_intersect($pair, $ids) === [],
        ))]);
    }

    /** The same with layers of dye, first on the wood first, in place of those that lay on the very band of them. */
    public function overlaid(Part $part, Mark ...$layers): self
    {
        $gone = array_filter($part->marks, fn (Mark $one): bool => $layers !== [] && $one->isDyeOn($layers[0]->band));
        $piece = $this->unmarked($part, ...array_map(fn (Mark $mark): string => $mark->id(), $gone));
        $order = $piece->order;
        $part = $piece->part($part->id) ?? $part;
        foreach (array_values($layers) as $i => $layer) {
            $part = $part->withMark($layer);
            $order = $i === 0 ? $order : [...$order, [$layers[$i - 1]->id(), $layer->id()]];
        }

        return Copy::with($piece->withPart($part), ['order' => $order]);
    }

    /** The same, something wished before something else. */
    public function wanting(string $first, string $later): self
    {
        $others = array_filter($this->order, fn (array $pair): bool => array_diff($pair, [$first, $later]) !== []);

        return Copy::with($this, ['order' => [...array_values($others), [$first, $later]]]);
    }

    /** The same with no wish about its order. */
    public function asItComes(): self
    {
        return Copy::with($this, ['order' => []]);
    }

    public function withSteps(OwnStep ...$steps): self
    {
        return Copy::with($this, ['steps' => [...$this->steps, ...array_values($steps)]]);
    }

    public function withoutStep(string $id): self
    {
        return Copy::with($this, ['steps' => array_values(array_filter(
            $this->steps, fn (OwnStep $step): bool => $step->id !== $id,
        ))]);
    }

    /** The same, one choice of school made. */
    public function inSchool(string $name, string $value): self
    {
        return Copy::with($this, ['school' => [$name => $value] + $this->school]);
    }

    /** The same by another name. */
    public function named(string $name): self
    {
        return Copy::with($this, ['name' => $name]);
    }

    /** The same, meant otherwise. */
    public function meant(Purpose $purpose, ?\DateTimeImmutable $due, string $note): self
    {
        return Copy::with($this, ['purpose' => $purpose, 'due' => $due, 'note' => $note]);
    }

    /** The same, begun with otherwise. */
    public function begunAs(StartsAs $startsAs): self
    {
        return Copy::with($this, ['startsAs' => $startsAs]);
    }

    /** One more like it, without what was mended on this one, and from no blank of the rack: that one is taken. */
    public function another(?\DateTimeImmutable $due): self
    {
        return Copy::with($this, ['due' => $due, 'stock' => array_values(array_filter(
            $this->stock, fn (PieceStock $stock): bool => $stock->blank === null,
        )), 'steps' => array_values(array_filter(
            $this->steps, fn (OwnStep $step): bool => ! $step->mends(),
        ))]);
    }

    /** The open document as text: two pieces are the same where it is, to the letter. */
    public function encoded(): string
    {
        return json_encode($this->toArray(), JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> the open document, version 2 */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION,
            'name' => $this->name, 'form' => $this->form->value, 'purpose' => $this->purpose->value,
            'due_at' => $this->due?->format('Y-m-d\TH:i:s\Z'), 'starts_as' => $this->startsAs->value,
            'school' => (object) $this->school,
            'stock' => array_map(fn (PieceStock $stock): array => $stock->toArray(), $this->stock),
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
            'parts' => $parts === [] ? throw InvalidField::missing('parts', new Said('piece.piece.a-part')) : $parts,
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
                    $document->at("order.$i"), $pair, new Said('piece.piece.two-ids'),
                );
            }
            $order[] = [$pair[0], $pair[1]];
        }

        return $order;
    }
}
