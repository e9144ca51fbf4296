<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use App\Models\Workshop;
use HonestGrain\Reading\BadInput;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Route;

/**
 * Routes of pieces, worked out once for a document, an abrasive shelf, the labels of the tins and this release of the
 * core: a press on one piece does not derive the others again.
 */
final class RouteStore
{
    private const KEPT_SECONDS = 14 * 86_400;

    private ?string $release = null;

    public function __construct(private readonly ShopMapper $mapper)
    {
    }

    /** @throws BadInput for a document that makes no route */
    public function of(Workshop $workshop, Piece $piece, Bench $bench): Route
    {
        $labels = $workshop->tins->mapWithKeys(fn ($tin): array => [$tin->product => $tin->label])->sortKeys()->all();
        $shelf = array_map(fn ($grit): string => $grit->name, $bench->abrasives);
        $key = 'route-'.hash('xxh128', serialize([
            $this->release(), $piece->document, $labels, $shelf, $bench->sandingCapMPerS, $bench->minWallMm,
        ]));
        $kept = cache()->get($key);
        if ($kept instanceof Route) {
            return $kept;
        }
        $route = Route::of($this->mapper->piece($workshop, $piece->document), $bench);
        cache()->put($key, $route, self::KEPT_SECONDS);

        return $route;
    }

    /** What the routes depend on besides their input: the core and its catalogue, by the times of their files. */
    private function release(): string
    {
        if ($this->release === null) {
            $times = [];
            foreach (['core', 'catalogue'] as $folder) {
                $files = new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS);
                foreach (new \RecursiveIteratorIterator($files) as $path => $file) {
                    $times[(string) $path] = $file instanceof \SplFileInfo ? $file->getMTime() : 0;
                }
            }
            ksort($times);
            $this->release = hash('xxh128', serialize($times));
        }

        return $this->release;
    }
}
