<?php

declare(strict_types=1);

// Used by bin/bench. Every figure is a median over the runs; a page's ratio is to an empty page asked beside it.

[, $what, $where, $runs] = $argv;
$runs = (int) $runs;

function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

function row(string $name, float $ms, ?float $ratio = null): void
{
    printf("  %-34s %8.1f ms%s\n", $name, $ms, $ratio === null ? '' : sprintf('  %5.2f ×', $ratio));
}

/** Asks one server as one visitor: milliseconds, code and body. */
function asking(string $where, string $jar): Closure
{
    return function (string $path, ?array $post = null, array $headers = []) use ($where, $jar): array {
        $c = curl_init($where.$path);
        curl_setopt_array(
            $c,
            [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar,
                CURLOPT_FOLLOWLOCATION => true, CURLOPT_HTTPHEADER => $headers,
            ],
        );
        if ($post !== null) {
            curl_setopt($c, CURLOPT_POSTFIELDS, $headers === [] ? http_build_query($post) : json_encode($post));
        }
        // A quick machine asks for more in a minute than one maker may: it waits, and only what is answered is timed.
        do {
            $began = hrtime(true);
            $body = (string) curl_exec($c);
            $ms = (hrtime(true) - $began) / 1e6;
            $code = curl_getinfo($c, CURLINFO_RESPONSE_CODE);
            $wait = $code === 429 ? (int) curl_getinfo($c, CURLINFO_RETRY_AFTER) : 0;
            sleep($wait);
        } while ($wait > 0);
        curl_close($c);

        return [$ms, $code, $body];
    };
}

function signIn(Closure $ask): void
{
    $ask('/sign-in', ['email' => 'wren@brambleslip.example', 'password' => 'lapwing-on-the-slip']);
}

