<?php

declare(strict_types=1);

namespace Tests\Load;

/** What is ended outright. */
enum Part: string
{
    case Database = 'the database';
    case Children = 'whatever answers just now';
    case Pages = 'php-fpm';
    case Front = 'nginx';
    case Worker = 'the worker';
    case Clock = 'the clock';
    case Together = 'the database and php-fpm';
    case House = 'all of it at once, begun anew';

    /** Whether an answer that is on its way is lost with it. */
    public function answers(): bool
    {
        return in_array($this, [self::Children, self::Pages, self::Front, self::Together], true);
    }
}
