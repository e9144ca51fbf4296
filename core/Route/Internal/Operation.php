<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Abrasive\Abrading;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Holding\Stance;
use HonestGrain\Route\StepKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Need;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/**
 * One thing done to one place by a technique, before it is known when and in which mount.
 *
 * @internal
 */
final readonly class Operation
{
    public Wait $wait;

    public Work $work;

    /** @var list<Need> */
    public array $needs;

    /** @var array<string, true> states that it leaves, by name */
    private array $leaves;

    /** @var array<string, true> states that it spoils, by name */
    private array $spoils;

    /**
     * @param  list<Place>  $places
     * @param  float  $rank  where it stands among what is free, smaller first
     * @param  Wait|null  $wait  before anything else is done to the same place
     * @param  Wait|null  $handling  before the part may be spun, turned over or taken in the hand
     * @param  Wait|null  $pressing  before a padded hold may press on it; null where handling is enough
     * @param  list<Hazard>  $hazards
     * @param  list<Said>  $how
     * @param  list<string>  $of  ids of the document that it goes with
     * @param  Work|null  $work  how it is held, where not as its technique says
     * @param  Wait|null  $dustFree  until dust no longer sticks in it
     * @param  list<Stance>|null  $stances  the only positions it is done in, where its faces do not decide
     * @param  bool  $stiffens  whether it only stiffens the wood, so that sanding may follow it
     * @param  Character|null  $character  what it needs and leaves, where not as its technique usually does
     */
    public function __construct(
        public string $id,
        public Technique $technique,
        public StepKind $kind,
        public string $part,
        public array $places,
        public Said $title,
        public float $minutes,
        public Said $because,
        public float $rank,
        ?Wait $wait = null,
        public ?Said $waitFor = null,
        public ?Wait $handling = null,
        public array $hazards = [],
        public array $how = [],
        public array $of = [],
        public ?string $product = null,
        public ?Amount $amount = null,
        public ?FilmKind $film = null,
        public ?int $rpm = null,
        ?Work $work = null,
        public ?string $zone = null,
        public ?Said $hold = null,
        public ?Said $brief = null,
        public ?Wait $dustFree = null,
        public bool $stiffens = false,
        public ?array $stances = null,
        public ?Abrading $abrading = null,
        public ?Wait $pressing = null,
        ?Character $character = null,
    ) {
        $this->wait = $wait ?? Wait::none();
        $character ??= $technique->character();
        $this->work = $work ?? $character->work;
        $this->needs = $character->needs;
        $this->leaves = array_fill_keys(array_column($character->leaves, 'name'), true);
        $this->spoils = array_fill_keys(array_column($character->spoils, 'name'), true);
    }

    /** The same off the lathe, where what it was done on is gone. */
    public function byHand(): self
    {
        if (! $this->work->isOnLathe() || in_array(Stance::Foot, $this->stances ?? [], true)
            || $this->faces() === ['foot']) {
            return $this;
        }

        return new self(
            $this->id, $this->technique, $this->kind, $this->part, $this->places, $this->title, $this->minutes,
            $this->because, $this->rank, $this->wait, $this->waitFor, $this->handling, $this->hazards, $this->how,
            $this->of, $this->product, $this->amount, $this->film, null, Work::Lap, $this->zone,
            new Said('route.operation.hand-what-held-off'), $this->brief, $this->dustFree, $this->stiffens,
            abrading: $this->abrading, pressing: $this->pressing,
        );
    }

    /** How long the part is left alone after it: until what was laid on may be touched, what was filled in has set. */
    public function settling(): Wait
    {
        $isLonger = $this->handling !== null && $this->handling->minHours > $this->wait->minHours;

        return match (true) {
            // What is spun while it is laid on is spun again once it has cooled.
            $this->kind === StepKind::Coat && $this->work === Work::Spinning => Wait::none(),
            $this->handling !== null && ($isLonger || $this->kind === StepKind::Coat
                || $this->kind === StepKind::WipeOff) => $this->handling,
            $this->kind === StepKind::Cure || $this->kind === StepKind::Dry => Wait::none(),
            default => Wait::hours($this->wait->minHours, null, $this->wait->kinetics),
        };
    }

    /** Whether the part is spun, turned about or gripped for it. */
    public function handles(): bool
    {
        return $this->work->isOnLathe() || $this->work === Work::Lap
            || in_array($this->kind, [StepKind::Test, StepKind::FitLid, StepKind::Glue], true);
    }

    /** @return list<string> */
    public function faces(): array
    {
        return array_values(array_unique(array_map(fn (Place $place): string => $place->face, $this->places)));
    }

    public function touches(self $other): bool
    {
        foreach ($this->places as $place) {
            foreach ($other->places as $their) {
                if ($place->touches($their)) {
                    return true;
                }
            }
        }

        return false;
    }

    public function leaves(State $state): bool
    {
        return isset($this->leaves[$state->name]);
    }

    public function spoils(State $state): bool
    {
        return isset($this->spoils[$state->name]);
    }

    public function isNamed(string $name): bool
    {
        return $this->id === $name || in_array($name, $this->of, true);
    }
}