if ($what === 'pages') {
    $jar = tempnam(sys_get_temp_dir(), 'hg');
    $ask = asking($where, $jar);
    $other = tempnam(sys_get_temp_dir(), 'hg');
    $untuned = asking($argv[4], $other);
    signIn($untuned);
    $empties = [];
    $beside = function () use ($untuned, &$empties): void {
        $empties[] = $untuned('/empty')[0];
    };
    $against = function (string $name, array $times) use (&$empties): void {
        row($name, median($times), median($times) / median($empties));
    };
    $visit = [];
    for ($i = 0; $i < 3; $i++) {
        $visit[] = $ask('/demo', ['x' => 1])[0];
        preg_match('/name="csrf-token" content="([^"]+)"/', $ask('/bench')[2], $m);
        $ask('/sign-out', ['_token' => $m[1]]);
    }
    signIn($ask);
    preg_match('~/pieces/(\d+)/shape~', $ask('/pieces')[2], $p);
    $pages = [
        '/empty', '/bench', '/plan', '/pieces', '/pieces?state=done', '/weeks', '/rack', '/rack/weigh', '/shelf',
        '/lab', '/shop', '/shop/climate', "/pieces/$p[1]/shape",
        "/pieces/$p[1]/surface", "/pieces/$p[1]/marks", "/pieces/$p[1]/coats", "/pieces/$p[1]/route",
        "/pieces/$p[1]/record",
    ];
    // One with marks of all kinds on it.
    if (preg_match('~/pieces/(\d+)/shape~', $ask('/pieces?q=Ebb')[2], $ebb) === 1) {
        $pages = [
            ...$pages, "/pieces/$ebb[1]/marks?mark=scales", "/pieces/$ebb[1]/marks?mark=tide-2",
            "/pieces/$ebb[1]/marks/band?technique=flutes&on=outer&from=20&to=60", "/pieces/$ebb[1]/mark-out",
            "/pieces/$ebb[1]/turned.json", "/pieces/$ebb[1]/marks/scales/template/svg", '/swatches',
        ];
    }
    $times = array_fill_keys($pages, []);
    // Each of the server's processes has met every page before the first that counts.
    for ($i = -8; $i < $runs; $i++) {
        foreach ($pages as $page) {
            [$ms, $code] = $ask($page);
            if ($code !== 200) {
                exit("$page answered $code\n");
            }
            if ($i >= 0) {
                $times[$page][] = $ms;
                $beside();
            }
        }
    }
    $against('an empty page, untuned', $empties);
    foreach ($pages as $page) {
        $name = mb_substr((string) preg_replace('~/\d+/~', '/…/', $page), 0, 34);
        $against($name, $times[$page]);
    }
    $body = json_decode($ask("/pieces/$p[1]/piece.json")[2], true)['parts'][0];
    preg_match('/name="csrf-token" content="([^"]+)"/', $ask('/bench')[2], $m);
    $drag = [];
    for ($i = 0; $i < $runs; $i++) {
        $drag[] = $ask(
            "/pieces/$p[1]/shape/preview", ['shape' => $body['shape']],
            ['Content-Type: application/json', "X-CSRF-TOKEN: $m[1]"],
        )[0];
        $beside();
    }
    $against('a dragged node (shape/preview)', $drag);
    $foreseen = [];
    for ($i = 0; $i < min(4, $runs); $i++) {
        [$ms, $code] = $ask('/pieces/foreseen?'.http_build_query([
            'name' => 'Tern dish', 'form' => 'shallow-bowl', 'wood' => 'Ash (white)', 'grain' => 'side',
            'moisture' => 10, 'purpose' => 'handled', 'starts_as' => 'blank', 'diameter' => 240 + $i, 'height' => 70,
            'foot' => 90, 'wall' => 7, 'recipe' => 'oiled-bowl', 'due' => date('Y-m-d', time() + 30 * 86_400),
        ]));
        if ($code !== 200) {
            exit("/pieces/foreseen answered $code\n");
        }
        $foreseen[] = $ms;
        $beside();
    }
    $against('a piece foreseen as one types', $foreseen);
    $tomorrow = date('Y-m-d', time() + 86_400);
    foreach ([
        'a what-if (a day away)' => '/weeks/try?'.http_build_query(['do' => ["away:$tomorrow:1"]]),
        'a promise of one more' => "/weeks/promise?like=$p[1]",
    ] as $name => $page) {
        $tried = [];
        for ($i = 0; $i < min(2, $runs); $i++) {
            [$ms, $code] = $ask($page);
            // A shop that is too full is told so.
            if ($code !== 200 && $code !== 422) {
                exit("$page answered $code\n");
            }
            $tried[] = $ms;
            $beside();
        }
        $against($name, $tried);
    }
    $zigzag = fn (float $by): array => array_map(
        fn (int $i): array => [$i * 2, $i % 2 === 1 ? 100 + $by : 100], range(0, 199),
    );
    foreach (['the most intricate shape allowed' => 5, 'a shape beyond the limit' => 400] as $name => $by) {
        $shape = [
            'outer' => $zigzag($by),
            'inner' => array_reverse(array_map(fn (array $n): array => [$n[0] + 8, $n[1] * 0.5], $zigzag($by))),
        ];
        $times = [];
        for ($i = 0; $i < $runs; $i++) {
            $times[] = $ask(
                "/pieces/$p[1]/shape/preview", ['shape' => $shape],
                ['Content-Type: application/json', 'Accept: application/json', "X-CSRF-TOKEN: $m[1]"],
            )[0];
        }
        $against($name, $times);
    }
    $press = $follows = [];
    for ($i = 0; $i < min($runs, 15); $i++) {
        $bench = $ask('/bench')[2];
        if (preg_match('~action="[^"]*/steps/(\d+)/done"~', $bench, $step) !== 1) {
            break;
        }
        preg_match('/name="csrf-token" content="([^"]+)"/', $bench, $m);
        $before = hrtime(true);
        $c = curl_init("$where/steps/$step[1]/done");
        curl_setopt_array(
            $c,
            [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar,
                CURLOPT_POSTFIELDS => http_build_query(['_token' => $m[1]]),
            ],
        );
        curl_exec($c);
        $code = curl_getinfo($c, CURLINFO_RESPONSE_CODE);
        $press[] = (hrtime(true) - $before) / 1e6;
        curl_close($c);
        $beside();
        if ($code !== 302) {
            exit("a press answered $code\n");
        }
        // How long until the plan that follows stands, as a page that waits for it hears.
        while (json_decode($ask('/plan')[2], true)['stale'] ?? true) {
            usleep(100_000);
        }
        $follows[] = (hrtime(true) - $before) / 1e6;
    }
    $against('a press of Done', $press);
    $against('  until the whole plan stands', $follows);
    $against('a demo for one visitor', $visit);
    array_map(unlink(...), [$jar, $other]);
}

