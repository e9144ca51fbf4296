<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\FillWith;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\JointGlue;
use HonestGrain\Piece\Wish;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;

/** Flaws of a part or a blank in the reader's words and units, and the fields that they are typed in. */
final readonly class FlawWords
{
    public function __construct(private Profile $profile, private Calibration $calibration, private Show $show)
    {
    }

    /** "12 to 30 mm along the outside, 80° to 88°" */
    public function at(Flaw $flaw): string
    {
        $turn = $flaw->azimuthDeg === null ? '' : sprintf(
            ', %s° to %s°', $this->show->plain($flaw->azimuthDeg[0]), $this->show->plain($flaw->azimuthDeg[1]),
        );

        $face = $this->show->said($flaw->on->said());

        return say('view.flaw-words.along', [
            'from' => $this->show->length($flaw->fromMm, $this->show->fine()),
            'to' => $this->show->length($flaw->toMm, $this->show->fine()),
            'face' => $face,
            'turn' => $turn,
        ]);
    }

    public function with(Flaw $flaw): string
    {
        return $flaw->with === null ? '' : say('view.flaw-words.with', [
            'with' => $this->show->said($flaw->with->label()),
        ]);
    }

    /** @return array<string, Said|string> */
    public function glues(): array
    {
        return ['' => say('view.flaw-words.what-suits')] + array_column(
            array_map(fn (JointGlue $one): array => [$one->value, $one->label()], JointGlue::cases()), 1, 0,
        );
    }

    /** @return array<string, Said|string> */
    public function kinds(): array
    {
        return array_column(
            array_map(fn (FlawKind $one): array => [$one->value, $one->label()], FlawKind::cases()), 1, 0,
        );
    }

    /** @return array<string, string> the lines that this part has, with their lengths */
    public function places(): array
    {
        $places = [];
        foreach (Surface::cases() as $place) {
            $length = $place->lengthMm($this->profile);
            if ($length > 0) {
                $places[$place->value] = $this->show->said($place->said()).' ('.$this->show->length($length).')';
            }
        }

        return $places;
    }

    /** @return array<string, Said|string> */
    public function wishes(): array
    {
        return array_column(array_map(fn (Wish $one): array => [$one->value, $one->label()], Wish::cases()), 1, 0);
    }

    /** @return array<string, Said|string> */
    public function means(): array
    {
        return ['' => say('view.flaw-words.what-suits')] + array_column(
            array_map(fn (FillWith $one): array => [$one->value, $one->label()], FillWith::cases()), 1, 0,
        );
    }

    /** @return array<string, array{string, string}> label and value by field */
    public function numbers(?Flaw $flaw): array
    {
        $mm = $this->show->unit(Unit::Length);
        $value = fn (?float $length): string => $this->show->field(Unit::Length, $length);

        return [
            'flaw_from' => [say('view.flaw-words.from', ['mm' => $mm]), $value($flaw?->fromMm)],
            'flaw_to' => [say('view.flaw-words.to', ['mm' => $mm]), $value($flaw?->toMm)],
            'flaw_width' => [say('view.flaw-words.width', ['mm' => $mm]), $value($flaw?->widthMm)],
            'flaw_depth' => [say('view.flaw-words.depth', ['mm' => $mm]), $value($flaw?->depthMm)],
            'azimuth_from' => [
                say('view.flaw-words.turn-from-empty-all'), $this->show->bare($flaw?->azimuthDeg[0] ?? null),
            ],
            'azimuth_to' => [say('view.flaw-words.turn'), $this->show->bare($flaw?->azimuthDeg[1] ?? null)],
        ];
    }

    /** @return array<string, list<array{float, float, float}>> x, y on the drawing and arc length, by line, mm */
    public function lines(): array
    {
        $lines = [];
        foreach (Surface::cases() as $place) {
            $side = $place === Surface::Outer ? 1 : -1;
            $lines[$place->value] = array_map(
                fn (Point $p): array => [round($side * $p->r, 2), round(-$p->z, 2), round($p->arcMm, 2)],
                $place->curve($this->profile)->points ?? [],
            );
        }

        return array_filter($lines);
    }

    /** What the rim of cracked wood may do, and of what wears bark. */
    public function rimSpeeds(): string
    {
        $speed = $this->calibration->speed;

        return say('view.flaw-words.rim-speeds', [
            'flawed' => $this->show->speed($speed->flawedRimMPerS), 'bark' => $this->show->speed($speed->barkRimMPerS),
        ]);
    }

    /** The figures that volumes follow from, as the catalogue has them. */
    public function figures(): string
    {
        return $this->show->said(new Said('figures.flaws'));
    }
}
