<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The contract, through the real program: exit codes, streams and the shapes of documents. */
final class CommandLineTest extends TestCase
{
    #[DataProvider('verbs')]
    public function test_every_verb_answers_its_own_example(string $verb): void
    {
        [$code, $help] = $this->grain([$verb, '--help'], '');
        self::assertSame(0, $code);
        $lines = explode("\n", trim($help));
        [$code, $out, $error] = $this->grain([$verb, '-'], trim($lines[count($lines) - 1]));
        self::assertSame([0, ''], [$code, $error]);
        self::assertIsArray(json_decode($out, true));
    }

    /** @return list<array{string}> */
    public static function verbs(): array
    {
        return [
            ['measure'], ['emc'], ['drying'], ['truing'], ['grits'], ['mix'], ['stack'], ['cure'], ['schedule'],
            ['route'], ['mend'], ['layout'], ['proportions'], ['beads'], ['flutes'], ['facets'], ['texture'],
            ['piercing'], ['burn'], ['inlay'], ['units'], ['dye'], ['scorch'], ['cut'], ['bore'], ['stock'], ['hold'],
        ];
    }

    public function test_a_sitting_waits_for_a_stretch_that_takes_it_whole(): void
    {
        $task = fn (string $id, int $minutes): array => [
            'id' => $id, 'minutes' => $minutes, 'needs' => ['turner' => 1], 'after' => [],
        ];
        $ask = fn (array $sitting): array => $this->answer('schedule', [
            'start' => '2026-12-01T08:00:00Z', 'hours' => ['tue' => [['08:00', '12:00'], ['13:00', '17:00']]],
            'resources' => ['turner' => 1], 'pieces' => [
                ['id' => 'wet', 'tasks' => [$task('a', 60), $task('b', 60), $task('c', 60)]] + $sitting,
                ['id' => 'other', 'due' => '2026-12-01T10:00:00Z', 'weight' => 9, 'tasks' => [$task('x', 120)]],
            ],
        ]);
        $start = fn (array $plan, string $id): string => array_column($plan['tasks'], 'start', 'id')[$id];
        self::assertSame('2026-12-01T10:00:00Z', $start($ask([]), 'a'));
        $sat = $ask(['sitting' => ['a', 'b', 'c'], 'most_gap_minutes' => 30]);
        self::assertSame('2026-12-01T13:00:00Z', $start($sat, 'a'), 'an hour for lunch is too long a pause');
        self::assertSame([], $sat['broken_windows']);
        self::assertSame('2026-12-01T10:00:00Z', $start($ask([
            'sitting' => ['a', 'b', 'c'], 'most_gap_minutes' => 60,
        ]), 'a'));
        $through = $ask(['sitting' => ['a', 'b', 'c'], 'most_gap_minutes' => 30, 'through_break_minutes' => 60]);
        self::assertSame(['2026-12-01T10:00:00Z', '2026-12-01T12:00:00Z'], [
            $start($through, 'a'), $start($through, 'c'),
        ], 'it goes on over lunch');
        self::assertSame('2026-12-01T13:00:00Z', $start($ask([
            'sitting' => ['a', 'b', 'c'], 'most_gap_minutes' => 30, 'through_break_minutes' => 45,
        ]), 'a'), 'not over a longer one');
        [$code, , $error] = $this->grain(['schedule', '-'], (string) json_encode([
            'start' => '2026-12-01T08:00:00Z', 'hours' => ['tue' => [['08:00', '12:00']]],
            'resources' => ['turner' => 1], 'pieces' => [
                ['id' => 'wet', 'sitting' => ['a', 'z'], 'tasks' => [$task('a', 60)]],
            ],
        ]));
        self::assertSame(2, $code);
        self::assertStringContainsString('pieces.0.sitting.1', $error);
    }

    public function test_a_hold_is_chosen_of_what_the_shop_has(): void
    {
        $part = [
            'wood' => 'Ash (white)', 'grain' => 'side', 'moisture_percent' => 9, 'shape' => [
                'outer' => [[0, 40, 'corner'], [30, 90], [60, 110, 'corner']],
                'inner' => [[60, 104, 'corner'], [34, 86], [10, 0]],
            ],
        ];
        $ask = fn (string $stage, array $more = []): array => $this->answer('hold', [
            'part' => $part, 'stage' => $stage,
        ] + $more);
        self::assertSame('screw', $ask('outside')['choice']);
        self::assertSame('tenon', $ask('inside')['choice']);
        self::assertSame('jam', $ask('foot')['choice']);
        $own = ['equipment' => ['holds' => [['mount' => 'faceplate', 'size_mm' => 150]]]];
        self::assertSame('faceplate', $ask('outside', $own)['choice']);
        self::assertSame('faceplate', $ask('inside', $own)['choice']);
        $tenon = array_column($ask('inside', $own)['holds'], null, 'key')['tenon'];
        self::assertFalse($tenon['fits']);
        self::assertNotSame([], $tenon['because']);
        self::assertSame(['most', 'binds'], array_slice(array_keys($tenon['rpm']), 0, 2));
        self::assertContains('inside', $tenon['free']);
        $route = $this->answer('route', [
            'format' => 'honest-grain/piece', 'version' => 2, 'name' => 'Bowl', 'form' => 'shallow-bowl',
            'starts_as' => 'blank', 'parts' => [$part + ['id' => 'body']],
        ] + $own);
        self::assertSame(['faceplate'], array_values(array_unique(array_filter(array_column(
            $route['steps'], 'mount',
        ), fn (string $mount): bool => ! in_array($mount, ['lap', 'points', 'jam'], true)))));
    }