if ($what === 'start') {
    $times = [];
    for ($i = -1; $i < $runs; $i++) {
        $began = hrtime(true);
        $process = proc_open(
            ["$where/bin/start", '--port', '18000'], [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes,
        );
        while (($line = fgets($pipes[1])) !== false && ! str_contains($line, 'Ctrl-C'));
        // The first run makes the files and seeds the demo; the others are what a maker waits for.
        if ($i >= 0) {
            $times[] = (hrtime(true) - $began) / 1e6;
        }
        proc_terminate($process);
        stream_get_contents($pipes[1]);
        proc_close($process);
    }
    row('bin/start, not for the first time', median($times));
}

if ($what === 'verbs') {
    $php = [];
    for ($i = -3; $i < $runs; $i++) {
        $began = hrtime(true);
        exec('php -r "exit;"');
        $php[$i] = (hrtime(true) - $began) / 1e6;
    }
    row('php alone (the process alone)', median($php), 1.0);
    $php = array_slice($php, 3);
    foreach ([
        'measure', 'emc', 'grits', 'ladder', 'mix', 'stack', 'cure', 'schedule', 'route', 'cut', 'bore', 'stock',
    ] as $verb) {
        exec("$where/bin/grain $verb --help", $lines);
        file_put_contents($file = tempnam(sys_get_temp_dir(), 'hg'), trim((string) end($lines)));
        $times = [];
        for ($i = -1; $i < $runs; $i++) {
            $began = hrtime(true);
            exec("$where/bin/grain $verb $file", $out, $code);
            if ($code !== 0) {
                exit("$verb failed\n");
            }
            if ($i >= 0) {
                $times[] = (hrtime(true) - $began) / 1e6;
            }
        }
        unlink($file);
        row("bin/grain $verb", median($times), median($times) / median($php));
    }
}

if ($what === 'solvers') {
    require "$where/vendor/autoload.php";
    $table = HonestGrain\Catalogue\Catalogue::shipped()->abrasives();
    $grits = array_slice(
        [...$table->onScale(HonestGrain\Abrasive\Scale::Fepa), ...$table->onScale(HonestGrain\Abrasive\Scale::Cami)], 4,
        40,
    );
    $job = HonestGrain\Abrasive\SandingJob::of(120, 6.6, null, 90_000, HonestGrain\Abrasive\ScratchModel::on(
        HonestGrain\Catalogue\Catalogue::shipped()->calibration()->sanding, 6000, 3,
    ));
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $began = hrtime(true);
        HonestGrain\Abrasive\Progression::shortest($job, $grits, $table);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    row('a ladder from 40 abrasives', median($times));
    $model = $job->model;
    $four = [];
    foreach ([[120, 90_000], [80, 70_000], [40, 9_000], [200, 30_000]] as $i => [$mark, $area]) {
        $four["face $i"] = HonestGrain\Abrasive\SandingJob::of($mark, 6.6, null, $area, $model);
    }
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $began = hrtime(true);
        HonestGrain\Abrasive\Ladder::shared($four, array_slice($grits, 0, 20), $table);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    row('a ladder of four from 20 abrasives', median($times));
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $began = hrtime(true);
        HonestGrain\Abrasive\ScratchLab::passes($job, array_slice($grits, 5, 6), $i);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    row('a lab plan of six sheets', median($times));
    $tables = Tests\Core\Drawn::tables();
    $bench = HonestGrain\Route\Bench::usual(HonestGrain\Catalogue\Catalogue::shipped());
    $rates = HonestGrain\Catalogue\Catalogue::shipped()->calibration();
    $zone = new DateTimeZone('UTC');
    $setting = HonestGrain\Coating\DayNightClimate::of(18, 55, 13, 65, 8, 18, $zone);
    $hours = [];
    for ($hour = 0; $hour < 365 * 24; $hour++) {
        $hours[] = new HonestGrain\Coating\AirReading(1_767_225_600 + $hour * 3600, 15 + 4 * sin($hour / 4), 60);
    }
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $began = hrtime(true);
        for ($air = 0; $air < 4; $air++) {
            $recorded = new HonestGrain\Coating\RecordedClimate($rates->climate, $hours, $setting, $zone);
        }
        (new HonestGrain\Coating\CureClock($rates->coats, $recorded))->run(
            96, HonestGrain\Coating\Kinetics::of(2.0, HonestGrain\Coating\Humidity::None, 5.0, null), 1_790_000_000,
        );
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    row('a cure over a year of four airs', median($times));
    $weighings = array_map(fn (int $i): HonestGrain\Rack\Weighing => new HonestGrain\Rack\Weighing(
        $i * 1_209_600, round(1450 + 900 * exp(-0.28 * $i)),
    ), range(0, 19));
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $began = hrtime(true);
        HonestGrain\Rack\Drying::of($rates->drying, $weighings, 11.06);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    row('a drying curve of 20 weights', median($times));
    $times = [];
    for ($seed = 0; $seed <= 200; $seed++) {
        $document = Tests\Core\AnyPiece::document($seed);
        $began = hrtime(true);
        $piece = HonestGrain\Piece\Piece::read(HonestGrain\Reading\Document::of($document), $tables);
        HonestGrain\Route\Route::of($piece, $bench, $tables);
        $times[$seed] = (hrtime(true) - $began) / 1e6;
    }
    unset($times[0]);
    row('a route, 200 random pieces', median($times));
    row('the slowest of them', max($times));
    mt_srand(7);
    $pieces = [];
    for ($p = 0; $p < 60; $p++) {
        $tasks = [];
        for ($t = 0; $t < 25; $t++) {
            $min = mt_rand(0, 3) === 0 ? mt_rand(4, 30) : 0;
            $tasks[] = [
                'id' => "t$t", 'minutes' => mt_rand(4, 40), 'needs' => ['turner' => 1, 'lathe' => mt_rand(0, 1)],
                'after' => $t === 0 ? [] : [
                    [
                        'task' => 't'.($t - 1), 'min_hours' => $min,
                        'max_hours' => $min > 0 && mt_rand(0, 4) === 0 ? $min + 60 : null,
                    ],
                ],
            ];
        }
        $pieces[] = ['id' => "p$p", 'due' => sprintf('2026-12-%02dT17:00:00Z', mt_rand(5, 28)), 'tasks' => $tasks];
    }
    $day = [['08:00', '12:00'], ['13:00', '17:00']];
    $problem = HonestGrain\Command\ProblemDocument::read(
        HonestGrain\Reading\Document::of(
            [
                'start' => '2026-12-01T08:00:00Z',
                'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], $day),
                'resources' => ['turner' => 1, 'lathe' => 1], 'pieces' => $pieces,
            ],
        ),
    );
    $plan = HonestGrain\Schedule\TaskSearch::withAllCores()->plan($problem);
    row('60 pieces × 25 steps, budget 1 s', $plan->milliseconds);
    printf(
        "  its finish is %.2f × the lower bound's distance, %d windows broken\n",
        ($plan->finish - $problem->start) / ($plan->outlook->bound->finish - $problem->start), count($plan->broken),
    );
    $independent = array_map(
        fn (int $p): array => [
            'id' => "p$p", 'due' => null,
            'tasks' => array_map(
                fn (int $t): array => ['id' => "t$t", 'minutes' => 20, 'needs' => ['turner' => 1]], range(0, 99),
            ),
        ],
        range(0, 99),
    );
    $problem = HonestGrain\Command\ProblemDocument::read(
        HonestGrain\Reading\Document::of(
            [
                'start' => '2026-12-01T08:00:00Z',
                'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], $day), 'resources' => ['turner' => 1],
                'pieces' => $independent,
            ],
        ),
    );
    row(
        '100 × 100 tasks that wait for nothing',
        HonestGrain\Schedule\TaskSearch::withAllCores()->plan($problem)->milliseconds,
    );
}

if ($what === 'schedule') {
    // Generated shops, against the best plans that were ever found for them and against whole pieces one after another.
    require "$where/vendor/autoload.php";
    $known = [];
    foreach (array_slice(file("$where/tests/Core/shops.csv", FILE_IGNORE_NEW_LINES), 1) as $line) {
        [$kind, $number, $broken, $hours, $whole] = explode(',', $line);
        $known[$kind][$number] = [(int) $broken, (float) $hours, $whole === '' ? null : (float) $whole];
    }
    foreach (Tests\Core\Shops::KINDS as $kind) {
        $sums = ['got' => 0.0, 'best' => 0.0, 'same' => 0.0, 'whole' => 0.0];
        $proved = $more = $better = 0;
        $over = [];
        for ($n = 1; $n <= Tests\Core\Shops::EACH; $n++) {
            $plan = HonestGrain\Schedule\TaskSearch::withAllCores()->plan(HonestGrain\Command\ProblemDocument::read(
                HonestGrain\Reading\Document::of(Tests\Core\Shops::document($kind, $n) + ['budget_ms' => $runs]),
            ));
            [$broken, $hours, $whole] = $known[$kind][$n];
            $sums['got'] += $plan->weightedLatenessHours;
            $sums['best'] += $hours;
            $sums['same'] += $whole === null ? 0.0 : $plan->weightedLatenessHours;
            $sums['whole'] += $whole ?? 0.0;
            $proved += (int) $plan->outlook->bound->isReached;
            $more += max(0, count($plan->broken) - $broken);
            $better += (int) ($plan->weightedLatenessHours < $hours - 0.01);
            $over[] = $plan->milliseconds;
        }
        printf(
            '  %-6s %5d ms: %+6.2f %% late over the best known, %.2f × whole pieces, %2d of %d proved, '
                .'%d windows more, '
                ."%d better than known, slowest %.0f ms\n",
            $kind, $runs, 100 * ($sums['got'] / max(1e-9, $sums['best']) - 1),
            $sums['same'] / max(1e-9, $sums['whole']),
            $proved, Tests\Core\Shops::EACH, $more, $better, max($over),
        );
    }
}
