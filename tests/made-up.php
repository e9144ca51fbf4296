<?php

declare(strict_types=1);

/*
 * Writes the made-up language into a folder, for a server that is to speak it:
 *
 *     php tests/made-up.php FOLDER
 */

use App\Language\ViewText;
use Tests\Core\MadeUpLanguage;

require __DIR__.'/../vendor/autoload.php';

MadeUpLanguage::write("$argv[1]/made-up", ['views' => ViewText::allRuns(__DIR__.'/../resources/views')]);