    /**
     * @param  array<string, mixed>  $question
     * @return array<string, mixed>
     */
    private function answer(string $verb, array $question): array
    {
        [$code, $out, $error] = $this->grain([$verb, '-'], (string) json_encode($question));
        self::assertSame([0, ''], [$code, $error]);

        return json_decode($out, true);
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('refusals')]
    public function test_bad_input_exits_two_with_one_error_and_no_answer(
        array $arguments,
        string $input,
        string $reason,
        string $field,
    ): void {
        [$code, $out, $error] = $this->grain($arguments, $input);
        self::assertSame([2, ''], [$code, $out]);
        $said = json_decode($error, true);
        self::assertIsArray($said);
        self::assertSame([$reason, $field], [$said['error']['code'] ?? null, $said['error']['field'] ?? null]);
        self::assertNotSame('', $said['error']['message'] ?? '');
    }

    /** @return iterable<string, array{list<string>, string, string, string}> */
    public static function refusals(): iterable
    {
        yield 'unknown verb' => [['polish'], '{}', 'unknown-verb', 'verb'];
        yield 'no such file' => [['emc', '/nowhere.json'], '', 'no-file', 'FILE'];
        yield 'not JSON' => [['emc'], '{"temp_c":NaN}', 'malformed', ''];
        yield 'a list' => [['emc'], '[1]', 'malformed', ''];
        yield 'broken UTF-8' => [['emc'], "{\"temp_c\":\"\xff\"}", 'malformed', ''];
        yield 'too deep' => [['emc'], str_repeat('{"a":', 100).'1'.str_repeat('}', 100), 'malformed', ''];
        yield 'missing' => [['emc'], '{"temp_c":20}', 'missing', 'rh_percent'];
        yield 'text' => [['emc'], '{"temp_c":"warm","rh_percent":50}', 'type', 'temp_c'];
        yield 'beyond a float' => [['emc'], '{"temp_c":1e999,"rh_percent":50}', 'out-of-range', 'temp_c'];
        yield 'bare grit' => [
            ['grits'],
            '{"tool_mark_um":80,"limit_um":12,"area_mm2":70000,"hardness_n":6000,"speed_m_s":3,"available":["P80",'
                .'"120"]}',
            'grit-scale', 'available.1',
        ];
        yield 'unreachable' => [
            ['grits'],
            '{"tool_mark_um":80,"limit_um":12,"area_mm2":70000,"hardness_n":6000,"speed_m_s":3,"available":["P80"]}',
            'unreachable', 'available',
        ];
        yield 'unknown product' => [
            ['stack'], '{"wood":null,"layers":[{"product":"Ketchup"}]}', 'unknown-product', 'layers.0.product',
        ];
        yield 'stalled' => [
            ['cure'],
            '{"needs_hours":24,"q":2,"humidity":"none","min_c":10,"start":"2026-12-01T09:00:00Z",'
                .'"climate":[{"at":"2026-12-01T00:00:00Z","temp_c":5,"rh_percent":55}]}',
            'stalled', 'climate',
        ];
        yield 'empty profile' => [
            ['measure'], '{"shape":{"outer":[],"inner":null},"grain":"side"}', 'node-count', 'shape.outer',
        ];
        yield 'half a million nodes' => [
            ['measure'],
            '{"shape":{"outer":['.implode(',', array_fill(0, 500_000, '[1,1]')).'],"inner":null},"grain":"side"}',
            'node-count', 'shape.outer',
        ];
        yield 'more bytes than are taken' => [
            ['measure'],
            '{"shape":{"outer":['.implode(',', array_fill(0, 900_000, '[1,1]')).'],"inner":null},"grain":"side"}',
            'too-large', '',
        ];
        yield 'no resin' => [
            ['mix'], '{"kind":"two-part","volume_ml":40,"ratio":[0,1],"by":"volume","densities":[1,1]}', 'out-of-range',
            'ratio.0',
        ];
    }

    /**
     * @param  list<string>  $arguments
     * @return array{int, string, string}
     */
    private function grain(array $arguments, string $input): array
    {
        $process = proc_open(
            [dirname(__DIR__, 2).'/bin/grain', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes,
        );
        self::assertIsResource($process);
        // A verb that is refused closes its input early.
        @fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $error];
    }
}
