<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Calibration\MarkRates;
use HonestGrain\Words\Said;

/** A technique that decorates a band: its words, what it takes, and how it is drawn. */
interface Decoration extends Technique
{
    /** What the maker does, for a step's title. */
    public function action(): Said;

    /** Why it stands where it stands. */
    public function because(): Said;

    /** @return list<Setting> what can be set for it, as a page asks for it */
    public function settings(): array;

    /** What is likely of all that it needs, where nobody has set it. */
    public function likely(Ground $ground, Calibration $calibration): Settings;

    /**
     * What follows on a band: minutes, widths, lands, walls, amounts, and what will not do.
     *
     * @param  Settings  $set  whole, with what is likely
     */
    public function worked(Settings $set, Ground $ground, Calibration $calibration): Worked;

    /** @param  Settings  $set  whole, with what is likely */
    public function pattern(Settings $set, Ground $ground): Pattern;

    /** Hours before the next thing may be done to it, where no product says so. */
    public function waitHours(MarkRates $rates): float;

    public function nature(): Nature;

    /** Where it is done, in a word or two. */
    public function hold(Said $mounted): Said;

    /** Whether it covers its band with a colour of its own. */
    public function isFilled(): bool;

    /** Whether its maker chooses a colour for it. */
    public function takesColour(): bool;

    /** The colour it is drawn in where no other is chosen. */
    public function ink(): string;
}
