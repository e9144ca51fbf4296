<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

use HonestGrain\Mending\Internal\CoatWays;
use HonestGrain\Mending\Internal\FaultContext;
use HonestGrain\Mending\Internal\LatheWays;
use HonestGrain\Mending\Internal\WoodWays;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use HonestGrain\Words\Said;

/** What can be done about each fault, the gentlest first. Workshop rules, with the rates of the calibration. */
final readonly class Remedies
{
    private WoodWays $wood;

    private CoatWays $coats;

    private LatheWays $lathe;

    private function __construct(FaultContext $at)
    {
        $this->wood = new WoodWays($at);
        $this->coats = new CoatWays($at);
        $this->lathe = new LatheWays($at);
    }

    /**
     * @param  list<string>  $done  what has been done so far, in order
     * @param  string  $id  what the ids of new steps begin with, not yet used in the piece
     * @return list<Mended>
     */
    public static function of(
        Piece $piece,
        Bench $bench,
        Tables $tables,
        array $done,
        Fault $fault,
        string $id = 'mend',
    ): array {
        $route = Route::of($piece, $bench, $tables, Past::of($done));
        $self = new self(FaultContext::at(
            fault: $fault, piece: $piece, route: $route, done: $done, tables: $tables, id: $id,
            equilibriumPercent: $bench->equilibriumPercent,
        ));

        $ways = $self->all($fault->kind);

        return array_map(
            fn (Remedy $remedy): Mended => Mended::by($remedy, $piece, $bench, $tables, $done),
            $fault->kind->mayEndAPart() ? [...$ways, ...$self->wood->makeAgain()] : $ways,
        );
    }

    /**
     * A part from another blank, whatever it is for; null where nothing was done to it.
     *
     * @param  list<string>  $done
     */
    public static function makeAgain(
        Piece $piece, Bench $bench, Tables $tables, array $done, ?string $part, string $id = 'mend',
    ): ?Mended {
        $fault = Fault::read(Document::of([
            'kind' => FaultKind::Dropped->value, 'part' => $piece->partOrBody($part)->id,
        ]), $piece);
        $ways = (new WoodWays(FaultContext::at(
            fault: $fault, piece: $piece, route: Route::of($piece, $bench, $tables, Past::of($done)), done: $done,
            tables: $tables, id: $id,
        )))->makeAgain();

        return $ways === [] ? null : Mended::by($ways[0], $piece, $bench, $tables, $done);
    }

    /**
     * Why a face can hardly have that fault, as far as anything is logged; null where it can.
     *
     * @param  list<string>  $done
     */
    public static function doubt(Piece $piece, Bench $bench, Tables $tables, array $done, Fault $fault): ?Said
    {
        $route = Route::of($piece, $bench, $tables, Past::of($done));

        return FaultContext::at(
            fault: $fault, piece: $piece, route: $route, done: $done, tables: $tables, id: 'mend',
        )->evidence()->doubt();
    }

    /** @return list<Remedy> */
    private function all(FaultKind $kind): array
    {
        return match ($kind) {
            FaultKind::Crack => $this->wood->crack(),
            FaultKind::Catch => $this->wood->catch(),
            FaultKind::Torn => $this->wood->torn(),
            FaultKind::Scratches => $this->wood->scratches(),
            FaultKind::SandedThrough => $this->coats->sandedThrough(),
            FaultKind::Blotch => $this->coats->blotch(),
            FaultKind::Drip => $this->coats->drip(),
            FaultKind::Nibs => $this->coats->nibs(),
            FaultKind::Streaks => $this->coats->streaks(),
            FaultKind::Tacky => $this->coats->tacky(),
            FaultKind::Bloom => $this->coats->bloom(),
            FaultKind::LidStuck => $this->coats->lidStuck(),
            FaultKind::Weeps => $this->coats->weeps(),
            FaultKind::Dropped => $this->wood->dropped(),
            FaultKind::Metal => $this->wood->metal(),
            FaultKind::Knot => $this->wood->knot(),
            FaultKind::Warped, FaultKind::Oval => $this->wood->warped(),
            FaultKind::Ripples => $this->lathe->ripples(),
            FaultKind::Smears => $this->lathe->smears(),
            FaultKind::Slipped => $this->lathe->slipped(),
            FaultKind::BoreOff => $this->lathe->boreOff(),
        };
    }
}
