<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Calibration\JointRates;
use HonestGrain\Calibration\SandingFigures;
use HonestGrain\Calibration\ShapeFigures;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Climate;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\CureClock;
use HonestGrain\Geometry\Band;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Wood;

/** Parts and pieces made from shapes, for tests that need one whole. */
final class Drawn
{
    private static ?Catalogue $catalogue = null;

    private static ?Tables $tables = null;

    /** The shipped tables, read once for all tests: nothing in them can change. */
    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= Catalogue::shipped();
    }

    public static function tables(): Tables
    {
        return self::$tables ??= Tables::of(self::catalogue());
    }

    /**
     * What a piece or a part says of itself, as it comes back from JSON.
     *
     * @return array<string, mixed>
     */
    public static function written(Piece|Part $what): array
    {
        return json_decode((string) json_encode($what->toArray()), true);
    }

    public static function sanding(): SandingFigures
    {
        return self::catalogue()->calibration()->sanding;
    }

    public static function coats(): CoatFigures
    {
        return self::catalogue()->calibration()->coats;
    }

    public static function pairs(): Compatibility
    {
        return self::catalogue()->compatibility();
    }

    public static function clock(Climate $climate): CureClock
    {
        return new CureClock(self::coats(), $climate);
    }

    public static function shape(): ShapeFigures
    {
        return self::catalogue()->calibration()->shape;
    }

    public static function joints(): JointRates
    {
        return self::catalogue()->calibration()->joints;
    }

    /** @param  list<Band>  $bands */
    public static function measured(
        Profile $profile,
        GrainDirection $grain,
        array $bands = [],
        ?Wood $wood = null,
        float $moisturePercent = 12.0,
    ): Measurement {
        return Measurement::of(self::shape(), $profile, $grain, $bands, $wood, $moisturePercent);
    }

    /** @param  array<string, mixed>  $more */
    public static function part(Profile $profile, GrainDirection $grain = GrainDirection::Side, array $more = []): Part
    {
        return Part::read(Document::of($more + [
            'id' => 'body', 'wood' => 'Ash (white)', 'grain' => $grain->value, 'shape' => $profile->toArray(),
        ]), self::tables());
    }
}
