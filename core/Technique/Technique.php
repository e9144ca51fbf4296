<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\MarkRates;
use HonestGrain\Safety\Hazard;

/** One way of decorating a band: its words, what it takes, what it asks of the lathe and what it puts at risk. */
interface Technique
{
    /** As documents and answers write it, such as "burnt-line". */
    public function key(): string;

    public function label(): string;

    /** What the maker does, for a step's title. */
    public function action(): string;

    /** Why it stands where it stands. */
    public function because(): string;

    /** Minutes for a band, before anything better is known. */
    public function minutes(Ground $ground, MarkRates $rates): float;

    /** Hours before the next thing may be done to it, where no product says so. */
    public function waitHours(MarkRates $rates): float;

    public function nature(): Nature;

    /** @return array<string, int> what is used while it is done */
    public function needs(): array;

    /** @param  string  $mounted  how the part sits on the lathe, such as "in the chuck" */
    public function hold(string $mounted): string;

    /** @return list<Hazard> besides those of its product */
    public function hazards(): array;

    public function drawn(): Drawn;

    /** The colour it is drawn in where no other is chosen. */
    public function ink(): string;
}
