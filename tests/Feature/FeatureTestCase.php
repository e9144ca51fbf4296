<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\WeighPlan;
use App\Models\Kept\UsualAir;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\PieceEditor;
use App\View\Moved;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use Tests\Core\OnePart;

abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    /** A Tuesday morning in working hours. */
    protected const NOW = '2026-12-01 09:00:00';

    protected Workshop $shop;

    protected User $wren;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        // What comes at leisure comes here when it is asked for.
        Queue::fake([WeighPlan::class]);
        Carbon::setTestNow(self::NOW);
        $this->shop = $this->makeShop('Bramble Slip', 'wren@example.test');
        $this->wren = $this->shop->users()->firstOrFail();
        $this->actingAs($this->wren);
    }

    /** The words of a reader with these preferences. */
    protected function show(mixed ...$preferences): Show
    {
        return new Show(app(Catalogue::class), ...$preferences);
    }

    /** What the last press said, the moved date with it. */
    protected function said(): string
    {
        return trim(session('said').' '.Moved::words(session('moved'), $this->show()));
    }

    protected function makeShop(string $name, string $email): Workshop
    {
        $shop = Workshop::create(
            [
                'name' => $name, 'time_zone' => 'UTC',
                'climate' => new UsualAir(
                    dayC: 21.0, dayRh: 50.0, nightC: 21.0, nightRh: 50.0, dayFrom: 8, dayTo: 18,
                ),
            ],
        )->refresh();
        $shop->abrasives()->createMany(
            array_map(fn (string $grit): array => ['grit' => $grit, 'discs' => 9], Bench::USUAL_GRITS),
        );
        $shop->users()->create(
            ['name' => 'Wren', 'email' => $email, 'password' => 'lapwing-on-the-slip', 'role' => 'owner'],
        );

        return $shop;
    }

    /** @param  array<string, mixed>  $more */
    protected function bowl(array $more = [], ?Workshop $shop = null): Piece
    {
        $shop ??= $this->shop;
        $stack = array_values(array_filter(
            app(Catalogue::class)->stacks(), fn ($stack): bool => $stack->id === 'oil-varnish',
        ))[0];
        $n = 0;
        $document = OnePart::document($more + [
            'name' => 'Ebb bowl', 'wood' => 'Ash (white)',
            'form' => 'shallow-bowl', 'grain' => 'side', 'moisture_percent' => 10.0, 'purpose' => 'handled',
            'due_at' => '2026-12-18T17:00:00Z', 'holding' => 'tenon', 'surface' => ['tool_mark_um' => 80],
            'shape' => Form::ShallowBowl->profile(260, 70, 90, 7)->toArray(), 'marks' => [],
            'coats' => [$stack->planFor(
                [Face::Outside, Face::Inside, Face::Rim],
                function (string $kind) use (&$n): string {
                    return $kind.(++$n);
                },
            )],
        ]);

        return app(PieceEditor::class)->create($shop, Document::of($document), null);
    }

    /** @return array<string, mixed> the first part of the piece's document, as it stands now */
    protected function body(Piece $piece): array
    {
        return $piece->refresh()->document->fields()['parts'][0];
    }

    /** The id of a plan of its coats, by its place. */
    protected function planId(Piece $piece, int $plan): string
    {
        return $this->body($piece)['coats'][$plan]['id'] ?? 'none';
    }

    /** The id of a coat of a plan, by its place. */
    protected function coatId(Piece $piece, int $plan, int $coat): string
    {
        return $this->body($piece)['coats'][$plan]['layers'][$coat]['id'] ?? 'none';
    }

    /**
     * The shop's air with some of it changed.
     *
     * @param  array<string, float>  $changes
     */
    protected function airWith(array $changes): UsualAir
    {
        return UsualAir::read($changes + $this->shop->climate->toArray());
    }

    /** @return array<string, string> what stands in the number fields of a page, by their names */
    protected function numbers(string $html): array
    {
        preg_match_all('/<input\b[^>]*inputmode="decimal"[^>]*>/', $html, $fields);
        $numbers = [];
        foreach ($fields[0] as $field) {
            if (preg_match('/ name="([^"]+)"/', $field, $name) && preg_match('/ value="([^"]+)"/', $field, $value)) {
                $numbers[$name[1]] = $value[1];
            }
        }

        return $numbers;
    }

    protected function step(Piece $piece, string $id): PlannedStep
    {
        return PlannedStep::query()->where(['piece_id' => $piece->id, 'step' => $id])->firstOrFail();
    }

    /** Logs steps as done, one after the other, through the real address; a coat that was to wait longer was hard. */
    protected function work(Piece $piece, string ...$ids): void
    {
        foreach ($ids as $id) {
            $this->post(route('steps.done', $this->step($piece, $id)), ['found' => 'hard'])
                ->assertSessionHasNoErrors();
        }
    }
}
