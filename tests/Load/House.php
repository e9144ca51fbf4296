<?php

declare(strict_types=1);

namespace Tests\Load;

use RuntimeException;

/** A shop that runs by bin/start in a folder of its own, and can be hurt. */
final class House
{
    private const STARTS_WITHIN_SECONDS = 180;

    /** @var resource */
    private $process;

    private function __construct(
        private readonly string $root,
        private readonly string $state,
        private readonly int $port,
    ) {
    }

    public static function in(string $root, string $state, int $port): self
    {
        $house = new self($root, $state, $port);
        $house->begin();
        $house->waitUntilItServes();

        return $house;
    }

    public function url(): string
    {
        return "http://127.0.0.1:$this->port";
    }

    public function begin(): void
    {
        $out = ['file', "$this->state/output", 'a'];
        $this->process = proc_open(
            ["$this->root/bin/start", '--port', (string) $this->port], [['file', '/dev/null', 'r'], $out, $out], $pipes,
            $this->root, ['HONEST_GRAIN_STATE' => $this->state] + self::surroundings(),
        ) ?: throw new RuntimeException('bin/start does not begin.');
    }

    public function waitUntilItServes(): void
    {
        for ($until = time() + self::STARTS_WITHIN_SECONDS; time() < $until; usleep(100_000)) {
            if (is_file("$this->state/environment") && @file_get_contents($this->url().'/ready') !== false) {
                return;
            }
        }
        throw new RuntimeException("It does not serve:\n".file_get_contents("$this->state/output"));
    }

    /**
     * Nothing of whoever runs this: a check's own database, which writes to the disk when it likes, would lose what was
     * answered.
     *
     * @return array<string, string>
     */
    private static function surroundings(): array
    {
        return array_filter(
            getenv(), fn (string $name): bool => in_array($name, ['PATH', 'HOME', 'LANG', 'USER', 'TMPDIR'], true)
                || preg_match('/^(COMPOSER|npm|NODE|.*_(PROXY|proxy|CERTS?|BUNDLE|CA_.*))/', $name) === 1,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @return array<string, string> what its parts are told
     *
     * @throws RuntimeException while it is being begun
     */
    public function settings(): array
    {
        $settings = [];
        $lines = is_file("$this->state/environment") ? file("$this->state/environment", FILE_IGNORE_NEW_LINES) : false;
        foreach ($lines ?: throw new RuntimeException('It is being begun.') as $line) {
            [$name, $value] = explode('=', $line, 2);
            $settings[$name] = stripslashes($value);
        }

        return $settings;
    }

    public function artisan(string ...$arguments): void
    {
        $process = proc_open(
            [PHP_BINARY, "$this->root/artisan", ...$arguments], [['file', '/dev/null', 'r'], STDERR, STDERR], $pipes,
            $this->root, $this->settings() + self::surroundings(),
        );
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException('artisan '.implode(' ', $arguments).' failed.');
        }
    }

    public function hurt(Part $part): void
    {
        $pids = match ($part) {
            Part::Database => $this->written('database.pid'),
            Part::Children => Processes::children(...$this->written('web/fpm.pid')),
            Part::Pages => $this->written('web/fpm.pid'),
            Part::Front => [
                ...Processes::children(...$this->written('web/nginx.pid')), ...$this->written('web/nginx.pid'),
            ],
            Part::Worker => Processes::children(...array_slice($this->written('worker.pid'), 0, 1)),
            Part::Clock => Processes::children(...array_slice($this->written('worker.pid'), 1)),
            Part::Together => [...$this->written('database.pid'), ...$this->written('web/fpm.pid')],
            Part::House => $this->all(),
        };
        array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $pids);
        if ($part === Part::House) {
            proc_close($this->process);
            @unlink("$this->state/environment");
            $this->begin();
        }
    }

    public function end(): void
    {
        $status = proc_get_status($this->process);
        posix_kill($status['pid'], SIGTERM);
        proc_close($this->process);
    }

    /** @return list<int> */
    private function written(string $file): array
    {
        return array_map(intval(...), array_filter(explode("\n", (string) @file_get_contents("$this->state/$file"))));
    }

    /** @return list<int> everything that was begun for this folder, and bin/start itself */
    private function all(): array
    {
        $groups = [...$this->written('server.pid'), ...$this->written('worker.pid')];
        $found = [];
        foreach (glob('/proc/[0-9]*/environ') ?: [] as $file) {
            $pid = (int) explode('/', $file)[2];
            // What names itself anew, as nginx does, has no environment to be read.
            $is = str_contains((string) @file_get_contents($file), "HONEST_GRAIN_STATE=$this->state\0")
                || in_array(posix_getpgid($pid), $groups, true);
            if ($is && $pid !== getmypid()) {
                $found[] = $pid;
            }
        }

        return $found;
    }
}
