<?php

declare(strict_types=1);

namespace Tests\Load;

use Closure;

/** Makers who look and press, each with a pause to think; what gets no answer is sent again under its key. */
final class Crowd
{
    public const PAGES = ['/bench', '/weeks', '/pieces', '/rack'];

    private const AGAIN_SECONDS = 0.4;

    private const LONGEST_AFTER_SECONDS = 60;

    private readonly \CurlMultiHandle $multi;

    /** @var array<int, array{int, Press|null, float, bool}> by handle: maker, press, since when, whether it hangs up */
    private array $running = [];

    /** @var array<int, float> when each maker goes on */
    private array $next = [];

    /** @var array<int, Press|null> what each has still to send */
    private array $unanswered = [];

    /**
     * @param  list<Maker>  $makers
     * @param  array{float, float}  $think  seconds between two presses
     * @param  float  $presses  share of what they do that is written down
     * @param  float  $hangUps  share of the presses whose answer nobody hears
     */
    public function __construct(
        private readonly array $makers,
        private readonly Chance $chance,
        private readonly array $think = [1.0, 3.0],
        private readonly float $presses = 0.2,
        private readonly float $hangUps = 0.0,
    ) {
        $this->multi = curl_multi_init();
    }

    /**
     * For so long; then whatever has no answer yet is sent until it has one, but no longer than a minute more.
     *
     * @param  Closure(float, Told): bool|null  $meanwhile  called some hundred times a second with the seconds since it
     *                                                      began; as long as it says so, it is not over
     */
    public function work(float $seconds, ?Closure $meanwhile = null): Told
    {
        $told = new Told;
        $began = microtime(true);
        foreach (array_keys($this->makers) as $who) {
            $this->next[$who] = $began + $this->chance->between(0.0, $this->think[1]);
        }
        for ($isOver = false; ;) {
            $since = microtime(true) - $began;
            if (! $isOver) {
                $goesOn = $meanwhile !== null && $meanwhile($since, $told);
                $isOver = $since >= $seconds && ! $goesOn;
                $seconds = max($seconds, $since);
            }
            $isAnswered = array_filter($this->unanswered) === [] || $since > $seconds + self::LONGEST_AFTER_SECONDS;
            if ($isOver && $this->running === [] && $isAnswered) {
                return $told;
            }
            foreach ($this->next as $who => $at) {
                if ($at <= microtime(true) && (! $isOver || ($this->unanswered[$who] ?? null) !== null)) {
                    $this->send($who, $told);
                }
            }
            curl_multi_exec($this->multi, $active);
            while ($done = curl_multi_info_read($this->multi)) {
                $this->heard($done['handle'], $told);
            }
            curl_multi_select($this->multi, 0.004);
        }
    }

    private function send(int $who, Told $told): void
    {
        $press = $this->unanswered[$who] ?? null;
        if ($press === null && $this->chance->happens($this->presses)) {
            $told->presses[] = $press = $this->unanswered[$who] = $this->makers[$who]->next();
        }
        $hangsUp = $press !== null && $this->chance->happens($this->hangUps);
        $more = $hangsUp ? [CURLOPT_TIMEOUT_MS => (int) $this->chance->between(5, 120)] : [];
        $curl = $press === null
            ? $this->makers[$who]->reads($this->chance->one(self::PAGES))
            : $this->makers[$who]->presses($press, $more);
        $press === null || $press->sent++;
        $this->running[spl_object_id($curl)] = [$who, $press, microtime(true), $hangsUp];
        $this->next[$who] = INF;
        curl_multi_add_handle($this->multi, $curl);
    }

    private function heard(\CurlHandle $curl, Told $told): void
    {
        [$who, $press, $at, $hangsUp] = $this->running[spl_object_id($curl)];
        unset($this->running[spl_object_id($curl)]);
        $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $body = (string) curl_multi_getcontent($curl);
        curl_multi_remove_handle($this->multi, $curl);
        $now = microtime(true);
        if ($hangsUp && $status === 0) {
            $told->hungUp++;
        } else {
            $told->answered($press === null ? 'read' : 'press', $status, $now - $at);
        }
        $isAnswer = $status >= 200 && $status < 500 && $status !== 429;
        if ($press !== null && $isAnswer) {
            $press->status = $status;
            $press->said = $status === 200 ? '' : substr($body, 0, 300);
            $this->unanswered[$who] = null;
        }
        $this->next[$who] = $now + ($isAnswer ? $this->chance->between(...$this->think) : self::AGAIN_SECONDS);
    }
}
