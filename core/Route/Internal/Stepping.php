<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\Speed;
use HonestGrain\Reading\Copy;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Reason;
use HonestGrain\Route\Shop;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepSetup;
use HonestGrain\Route\StepTiming;
use HonestGrain\Route\StepWork;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Lag;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/**
 * An operation as the step it becomes in the mount it is done in.
 *
 * @internal
 */
final readonly class Stepping
{
    private bool $isOn;

    public function __construct(
        private Operation $operation,
        private Stage $stage,
        private PartProgress $so,
        private PartContext $subject,
    ) {
        $this->isOn = $stage->position->isOnLathe();
    }

    /**
     * @param  list<Lag>  $after
     * @param  list<Reason>  $reasons
     */
    public function step(array $after, array $reasons): Step
    {
        $operation = $this->operation;
        $timing = $operation->timing;
        $words = $operation->words;
        $speed = $this->speed();

        return new Step(
            id: $operation->id, kind: $operation->kind, part: $operation->part,
            work: new StepWork(
                $operation->doing->technique->key(), $operation->doing->on ?? $operation->faces(),
                array_values(array_unique([$operation->part, ...$operation->doing->of])), $operation->supplies,
                $operation->doing->band,
            ),
            timing: new StepTiming(
                minutes: ceil($timing->minutes - 1e-9), after: $after,
                wait: $timing->wait->minHours > 0 || $timing->wait->maxHours !== null
                    ? $timing->wait : $timing->handling ?? $timing->wait,
                reasons: $reasons, dustFree: $this->subject->bench->sharesAir ? $timing->dustFree : null,
                isDusty: $operation->doing->usual->isDusty,
            ),
            setup: new StepSetup(
                hold: $this->hold(), needs: $operation->kind === StepKind::Cure ? []
                    : $this->needs(), hazards: $this->hazards(),
                mount: $this->mount(), rpm: $speed?->rpm, stage: $this->so->stage,
                footOut: $this->isOn && $this->stage->position->stance->footOut(),
            ),
            words: Copy::with($words, [
                'title' => in_array($operation->kind, [
                    StepKind::Own, StepKind::Ready, StepKind::FitLid, StepKind::Glue,
                ], true) ? $words->title : $this->subject->title($words->title),
                'brief' => $words->brief ?? Said::lower($words->title),
                'reckoning' => $speed === null ? $words->reckoning : [...$words->reckoning, $speed->said()],
            ]),
        );
    }

    private function mount(): Mount
    {
        return match (true) {
            $this->isOn => $this->stage->position->mount,
            $this->operation->work() === Work::Points => Mount::Points,
            default => Mount::Lap,
        };
    }

    /** @return array<string, int> of what the shop has */
    private function needs(): array
    {
        $isSprayed = in_array(Hazard::SprayMist, $this->operation->setup->hazards, true);

        return [Shop::TURNER => 1]
            + ($this->isOn || $this->isOnWheel() ? [Shop::LATHE => 1, Shop::MOUNTS => 1] : [])
            + ($isSprayed ? [Shop::SPRAY => 1] : []) + $this->air();
    }

    /** Held in the hands against a wheel that the lathe turns. */
    private function isOnWheel(): bool
    {
        return $this->operation->kind === StepKind::Buff && $this->operation->work() === Work::Lap;
    }

    /** No faster than the hold and the lathe take. */
    private function speed(): ?Speed
    {
        $figures = $this->subject->calibration->speed;
        $position = $this->stage->position;

        $setup = $this->operation->setup;
        // What is mended and has set does not hold the lathe down any more.
        $speed = $setup->whenSound !== null && $this->subject->isSoundBy($this->so->mended)
            ? $setup->whenSound : $setup->speed;

        return $this->isOn ? $speed?->under(
            // A slender tenon takes less than the jaws do.
            $this->subject->holdAt($position->stance)?->most,
            ...$this->subject->bench->equipment->speeds(
                $figures, $position->mount, $this->subject->part->profile->diameterMm(),
                $position->stance !== Stance::Truing,
            ),
        ) : null;
    }

    /**
     * @return array<string, int> of the air that wet coats and dust share, where the shop dries in the room it works in
     */
    private function air(): array
    {
        return match (true) {
            ! $this->subject->bench->sharesAir => [],
            $this->operation->timing->dustFree !== null => [Shop::AIR => 1],
            $this->operation->doing->usual->isDusty => [Shop::AIR => Shop::ALL_AIR],
            default => [],
        };
    }

    private function hold(): Said
    {
        $operation = $this->operation;
        $holding = $this->subject->part->holding;
        $own = $operation->setup->hold;
        $on = match ($this->stage->position->stance) {
            Stance::Main, Stance::Far => $holding->mounted(),
            Stance::Foot => $this->subject->hasPoles() ? new Said('route.poles.in-cups')
                : $holding->hold($this->stage->position->mount),
            Stance::First, Stance::Truing => $this->subject->isInPartner() ? Holding::Tenon->mounted()
                : $this->stage->position->mount->label(),
            Stance::Off => null,
        };

        return match (true) {
            $on !== null => Said::at($on, match (true) {
                $operation->work() === Work::Hand => new Said('route.layout.lathe-stopped'),
                $own !== null && ! $operation->kind->isMark() => $own,
                $operation->work() === Work::Locked => new Said('route.layout.locked-index'),
                default => new Said('technique.spinning'),
            }),
            $own !== null => $own,
            $operation->kind === StepKind::Coat && $operation->faces() === [Face::Foot] => new Said(
                'route.layout.upside-down-soft-pad',
            ),
            $operation->work() === Work::Points => $holding->drying(
                $this->so->isReleased || $operation->partsOff() || ! $this->subject->isPartedOff(),
            ),
            default => new Said('route.layout.on-the-bench'),
        };
    }

    /** @return list<Hazard> */
    private function hazards(): array
    {
        $operation = $this->operation;
        $wood = $this->subject->part->wood;
        $isSpun = $this->isOn && $operation->work() === Work::Spinning;
        $isPinned = $this->isOn && $operation->work() === Work::Locked && $operation->kind->isMark();
        $own = array_filter(
            $operation->doing->usual->hazards,
            fn (Hazard $hazard): bool => $hazard !== Hazard::Lathe || $isSpun || $this->isOnWheel(),
        );
        $ofWood = $operation->kind === StepKind::Denib ? [] : [Hazard::Dust, Hazard::ofDust($wood)];
        $all = array_merge([], ...array_map(
            fn (Hazard $hazard): array => in_array($hazard, $ofWood, true) ? Hazard::allOfDust($wood) : [$hazard],
            // The pin is still in when it is done.
            [...$own, ...$operation->setup->hazards, ...$this->chips(), ...$isPinned ? [Hazard::BeforeSwitch] : []],
        ));
        $first = $isSpun && ! in_array(Hazard::Lathe, $all, true) ? [Hazard::Lathe] : [];

        return array_values(array_unique([...$first, ...$all], SORT_REGULAR));
    }

    /**
     * Dry or harmful wood is dusty under the edge, too.
     *
     * @return list<Hazard>
     */
    private function chips(): array
    {
        return $this->operation->doing->usual->makesChips
            && (! $this->subject->isWet() || $this->subject->part->wood->nature->dust->harms()) ? [Hazard::Dust] : [];
    }
}
