<?php

declare(strict_types=1);

namespace Tests\Load;

use RuntimeException;

/** Somebody at a bench of their own, who signs in once and then presses what is next. */
final class Maker
{
    private string $cookie = '';

    private string $token = '';

    private int $pressed = 0;

    private int $weighed = 0;

    /**
     * @param  list<list<int>>  $toDo  numbers of the steps of each piece, in their order
     * @param  float  $grams  what the blank weighed last
     * @param  int  $run  of two in one database each has its own
     * @param  string|null  $from  the address that its requests come from
     */
    public function __construct(
        public readonly string $base,
        private readonly string $email,
        private readonly string $password,
        private readonly int $workshop,
        private array $toDo,
        private readonly int $blank,
        private readonly float $grams,
        private readonly int $run,
        private readonly ?string $from = null,
    ) {
    }

    public function signIn(): void
    {
        $curl = $this->handle('/sign-in', [
            CURLOPT_POSTFIELDS => http_build_query(['email' => $this->email, 'password' => $this->password]),
            CURLOPT_HEADER => true,
        ], []);
        $answer = (string) curl_exec($curl);
        preg_match_all('/^set-cookie: ([^=]+)=([^;\s]+)/mi', $answer, $found, PREG_SET_ORDER);
        $cookies = array_column($found, 2, 1);
        if (! str_contains($answer, '/bench')) {
            throw new RuntimeException("$this->email cannot sign in: ".strtok($answer, "\r\n"));
        }
        $this->token = urldecode($cookies['XSRF-TOKEN'] ?? '');
        $this->cookie = implode('; ', array_map(
            fn (string $name, string $value): string => "$name=$value", array_keys($cookies), $cookies,
        ));
    }

    /** The next press: of three, one is a note, one a weight, one the next step of some piece. */
    public function next(): Press
    {
        $n = $this->pressed++;
        $once = substr(hash('sha256', "$this->email $this->run $n"), 0, 32);
        $piece = intdiv($n, 3) % max(1, count($this->toDo));
        $step = $this->toDo[$piece][0] ?? null;
        $grams = sprintf('%.2f', $this->grams + $this->weighed / 100);
        if ($n % 3 === 1) {
            $this->weighed++;

            return new Press(
                Sort::Weight, $this->workshop, '/rack/weigh',
                ['number' => (string) $this->blank, 'mass' => $grams, 'pressed_at' => (string) time()],
                $grams,
            );
        }
        if ($n % 3 === 2 && count($this->toDo[$piece] ?? []) > 1) {
            array_shift($this->toDo[$piece]);

            return new Press(
                Sort::Done, $this->workshop, "/steps/$step/done",
                ['once' => $once, 'sure' => '1', 'found' => 'hard'], $once,
            );
        }

        return new Press(
            Sort::Note, $this->workshop, "/steps/$step/note", ['once' => $once, 'body' => "Under load: $once"],
            "Under load: $once",
        );
    }

    /** @param  array<int, mixed>  $more */
    public function reads(string $path, array $more = []): \CurlHandle
    {
        return $this->handle($path, $more, ["Cookie: $this->cookie"]);
    }

    /** @param  array<int, mixed>  $more */
    public function presses(Press $press, array $more = []): \CurlHandle
    {
        return $this->handle($press->path, $more + [CURLOPT_POSTFIELDS => http_build_query($press->fields)], [
            "Cookie: $this->cookie", "X-XSRF-TOKEN: $this->token", 'X-Press: 1', 'Accept: application/json',
        ]);
    }

    /**
     * @param  array<int, mixed>  $more
     * @param  list<string>  $headers
     */
    private function handle(string $path, array $more, array $headers): \CurlHandle
    {
        $curl = curl_init($this->base.$path);
        curl_setopt_array($curl, $more + [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT_MS => 30_000, CURLOPT_NOSIGNAL => true,
            CURLOPT_HTTPHEADER => $headers,
        ] + ($this->from === null ? [] : [CURLOPT_INTERFACE => $this->from]));

        return $curl;
    }
}
