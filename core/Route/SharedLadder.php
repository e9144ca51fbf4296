<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Abrasive\Ladder;
use HonestGrain\Geometry\Face;

/** The ladder that the faces of one mount take together; none where a face is sanded alone. */
final readonly class SharedLadder
{
    /** @param  list<Face>  $with  the other faces that share its changes of grit */
    public function __construct(public ?Ladder $ladder = null, public array $with = [])
    {
    }
}
