<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;
use PDOException;
use Throwable;

/**
 * What met another change and was rolled back by the database is done once more, from the start: every transaction,
 * and every statement outside of one. Several servers that share one set of rows meet each other only as they commit.
 */
final class PatientConnection extends MariaDbConnection
{
    public const MOST_TRIES = 8;

    /** The longest wait before the second try; twice as long before the third, and so on up to the fifth. */
    private const FIRST_WAIT_MS = 8;

    private const DOUBLED = 4;

    private ?TouchedModels $touched = null;

    /** Of a model that is about to be written: what it held is kept for as long as its transaction may begin again. */
    public function touches(Model $model): void
    {
        $this->touched?->note($model);
    }

    /**
     * @template T
     *
     * @param  Closure(static): T  $callback
     * @param  int<1, max>  $attempts
     * @return T
     *
     * @throws Throwable
     */
    public function transaction(Closure $callback, $attempts = self::MOST_TRIES)
    {
        // Within another one, that one begins again.
        if ($this->touched !== null) {
            return parent::transaction($callback, 1);
        }
        $this->touched = $touched = new TouchedModels;
        $tries = 0;
        try {
            return parent::transaction(function (self $connection) use ($callback, $touched, &$tries): mixed {
                if ($tries > 0) {
                    $touched->asTheyWere();
                    $this->wait($tries);
                }
                $tries++;

                return $callback($connection);
            }, $attempts);
        } finally {
            $this->touched = null;
        }
    }

    /**
     * A statement that stands alone and was rolled back has done nothing yet.
     *
     * @param  array<array-key, mixed>  $bindings
     */
    protected function handleQueryException(QueryException $e, $query, $bindings, Closure $callback)
    {
        for ($tries = 1; $this->transactions === 0; $tries++) {
            if ($tries === self::MOST_TRIES || ! $this->causedByConcurrencyError($e)) {
                break;
            }
            $this->wait($tries);
            try {
                return $this->runQueryCallback($query, $bindings, $callback);
            } catch (QueryException $again) {
                $e = $again;
            }
        }

        return parent::handleQueryException($e, $query, $bindings, $callback);
    }

    /**
     * A commit that was refused has ended its transaction in the database, whatever the reason; a worker that asked for
     * it has not heard of that, and could begin no other.
     */
    protected function handleCommitTransactionException(Throwable $e, $currentAttempt, $maxAttempts)
    {
        $pdo = $this->getPdo();
        if ($pdo->inTransaction()) {
            try {
                $pdo->rollBack();
            } catch (PDOException) {
                // The connection is gone, and its transaction with it.
            }
        }
        parent::handleCommitTransactionException($e, $currentAttempt, $maxAttempts);
    }

    /** Two that met would meet again if both waited the same. */
    private function wait(int $tries): void
    {
        usleep(random_int(0, 1000 * self::FIRST_WAIT_MS * 2 ** min($tries, self::DOUBLED)));
    }
}
