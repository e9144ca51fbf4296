<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Database\ConnectionInterface;
use Throwable;

/** Whether the database takes questions now, not only connections. */
final readonly class DatabaseProbe
{
    public function __construct(private ConnectionInterface $connection)
    {
    }

    /** One of several that has lost the others still answers `select 1`, and refuses everything else. */
    public function answers(): bool
    {
        try {
            return (int) $this->connection->scalar('select 1') === 1 && $this->isWithTheOthers();
        } catch (Throwable) {
            return false;
        }
    }

    /** Where it stands alone there are no others. */
    private function isWithTheOthers(): bool
    {
        return $this->says('variables', 'wsrep_on') !== 'ON' || $this->says('status', 'wsrep_ready') === 'ON';
    }

    private function says(string $of, string $name): string
    {
        return (string) $this->connection->table("information_schema.global_$of")
            ->where('variable_name', $name)->value('variable_value');
    }

    public function version(): string
    {
        return (string) $this->connection->scalar('select version()');
    }

    /** How far its clock is ahead of this machine's, in seconds. */
    public function aheadSeconds(): float
    {
        $before = microtime(true);
        $theirs = (float) $this->connection->scalar('select unix_timestamp(now(6))');

        return $theirs - ($before + microtime(true)) / 2;
    }
}
