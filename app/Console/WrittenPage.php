<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** A page of the repository that a command writes from the code, or holds against it. */
final readonly class WrittenPage
{
    /** @param  string  $path  from the root */
    public function __construct(private string $path)
    {
    }

    public function text(): string
    {
        return File::exists(base_path($this->path)) ? File::get(base_path($this->path)) : '';
    }

    /** Writes it, or with `--check` only says whether it is so; a failure where it is not. */
    public function holds(string $true, Command $command): int
    {
        if ($this->text() === $true) {
            $command->info("$this->path is true.");

            return Command::SUCCESS;
        }
        if ($command->option('check')) {
            $command->error("$this->path is not what the code says. Run: php artisan {$command->getName()}");

            return Command::FAILURE;
        }
        File::put(base_path($this->path), $true);
        $command->info("$this->path was written anew.");

        return Command::SUCCESS;
    }
}
