<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Stance;
use HonestGrain\Reading\Copy;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Route\Supplies;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/**
 * One thing done to one place by a technique, before it is known when and in which mount.
 *
 * @internal
 */
final readonly class Operation
{
    /** @var array<string, true> states that it leaves, by name */
    private array $leaves;

    /** @var array<string, true> states that it spoils, by name */
    private array $spoils;

    public function __construct(
        public string $id,
        public StepKind $kind,
        public string $part,
        public Doing $doing,
        public Timing $timing,
        public StepWords $words,
        public Setup $setup = new Setup,
        public Supplies $supplies = new Supplies,
    ) {
        $this->leaves = array_fill_keys(array_column($doing->character->leaves, 'name'), true);
        $this->spoils = array_fill_keys(array_column($doing->character->spoils, 'name'), true);
    }

    /** The same off the lathe, where what it was done on is gone. */
    public function byHand(): self
    {
        if (! $this->work()->isOnLathe() || in_array(Stance::Foot, $this->setup->stances ?? [], true)
            || $this->faces() === [Face::Foot]) {
            return $this;
        }

        return Copy::with($this, [
            'setup' => new Setup(
                Work::Lap, hazards: $this->setup->hazards, hold: new Said('route.operation.hand-what-held-off'),
            ),
        ]);
    }

    /** How the part is held for it. */
    public function work(): Work
    {
        return $this->setup->work ?? $this->doing->character->work;
    }

    /** Whether it takes the part off what held it. */
    public function partsOff(): bool
    {
        return $this->doing->technique->key() === 'part-off';
    }

    /** How long the part is left alone after it: until what was laid on may be touched, what was filled in has set. */
    public function settling(): Wait
    {
        $isLonger = $this->timing->handling !== null
            && $this->timing->handling->minHours > $this->timing->wait->minHours;

        return match (true) {
            // What is spun while it is laid on is spun again once it has cooled.
            $this->kind === StepKind::Coat && $this->work() === Work::Spinning => Wait::none(),
            $this->timing->handling !== null && ($isLonger || $this->kind === StepKind::Coat
                || $this->kind === StepKind::WipeOff) => $this->timing->handling,
            $this->kind === StepKind::Cure || $this->kind === StepKind::Dry => Wait::none(),
            default => Wait::hours($this->timing->wait->minHours, null, $this->timing->wait->kinetics),
        };
    }

    /** Whether the part is spun, turned about or gripped for it. */
    public function handles(): bool
    {
        return $this->work()->isOnLathe() || $this->work() === Work::Lap
            || in_array($this->kind, [StepKind::Test, StepKind::FitLid, StepKind::Glue], true);
    }

    /** @return list<Face> */
    public function faces(): array
    {
        return $this->doing->faces();
    }

    public function touches(self $other): bool
    {
        return $this->doing->touches($other->doing);
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
        return $this->id === $name || in_array($name, $this->doing->of, true);
    }
}
