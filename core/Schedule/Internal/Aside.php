<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Something that is worked out beside what this process does, in a process of its own, and answered once.
 *
 * @internal
 */
final class Aside
{
    /** @param  resource  $answer */
    private function __construct(private readonly int $process, private $answer)
    {
    }

    /** How many things this machine can work out at once; 1 where it cannot be told or a process cannot be split. */
    public static function atOnce(): int
    {
        $machine = self::canSplit() && is_readable('/proc/cpuinfo') ? file('/proc/cpuinfo') : false;
        $cores = $machine === false ? [] : preg_grep('/^processor\s*:/', $machine);

        return max(1, count($cores === false ? [] : $cores));
    }

    private static function canSplit(): bool
    {
        return function_exists('pcntl_fork') && function_exists('posix_kill');
    }

    /**
     * @param  callable(): object  $work  what it answers can be serialised
     * @return self|null null where this machine will not have another process
     */
    public static function begin(callable $work): ?self
    {
        $pair = self::canSplit() ? stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0) : false;
        $process = $pair === false ? -1 : pcntl_fork();
        if ($pair === false || $process < 0) {
            return null;
        }
        fclose($pair[$process === 0 ? 0 : 1]);
        if ($process > 0) {
            return new self($process, $pair[0]);
        }
        try {
            fwrite($pair[1], serialize($work()));
        } finally {
            // Without a word: what this process shares with the other one is not its own to close.
            posix_kill(posix_getpid(), SIGKILL);
        }

        return null;
    }

    /** Does without the answer. */
    public function leave(): null
    {
        posix_kill($this->process, SIGKILL);
        fclose($this->answer);
        pcntl_waitpid($this->process, $status);

        return null;
    }

    /**
     * Waits for the answer.
     *
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T|null null where none came
     */
    public function answer(string $class): ?object
    {
        $written = stream_get_contents($this->answer);
        fclose($this->answer);
        pcntl_waitpid($this->process, $status);
        $answer = $written === false || $written === '' ? null : unserialize($written);

        return $answer instanceof $class ? $answer : null;
    }
}
