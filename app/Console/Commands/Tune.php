<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\ClassesOfAPage;
use App\Planning\Release;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Console\Command;
use Illuminate\Support\Env;
use Illuminate\Support\Facades\File;

/**
 * Reads once what every request would read anew: the settings, the addresses, the catalogue, the pages, the classes.
 *
 * Where it is put comes from the environment, so that what runs without it reads the files as they are. The settings
 * hold the password of the database: the folder is the server's alone.
 */
class Tune extends Command
{
    private const PLACES = [
        'APP_CONFIG_CACHE', 'APP_ROUTES_CACHE', 'APP_EVENTS_CACHE', 'CATALOGUE_CACHE', 'VIEWS_COMPILED', 'PRELOAD',
    ];

    /** What php-fpm runs before its first request. */
    private const PRELOAD = <<<'PHP'
        <?php

        $files = %s;
        spl_autoload_register(function (string $class) use ($files): void {
            isset($files[$class]) && require_once $files[$class];
        });
        array_map(class_exists(...), array_keys($files));

        PHP;

    protected $signature = 'house:tune';

    protected $description = 'Puts settings, addresses and the catalogue where a server reads them at once';

    public function handle(ClassesOfAPage $classes): int
    {
        foreach (self::PLACES as $name) {
            if (! is_string(Env::get($name))) {
                $this->error("$name is not set; it takes a file or folder of the server's own.");

                return self::FAILURE;
            }
        }
        Env::getRepository()->set('RELEASE', Release::read());
        Env::getRepository()->set('VIEWS_CHANGE', 'false');
        File::put((string) Env::get('CATALOGUE_CACHE'), Catalogue::shipped()->compile());
        // First: a command that reads the settings leaves another application behind than the one that makes a page.
        $files = $classes->files();
        foreach (['view:cache', 'route:cache', 'event:cache', 'config:cache'] as $command) {
            if ($this->callSilently($command) !== self::SUCCESS) {
                $this->error("$command failed; what it says when it is run by itself tells why.");

                return self::FAILURE;
            }
        }
        File::put((string) Env::get('PRELOAD'), sprintf(self::PRELOAD, var_export($files, true)));
        $this->info('Settings, addresses, pages, classes and the catalogue are read.');

        return self::SUCCESS;
    }
}
