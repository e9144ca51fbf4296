<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Calibration\JointRates;
use HonestGrain\Drawing\Assembly;
use HonestGrain\Piece\Fit;
use HonestGrain\Piece\Joint;
use HonestGrain\Piece\JointGlue;
use HonestGrain\Piece\JointKind;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Words\Said;

/** All parts of a piece on one drawing, and how they meet, worded for the reader. */
final readonly class PartsPanel
{
    public function __construct(private Piece $core, private JointRates $rates, private Show $show)
    {
    }

    public function assembled(): string
    {
        return Assembly::of($this->core, 'assembled')->named();
    }

    public function apart(): string
    {
        return Assembly::apart($this->core, 'apart')->named();
    }

    /** "Lid in body, lifts off" */
    public function name(Joint $joint): string
    {
        return sprintf(
            '%s in %s, %s', $this->part($joint->spigot)->name, mb_lcfirst($this->part($joint->socket)->name),
            mb_lcfirst($this->show->said($joint->kind->label())),
        );
    }

    /** "fits, 0.3 mm of play" */
    public function fit(Joint $joint): string
    {
        $play = $joint->playMm($this->part($joint->socket), $this->part($joint->spigot));
        $says = $this->show->said($this->verdict($joint)->label());

        return match (true) {
            $play === null => $says,
            $play < 0 => say('view.parts-panel.too-wide', [
                'says' => $says,
                'length' => $this->show->length(-$play, $this->show->fine()),
            ]),
            default => say('view.parts-panel.play', [
                'says' => $says,
                'length' => $this->show->length($play, $this->show->fine()),
            ]),
        };
    }

    public function isBad(Joint $joint): bool
    {
        return in_array($this->verdict($joint), [Fit::Binds, Fit::Loose], true);
    }

    /** @return array<string, Said|string> */
    public function kinds(): array
    {
        return array_column(array_map(
            fn (JointKind $kind): array => [$kind->value, $kind->label()], JointKind::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said|string> */
    public function glues(): array
    {
        return ['' => say('view.parts-panel.what-suits')] + array_column(array_map(
            fn (JointGlue $glue): array => [$glue->value, $glue->label()], JointGlue::cases(),
        ), 1, 0);
    }

    public function aboutPlay(): string
    {
        $tight = $this->show->length($this->rates->tightBelowMm, $this->show->fine());
        $loose = $this->show->length($this->rates->looseAboveMm, $this->show->fine());

        return say('view.parts-panel.play-socket-drawn-mouth', ['tight' => $tight, 'loose' => $loose]);
    }

    private function verdict(Joint $joint): Fit
    {
        return $joint->fit($this->part($joint->socket), $this->part($joint->spigot), $this->rates);
    }

    private function part(string $id): Part
    {
        return $this->core->part($id) ?? throw new \LogicException("The piece has no part $id.");
    }
}
