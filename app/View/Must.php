<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use Illuminate\Support\Carbon;

/** A step that cannot be left until tomorrow, or whose window the plan has given up. */
final readonly class Must
{
    /**
     * @param  Carbon|null  $by  when it must be begun; null where its piece is late however soon that is
     * @param  bool  $isGivenUp  whether its window closes then and is not kept
     * @param  bool  $isShutThen  whether nobody works then
     */
    public function __construct(
        public PlannedStep $step,
        public ?Carbon $by,
        public bool $isGivenUp,
        public bool $isShutThen,
    ) {
    }

    public function isPast(): bool
    {
        return $this->by?->isPast() === true && ! $this->isGivenUp;
    }

    /** The second until which a page counts; null where there is nothing to count. */
    public function counts(): ?int
    {
        return $this->by?->isFuture() === true && ! $this->isGivenUp ? (int) $this->by->timestamp : null;
    }

    /** ", before", ", late already", with what to do where its window is past. */
    public function says(): string
    {
        return match (true) {
            $this->isGivenUp && $this->by?->isFuture() === true => say(
                $this->isShutThen ? 'view.must.given-up-shut' : 'view.must.given-up-busy',
            ),
            $this->by === null => say('view.must.late-already'),
            $this->by->isPast() && ($this->isGivenUp || $this->step->closes_at?->isPast() === true) => say(
                'view.must.scuff-first',
            ),
            $this->by->isPast() => say('view.must.was-to-begin'),
            default => say('view.must.by'),
        };
    }
}
