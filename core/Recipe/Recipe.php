<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;

/**
 * A whole surface that can be put on another piece: sanding, marks by their share of the line that they lie along,
 * coats and what is done to the last, and the ways of going about it. The open document, version 1, read.
 */
final readonly class Recipe
{
    public const FORMAT = 'honest-grain/recipe';

    public const VERSION = 1;

    public const MAX_NAME = 80;

    public const MAX_NOTE = 500;

    /** Mixes of the maker's own that go with it. */
    public const MAX_MIXES = 12;

    /** Ways that belong to a surface; the others belong to the wood and how it is held. */
    public const WAYS = ['inside', 'underside', 'liner', 'sealer', 'clean', 'fills', 'oily-wood', 'lid'];

    /**
     * @param  non-empty-list<RecipePart>  $parts  that of the body first
     * @param  array<string, string>  $school  ways, by the name of the choice
     * @param  list<Document>  $mixes  of its products those that are mixed to a maker's own recipe, as `OwnMix` reads
     *     them
     */
    private function __construct(
        public string $name,
        public array $parts,
        public array $school,
        public string $note,
        public array $mixes = [],
    ) {
    }

    /** @throws \HonestGrain\Reading\BadInput naming the field that is wrong */
    public static function read(Document $document): self
    {
        $document->choice('format', [self::FORMAT]);
        $document->integer('version', self::VERSION, self::VERSION);
        /** @var non-empty-list<RecipePart> $parts */
        $parts = array_map(RecipePart::read(...), $document->children('parts', Piece::MAX_PARTS, 1));
        $school = $document->childOr('school');

        return new self(
            $document->text('name', self::MAX_NAME), $parts,
            self::ways(array_combine($school->keys(), array_map(
                fn (string $key): string => $school->text($key, 40), $school->keys(),
            ))), $document->textOr('note', '', self::MAX_NOTE, lines: true) ?? '',
            $document->has('mixes') ? $document->children('mixes', self::MAX_MIXES) : [],
        );
    }

    /** The surface of a piece as it is planned. */
    public static function of(Piece $piece, string $name): self
    {
        $body = $piece->body();
        $others = array_filter($piece->parts, fn (Part $part): bool => $part->id !== $body->id);

        return new self(
            $name, array_map(RecipePart::of(...), [$body, ...array_values($others)]), self::ways($piece->school), '',
        );
    }

    /**
     * The same surface on another piece, in place of what was planned for it.
     *
     * @param  Tables  $tables  what its products, grits and techniques are looked up in
     */
    public function onto(Piece $piece, Tables $tables): Fitted
    {
        $body = $piece->body();
        $left = [];
        $parts = [];
        foreach ($piece->parts as $part) {
            $named = $part->id === $body->id ? $this->parts[0] : $this->part($part->id);
            // A lid that no recipe speaks of is sanded and coated as its box is; its marks stay on the box.
            $dressed = Dressed::of($part, $named ?? $this->parts[0]->unmarked(), $tables);
            $parts[] = $dressed->part;
            $left = [...$left, ...$dressed->left];
        }
        foreach (array_slice($this->parts, 1) as $other) {
            if ($piece->part($other->of) === null && $other->marks !== []) {
                $left[] = new Said('recipe.no-part', ['part' => Said::name($other->name)]);
            }
        }

        $kept = array_diff_key($piece->school, array_flip(self::WAYS));

        return new Fitted(Copy::with($piece, ['parts' => $parts, 'school' => [...$kept, ...$this->school]]), $left);
    }

    /** The same with one of its parts in another way. */
    public function withPart(int $at, RecipePart $part): self
    {
        return Copy::with($this, ['parts' => array_replace($this->parts, [$at => $part])]);
    }

    /** @param  array<string, string>  $school  ways, by the name of the choice */
    public function withWays(array $school): self
    {
        return Copy::with($this, ['school' => self::ways($school)]);
    }

    private function part(string $id): ?RecipePart
    {
        foreach ($this->parts as $part) {
            if ($part->of === $id) {
                return $part;
            }
        }

        return null;
    }

    /**
     * The same with those of a maker's mixes that it uses.
     *
     * @param  array<string, Document>  $mixes  by name
     */
    public function withMixes(array $mixes): self
    {
        $used = array_intersect_key($mixes, array_flip($this->products()));

        return Copy::with($this, ['mixes' => array_slice(array_values($used), 0, self::MAX_MIXES)]);
    }

    /** @return list<string> classes of what it is coated with, each once */
    public function products(): array
    {
        $products = [];
        foreach ($this->parts as $part) {
            foreach ($part->coats as $coats) {
                $products = [...$products, ...array_column($coats->layers, 'product')];
            }
        }

        return array_values(array_unique($products));
    }

    /** @return list<string> classes of its last coats, each once */
    public function finishes(): array
    {
        $last = [];
        foreach ($this->parts as $part) {
            foreach ($part->coats as $coats) {
                $last = [...$last, ...array_column(array_slice($coats->layers, -1), 'product')];
            }
        }

        return array_values(array_unique($last));
    }

    public function named(string $name, string $note): self
    {
        return Copy::with($this, ['name' => $name, 'note' => $note]);
    }

    /** @return array<string, mixed> the open document */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION, 'name' => $this->name, 'note' => $this->note,
            'school' => (object) $this->school,
            'parts' => array_map(fn (RecipePart $part): array => $part->toArray(), $this->parts),
        ] + ($this->mixes === [] ? [] : [
            'mixes' => array_map(fn (Document $mix): array => $mix->fields(), $this->mixes),
        ]);
    }

    /** The same, as it is read again. */
    public function toDocument(): Document
    {
        return Document::decode(json_encode($this->toArray(), JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, string>  $school
     * @return array<string, string>
     */
    private static function ways(array $school): array
    {
        return array_intersect_key($school, array_flip(self::WAYS));
    }
}
