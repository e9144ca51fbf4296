<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Position;
use HonestGrain\Holding\Stance;
use HonestGrain\Reading\Copy;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;

/**
 * How far one part has come while its route is laid out.
 *
 * @internal
 */
final readonly class PartProgress
{
    /** @var list<string> the repairs that are done */
    public array $mended;

    /**
     * @param  list<string>  $open  steps of its stage before, which nothing in that stage follows
     * @param  list<string>  $settling  operations after which it is left alone for a while
     * @param  int  $stage  number of its stage; −1 before the first
     * @param  bool|null  $isOn  whether its stage is on the lathe; null before the first
     * @param  Stance|null  $heldLast  how it was held on the lathe last
     * @param  int|null  $turned  how often it was turned round; null until it is held at all
     * @param  bool  $isReleased  whether it is off what held it
     */
    public function __construct(
        public array $open = [],
        public array $settling = [],
        public int $stage = -1,
        public ?bool $isOn = null,
        public ?Stance $sits = null,
        public ?Stance $heldLast = null,
        public ?int $turned = null,
        public bool $isReleased = false,
    ) {
        $this->mended = [];
    }

    /** At its next stage: what is off the lathe and stays off is in the stage it was in. */
    public function begun(bool $isOn): self
    {
        return Copy::with($this, [
            'isOn' => $isOn, 'stage' => $this->stage + (int) ($isOn || $this->isOn !== false),
        ]);
    }

    /** @param  list<string>  $steps  that the next stage comes after */
    public function open(array $steps): self
    {
        return Copy::with($this, ['open' => $steps]);
    }

    public function sitting(Stance $stance): self
    {
        return $this->sits === $stance ? $this : Copy::with($this, ['sits' => $stance]);
    }

    /** Held on the lathe by a step, after which all comes that is done there. */
    public function mounted(string $step, Stance $stance, bool $isTurned): self
    {
        return Copy::with($this, [
            'open' => [$step], 'heldLast' => $stance, 'turned' => ($this->turned ?? 0) + (int) $isTurned,
        ]);
    }

    /** After an operation: parted off by it, and left alone for a while, if so. */
    public function after(Operation $operation): self
    {
        $settles = $operation->settling()->minHours > 0 || $operation->timing->pressing !== null;
        $partsOff = $operation->partsOff();

        $isRepair = $operation->kind === StepKind::Repair;

        return ! $settles && ! $partsOff && ! $isRepair ? $this : Copy::with($this, [
            'mended' => $isRepair ? [...$this->mended, $operation->id] : $this->mended,
            'settling' => $settles ? [...$this->settling, $operation->id] : $this->settling,
            'isReleased' => $this->isReleased || $partsOff,
        ]);
    }

    /** As a step that was really done leaves it; one that is to be done again has only moved it. */
    public function done(Step $step, Position $position, bool $isVoid, ?Operation $operation): self
    {
        return Copy::with($this, [
            'open' => $isVoid ? $this->open : [$step->id],
            'settling' => $isVoid || $operation === null ? $this->settling : [...$this->settling, $step->id],
            'sits' => $position->stance,
            'isReleased' => $this->isReleased || ($operation?->partsOff() === true && ! $isVoid),
            'mended' => $step->kind === StepKind::Repair && ! $isVoid ? [...$this->mended, $step->id] : $this->mended,
            'stage' => $step->setup->stage,
            'isOn' => $position->isOnLathe(),
            'turned' => ($this->turned ?? 0) + (int) ($step->work->technique === 'reverse'),
        ]);
    }
}
