<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\Abrading;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Holding\Mount;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Said;

/** One step of a route: what is done where, with what, for how long, what it waits for and why it stands here. */
final readonly class Step
{
    /**
     * @param  list<Lag>  $after
     * @param  Wait  $wait  what the next step on the same surface waits
     * @param  array<string, int>  $needs
     * @param  list<Hazard>  $hazards
     * @param  list<Said>  $how  short lines of instruction
     * @param  string  $zone  the faces or the band it is done on, parted by commas
     * @param  list<string>  $of  the ids of the document that it goes with
     * @param  list<Reason>  $reasons  why it comes after others
     * @param  int  $stage  number of the mount or the rest between mounts that it belongs to, within its part
     * @param  Wait|null  $dustFree  until dust no longer sticks to it
     * @param  string|null  $mountedUntil  the step of the same mount that follows, for which the part stays on the
     *     lathe
     * @param  bool  $isDusty  whether it throws dust that a wet coat would catch
     * @param  Said|null  $brief  the title within a chain of reasons
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public ?string $part,
        public string $zone,
        public Said $title,
        public float $minutes,
        public array $after,
        public Wait $wait,
        public ?Said $waitFor,
        public array $needs,
        public Said $hold,
        public Said $because,
        public array $hazards = [],
        public array $how = [],
        public ?string $product = null,
        public ?Amount $amount = null,
        public ?int $rpm = null,
        public ?FilmKind $film = null,
        public string $technique = 'own',
        public ?Mount $mount = null,
        public array $of = [],
        public ?Said $brief = null,
        public array $reasons = [],
        public int $stage = 0,
        public ?Wait $dustFree = null,
        public bool $isDusty = false,
        public ?string $mountedUntil = null,
        public ?Abrading $abrading = null,
    ) {
    }

    /** The title as it stands within a sentence, without what the reader of a chain of reasons can do without. */
    public function brief(): Said
    {
        return match ($this->kind) {
            StepKind::Foot => new Said('route.step.the-foot'),
            StepKind::Cure => new Said('route.step.full-cure'),
            StepKind::Dry => new Said('route.step.wood-drying'),
            default => $this->brief ?? Said::lower($this->title),
        };
    }

    /**
     * The same step after these others.
     *
     * @param  list<Lag>  $after
     */
    public function after(array $after): self
    {
        return new self(
            $this->id, $this->kind, $this->part, $this->zone, $this->title, $this->minutes, $after, $this->wait,
            $this->waitFor, $this->needs, $this->hold, $this->because, $this->hazards, $this->how, $this->product,
            $this->amount, $this->rpm, $this->film, $this->technique, $this->mount, $this->of, $this->brief,
            $this->reasons, $this->stage, $this->dustFree, $this->isDusty, $this->mountedUntil,
            $this->abrading,
        );
    }

    /** The same, the part staying on the lathe for another step. */
    public function mountedUntil(string $next): self
    {
        return new self(
            $this->id, $this->kind, $this->part, $this->zone, $this->title, $this->minutes, $this->after, $this->wait,
            $this->waitFor, $this->needs, $this->hold, $this->because, $this->hazards, $this->how, $this->product,
            $this->amount, $this->rpm, $this->film, $this->technique, $this->mount, $this->of, $this->brief,
            $this->reasons, $this->stage, $this->dustFree, $this->isDusty, $next,
            $this->abrading,
        );
    }

    /** Steps with one key can be done in one go: the same product, or the same kind of work. */
    public function batch(): ?string
    {
        return match ($this->kind) {
            StepKind::Coat => $this->product,
            StepKind::Cure, StepKind::Ready, StepKind::Dry => null,
            default => $this->kind->value,
        };
    }

    /** What the next step waits; on a step that is itself a wait (buff, foot, cure) what it has waited for. */
    private function waitsHere(): Wait
    {
        $longest = $this->wait;
        foreach ($this->kind->isAWait() ? $this->after : [] as $lag) {
            $longest = $lag->wait->minHours > $longest->minHours ? $lag->wait : $longest;
        }

        return $longest;
    }

    /** @return array{min_hours: float, max_hours: float|null}|null */
    private static function waitArray(Wait $wait): ?array
    {
        return $wait->minHours <= 0 && $wait->maxHours === null ? null : self::hoursOf($wait);
    }

    /** @return array{min_hours: float, max_hours: float|null} reference hours */
    private static function hoursOf(Wait $wait): array
    {
        return [
            'min_hours' => round($wait->minHours, 2),
            'max_hours' => $wait->maxHours === null ? null : round($wait->maxHours, 2),
        ];
    }

    /** @return array<string, mixed> as in the answer of `bin/grain route` */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'part' => $this->part, 'zone' => $this->zone, 'technique' => $this->technique,
            'kind' => $this->kind->value, 'title' => $this->title,
            'minutes' => round($this->minutes, 1),
            'wait' => self::waitArray($this->waitsHere()),
            'mount' => $this->mount?->value,
            'hold' => $this->hold,
            'hazards' => array_map(fn (Hazard $hazard): string => $hazard->value, $this->hazards),
            'because' => $this->because,
            'product' => $this->product,
            'amount' => $this->amount?->toArray(),
            'amount_unit' => $this->amount?->unit->value,
            'amount_ml' => $this->amount?->ml() === null ? null : round($this->amount->ml(), 1),
            'speed_rpm' => $this->rpm,
            'how' => $this->how,
            'sheets' => $this->abrading === null ? null : (object) $this->abrading->sheets,
            'reasons' => array_map(fn (Reason $one): array => [
                'after' => $one->after, 'because' => $one->because, 'bends' => $one->bends,
            ], $this->reasons),
            'after' => array_map(fn (Lag $lag): string => $lag->task, $this->after),
            'waits' => array_map(
                fn (Lag $lag): array => ['after' => $lag->task] + self::hoursOf($lag->wait), $this->after,
            ),
        ];
    }
}
