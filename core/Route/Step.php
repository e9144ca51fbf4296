<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\FilmKind;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;

/** One step of a route: what is done where, with what, for how long, what it waits for and why it stands here. */
final readonly class Step
{
    /**
     * @param  list<Lag>  $after
     * @param  Wait  $wait  what the next step on the same surface waits
     * @param  array<string, int>  $needs
     * @param  list<Hazard>  $hazards
     * @param  list<string>  $how  short lines of instruction
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public string $zone,
        public string $title,
        public float $minutes,
        public array $after,
        public Wait $wait,
        public string $waitFor,
        public array $needs,
        public string $hold,
        public string $because,
        public array $hazards = [],
        public array $how = [],
        public ?string $product = null,
        public ?float $amountMl = null,
        public ?int $rpm = null,
        public ?FilmKind $film = null,
    ) {
    }

    /** The title as it stands within a sentence, without what the reader of a chain of reasons can do without. */
    public function brief(): string
    {
        return match ($this->kind) {
            StepKind::Coat => $this->zone === 'foot' ? 'the foot\'s coat' : (string) preg_replace('/^.*(coat \d+ of \d+).*$/', '$1', $this->title),
            StepKind::Foot => 'the foot',
            StepKind::Cure => 'full cure',
            default => lcfirst(explode(',', $this->title)[0]),
        };
    }

    /** Steps with one key can be done in one go: the same product, or the same kind of work. */
    public function batch(): ?string
    {
        return match ($this->kind) {
            StepKind::Coat => $this->product,
            StepKind::Cure, StepKind::Ready => null,
            default => $this->kind->value,
        };
    }

    /** @return array<string, mixed> as in the answer of `bin/grain route` */
    public function toArray(): array
    {
        $noWait = $this->wait->minHours <= 0 && $this->wait->maxHours === null;

        return [
            'id' => $this->id, 'zone' => $this->zone, 'kind' => $this->kind->value, 'title' => $this->title,
            'minutes' => round($this->minutes, 1),
            'wait' => $noWait ? null : ['min_hours' => round($this->wait->minHours, 2), 'max_hours' => $this->wait->maxHours === null ? null : round($this->wait->maxHours, 2)],
            'hold' => $this->hold,
            'hazards' => array_map(fn (Hazard $hazard): string => $hazard->value, $this->hazards),
            'because' => $this->because,
            'product' => $this->product,
            'amount_ml' => $this->amountMl === null ? null : round($this->amountMl, 1),
            'speed_rpm' => $this->rpm,
            'how' => $this->how,
            'after' => array_map(fn (Lag $lag): string => $lag->task, $this->after),
        ];
    }
}
