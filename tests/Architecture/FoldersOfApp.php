<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * What each folder of app/ may know of the others. What is shown knows nothing of how it was worked out, and what
 * works it out nothing of how it is shown; both know the figures that pass between them, and the rows.
 */
final class FoldersOfApp
{
    /** @var array<string, list<string>> */
    public const MAY_KNOW = [
        'Database' => [],
        'Models' => [],
        'People' => ['Models', 'Pictures'],
        'Watch' => ['Models', 'Pictures'],
        'Along' => ['Models', 'Pictures', 'Planning'],
        'Language' => [],
        'Figures' => ['Models'],
        'Pictures' => ['Models'],
        'Devices' => ['Models'],
        // A plan that takes long is put off to a job, which is a way in like a page.
        'Planning' => ['Models', 'Figures', 'Pictures', 'Devices', 'Jobs'],
        'View' => ['Models', 'Figures'],
        'Demo' => ['Models', 'Pictures', 'Planning'],
        'Jobs' => ['Models', 'Planning'],
        'Console' => ['Models', 'Planning', 'Demo', 'Jobs', 'Language', 'People', 'Pictures', 'View', 'Watch', 'Along'],
        'Http' => ['Models', 'Figures', 'Pictures', 'Planning', 'View', 'Demo', 'Jobs', 'People', 'Watch', 'Along'],
    ];

    /** @return iterable<string, Rule> one for each folder */
    public function testEachFolderKnowsOnlyWhatItMay(): iterable
    {
        foreach (self::MAY_KNOW as $folder => $known) {
            $others = array_diff([...array_keys(self::MAY_KNOW), 'Providers'], [$folder, ...$known]);
            yield $folder => PHPat::rule()
                ->classes(Selector::inNamespace("App\\$folder"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(
                    fn (string $other) => Selector::inNamespace("App\\$other"), array_values($others),
                ))
                ->because($known === [] ? "$folder stands on its own" : "$folder knows only ".implode(', ', $known));
        }
    }
}
