<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * What each folder of core/ may know: only what stands above it in this list, and of that only what is named and Words,
 * which all speak with.
 */
final class FoldersOfCore
{
    /** @var array<string, list<string>> */
    public const MAY_KNOW = [
        'Words' => [],
        'Glossary' => [],
        'Reading' => [],
        'Wood' => ['Reading'],
        'Calibration' => ['Reading'],
        'Geometry' => ['Reading', 'Wood', 'Calibration'],
        'Layout' => ['Reading', 'Calibration', 'Geometry'],
        'Lathework' => ['Reading', 'Wood', 'Calibration', 'Geometry'],
        'Colour' => ['Reading', 'Calibration', 'Geometry'],
        'Coating' => ['Reading', 'Wood', 'Calibration', 'Geometry', 'Colour'],
        'Shelf' => ['Reading', 'Calibration', 'Coating'],
        'Abrasive' => ['Reading', 'Wood', 'Calibration', 'Coating'],
        'Safety' => ['Wood', 'Coating', 'Holding'],
        'Holding' => ['Reading', 'Wood', 'Calibration', 'Geometry', 'Layout', 'Lathework'],
        'Catalogue' => ['Reading', 'Wood', 'Calibration', 'Coating', 'Abrasive', 'Lathework', 'Holding', 'Glossary'],
        'Technique' => ['Reading', 'Calibration', 'Geometry', 'Layout', 'Colour', 'Safety'],
        'Piece' => [
            'Reading', 'Wood', 'Calibration', 'Geometry', 'Layout', 'Colour', 'Coating', 'Abrasive', 'Holding',
            'Catalogue', 'Technique', 'Lathework',
        ],
        'Recipe' => ['Reading', 'Wood', 'Geometry', 'Coating', 'Abrasive', 'Catalogue', 'Technique', 'Piece'],
        'Rack' => ['Reading', 'Wood', 'Calibration', 'Geometry', 'Holding', 'Piece', 'Lathework'],
        'Schedule' => ['Reading', 'Coating'],
        'Route' => [
            'Reading',
            'Wood', 'Calibration', 'Geometry', 'Coating', 'Abrasive', 'Safety', 'Holding', 'Catalogue', 'Technique',
            'Piece', 'Rack',
            'Schedule', 'Lathework', 'Shelf',
        ],
        'Mending' => [
            'Reading', 'Calibration', 'Abrasive', 'Coating', 'Geometry', 'Holding', 'Rack', 'Piece', 'Route',
            'Schedule',
        ],
        'Drawing' => [
            'Wood', 'Calibration', 'Geometry', 'Coating', 'Abrasive', 'Holding', 'Technique', 'Piece', 'Rack',
            'Layout', 'Colour', 'Lathework', 'Glossary',
        ],
        'Command' => [
            'Reading', 'Wood', 'Calibration', 'Geometry', 'Coating', 'Abrasive', 'Catalogue', 'Piece', 'Schedule',
            'Route', 'Mending', 'Holding', 'Rack', 'Layout', 'Colour',
            'Drawing', 'Lathework',
        ],
    ];

    /** @return iterable<string, Rule> one for each folder */
    public function testEachFolderKnowsOnlyWhatItMay(): iterable
    {
        foreach (self::MAY_KNOW as $folder => $known) {
            $others = array_diff(array_keys(self::MAY_KNOW), [$folder, 'Words', ...$known]);
            yield $folder => PHPat::rule()
                ->classes(Selector::inNamespace("HonestGrain\\$folder"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(
                    fn (string $other) => Selector::inNamespace("HonestGrain\\$other"), array_values($others),
                ))
                ->because($known === [] ? "$folder stands on its own" : "$folder knows only ".implode(', ', $known));
        }
    }
}
