<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\MarkRates;

/** A technique that decorates a band: its words, what it takes, and how it is drawn. */
interface Decoration extends Technique
{
    /** What the maker does, for a step's title. */
    public function action(): string;

    /** Why it stands where it stands. */
    public function because(): string;

    /** Minutes for a band, before anything better is known. */
    public function minutes(Ground $ground, MarkRates $rates): float;

    /** Hours before the next thing may be done to it, where no product says so. */
    public function waitHours(MarkRates $rates): float;

    public function nature(): Nature;

    /** Where it is done, in a word or two. */
    public function hold(string $mounted): string;

    public function drawn(): Drawn;

    /** The colour it is drawn in where no other is chosen. */
    public function ink(): string;
}
