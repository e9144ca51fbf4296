<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb;
use HonestGrain\Mending\Cause;
use HonestGrain\Mending\Causes;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\Mended;
use HonestGrain\Mending\Remedies;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;

/** What can be done about something that went wrong. */
final readonly class Mend implements Verb
{
    private const MOST_DONE = 400;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'mend';
    }

    public function example(): string
    {
        return '{"piece":{"format":"honest-grain/piece","version":2,"name":"Bowl","form":"shallow-bowl",'
            .'"parts":[{"id":"body","wood":"Ash (white)","grain":"side","shape":{"outer":[[0,45,"corner"],[20,90],'
            .'[90,140,"corner"]],"inner":[[90,132,"corner"],[28,80],[10,0]]}}]},"done":["body/mount"],'
            .'"fault":{"kind":"torn","part":"body","on":"outer","from_mm":10,"to_mm":40}}';
    }

    public function answer(Document $question): array
    {
        $tables = Tables::of($this->catalogue);
        $piece = Piece::read($question->child('piece'), $tables);
        $fault = Fault::read($question->child('fault'), $piece);
        $done = $question->has('done') ? $question->strings('done', self::MOST_DONE) : [];

        $bench = Bench::usual($this->catalogue);

        return [
            'remedies' => array_map(
                fn (Mended $mended): array => $mended->toArray(),
                Remedies::of($piece, $bench, $tables, $done, $fault),
            ),
            'causes' => array_map(
                fn (Cause $cause): array => $cause->toArray(), Causes::of($piece, $bench, $tables, $done, $fault),
            ),
            'doubt' => Remedies::doubt($piece, $bench, $tables, $done, $fault),
        ];
    }
}
