<?php

declare(strict_types=1);

namespace App\Planning;

use App\Figures\SandingRecord;
use App\Models\EntryKind;
use App\Models\Kept\SandingFactors;
use App\Models\LogEntry;
use App\Models\Workshop;
use HonestGrain\Abrasive\Learnt;
use HonestGrain\Abrasive\Method;
use HonestGrain\Calibration\Learning;
use HonestGrain\Calibration\Scatter;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Schedule\Questions;
use HonestGrain\Wood\Pore;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** What the bench says of the model of sanding: a shop's own records, and the factors that they come to. */
final readonly class Learner
{
    /** Older records say less of today's hands and sheets. */
    private const MOST_RECORDS = 400;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** Works the factors out anew from the log; what is derived can always be made again. */
    public function derive(Workshop $workshop): void
    {
        $minutes = $discs = [];
        foreach ($this->records($workshop) as $record) {
            $minutes[$record->key] = [...$minutes[$record->key] ?? [], ...$record->minutesRatio === null
                ? [] : [$record->minutesRatio]];
            $discs[$record->key] = [...$discs[$record->key] ?? [], ...$record->discsRatio === null
                ? [] : [$record->discsRatio]];
        }
        $workshop->update(['learnt' => new SandingFactors($this->factors($minutes), $this->factors($discs))]);
    }

    /**
     * @param  array<string, list<float>>  $ratios  by method and family
     * @return array<string, float> those that change something
     */
    private function factors(array $ratios): array
    {
        $figures = $this->catalogue->calibration()->learning;

        return array_filter(
            array_map(fn (array $of): float => Learning::from($of, $figures)->factor, $ratios),
            fn (float $factor): bool => $factor !== 1.0,
        );
    }

    /** Takes a factor out of the plans, or back into them; the records stay. */
    public function use(Workshop $workshop, Method $method, Pore $family, bool $is): void
    {
        $key = Learnt::key($method, $family);
        $workshop->update(['unlearnt' => array_values(
            $is ? array_diff($workshop->unlearnt, [$key]) : array_unique([...$workshop->unlearnt, $key]),
        )]);
    }

    /** How far this shop's work runs off its plan, by what was timed; until then by what is taken for any. */
    public function scatter(Workshop $workshop): Scatter
    {
        $ratios = $this->done($workshop)->whereNotNull('log_entries.minutes')
            ->get(['log_entries.id', 'log_entries.minutes', 'log_entries.facts'])
            ->map(fn (LogEntry $entry): float => $entry->minutes / max(0.01, $entry->facts->planned->minutes ?? 0.0));

        return Scatter::from(
            array_values($ratios->all()), Questions::SPREAD, $this->catalogue->calibration()->learning,
        );
    }

    /** @return Collection<int, SandingRecord> the newest first, without what was taken back */
    public function records(Workshop $workshop): Collection
    {
        return $this->done($workshop)->where('log_entries.is_sanding', true)->with('piece:id,name')->get()
            ->map(SandingRecord::of(...))->filter()->values()->toBase();
    }

    /** @return Builder<LogEntry> what was done, the newest first, without what was taken back */
    private function done(Workshop $workshop): Builder
    {
        return LogEntry::query()->from('log_entries')->where('log_entries.workshop_id', $workshop->id)
            ->where('log_entries.kind', EntryKind::Done)
            ->whereNotExists(fn ($query) => $query->from('log_entries as later')->whereColumn(
                'later.undoes_id', 'log_entries.id',
            ))->latest('log_entries.id')->limit(self::MOST_RECORDS);
    }
}
