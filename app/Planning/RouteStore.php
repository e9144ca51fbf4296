<?php

declare(strict_types=1);

namespace App\Planning;

use App\Figures\RouteFacts;
use App\Models\Piece;
use App\Models\Tin;
use App\Models\Workshop;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use HonestGrain\Route\SchoolOffer;

/**
 * Routes of pieces, worked out once for a document, an abrasive shelf, the labels of the tins and this release of the
 * core: a press on one piece does not derive the others again.
 */
final class RouteStore
{
    private const KEPT_SECONDS = 14 * 86_400;

    private ?string $release = null;

    /** @var array<string, Route> by key, those that this request or job has asked for: to read one takes some 3 ms */
    private array $asked = [];

    /** @var array<string, string> by workshop and version */
    private array $shops = [];

    public function __construct(private readonly ShopMapper $mapper)
    {
    }

    /**
     * @return array{string, Route} the route and the key of all that it was worked out from
     *
     * @throws BadInput for a document that makes no route
     */
    public function of(Workshop $workshop, Piece $piece, Bench $bench, History $history): array
    {
        $past = $this->past($piece, $history);
        $key = $this->key($workshop, $piece, $bench, $past);
        $this->asked[$key] ??= $this->kept($key) ?? $this->derived($key, $workshop, $piece, $bench, $past);

        return [$key, $this->asked[$key]];
    }

    private function kept(string $key): ?Route
    {
        $kept = cache()->get($key);

        return $kept instanceof Route ? $kept : null;
    }

    /** @throws BadInput for a document that makes no route */
    private function derived(string $key, Workshop $workshop, Piece $piece, Bench $bench, Past $past): Route
    {
        $tables = $this->mapper->tables($workshop, $piece);
        $route = Route::of(CorePiece::read($piece->document, $tables), $bench, $tables, $past);
        cache()->put($key, $route, self::KEPT_SECONDS);

        return $route;
    }

    /** @throws BadInput for a document that makes no route */
    public function facts(
        Workshop $workshop,
        Piece $piece,
        CorePiece $core,
        Bench $bench,
        History $history,
    ): RouteFacts {
        $key = $this->key($workshop, $piece, $bench, $this->past($piece, $history));

        return cache()->remember("facts-$key", self::KEPT_SECONDS, fn (): RouteFacts => RouteFacts::of(
            $this->of($workshop, $piece, $bench, $history)[1],
            SchoolOffer::all($core, $bench, $this->mapper->tables($workshop, $piece), $piece->datedAs()),
        ));
    }

    /** A route that no piece has any more, and what was worked out with it. */
    public static function forget(string $key): void
    {
        cache()->forget($key);
        cache()->forget("facts-$key");
    }

    private function past(Piece $piece, History $history): Past
    {
        return $history->past()->withWoodDated($piece->datedAs());
    }

    private function key(Workshop $workshop, Piece $piece, Bench $bench, Past $past): string
    {
        return 'route-'.hash('xxh128', serialize([
            $this->shop($workshop, $bench), $piece->air_id, $bench->sharesAir, $piece->document, $past,
        ]));
    }

    /** What every route of a shop depends on besides its document. */
    private function shop(Workshop $workshop, Bench $bench): string
    {
        return $this->shops["$workshop->id $workshop->version"] ??= hash('xxh128', serialize([
            $this->release(),
            $workshop->tins->mapWithKeys(fn (Tin $tin): array => [$tin->product => $tin->label])->sortKeys()->all(),
            $workshop->woods->pluck('typed')->all(), $workshop->mixes->pluck('typed')->all(),
            array_map(fn (Grit $grit): string => $grit->name, $bench->abrasives),
            $bench->sandingCapMPerS, $bench->minWallMm, round($bench->equilibriumPercent, 2), $bench->roomC,
            $bench->school,
            $workshop->equipment, $workshop->learnt(), $workshop->dries_apart,
            $workshop->airs->pluck('kind', 'id')->all(),
        ]));
    }

    /** As it was when the server began, or as it is. */
    private function release(): string
    {
        return $this->release ??= Release::current();
    }
}
