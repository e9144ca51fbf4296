<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions in files, each of which is there whole or not at all: a process that is ended as it writes one leaves the
 * one before it, and signs nobody out.
 */
final class WholeSessions extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        $this->files->replace("$this->path/$sessionId", $data, 0600);

        return true;
    }
}
