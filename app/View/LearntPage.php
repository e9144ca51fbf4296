<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\SandingRecord;
use App\Models\Workshop;
use HonestGrain\Abrasive\Learnt;
use HonestGrain\Abrasive\Method;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\Learning;
use HonestGrain\Wood\Pore;
use HonestGrain\Words\Said;
use Illuminate\Support\Collection;

/** What the bench has taught a shop: each factor beside the model's, with the records behind it. */
final readonly class LearntPage
{
    private const SHOWN = 8;

    /** @param  Collection<int, SandingRecord>  $records */
    public function __construct(
        private Workshop $workshop,
        private Collection $records,
        private Calibration $calibration,
        private Show $show,
    ) {
    }

    /** @return list<LearntRow> those with the most records first */
    public function rows(): array
    {
        $figures = $this->calibration->learning;
        $ratios = fn (Collection $of, string $what): array => array_values(array_filter(
            $of->pluck($what)->all(), fn (?float $ratio): bool => $ratio !== null,
        ));
        $rows = $this->records->groupBy('key')->map(function (Collection $of) use ($figures, $ratios): LearntRow {
            /** @var SandingRecord $first */
            $first = $of->first();

            return new LearntRow(
                $first->method, $first->family, Learning::from($ratios($of, 'minutesRatio'), $figures),
                Learning::from($ratios($of, 'discsRatio'), $figures),
                ! in_array(Learnt::key($first->method, $first->family), $this->workshop->unlearnt, true),
                array_values($of->take(self::SHOWN)->map($this->record(...))->all()),
            );
        });

        return array_values($rows->sortByDesc(
            fn (LearntRow $row): int => $row->minutes->records + $row->discs->records,
        )->all());
    }

    /** "hand-sanding, open-pored wood" */
    public static function name(Method $method, Pore $family, Show $show): string
    {
        return mb_ucfirst($show->said($method->label())).', '.match ($family) {
            Pore::Open => say('view.learnt-page.open-pored-wood'),
            Pore::Fine => say('view.learnt-page.fine-pored-wood'),
            Pore::Softwood => say('view.learnt-page.softwood'),
        };
    }

    public function why(): string
    {
        return $this->show->said(new Said('figures.learnt'));
    }

    /** @return array{string, string, string, string} day, what, minutes and discs against the model's */
    private function record(SandingRecord $record): array
    {
        $times = fn (?float $ratio): string => $ratio === null ? '–' : number_format($ratio, 2).' ×';

        return [
            $this->show->calendarDay($record->entry->happened_at),
            ($record->entry->piece->name ?? '').': '.$this->show->said($record->entry->title),
            $times($record->minutesRatio), $times($record->discsRatio),
        ];
    }
}
