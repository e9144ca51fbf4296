<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use HonestGrain\Safety\Hazard;

/** What is done to one part in one mount, or between two. */
final readonly class RouteStage
{
    /**
     * @param  string  $drawing  the part as it sits
     * @param  list<PlannedStep>  $steps
     * @param  string|null  $gap  how long it rests before, where that is worth telling
     */
    public function __construct(
        public string $part,
        public string $mount,
        public string $drawing,
        public array $steps,
        public ?string $gap,
    ) {
    }

    /**
     * What to mind at a step, and for how many more; empty where it is the same as at the one before, which says it.
     *
     * @param  int  $at  its place among the steps
     */
    public function cautions(int $at, Show $show): string
    {
        $here = $this->hazards($at);
        $isToldBefore = $at > 0 && ! $this->steps[$at - 1]->is_next && $this->hazards($at - 1) === $here;
        if ($here === [] || $isToldBefore) {
            return '';
        }
        $more = 0;
        while (isset($this->steps[$at + $more + 1]) && $this->hazards($at + $more + 1) === $here) {
            $more++;
        }
        $titles = implode(' · ', array_map(
            fn (Hazard $hazard): string => $show->said($hazard->title()), $this->steps[$at]->details->hazards,
        ));

        return match ($more) {
            0 => $titles,
            1 => say('view.route-page.and-the-one-after', ['titles' => $titles]),
            default => say('view.route-page.and-the-next', ['titles' => $titles, 'more' => $more]),
        };
    }

    /** @return list<string> */
    private function hazards(int $at): array
    {
        return array_map(fn (Hazard $hazard): string => $hazard->value, $this->steps[$at]->details->hazards);
    }
}
