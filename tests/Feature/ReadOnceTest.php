<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\ClassesOfAPage;
use App\Planning\ShopMapper;
use App\View\Drawings;
use App\View\Show;
use HonestGrain\Geometry\Face;
use HonestGrain\Reading\Document;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\View\Factory;

/** What is worked out or read once, and for what it is done anew. */
final class ReadOnceTest extends FeatureTestCase
{
    public function test_a_drawing_is_kept_until_what_it_shows_is_another(): void
    {
        $piece = $this->bowl();
        $drawn = 0;
        $draw = function () use (&$drawn, $piece): string {
            return Drawings::of($piece, app(ShopMapper::class)->key($piece->workshop, $piece), $this->show())
                ->kept('strip', function () use (&$drawn): string {
                    return 'drawing '.++$drawn;
                });
        };
        self::assertSame(['drawing 1', 'drawing 1'], [$draw(), $draw()]);
        $piece->document = $piece->document->with(['name' => 'Another']);
        self::assertSame('drawing 2', $draw(), 'of another document');
        $piece->workshop->woods()->create(['name' => 'Spoonwood', 'typed' => Document::of(['name' => 'Spoonwood'])]);
        $piece->workshop->refresh();
        self::assertSame('drawing 3', $draw(), 'in a shop that knows another wood');
        self::assertNotSame('drawing 3', Drawings::of(
            $piece, app(ShopMapper::class)->key($piece->workshop, $piece), $this->show(imperial: true),
        )->kept('strip', fn (): string => 'in inches'), 'for a reader in inches');
    }

    public function test_the_classes_that_pages_are_made_with_are_at_hand_and_none_that_only_checks_need(): void
    {
        $files = app(ClassesOfAPage::class)->files();
        foreach ([Face::class, Show::class, Builder::class, Factory::class] as $class) {
            self::assertFileExists($files[$class] ?? '', $class);
        }
        self::assertSame([], array_values(array_filter(
            array_keys($files), fn (string $class): bool => preg_match('/^(Tests|PHPUnit|NunoMaduro)|@/', $class) === 1,
        )));
    }

    public function test_a_server_that_is_told_no_place_for_what_it_reads_is_told_so(): void
    {
        $this->artisan('house:tune')->expectsOutputToContain('APP_CONFIG_CACHE is not set')->assertFailed();
    }
}
