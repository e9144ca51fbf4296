<?php

declare(strict_types=1);

namespace App\Planning;

/** Somebody, or another tab, changed the piece since the page was opened. */
final class VersionConflict extends \RuntimeException
{
}
