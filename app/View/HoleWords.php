<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Geometry\Profile;
use HonestGrain\Lathework\BitKind;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Piece\PartHole;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;

/** Holes of a part in the reader's words and units, and the fields that they are typed in. */
final readonly class HoleWords
{
    public function __construct(private Profile $profile, private Show $show)
    {
    }

    /** "8 mm across the side at 60 mm, 90°, through: 5.3 mm of wood is there" */
    public function at(PartHole $hole): string
    {
        return say('view.hole-words.at', [
            'hole' => $this->show->said($hole->label()),
            'wood' => $this->show->length($hole->woodMm($this->profile), $this->show->fine()),
        ]);
    }

    /** @return array<string, Said> */
    public function starts(): array
    {
        return array_column(array_map(
            fn (HoleFrom $one): array => [$one->value, $one->label()], [HoleFrom::Side, HoleFrom::Top, HoleFrom::Foot],
        ), 1, 0);
    }

    /** @return array<string, Said|string> */
    public function bits(): array
    {
        return ['' => say('view.hole-words.truest')] + array_column(array_map(
            fn (BitKind $one): array => [$one->value, $one->said()], BitKind::cases(),
        ), 1, 0);
    }

    /** @return array<string, array{string, string}> label and value by field */
    public function numbers(?PartHole $hole): array
    {
        $mm = ['mm' => $this->show->unit(Unit::Length)];
        $value = fn (?float $length): string => $this->show->field(Unit::Length, $length);

        return [
            'hole_across' => [say('view.hole-words.across', $mm), $value($hole?->diameterMm)],
            'hole_deep' => [say('view.hole-words.deep', $mm), $value($hole?->depthMm)],
            'hole_height' => [say('view.hole-words.height', $mm), $value($hole?->place?->heightMm)],
            'hole_azimuth' => [say('view.hole-words.azimuth'), $this->show->bare($hole?->place?->azimuthDeg)],
            'hole_angle' => [say('view.hole-words.angle'), $this->show->bare($hole?->place?->angleDeg)],
        ];
    }
}
