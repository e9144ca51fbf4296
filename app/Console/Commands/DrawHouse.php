<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\WrittenPage;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Draws who imports whom in core/ into the architecture page; every mark below the diagonal means no circle. */
class DrawHouse extends Command
{
    private const PAGE = 'docs/architecture.md';

    private const FENCE = "```text house\n";

    protected $signature = 'house:draw {--check : only say whether the page is true}';

    protected $description = 'Draws the import graph of core/ into docs/architecture.md';

    public function handle(): int
    {
        $page = new WrittenPage(self::PAGE);
        $drawing = self::matrix(self::imports());
        $true = preg_replace('/'.self::FENCE.'.*?```/s', self::FENCE.$drawing.'```', $page->text(), 1, $found);
        if ($found !== 1 || $true === null) {
            $this->error(self::PAGE.' has no place for the graph: a block that begins with "'.trim(self::FENCE).'".');

            return self::FAILURE;
        }

        return $page->holds($true, $this);
    }

    /** @return array<string, array<string, int>> folder => folder it imports => how many of its files do */
    private static function imports(): array
    {
        $imports = [];
        foreach (File::allFiles(base_path('core')) as $file) {
            $folder = explode('/', $file->getRelativePath())[0];
            $imports[$folder] ??= [];
            preg_match_all('/HonestGrain\\\\([A-Z]\w+)\\\\/', $file->getContents(), $found);
            foreach (array_diff(array_unique($found[1]), [$folder]) as $other) {
                $imports[$folder][$other] = ($imports[$folder][$other] ?? 0) + 1;
            }
        }
        ksort($imports);

        return $imports;
    }

    /** @param  array<string, array<string, int>>  $imports */
    private static function matrix(array $imports): string
    {
        $order = [];
        while (count($order) < count($imports)) {
            $free = array_filter(
                array_diff_key($imports, array_flip($order)),
                fn (array $known): bool => array_diff(array_keys($known), $order) === [],
            );
            if ($free === []) {
                $stuck = implode(', ', array_keys(array_diff_key($imports, array_flip($order))));
                throw new \LogicException("These folders of core/ import each other in a circle: $stuck.");
            }
            $order = [...$order, ...array_keys($free)];
        }
        $lines = [
            '               '.implode('', array_map(fn (int $n): string => sprintf('%4d', $n + 1), array_keys($order))),
        ];
        foreach ($order as $row => $folder) {
            $cells = array_map(
                fn (int $column): string => $column === $row ? '   ·' : sprintf(
                    '%4s', $imports[$folder][$order[$column]] ?? '',
                ),
                range(0, $row),
            );
            $lines[] = sprintf('%2d %-12s', $row + 1, $folder).implode('', $cells);
        }

        return implode("\n", array_map(rtrim(...), $lines))."\n";
    }
}
