<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Geometry\Face;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\SurfacePlan;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Words\FirstLetter;

/** What a recipe says of one part: how its faces are sanded, its marks by proportion, and its coats. */
final readonly class RecipePart
{
    /** What of a surface is a maker's choice; how the edge left it and what touches it belong to the piece. */
    public const SANDING = ['own', 'stop_at', 'method', 'wet', 'wiped', 'for_use', 'unsanded', 'sanded'];

    /**
     * @param  string  $of  id of the part that it was made on
     * @param  array<string, mixed>  $sanding  as in the `surface` of a piece's document, of its keys those in SANDING
     * @param  list<RecipeMark>  $marks
     * @param  list<RecipeCoats>  $coats
     * @param  list<Face>  $bare  faces that are left bare on purpose
     */
    private function __construct(
        public string $of,
        public string $name,
        public array $sanding,
        public array $marks,
        public array $coats,
        public array $bare,
    ) {
    }

    public static function read(Document $part): self
    {
        $of = Id::read($part, 'of');

        return new self(
            of: $of, name: $part->textOr('name', FirstLetter::large(str_replace('-', ' ', $of)), Part::MAX_NAME) ?? $of,
            sanding: array_intersect_key($part->childOr('sanding')->fields(), array_flip(self::SANDING)),
            marks: array_map(
                RecipeMark::read(...), $part->has('marks') ? $part->children('marks', Part::MAX_MARKS) : [],
            ),
            coats: array_map(
                RecipeCoats::read(...), $part->has('coats') ? $part->children('coats', Part::MAX_PLANS) : [],
            ),
            bare: $part->has('bare') ? Face::once(Face::read($part, 'bare')) : [],
        );
    }

    public static function of(Part $part): self
    {
        $coated = array_merge([], ...array_map(fn (CoatPlan $plan): array => $plan->zones, $part->coatPlans));

        return new self(
            of: $part->id, name: $part->name,
            sanding: array_intersect_key(self::surface($part), array_flip(self::SANDING)),
            marks: array_map(fn (Mark $mark): RecipeMark => RecipeMark::of($mark, $part), $part->marks),
            coats: array_map(RecipeCoats::of(...), $part->coatPlans), bare: Face::except($part->faces(), $coated),
        );
    }

    /** @return array<string, mixed> how a part's faces are sanded, as read from a document */
    public static function surface(Part $part): array
    {
        return array_map(
            fn (mixed $value): mixed => is_object($value) ? (array) $value : $value, $part->surface->toArray(),
        );
    }

    /**
     * Whether it is sanded as abrasives are known.
     *
     * @throws \HonestGrain\Reading\BadInput naming the field, such as `surface.own.outside.2`
     */
    public function checkSanding(Tables $tables): void
    {
        SurfacePlan::read(Document::of($this->sanding, 'surface'), $tables->abrasives);
    }

    /** @param  array<string, mixed>  $sanding  of its keys those in SANDING */
    public function withSanding(array $sanding): self
    {
        return Copy::with($this, ['sanding' => array_intersect_key($sanding, array_flip(self::SANDING))]);
    }

    /** The same with one of its marks in another way, or left out. */
    public function withMark(int $at, ?RecipeMark $mark): self
    {
        $marks = $this->marks;
        array_splice($marks, $at, 1, $mark === null ? [] : [$mark]);

        return Copy::with($this, ['marks' => $marks]);
    }

    /** The same with some of its coats in another way, or left out; new ones come after the others. */
    public function withCoats(int $at, ?RecipeCoats $coats): self
    {
        $all = $this->coats;
        array_splice($all, $at, 1, $coats === null ? [] : [$coats]);
        $coated = array_merge([], ...array_map(fn (RecipeCoats $one): array => $one->zones, $all));
        $before = array_merge($this->bare, ...array_map(fn (RecipeCoats $one): array => $one->zones, $this->coats));

        // A face that had coats and is in none any more is left bare on purpose.
        return Copy::with($this, ['coats' => $all, 'bare' => Face::except(Face::once($before), $coated)]);
    }

    public function unmarked(): self
    {
        return Copy::with($this, ['marks' => []]);
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'of' => $this->of, 'name' => $this->name, 'sanding' => (object) $this->sanding,
            'marks' => array_map(fn (RecipeMark $mark): array => $mark->toArray(), $this->marks),
            'coats' => array_map(fn (RecipeCoats $coats): array => $coats->toArray(), $this->coats),
            'bare' => Face::names($this->bare),
        ];
    }
}
