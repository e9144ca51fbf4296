<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Kept\Objection;
use HonestGrain\Piece\Piece;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** What a piece would come to that is not there yet, or that is surfaced otherwise, with nothing else moved. */
final readonly class Foreseen
{
    /**
     * @param  float  $minutes  of hands
     * @param  Carbon|null  $ready  null where it has no date
     * @param  Said|null  $trouble  why it has none
     * @param  list<Objection>  $objections
     * @param  list<ForeseenDay>  $days  on which hands are wanted, in order
     * @param  array<string, float>  $ml  of each finish, by class
     * @param  array<string, float>  $discs  that are used up, by grit
     * @param  float  $cost  of both, at what the shelf says they cost
     * @param  bool  $isPriced  whether all of them have a price
     * @param  int  $leftOut  pieces in work that are too many to be placed among: this is by itself
     */
    public function __construct(
        public Piece $piece,
        public float $minutes,
        public ?Carbon $ready,
        public ?Said $trouble,
        public array $objections,
        public array $days,
        public array $ml,
        public array $discs,
        public float $cost,
        public bool $isPriced,
        public int $leftOut = 0,
    ) {
    }
}
