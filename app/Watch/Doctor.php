<?php

declare(strict_types=1);

namespace App\Watch;

use App\Models\Workshop;
use App\Pictures\PhotoStore;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Queue\Queue;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Looks an installation over: what is wrong with it comes with what mends it (`lang/en/admin.php`). */
final readonly class Doctor
{
    private const EXTENSIONS = ['curl', 'gd', 'intl', 'mbstring', 'pdo_mysql', 'xml', 'zend opcache', 'zip'];

    /** Clocks of app and database further apart than this put a step before the one that it follows. */
    private const MOST_APART_SECONDS = 5.0;

    /** A full year's photographs of a busy shop. */
    private const LITTLE_ROOM_BYTES = 1_000_000_000;

    /** A plan takes seconds; what has waited so long is stuck. */
    private const WAITED_SECONDS = 600;

    /** One is made a day. */
    private const BACKUP_SECONDS = 2 * 86_400;

    private const KEY_BYTES = 32;

    private const LEAST_PHP = '8.2.0';

    public function __construct(
        private DatabaseProbe $database,
        private RedisProbe $redis,
        private Migrator $migrator,
        private Queue $queue,
        private Repository $cache,
        private Installation $installation,
        private MailProbe $mail,
        private PhotoStore $photos,
        private DailyBackup $backups,
    ) {
    }

    /** @return list<Finding> */
    public function look(): array
    {
        return [...$this->php(), ...$this->settings(), ...$this->disk(), ...$this->database(), ...$this->mail(),
            ...$this->backups()];
    }

    /** @return list<Finding> */
    private function php(): array
    {
        $loaded = array_map(strtolower(...), get_loaded_extensions());
        $missing = array_values(array_diff(self::EXTENSIONS, $loaded));

        return [
            Finding::of('php', version_compare(PHP_VERSION, self::LEAST_PHP, '>='), ['version' => PHP_VERSION]),
            Finding::of('extensions', $missing === [], ['missing' => implode(', ', $missing)]),
            Finding::of('built', is_file(public_path('build/manifest.json'))),
        ];
    }

    /** @return list<Finding> */
    private function settings(): array
    {
        $key = (string) config('app.key');
        $bytes = strlen((string) base64_decode(substr($key, strlen('base64:')), true));

        return [
            Finding::of('key', str_starts_with($key, 'base64:') && $bytes === self::KEY_BYTES),
            Finding::of('debug', config('app.debug') !== true),
            Finding::hint('https', str_starts_with((string) config('app.url'), 'https:'), [
                'address' => (string) config('app.url'),
            ]),
        ];
    }

    /** @return list<Finding> */
    private function disk(): array
    {
        $photos = $this->installation->photos;
        $free = Disk::free($photos);
        $says = ['folder' => $photos, 'gigabytes' => number_format($free / 1e9, 1)];

        return [
            Finding::of('photographs', $this->photos->takes(), ['folder' => $this->photos->where]),
            $free < Disk::LEAST_BYTES ? Finding::of('disk', false, $says)
                : Finding::hint('disk', $free >= self::LITTLE_ROOM_BYTES, $says),
            Finding::of('logs', Disk::isWritable(storage_path('logs')), ['folder' => storage_path('logs')]),
        ];
    }

    /** @return list<Finding> */
    private function database(): array
    {
        try {
            $version = $this->database->version();
        } catch (Throwable $e) {
            return [Finding::of('database', false, ['why' => $e->getMessage()])];
        }
        $apart = $this->database->aheadSeconds();
        $says = ['version' => $version, 'why' => ''];
        if (! $this->database->answers()) {
            return [Finding::of('cluster', false)];
        }

        return [
            Finding::of('database', true, $says),
            Finding::of('clock', abs($apart) <= self::MOST_APART_SECONDS, ['seconds' => number_format($apart, 1)]),
            ...$this->tables(),
        ];
    }

    /** @return list<Finding> */
    private function tables(): array
    {
        $files = array_keys($this->migrator->getMigrationFiles(database_path('migrations')));
        $ran = $this->migrator->repositoryExists() ? $this->migrator->getRepository()->getRan() : [];
        $pending = count(array_diff($files, $ran));
        $isWhole = Finding::of('migrations', $pending === 0, ['count' => $pending]);

        if ($ran === []) {
            return [$isWhole];
        }
        $isThere = $this->redis->isUsed() ? $this->redis->answers() : null;
        $redis = $isThere === null ? [] : [Finding::of('redis', $isThere)];

        return [$isWhole, ...$this->zones(), ...$redis, ...($isThere === false ? [] : $this->work())];
    }

    /** @return list<Finding> a zone that this PHP does not know any more would stop every page of its shop */
    private function zones(): array
    {
        $unknown = Workshop::query()->distinct()->whereNotIn('time_zone', timezone_identifiers_list(
            \DateTimeZone::ALL_WITH_BC,
        ))->pluck('time_zone');

        return [Finding::of('zones', $unknown->isEmpty(), [
            'unknown' => $unknown->implode(', '), 'version' => timezone_version_get(),
        ])];
    }

    /** @return list<Finding> */
    private function work(): array
    {
        $made = method_exists($this->queue, 'creationTimeOfOldestPendingJob')
            ? $this->queue->creationTimeOfOldestPendingJob('default') : null;
        $waited = $made === null ? 0 : time() - $made;
        $failed = DB::table('failed_jobs')->count();
        $beats = [];
        foreach (Beat::cases() as $beat) {
            $seconds = $beat->seconds($this->cache);
            $isWell = $seconds !== null && $seconds <= Beat::STILL_SECONDS;
            $beats[] = Finding::of($beat->value, $isWell, ['seconds' => $seconds ?? -1]);
        }

        return [
            ...$beats,
            Finding::of('waiting', $waited <= self::WAITED_SECONDS, ['minutes' => intdiv($waited, 60)]),
            Finding::hint('failed', $failed === 0, ['count' => $failed]),
        ];
    }

    /** @return list<Finding> none where something else makes them */
    private function backups(): array
    {
        $last = $this->backups->lastAt();

        return $this->backups->isOn ? [Finding::hint(
            'backups', $last !== null && $last > time() - self::BACKUP_SECONDS, ['folder' => $this->backups->folder],
        )] : [];
    }

    /** @return list<Finding> */
    private function mail(): array
    {
        $why = $this->mail->fault();

        return [
            $this->mail->isKeptInLog() ? Finding::hint('mail-log', false)
                : Finding::of('mail', $why === null, ['why' => $why ?? '']),
        ];
    }
}
