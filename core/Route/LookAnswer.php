<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What a look shows: nothing, some of it at a place, or all over. */
enum LookAnswer: string
{
    case Clean = 'clean';
    case Few = 'few';
    case All = 'all';
}
