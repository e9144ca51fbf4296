<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Holding\Equipment;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Route;

/** Every step of a piece, in order, with reasons and conflicts. */
final readonly class RouteVerb implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'route';
    }

    public function example(): string
    {
        return '{"format":"honest-grain/piece","version":2,"name":"Bowl","form":"shallow-bowl","parts":[{'
            .'"id":"body","wood":"Ash (white)","grain":"side","moisture_percent":9,"holding":"tenon",'
            .'"shape":{"outer":[[0,40,"corner"],[30,90],[60,110,"corner"]],'
            .'"inner":[[60,104,"corner"],[34,86],[10,0]]},'
            .'"coats":[{"id":"c1","zones":["outside","inside","rim"],"layers":[{"id":"l1",'
            .'"product":"Oil-varnish blend","denib":null}],"buff":false}]}]}';
    }

    public function answer(Document $question): array
    {
        $tables = Tables::of($this->catalogue);

        $bench = Bench::usual($this->catalogue);

        return Route::of(
            Piece::read($question, $tables), $question->has('equipment')
                ? $bench->with(Equipment::read($question->child('equipment'))) : $bench, $tables,
        )->toArray();
    }
}
