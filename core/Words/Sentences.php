<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** Puts what is said into the words of one language: plain PHP that needs only the folder of its files. */
final class Sentences
{
    public const ENGLISH = __DIR__.'/../../lang/en';

    /** @var array<string, array<array-key, mixed>> lines by file, as far as they were asked for */
    private array $files = [];

    public function __construct(private readonly string $folder = self::ENGLISH)
    {
    }

    /** @throws \LogicException where the language has no such line, or what is said leaves a place of it open */
    public function say(Said $said): string
    {
        return (string) preg_replace_callback('/\{([a-z]+)\}/', function (array $place) use ($said): string {
            $of = $said->of[$place[1]] ?? throw new \LogicException("Nothing is said for $place[0] of $said->code.");

            return $of instanceof Said ? $this->say($of) : $of;
        }, $this->line($said->code));
    }

    private function line(string $code): string
    {
        $keys = explode('.', $code);
        $file = array_shift($keys);
        $lines = $this->files[$file] ??= (array) require "$this->folder/$file.php";
        $line = array_reduce(
            $keys, fn (mixed $lines, string $key): mixed => is_array($lines) ? $lines[$key] ?? null : null, $lines,
        );

        return is_string($line) ? $line : throw new \LogicException("The language has no line $code.");
    }
}
