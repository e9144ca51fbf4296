<?php

declare(strict_types=1);

namespace App\Watch;

use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Queue\Queue;
use Illuminate\Support\Facades\DB;
use Throwable;

/** What an operator's own tools follow, in the Prometheus text format; docs/running.md says what each is. */
final readonly class Metrics
{
    public const TYPE = 'text/plain; version=0.0.4';

    private const PREFIX = 'honest_grain_';

    private const QUEUES = ['default', 'leisure'];

    /** php-fpm's own figures, and what they are called here. */
    private const SERVER = [
        'accepted-conn' => ['http_accepted_total', 'counter'], 'active-processes' => ['http_busy', 'gauge'],
        'idle-processes' => ['http_idle', 'gauge'], 'listen-queue' => ['http_waiting', 'gauge'],
        'max-children-reached' => ['http_all_busy_total', 'counter'], 'slow-requests' => ['http_slow_total', 'counter'],
    ];

    public function __construct(
        private DatabaseProbe $database,
        private Queue $queue,
        private Repository $cache,
        private Installation $installation,
    ) {
    }

    /** A database that is gone leaves out what only it knows. */
    public function text(): string
    {
        $isUp = $this->database->answers();
        $lines = [
            ...$this->one('info', 'gauge', 1, ['version' => $this->installation->version]),
            ...$this->one('database_up', 'gauge', (int) $isUp),
            ...$this->beats(),
            ...$this->one('disk_free_bytes', 'gauge', (int) Disk::free($this->installation->photos)),
            ...$this->server(),
        ];
        try {
            $lines = [...$lines, ...($isUp ? [...$this->work(), ...$this->kept()] : [])];
        } catch (Throwable) {
            $lines = [...$lines, ...$this->one('incomplete', 'gauge', 1)];
        }

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> */
    private function beats(): array
    {
        $lines = ['# TYPE '.self::PREFIX.'beat_seconds gauge'];
        foreach (Beat::cases() as $beat) {
            $seconds = $beat->seconds($this->cache);
            $lines[] = self::line('beat_seconds', $seconds ?? 'NaN', ['of' => $beat->value]);
        }

        return $lines;
    }

    /** @return list<string> */
    private function work(): array
    {
        $waiting = ['# TYPE '.self::PREFIX.'jobs_waiting gauge'];
        $oldest = ['# TYPE '.self::PREFIX.'oldest_job_seconds gauge'];
        foreach (self::QUEUES as $name) {
            $made = method_exists($this->queue, 'creationTimeOfOldestPendingJob')
                ? $this->queue->creationTimeOfOldestPendingJob($name) : null;
            $waiting[] = self::line('jobs_waiting', $this->queue->size($name), ['queue' => $name]);
            $oldest[] = self::line('oldest_job_seconds', $made === null ? 0 : time() - $made, ['queue' => $name]);
        }

        return [
            ...$waiting, ...$oldest, ...$this->one('jobs_failed', 'gauge', DB::table('failed_jobs')->count()),
        ];
    }

    /** @return list<string> */
    private function kept(): array
    {
        $pieces = ['# TYPE '.self::PREFIX.'pieces gauge'];
        $counts = Piece::query()->toBase()->select('state')->selectRaw('count(*) as n')->groupBy('state')->get();
        foreach ($counts as $count) {
            $pieces[] = self::line('pieces', (int) $count->n, ['state' => (string) $count->state]);
        }

        return [
            ...$this->one('workshops', 'gauge', Workshop::query()->count()),
            ...$this->one('people', 'gauge', User::query()->count()),
            ...$pieces,
            ...$this->one('log_entries_total', 'counter', LogEntry::query()->count()),
        ];
    }

    /** @return list<string> none where another server than php-fpm answers */
    private function server(): array
    {
        $status = function_exists('fpm_get_status') ? fpm_get_status() : false;
        $lines = [];
        foreach ($status === false ? [] : self::SERVER as $key => [$name, $type]) {
            $lines = [...$lines, ...$this->one($name, $type, (int) ($status[$key] ?? 0))];
        }

        return $lines;
    }

    /**
     * @param  array<string, string>  $labels
     * @return list<string>
     */
    private function one(string $name, string $type, int $value, array $labels = []): array
    {
        return ['# TYPE '.self::PREFIX."$name $type", self::line($name, $value, $labels)];
    }

    /** @param  array<string, string>  $labels */
    private static function line(string $name, int|string $value, array $labels = []): string
    {
        $of = [];
        foreach ($labels as $label => $is) {
            $of[] = $label.'="'.addcslashes($is, "\\\"\n").'"';
        }

        return self::PREFIX.$name.($of === [] ? '' : '{'.implode(',', $of).'}')." $value";
    }
}
