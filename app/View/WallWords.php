<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Calibration\ShapeFigures;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\WallReading;
use HonestGrain\Words\Unit;

/** What callipers found of a wall, beside what is drawn there, in the reader's units. */
final readonly class WallWords
{
    public function __construct(private Part $part, private ShapeFigures $figures, private Show $show)
    {
    }

    public function isHollow(): bool
    {
        return $this->part->profile->inner !== null;
    }

    /** @return list<MeasuredWall> */
    public function readings(): array
    {
        return array_map(function (WallReading $reading): MeasuredWall {
            $profile = $this->part->profile;
            $drawn = $reading->drawn($profile);
            $isOff = $reading->isThick($profile, $this->figures) || $reading->isThin($profile, $this->figures);
            $by = ['by' => $this->length(abs($reading->overMm($profile)))];

            return new MeasuredWall(
                heightMm: $reading->heightMm, height: $this->length($reading->heightMm),
                measured: $this->length($reading->wallMm), drawn: $drawn === null ? '–' : $this->length($drawn->minMm),
                verdict: match (true) {
                    $drawn === null => say('view.wall-words.none-drawn'),
                    ! $isOff => say('view.wall-words.as-drawn'),
                    $reading->overMm($profile) > 0 => say('view.wall-words.thick', $by),
                    default => say('view.wall-words.thin', $by),
                },
                matters: $drawn === null || $isOff,
            );
        }, $this->part->wallReadings);
    }

    private function length(float $mm): string
    {
        return $this->show->length($mm, $this->show->fine());
    }

    /** @return array<string, string> label by field */
    public function labels(): array
    {
        $mm = ['unit' => $this->show->unit(Unit::Length)];

        return array_map(fn (string $line): string => say($line, $mm), [
            'wall_height' => 'view.wall-words.height', 'wall_thick' => 'view.wall-words.wall',
            'deepen_from' => 'view.wall-words.deepen-from', 'deepen_to' => 'view.wall-words.deepen-to',
            'deepen_by' => 'view.wall-words.deepen-by',
        ]);
    }
}
