<?php

declare(strict_types=1);

namespace Tests\Load;

/** What became of it: how long each answer took, how often there was none, and every press. */
final class Told
{
    /** What is going on meanwhile. */
    public string $phase = '';

    /** @var array<string, self> each told by itself, too */
    public array $phases = [];

    /** @var array{read: list<float>, press: list<float>} seconds */
    public array $times = ['read' => [], 'press' => []];

    /** @var array<int, int> how often each answer came; 0 where there was none */
    public array $statuses = [];

    /** @var list<Press> */
    public array $presses = [];

    public int $hungUp = 0;

    public function answered(string $what, int $status, float $seconds): void
    {
        if ($this->phase !== '') {
            ($this->phases[$this->phase] ??= new self)->answered($what, $status, $seconds);
        }
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        if ($status >= 200 && $status < 500) {
            $this->times[$what][] = $seconds;
        }
    }

    /** Error pages, which nobody should ever see. */
    public function errors(): int
    {
        return ($this->statuses[500] ?? 0) + ($this->statuses[419] ?? 0) + ($this->statuses[401] ?? 0);
    }

    public function none(): int
    {
        return array_sum(array_intersect_key($this->statuses, [0 => 0, 502 => 0, 503 => 0, 504 => 0]));
    }

    /** Milliseconds, below which that share of the answers were. */
    public function ms(float $share, string ...$what): float
    {
        $all = array_merge(...array_map(fn (string $one): array => $this->times[$one], $what ?: ['read', 'press']));
        sort($all);

        return $all === [] ? 0.0 : 1000 * $all[(int) min(count($all) - 1, floor($share * count($all)))];
    }

    public function line(): string
    {
        ksort($this->statuses);

        return sprintf(
            'pages p50 %4.0f p95 %5.0f p99 %5.0f   presses p50 %4.0f p95 %5.0f p99 %5.0f ms   %s',
            $this->ms(0.5, 'read'), $this->ms(0.95, 'read'), $this->ms(0.99, 'read'),
            $this->ms(0.5, 'press'), $this->ms(0.95, 'press'), $this->ms(0.99, 'press'),
            implode(', ', array_map(
                fn (int $status, int $n): string => ($status === 0 ? 'none' : "$status")." $n",
                array_keys($this->statuses), $this->statuses,
            )),
        );
    }
}
