<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Grouping;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Said;

/** Routes and plans as text, for a person to read. What is read stands in `tests/Read/list.txt`. */
final class Aloud
{
    private const START = '2026-12-01T08:00:00Z';

    /** @return array<string, string> file under `tests/Read` => what is read */
    public static function all(): array
    {
        $files = [];
        $lines = file(dirname(__DIR__).'/Read/list.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        foreach ($lines as $line) {
            [$kind, $said] = explode(' ', $line, 2) + [1 => ''];
            $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($said)), '-');
            $folder = ['shop' => 'plans', 'conflicts' => 'conflicts'][$kind] ?? 'routes';
            $files["$folder/".substr($slug, 0, 60).'.txt'] = $line;
        }

        return $files;
    }

    /** What it says now. */
    public static function said(string $line): string
    {
        [$kind, $said] = explode(' ', $line, 2) + [1 => ''];

        return match ($kind) {
            'form' => self::told(self::formed($said)),
            'conflicts' => self::conflicts($said),
            'judged' => self::told(iterator_to_array(JudgedRoute::all())[$said]->route()),
            'shop' => self::planned(...array_map(intval(...), explode(' ', $said))),
            default => throw new \LogicException("“{$line}” is nothing to read."),
        };
    }

    private static function formed(string $said): Route
    {
        preg_match('/^(\S+) (.+) (\S+) (\S+)$/', $said, $m) ?: throw new \LogicException("“{$said}” is no form.");
        $catalogue = Catalogue::shipped();
        $form = Form::from($m[1]);
        $tables = Drawn::tables();
        $document = Starter::document(
            $tables->calibration->joints, $form, $form->profile(...array_values($form->sizes())), $catalogue->stacks(),
            ['name' => 'Read aloud', 'purpose' => $m[3], 'wood' => $m[2], 'moisture_percent' => 9],
        );

        return Route::of(
            Piece::read(Document::of(['starts_as' => $m[4]] + $document), $tables), Bench::usual($catalogue), $tables,
        );
    }

    private static function told(Route $route): string
    {
        return self::objections($route).implode('', array_map(self::step(...), $route->steps));
    }

    private static function objections(Route $route): string
    {
        return implode('', array_map(
            fn (Conflict $one): string => ($one->forbids ? 'NEVER ' : 'LOOK ').implode(', ', $one->steps)
                .': '.Told::of($one->message)."\n    so: ".implode(' / ', Told::each($one->choices))."\n",
            $route->conflicts,
        ));
    }

    /** What does not go together in the pieces of one file of `tests/Judged`. */
    private static function conflicts(string $file): string
    {
        $text = '';
        foreach (JudgedRoute::all() as $title => $judged) {
            $told = str_starts_with($title, "$file: ") ? self::objections($judged->route()) : '';
            $text .= $told === '' ? '' : "\n$title\n$told";
        }

        return $text;
    }

    private static function step(Step $step): string
    {
        [$setup, $supplies] = [$step->setup, $step->work->supplies];
        $facts = array_filter([
            sprintf('%.1f min', $step->timing->minutes), Told::of($setup->hold),
            $setup->rpm === null ? '' : "$setup->rpm rpm", $supplies->product ?? '',
            $supplies->amount === null ? '' : json_encode($supplies->amount->toArray()),
            $setup->needs === [] ? '' : 'needs '.implode(' ', array_keys($setup->needs)),
            $step->work->zones() === [] ? '' : 'on '.implode(', ', $step->work->zones()), "stage $setup->stage",
            $setup->mountedUntil === null ? '' : "stays on until $setup->mountedUntil",
        ], fn (string|false $fact): bool => $fact !== '');
        $lines = ["\n[$step->id] ".Told::of($step->words->title), '    '.implode('; ', $facts)];
        foreach (Told::each($step->words->how) as $how) {
            $lines[] = "    - $how";
        }
        $lines[] = '    because: '.Told::of($step->words->because);
        foreach ($step->words->reckoning as $line) {
            $lines[] = '    reckoned: '.Told::of($line);
        }
        foreach ($step->timing->after as $lag) {
            $most = $lag->wait->maxHours === null ? '' : sprintf(', at most %.2f h', $lag->wait->maxHours);
            $least = $lag->wait->minHours > 0 ? sprintf(' by %.2f h', $lag->wait->minHours) : '';
            $lines[] = "    after $lag->task$least$most";
        }
        $cautions = implode(', ', array_map(fn (Hazard $hazard): string => $hazard->value, $step->setup->hazards));

        return implode("\n", $cautions === '' ? $lines : [...$lines, "    cautions: $cautions"])."\n";
    }

    private static function planned(int $seed, int $count): string
    {
        mt_srand($seed);
        $clock = Drawn::clock(DayNightClimate::of(19, 52, 15, 60, 8, 18, new \DateTimeZone('UTC')));
        $jobs = [];
        foreach (range(1, $count) as $i) {
            $jobs[] = self::job($i);
        }
        $day = [['08:00', '12:00'], ['13:00', '17:00']];
        $hours = WorkingHours::read(Document::of([
            'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], $day) + ['sat' => [['09:00', '12:00']]],
            'closed' => ['2026-12-08'],
        ]));
        $start = (int) strtotime(self::START);

        return self::plan((new TaskSearch(20_000))->plan(
            Problem::of($start, $hours, ['turner' => 1, 'lathe' => 1, 'shelf' => 3], $jobs, $clock, budgetMs: 50),
        ));
    }

    private static function job(int $number): Job
    {
        $tasks = [];
        foreach (range(1, mt_rand(4, 12)) as $i) {
            $least = mt_rand(0, 2) === 0 ? mt_rand(1, 30) : 0;
            $most = $least > 0 && mt_rand(0, 2) === 0 ? $least + mt_rand(6, 60) : null;
            $wait = Wait::hours($least, $most, mt_rand(0, 1) === 0 ? null : Kinetics::of(2.0));
            $minutes = mt_rand(1, 12) * 5;
            $needs = mt_rand(0, 1) === 0 ? ['turner' => 1] : ['turner' => 1, 'lathe' => 1];
            $tasks[] = Task::of(
                "t$i", $minutes, new Claims($needs, mt_rand(0, 3) === 0 ? ['shelf' => 1] : []),
                $i === 1 ? [] : [new Lag('t'.($i - 1), $wait)], grouping: new Grouping(
                    mt_rand(0, 1) === 0 ? null : 'batch '.mt_rand(1, 3), mt_rand(0, 5) === 0,
                ), title: Said::name("Do the $i. thing"),
            );
        }
        $due = (int) strtotime(self::START) + mt_rand(2, 14) * 86_400;

        return Job::of((string) $number, $due, mt_rand(1, 3), $tasks, name: "Piece $number");
    }

    private static function plan(Plan $plan): string
    {
        $at = fn (int $second): string => gmdate('D d M H:i:s', $second);
        $lines = [
            'done by '.$at($plan->finish).', no sooner than '.$at($plan->outlook->bound->finish)
                .", $plan->setups set-ups, "
                .sprintf('%.2f weighted hours late', $plan->weightedLatenessHours), '',
        ];
        foreach ($plan->late as $late) {
            $lines[] = sprintf('piece %s is %.2f h late:', $late->piece, $late->hours);
            $lines = [...$lines, ...array_map(fn (string $why): string => "    $why", Told::each($late->because))];
        }
        foreach ($plan->broken as $window) {
            $lines[] = 'given up: '.json_encode($window->toArray());
        }
        foreach ($plan->tasks as $placed) {
            $lines[] = $at($placed->start).' to '.$at($placed->end)."  piece $placed->piece  {$placed->task->id}";
        }

        return implode("\n", $lines)."\n";
    }
}
