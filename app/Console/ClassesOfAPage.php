<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Workshop;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use ReflectionClass;
use Symfony\Component\Finder\Finder;

/** The classes that a server has at hand before its first request: the house's own, and what any page is made with. */
final readonly class ClassesOfAPage
{
    private const OURS = ['core' => 'HonestGrain', 'app' => 'App'];

    /** Not what is written while it runs, and not what only checks need. */
    private const PLACES = '~^(core|app|vendor/(?!composer/|nunomaduro/|phpunit/))~';

    public function __construct(private Kernel $kernel)
    {
    }

    /** @return array<string, string> the file of each, by its name */
    public function files(): array
    {
        foreach (self::OURS as $folder => $space) {
            foreach (Finder::create()->files()->name('*.php')->in(base_path($folder)) as $file) {
                class_exists($space.'\\'.strtr(substr($file->getRelativePathname(), 0, -4), '/', '\\'));
            }
        }
        // A page that asks nobody who they are, and a question that is not sent.
        config(['session.driver' => 'array']);
        $this->kernel->handle(Request::create('/sign-in'));
        Workshop::query()->where('id', 1)->toSql();

        $files = [];
        foreach ([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()] as $class) {
            $file = (new ReflectionClass($class))->getFileName();
            $within = $file === false ? '' : Str::after($file, base_path('/'));
            if ($file !== false && ! str_contains($class, '@anonymous') && preg_match(self::PLACES, $within) === 1) {
                $files[$class] = $file;
            }
        }

        return $files;
    }
}
