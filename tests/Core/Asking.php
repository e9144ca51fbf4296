<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\CommandLine;

/** Asks a verb as a script would, and reads what comes back. */
trait Asking
{
    /**
     * @param  array<string, mixed>  $question
     * @return array<string, mixed>
     */
    private function ask(string $verb, array $question): array
    {
        [$code, $out, $error] = $this->answerOf($verb, $question);
        self::assertSame(0, $code, $error);

        return json_decode($out, true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, mixed>  $question
     * @return array{code: string, field: string, message: string}
     */
    private function refused(string $verb, array $question): array
    {
        [$code, $out, $error] = $this->answerOf($verb, $question);
        self::assertSame([2, ''], [$code, $out]);

        return json_decode($error, true, flags: JSON_THROW_ON_ERROR)['error'];
    }

    /**
     * @param  array<string, mixed>  $question
     * @return array{int, string, string}
     */
    private function answerOf(string $verb, array $question): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'grain');
        file_put_contents($file, json_encode($question, JSON_THROW_ON_ERROR));
        try {
            return CommandLine::over(Catalogue::shipped())->run([$verb, $file]);
        } finally {
            unlink($file);
        }
    }
}
