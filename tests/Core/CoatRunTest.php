<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\CoatStretch;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\Denib;
use HonestGrain\Drawing\CoatStrip;
use HonestGrain\Piece\Coat;
use HonestGrain\Route\CoatRun;
use PHPUnit\Framework\TestCase;

/** A set of coats over time: at 21 °C and 50 % an hour is an hour, so that the waits are those of the catalogue. */
final class CoatRunTest extends TestCase
{
    private const HOUR = 3600;

    private const START = 1_764_579_600;

    public function test_each_coat_goes_on_as_soon_as_it_may(): void
    {
        $run = $this->run21('Dewaxed shellac (2 lb cut)', 'Wiping varnish (oil-based thinned)',
            'Wiping varnish (oil-based thinned)');
        $at = array_map(fn (CoatStretch $one): float => ($one->at - self::START) / self::HOUR, $run->stretches);
        self::assertEquals([0.0, 1.0, 5.0], $at, 'shellac 1 h, varnish 4 h');
        self::assertEquals(5.0 + 12.0, ($run->handleAt - self::START) / self::HOUR);
        self::assertEquals(5.0 + 30 * 24, ($run->curedAt - self::START) / self::HOUR, 'thirty days from the last coat');
        [$shellac, $varnish, $last] = $run->stretches;
        self::assertNull($shellac->closesAt, 'shellac takes the next whenever it comes');
        self::assertEquals(1.0 + 18.0, ($varnish->closesAt - self::START) / self::HOUR);
        self::assertNull($last->closesAt);
    }

    public function test_a_colder_shop_draws_all_of_it_out_and_what_never_cures_has_no_cure(): void
    {
        $warm = $this->run21('Wiping varnish (oil-based thinned)', 'Wiping varnish (oil-based thinned)');
        $cold = $this->coats(11.0, 'Wiping varnish (oil-based thinned)', 'Wiping varnish (oil-based thinned)');
        self::assertEqualsWithDelta(2.0, ($cold->handleAt - self::START) / ($warm->handleAt - self::START), 0.001);
        self::assertNull($this->run21('Mineral oil (non-drying)')->curedAt);
        $over = $this->run21('Dewaxed shellac (2 lb cut)', 'Mineral oil (non-drying)');
        self::assertNull($over->curedAt, 'nor has what is under it');
    }

    public function test_the_strip_has_a_bar_for_each_coat_and_a_window_only_where_one_closes(): void
    {
        $run = $this->run21('Dewaxed shellac (2 lb cut)', 'Wiping varnish (oil-based thinned)',
            'Wiping varnish (oil-based thinned)');
        $drawn = (new CoatStrip($run->stretches, 'a'))->svg();
        self::assertSame(3, substr_count($drawn, 'url(#coats-a)'));
        self::assertSame(1, substr_count($drawn, 'stroke-dasharray'), 'of the varnish under the last coat');
        preg_match_all('/<rect x="([\d.]+)" y="20" width="([\d.]+)"/', $drawn, $bars);
        [$first, $second, $third] = array_map(floatval(...), $bars[2]);
        self::assertEqualsWithDelta(4.0, $second / $first, 0.01, 'to one scale');
        self::assertEqualsWithDelta(12.0, $third / $first, 0.02);
    }

    private function run21(string ...$classes): CoatRun
    {
        return $this->coats(21.0, ...$classes);
    }

    private function coats(float $tempC, string ...$classes): CoatRun
    {
        $catalogue = Catalogue::shipped();
        $air = DayNightClimate::of($tempC, 50, $tempC, 50, 8, 18, new \DateTimeZone('UTC'));
        $clock = new CureClock($catalogue->calibration()->coats, $air);
        $coats = [];
        foreach ($classes as $i => $class) {
            $coats[] = new Coat("l$i", $catalogue->coatings()->coating($class), $i > 0 ? Denib::Pad : null);
        }

        return CoatRun::of($coats, $catalogue->compatibility(), $clock, self::START);
    }
}
