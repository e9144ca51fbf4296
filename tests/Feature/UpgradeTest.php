<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\Planner;
use HonestGrain\Geometry\Form;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A database of the first release, with revisions and a log, is migrated: nothing is lost, and what was logged is
 * logged of the same work as before.
 */
final class UpgradeTest extends TestCase
{
    private const VARNISH = 'Wiping varnish (oil-based thinned)';

    private const SHELLAC = 'Dewaxed shellac (2 lb cut)';

    private int $shop;

    private int $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        Carbon::setTestNow('2026-11-20 09:00:00');
        Schema::dropAllTables();
        $old = array_map(
            fn (string $file): string => 'database/migrations/'.basename($file),
            array_filter(
                (array) glob(base_path('database/migrations/*.php')),
                fn ($file): bool => basename((string) $file) < '2026_11_25_000006',
            ),
        );
        self::assertCount(5, $old);
        $this->artisan('migrate', ['--path' => array_values($old), '--force' => true])->assertSuccessful();
        $this->fill();
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
    }

    protected function tearDown(): void
    {
        Schema::dropAllTables();
        RefreshDatabaseState::$migrated = false;
        parent::tearDown();
    }

    public function test_layers_keep_their_ids_from_revision_to_revision(): void
    {
        $revisions = DB::table('piece_revisions')->where('piece_id', $this->box)->orderBy('number')->pluck('document')
            ->map(fn (string $json): array => json_decode($json, true)['parts'][0]['coats'][0]);
        self::assertSame(['l1', 'l2', 'l3'], array_column($revisions[0]['layers'], 'id'));
        self::assertSame(['l2', 'l3'], array_column($revisions[1]['layers'], 'id'), 'the shellac was left out');
        self::assertSame(['l2', 'l4', 'l3'], array_column($revisions[2]['layers'], 'id'), 'shellac was put between');
        self::assertSame(['c1', 'c1', 'c1'], $revisions->pluck('id')->all());
        self::assertSame(Piece::query()->findOrFail($this->box)->document['parts'][0]['coats'][0], $revisions[2]);
    }

    public function test_what_was_logged_means_the_same_work(): void
    {
        $logged = LogEntry::query()->where('piece_id', $this->box)->orderBy('id')->pluck('step', 'title')->all();
        self::assertSame([
            'Hold it' => 'body/mount', 'Sand the outside' => 'body.outside/sand', 'Cut the groove' => 'groove',
            'Shellac on the outside' => 'l1', 'Varnish, as the first' => 'l2', 'Varnish, as the last' => 'l3',
            'Rub the last but one' => 'l4/denib', 'Fit the lid' => 'fit-lid', 'A step of long ago' => 'polish-the-knob',
        ], $logged);
        self::assertSame(9, LogEntry::query()->where('piece_id', $this->box)->count(), 'none is lost');
        self::assertSame("{$this->box}:l2:0", LogEntry::query()->where('step', 'l2')->value('once_key'));
    }

    public function test_the_shop_goes_on_where_it_was(): void
    {
        $this->actingAs(User::query()->firstOrFail());
        app(Planner::class)->plan(Workshop::query()->findOrFail($this->shop));
        $piece = Piece::query()->findOrFail($this->box);
        $open = $piece->plannedSteps()->where('state', 'open')->pluck('step')->all();
        foreach (['body/mount', 'body.outside/sand', 'groove', 'l1', 'l2', 'l3', 'fit-lid'] as $done) {
            self::assertNotContains($done, $open, "$done is done");
        }
        self::assertContains('l4', $open);
        self::assertNotNull($piece->ready_at);
        $this->get("/pieces/$this->box/record")->assertOk()->assertSee('A step of long ago')->assertSee(
            'Varnish, as the last',
        );
        $this->get("/pieces/$this->box/shape")->assertOk();
        $this->get("/pieces/$this->box/coats")->assertOk()->assertSee(self::VARNISH);
        // Undo goes back through revisions that were written by the first release.
        $this->post("/pieces/$this->box/undo", ['version' => $piece->version])->assertSessionHasNoErrors();
        self::assertSame(
            ['l2', 'l3'], array_column($piece->refresh()->document['parts'][0]['coats'][0]['layers'], 'id'),
        );
    }

    public function test_a_piece_that_cannot_be_read_is_kept_and_said(): void
    {
        $this->actingAs(User::query()->firstOrFail());
        $odd = Piece::query()->where('name', 'Odd one')->firstOrFail();
        self::assertSame('no-such-form', $odd->document['form']);
        $this->get('/pieces')->assertOk()->assertSee('Odd one')->assertSee('Old box');
    }

    /** Rows as the first release wrote them. */
    private function fill(): void
    {
        $now = now()->toDateTimeString();
        $this->shop = (int) DB::table('workshops')->insertGetId([
            'name' => 'Bramble Slip', 'hours' => json_encode(Workshop::USUAL_HOURS), 'closed' => '[]',
            'climate' => json_encode(
                ['day_c' => 21, 'day_rh' => 50, 'night_c' => 21, 'night_rh' => 50, 'day_from' => 8, 'day_to' => 18],
            ),
            'limits' => json_encode(
                ['sanding_cap_m_s' => 5.0, 'min_wall_mm' => 3.0],
            ), 'calendar_token' => str_repeat('a', 64), 'created_at' => $now, 'updated_at' => $now,
        ]);
        DB::table('users')->insert([
            'workshop_id' => $this->shop, 'name' => 'Wren', 'email' => 'wren@example.test', 'password' => 'x',
            'preferences' => '{}', 'created_at' => $now, 'updated_at' => $now,
        ]);
        foreach (['P80', 'P120', 'P180', 'P240', 'P320', 'P400'] as $grit) {
            DB::table('abrasives')->insert(['workshop_id' => $this->shop, 'grit' => $grit, 'discs' => 9]);
        }
        $document = fn (array $layers): array => [
            'format' => 'honest-grain/piece', 'version' => 1, 'name' => 'Old box', 'form' => 'lidded-box',
            'wood' => 'Ash (white)', 'grain' => 'end', 'moisture_percent' => 9, 'purpose' => 'handled',
            'holding' => 'tenon',
            'shape' => Form::LiddedBox->profile(...array_values(Form::LiddedBox->sizes()))->toArray(),
            'marks' => [['id' => 'groove', 'kind' => 'v-groove', 'on' => 'outer', 'from_mm' => 12, 'to_mm' => 14]],
            'coats' => [
                [
                    'zones' => ['outside', 'rim'],
                    'layers' => array_map(fn (string $one): array => ['product' => $one], $layers),
                ],
            ],
        ];
        $this->box = $this->piece('Old box', $document([self::VARNISH, self::SHELLAC, self::VARNISH]), 3);
        foreach ([
            ['2026-11-10 09:00:00', [self::SHELLAC, self::VARNISH, self::VARNISH]],
            ['2026-11-12 09:00:00', [self::VARNISH, self::VARNISH]],
            ['2026-11-14 09:00:00', [self::VARNISH, self::SHELLAC, self::VARNISH]],
        ] as $n => [$at, $layers]) {
            DB::table('piece_revisions')->insert([
                'piece_id' => $this->box, 'number' => $n + 1, 'document' => json_encode(
                    $document($layers),
                ), 'what' => 'coats',
                'created_at' => $at, 'updated_at' => $at,
            ]);
        }
        $this->piece('Odd one', ['form' => 'no-such-form'] + $document([]), 1);
        foreach ([
            ['2026-11-10 10:00:00', 'hold', 'Hold it'], ['2026-11-10 11:00:00', 'sand-outside', 'Sand the outside'],
            ['2026-11-10 12:00:00', 'mark-groove', 'Cut the groove'],
            ['2026-11-11 09:00:00', 'coat-outside+rim-1', 'Shellac on the outside'],
            // After the shellac was left out of the plan, the first place is the varnish that was second.
            ['2026-11-12 10:00:00', 'coat-outside+rim-1', 'Varnish, as the first'],
            ['2026-11-13 10:00:00', 'coat-outside+rim-2', 'Varnish, as the last'],
            ['2026-11-15 10:00:00', 'denib-coat-outside+rim-2', 'Rub the last but one'],
            ['2026-11-15 11:00:00', 'fit-lid', 'Fit the lid'], [
                '2026-11-15 12:00:00', 'polish-the-knob', 'A step of long ago',
            ],
        ] as $n => [$at, $step, $title]) {
            DB::table('log_entries')->insert([
                'workshop_id' => $this->shop, 'piece_id' => $this->box, 'kind' => 'done', 'step' => $step,
                'title' => $title,
                'happened_at' => $at, 'facts' => '{}', 'created_at' => $at,
                'once_key' => "$this->box:$step:".($title === 'Shellac on the outside' ? 1 : 0),
            ]);
        }
    }

    /** @param  array<string, mixed>  $document */
    private function piece(string $name, array $document, int $revision): int
    {
        return (int) DB::table('pieces')->insertGetId([
            'workshop_id' => $this->shop, 'name' => $name, 'form' => $document['form'], 'wood' => 'Ash (white)',
            'document' => json_encode($document), 'drawing' => '<svg/>', 'diameter_mm' => 80, 'height_mm' => 90,
            'revision' => $revision, 'version' => $revision, 'conflicts' => '[]',
            'created_at' => '2026-11-10 08:00:00', 'updated_at' => '2026-11-10 08:00:00',
        ]);
    }
}
