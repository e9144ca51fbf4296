<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Reading\Copy;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Said;

/** One step of a route: what is done where, with what, for how long, what it waits for and why it stands here. */
final readonly class Step
{
    public function __construct(
        public string $id,
        public StepKind $kind,
        public ?string $part,
        public StepWork $work,
        public StepTiming $timing,
        public StepSetup $setup,
        public StepWords $words,
    ) {
    }

    /** The title as it stands within a sentence, without what the reader of a chain of reasons can do without. */
    public function brief(): Said
    {
        return match ($this->kind) {
            StepKind::Foot => new Said('route.step.the-foot'),
            StepKind::Cure => new Said('route.step.full-cure'),
            StepKind::Dry => new Said('route.step.wood-drying'),
            default => $this->words->brief ?? Said::lower($this->words->title),
        };
    }

    /**
     * The same step after these others.
     *
     * @param  list<Lag>  $after
     */
    public function after(array $after): self
    {
        return Copy::with($this, ['timing' => Copy::with($this->timing, ['after' => $after])]);
    }

    /** The same, going on through the breaks of a day that are no longer than this. */
    public function through(float $hours): self
    {
        return Copy::with($this, ['timing' => Copy::with($this->timing, ['throughHours' => $hours])]);
    }

    /** The same, the part staying on the lathe for another step. */
    public function mountedUntil(string $next): self
    {
        return Copy::with($this, ['setup' => Copy::with($this->setup, ['mountedUntil' => $next])]);
    }

    /** @return list<string> what its part has while mounted: a chuck body; where it stays in none, the lathe too */
    public function holds(): array
    {
        return $this->setup->mount?->comesOffWhole() === false ? [Shop::MOUNTS, Shop::LATHE] : [Shop::MOUNTS];
    }

    /** Steps with one key can be done in one go: the same product, or the same kind of work. */
    public function batch(): ?string
    {
        return match ($this->kind) {
            StepKind::Coat => $this->work->supplies->product,
            // Dusted off together is dusty again before the last of them is coated.
            StepKind::DustOff, StepKind::Cure, StepKind::Ready, StepKind::Dry => null,
            default => $this->kind->value,
        };
    }

    /** What the next step waits; on a step that is itself a wait (buff, foot, cure) what it has waited for. */
    private function waitsHere(): Wait
    {
        $longest = $this->timing->wait;
        foreach ($this->kind->isAWait() ? $this->timing->after : [] as $lag) {
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
            'id' => $this->id, 'part' => $this->part, 'zone' => implode(', ', $this->work->zones()),
            'technique' => $this->work->technique,
            'kind' => $this->kind->value, 'title' => $this->words->title,
            'minutes' => round($this->timing->minutes, 1),
            'wait' => self::waitArray($this->waitsHere()),
            'mount' => $this->setup->mount?->value,
            'hold' => $this->setup->hold,
            'hazards' => array_map(fn (Hazard $hazard): string => $hazard->value, $this->setup->hazards),
            'because' => $this->words->because,
            'product' => $this->work->supplies->product,
            'amount' => $this->work->supplies->amount?->toArray(),
            'amount_unit' => $this->work->supplies->amount?->unit->value,
            'amount_ml' => $this->work->supplies->amount?->ml() === null ? null : round(
                $this->work->supplies->amount->ml(), 1,
            ),
            'speed_rpm' => $this->setup->rpm,
            'how' => $this->words->how, 'reckoning' => $this->words->reckoning,
            'sheets' => $this->work->supplies->abrading === null ? null
                : (object) $this->work->supplies->abrading->sheets,
            'reasons' => array_map(fn (Reason $one): array => [
                'after' => $one->after, 'because' => $one->because, 'bends' => $one->bends,
            ], $this->timing->reasons),
            'after' => array_map(fn (Lag $lag): string => $lag->task, $this->timing->after),
            'waits' => array_map(
                fn (Lag $lag): array => ['after' => $lag->task] + self::hoursOf($lag->wait), $this->timing->after,
            ),
        ];
    }
}
