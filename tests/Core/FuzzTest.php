<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\CommandLine;
use PHPUnit\Framework\TestCase;

/**
 * Five hundred documents over every verb, each a sound one with something wrong in it: an answer or one error, and
 * soon.
 */
final class FuzzTest extends TestCase
{
    private const DOCUMENTS = 60;

    public function test_every_document_gets_an_answer_or_one_error(): void
    {
        mt_srand(20261125);
        $command = CommandLine::over(Catalogue::shipped());
        [, $list] = $command->run([]);
        preg_match('/The verbs are: ([^.]+)\./', $list, $m);
        $verbs = explode(', ', $m[1]);
        self::assertGreaterThanOrEqual(9, count($verbs));
        $file = (string) tempnam(sys_get_temp_dir(), 'hg');
        $asked = $answered = 0;
        foreach ($verbs as $verb) {
            [, $help] = $command->run([$verb, '--help']);
            $example = json_decode(trim((string) strrchr(trim($help), "\n")), true, 64, JSON_THROW_ON_ERROR);
            for ($n = 0; $n < self::DOCUMENTS; $n++) {
                $document = $this->spoilt($example);
                file_put_contents(
                    $file, (string) json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR),
                );
                [$code, $out, $error] = $command->run([$verb, $file]);
                self::assertContains($code, [CommandLine::OK, CommandLine::BAD_INPUT]);
                self::assertSame('', $code === CommandLine::OK ? $error : $out);
                if ($code === CommandLine::OK && $verb === 'template') {
                    self::assertNotFalse(simplexml_load_string($out));
                } else {
                    $said = json_decode($code === CommandLine::OK ? $out : $error, true, 64, JSON_THROW_ON_ERROR);
                }
                if ($code === CommandLine::BAD_INPUT) {
                    self::assertSame(['code', 'field', 'message'], array_keys($said['error']));
                }
                $asked++;
                $answered += $code === CommandLine::OK ? 1 : 0;
            }
        }
        unlink($file);
        self::assertGreaterThanOrEqual(500, $asked);
        self::assertGreaterThan(30, $answered, 'some are still sound');
    }

    private function spoilt(mixed $value, int $depth = 0): mixed
    {
        if (mt_rand(0, 9) === 0) {
            return [
                null, true, -1, 0, 1e308, -1e308, 1e-300, '', 'x', "a\u{7}b", [], ['x'], [[]], ['a' => 1], 1_000_000,
                '2026-12-01T09:00:00Z', '9999-01-01T00:00:00Z', 'P120', str_repeat('9', 400),
            ][mt_rand(0, 18)];
        }
        if (! is_array($value)) {
            return is_numeric($value) && mt_rand(0, 5) === 0 ? $value * [0.001, 0.5, 3, 1000][mt_rand(0, 3)] : $value;
        }
        $spoilt = [];
        foreach ($value as $key => $one) {
            if (mt_rand(0, 24) > 0) {
                $spoilt[$key] = mt_rand(0, 2) === 0 ? $this->spoilt($one, $depth + 1) : $one;
            }
        }
        if ($spoilt !== [] && array_is_list($value)) {
            $spoilt = array_values($spoilt);
            for ($i = mt_rand(0, 12) === 0 ? mt_rand(10, 250) : 0; $i > 0; $i--) {
                $spoilt[] = $spoilt[0];
            }
        }

        return $spoilt;
    }
}
