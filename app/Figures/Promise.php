<?php

declare(strict_types=1);

namespace App\Figures;

use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** When one more piece like another could be ready. */
final readonly class Promise
{
    /**
     * @param  Carbon|null  $nothingMoved  all others exactly as planned; null where it fits nowhere so
     * @param  Carbon|null  $nothingLate  the earliest at which no other is late that is not, or later that is
     * @param  list<TriedDate>  $moved  the pieces that move for that
     * @param  Said|null  $trouble  why it has no date at all
     */
    public function __construct(
        public ?Carbon $nothingMoved,
        public ?Carbon $nothingLate,
        public array $moved,
        public ?Said $trouble,
    ) {
    }
}
