<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Method;
use HonestGrain\Calibration\Learning;
use HonestGrain\Wood\Pore;
use HonestGrain\Words\Quantity;

/** One way of sanding on one family of wood: what was learnt, whether it is used, and from which records. */
final readonly class LearntRow
{
    /** @param  list<array{string, string, string, string}>  $records */
    public function __construct(
        public Method $method,
        public Pore $family,
        public Learning $minutes,
        public Learning $discs,
        public bool $isUsed,
        public array $records,
    ) {
    }

    public function name(Show $show): string
    {
        return LearntPage::name($this->method, $this->family, $show);
    }

    /** "1.25 × the model's, from 6 records (median 1.42)" */
    public function told(Learning $of): string
    {
        return $of->records === 0 ? say('view.learnt-row.no-record-yet-model')
            : say('view.learnt-row.model-from-median', [
                'factor' => number_format($of->factor, 2), 'records' => Quantity::count($of->records),
                'median' => number_format($of->median, 2),
            ]);
    }
}
