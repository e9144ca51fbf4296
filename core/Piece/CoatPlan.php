<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Between;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\PairVerdict;
use HonestGrain\Coating\ProvenStack;
use HonestGrain\Geometry\Face;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** The coats of one or more faces, first on the wood first, and whether the last is buffed. */
final readonly class CoatPlan
{
    public const MAX_COATS = 16;

    /**
     * @param  list<Face>  $zones
     * @param  list<Coat>  $coats
     */
    private function __construct(
        public string $id,
        public array $zones,
        public array $coats,
        public ?BuffWith $buff,
        public ?Sheen $sheen = null,
        public ?CoatedWhen $when = null,
    ) {
    }

    /** Where its first face stands among all faces. */
    public function firstFace(): int
    {
        $places = array_keys(array_filter(
            Face::cases(), fn (Face $face): bool => in_array($face, $this->zones, true),
        ));

        return $places === [] ? 0 : min($places);
    }

    public static function read(Document $plan, CoatingTable $table): self
    {
        $zones = Face::read($plan, 'zones');
        if ($zones === [] || Face::once($zones) !== $zones) {
            throw InvalidField::because(
                $plan->at('zones'), Face::names($zones), new Said('piece.coat-plan.zones-once'),
            );
        }
        $coats = array_map(
            fn (Document $layer): Coat => Coat::read($layer, $table), $plan->children('layers', self::MAX_COATS),
        );

        $last = $coats[count($coats) - 1]->coating ?? null;
        // A bare face has no sheen to ask for.
        $sheen = $plan->has('sheen') && $last !== null
            ? Sheen::from($plan->choice('sheen', array_column(Sheen::cases(), 'value'))) : null;
        $usual = $sheen?->rub() ?? ($last?->isWax() === true ? BuffWith::Hand : BuffWith::Wheel);
        $with = $plan->choice('buff_with', array_column(BuffWith::cases(), 'value'), $usual->value);
        $isBuffed = $plan->flag('buff', false)
            || ($sheen !== null && $sheen->outOfReach($last) === null);

        $when = $plan->has('when')
            ? CoatedWhen::from($plan->choice('when', array_column(CoatedWhen::cases(), 'value'))) : null;

        return new self(
            id: Id::read($plan), zones: $zones, coats: $coats, buff: $isBuffed ? BuffWith::from($with) : null,
            sheen: $sheen, when: $when,
        );
    }

    /**
     * A stack of coats taken for these faces, or none to begin with.
     *
     * @param  list<Face>  $zones  at least one
     */
    public static function taken(array $zones, ?ProvenStack $stack, CoatingTable $table): self
    {
        return self::read(Document::of(['id' => Id::fresh('c')] + ($stack?->planFor($zones, Id::fresh(...))
            ?? ['zones' => Face::names($zones), 'layers' => []])), $table);
    }

    /**
     * The same without some of its faces; null where none is left.
     *
     * @param  list<Face>  $zones
     */
    public function without(array $zones): ?self
    {
        $left = Face::except($this->zones, $zones);

        return $left === [] ? null : Copy::with($this, ['zones' => $left]);
    }

    public function coat(string $id): ?Coat
    {
        foreach ($this->coats as $coat) {
            if ($coat->id === $id) {
                return $coat;
            }
        }

        return null;
    }

    /** The same with one more coat: under one of them, or over all others. */
    public function withCoat(Coat $coat, ?string $under = null): self
    {
        $coats = $this->coats;
        array_splice($coats, $under === null ? count($coats) : $this->placeOf($under), 0, [$coat]);

        return Copy::with($this, ['coats' => $coats]);
    }

    /** Where a coat lies, the first on the wood first; over all others where there is none of that id. */
    private function placeOf(string $coat): int
    {
        $place = array_search($coat, array_map(fn (Coat $one): string => $one->id, $this->coats), true);

        return $place === false ? count($this->coats) : $place;
    }

    /** The same coats on the faces of another part, with ids of their own; null where it has none of these faces. */
    public function onPart(Part $part, CoatingTable $table): ?self
    {
        $zones = Face::among($this->zones, $part->faces());
        $layers = array_map(fn (Coat $coat): array => ['id' => Id::fresh('l')] + $coat->toArray(), $this->coats);

        return $zones === [] ? null : self::read(Document::of([
            'id' => Id::fresh('c'), 'zones' => Face::names($zones), 'layers' => $layers,
        ] + $this->toArray()), $table);
    }

    public function withoutCoat(string $id): self
    {
        return Copy::with($this, ['coats' => array_values(array_filter(
            $this->coats, fn (Coat $coat): bool => $coat->id !== $id,
        ))]);
    }

    /**
     * The same with one coat fewer: the last that goes over one like it and is not on yet; itself where there is none.
     *
     * @param  list<string>  $done  ids of steps that are done; a coat's is its own
     */
    public function fewer(array $done): self
    {
        for ($i = count($this->coats) - 1; $i > 0; $i--) {
            $isAsBelow = $this->coats[$i - 1]->coating === $this->coats[$i]->coating;
            if ($isAsBelow && ! in_array($this->coats[$i]->id, $done, true)) {
                return $this->withoutCoat($this->coats[$i]->id);
            }
        }

        return $this;
    }

    /**
     * Another stack on the same faces, where none of its coats is on yet; else the same.
     *
     * @param  list<string>  $done  ids of steps that are done; a coat's is its own
     */
    public function replacedBy(ProvenStack $stack, array $done, CoatingTable $table): self
    {
        foreach ($this->coats as $coat) {
            if (in_array($coat->id, $done, true)) {
                return $this;
            }
        }

        if ($this->coats === []) {
            return $this;
        }
        $other = self::read(
            Document::of(['id' => $this->id] + $stack->planFor($this->zones, Id::fresh(...))), $table,
        );

        return $this->sheen === null ? $other : $other->shining($this->sheen);
    }

    /** What goes on last; null where nothing does. */
    public function last(): ?Coating
    {
        return $this->coats[count($this->coats) - 1]->coating ?? null;
    }

    /** Whether another last coat would make the same of its faces: film or none, as much shine, as good for its use. */
    public function mayEndWith(Coating $last, Purpose $purpose): bool
    {
        $now = $this->last();

        return $now === null || $now->buildsFilm() === $last->buildsFilm()
            && $this->sheen?->outOfReach($last) === null
            && ($purpose !== Purpose::Food || $last->food !== FoodUse::No)
            && ($purpose !== Purpose::Water || $last->water->isAtLeast($now->water));
    }

    /** The same with a coat one place up or down. */
    public function withMoved(string $id, int $by): self
    {
        $place = $this->placeOf($id);

        if (! isset($this->coats[$place], $this->coats[$place + $by])) {
            return $this;
        }

        return $this->withPlaced($id, $this->coats[$by < 0 ? $place + $by : $place + $by + 1]->id ?? null);
    }

    /**
     * The same with a coat put under another, or over all: it keeps its id, and how the one below a place is rubbed
     * stays in that place.
     */
    public function withPlaced(string $id, ?string $under): self
    {
        $coat = $this->coat($id);
        if ($coat === null || $id === $under) {
            return $this;
        }
        $rubs = array_map(fn (Coat $one): ?Denib => $one->denib, $this->coats);
        $placed = $this->withoutCoat($id)->withCoat($coat, $under)->coats;

        return Copy::with($this, ['coats' => array_map(
            fn (Coat $one, ?Denib $rub): Coat => $one->rubbedBelow($rub), $placed, $rubs,
        )]);
    }

    /** The same, what lies below a coat rubbed otherwise before it goes on. */
    public function withRubbedBelow(string $id, ?Denib $denib): self
    {
        return Copy::with($this, ['coats' => array_map(
            fn (Coat $coat): Coat => $coat->id === $id ? $coat->rubbedBelow($denib) : $coat, $this->coats,
        )]);
    }

    /** The same buffed so, or not at all; no sheen is asked for. */
    public function buffed(?BuffWith $with): self
    {
        return Copy::with($this, ['buff' => $with, 'sheen' => null]);
    }

    /** The same, rubbed for a sheen where its last coat comes to it. */
    public function shining(?Sheen $sheen): self
    {
        $last = $this->coats[count($this->coats) - 1]->coating ?? null;
        $isReached = $sheen !== null && $last !== null && $sheen->outOfReach($last) === null;

        return Copy::with($this, ['sheen' => $sheen, 'buff' => $isReached ? $sheen->rub() : null]);
    }

    /** The same, its outside coated then; as its piece is where nothing is said. */
    public function coatedWhen(?CoatedWhen $when): self
    {
        return Copy::with($this, ['when' => $when]);
    }

    /** "dewaxed shellac (2 lb cut), then 3 coats of wiping varnish (oil-based thinned)"; "bare" without coats. */
    public function inWords(): Said
    {
        $runs = [];
        foreach ($this->coats as $i => $coat) {
            $isAsBelow = $i > 0 && $this->coats[$i - 1]->coating === $coat->coating;
            $runs[$isAsBelow ? count($runs) - 1 : count($runs)][] = $coat->coating->name();
        }

        return $runs === [] ? new Said('piece.coat-plan.bare') : new Said('piece.coat-plan.coats', [
            'runs' => array_values(array_map(fn (array $run): Said => count($run) > 1
                ? new Said('piece.coat-plan.several', [
                    'count' => Quantity::count(count($run)), 'coat' => $run[0],
                ]) : Said::lower($run[0]), $runs)),
        ]);
    }

    public function first(): ?Coating
    {
        return $this->coats[0]->coating ?? null;
    }

    /**
     * What its first coat does to each colour on its zones, once that has dried.
     *
     * @param  list<Mark>  $marks
     * @return list<array{Mark, PairVerdict}>
     */
    public function overColours(array $marks, Compatibility $pairs): array
    {
        $first = $this->first();
        if ($first === null) {
            return [];
        }
        $verdicts = [];
        foreach ($marks as $mark) {
            if ($mark->stain !== null && in_array($mark->band->on->face(), $this->zones, true)) {
                $verdicts[] = [
                    $mark,
                    $pairs->of(
                        $mark->stain, $first, Between::hours($mark->stain->coatFromHours),
                    ),
                ];
            }
        }

        return $verdicts;
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'zones' => Face::names($this->zones),
            'layers' => array_map(fn (Coat $coat): array => $coat->toArray(), $this->coats),
            'buff' => $this->buff !== null,
            'buff_with' => $this->buff?->value,
        ] + ($this->sheen === null ? [] : ['sheen' => $this->sheen->value])
            + ($this->when === null ? [] : ['when' => $this->when->value]);
    }
}
