<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\WrittenPage;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Lists every package with its licence, and refuses one that would bind whoever ships the app. */
class ListLicences extends Command
{
    private const PAGE = 'docs/licences.md';

    /** Of several that a package offers, one of these is taken. */
    private const FIT = [
        'MIT', 'BSD-2-Clause', 'BSD-3-Clause', 'Apache-2.0', 'ISC', '0BSD', 'BlueOak-1.0.0', 'OFL-1.1', 'MPL-2.0',
        'LGPL-2.1', 'LGPL-2.1-or-later', 'LGPL-3.0-or-later', 'CC0-1.0', 'Unlicense', 'Python-2.0', 'CC-BY-4.0',
    ];

    protected $signature = 'house:licences {--check : only say what differs from the list}';

    protected $description = 'Writes every package with its licence into docs/licences.md';

    public function handle(): int
    {
        [$shipped, $made] = $this->php();
        $npm = $this->npm();
        $unfit = array_filter(
            [...$shipped, ...$made, ...$npm],
            fn (string $licences): bool => array_intersect(self::FIT, explode(' or ', $licences)) === [],
        );
        foreach ($unfit as $package => $licence) {
            $this->error("$package is under $licence, which nobody has looked at.");
        }
        $text = implode("\n", [
            '# Packages and their licences', '',
            'Written by `php artisan house:licences`. The app itself is under MIT (`LICENSE`).', '',
            '## PHP, with the app', '', ...self::lines($shipped), '',
            '## PHP, for making and checking it', '', ...self::lines($made), '',
            '## npm: what the pages are built from and checked with', '', ...self::lines($npm), '',
        ]);
        if ($this->option('check') && (new WrittenPage(self::PAGE))->text() !== $text) {
            // A package of a package may come and go with any install: that is no fault of who runs the checks.
            $this->warn(self::PAGE.' is not as it is now; write it: php artisan house:licences');
        } elseif (! $this->option('check')) {
            File::put(base_path(self::PAGE), $text);
        }

        return $unfit === [] ? self::SUCCESS : self::FAILURE;
    }

    /** @return array{array<string, string>, array<string, string>} licences by package: shipped, and for making it */
    private function php(): array
    {
        $installed = json_decode(File::get(base_path('vendor/composer/installed.json')), true);
        $made = array_flip($installed['dev-package-names']);
        $all = [];
        foreach ($installed['packages'] as $package) {
            $all[$package['name']] = implode(' or ', $package['license'] ?? ['none']);
        }
        ksort($all);

        return [array_diff_key($all, $made), array_intersect_key($all, $made)];
    }

    /** @return array<string, string> licences by package */
    private function npm(): array
    {
        $all = [];
        foreach (json_decode(File::get(base_path('package-lock.json')), true)['packages'] as $path => $package) {
            if ($path !== '') {
                $name = (string) preg_replace('~^.*node_modules/~', '', $path);
                $all[$name] = trim(str_replace(' OR ', ' or ', $package['license'] ?? 'none'), '()');
            }
        }
        ksort($all);

        return $all;
    }

    /**
     * @param  array<string, string>  $packages
     * @return list<string>
     */
    private static function lines(array $packages): array
    {
        return ['| Package | Licence |', '| --- | --- |', ...array_map(
            fn (string $of, string $licence): string => "| $of | $licence |", array_keys($packages), $packages,
        )];
    }
}
