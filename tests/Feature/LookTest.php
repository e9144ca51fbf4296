<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Measured;
use App\Models\PlannedStep;
use HonestGrain\Route\Look;
use HonestGrain\Route\LookAnswer;
use Illuminate\Http\UploadedFile;

/** Steps that ask what is seen, and lead on by the answer. */
final class LookTest extends FeatureTestCase
{
    private const RAKING = ['look' => 'raking'];

    public function test_clean_is_done_in_one_press_and_stands_in_the_record(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $step = $piece->plannedSteps()->where('is_next', true)->where('kind', 'sand')->firstOrFail();
        $this->get('/bench')->assertSeeInOrder(
            ['Hold a lamp low beside it', 'Clean: done', 'A few survivors', 'All over'],
        );
        $this->post(route('steps.done', $step), self::RAKING + ['saw' => 'clean'])->assertSessionHasNoErrors();
        $entry = $piece->logEntries()->where('step', $step->step)->firstOrFail();
        self::assertEquals(
            [Look::RakingLight, LookAnswer::Clean], [$entry->facts->measured->look, $entry->facts->measured->saw],
        );
        $this->get(route('pieces.record', $piece))->assertSee('Seen: Clean.');
    }

    public function test_the_route_asks_at_the_step_that_is_next_and_at_no_other(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $page = (string) $this->get(route('pieces.route', $piece))->assertOk()->getContent();
        self::assertStringContainsString('Hold a lamp low beside it', $page);
        $next = $piece->plannedSteps()->where('is_next', true)->get();
        self::assertSame(
            $next->sum(fn (PlannedStep $step): int => count($step->details->looks)),
            substr_count($page, 'class="look-row"'),
        );
    }

    public function test_a_few_are_put_right_by_hand_and_looked_at_again(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $step = $piece->plannedSteps()->where('is_next', true)->where('kind', 'sand')->firstOrFail();
        $this->post(route('steps.start', $step));
        $this->post(route('steps.look', $step), self::RAKING + ['saw' => 'few', 'once' => 'seen1'])
            ->assertSessionHas('said', 'Written down: A few survivors.');
        $this->post(route('steps.look', $step), self::RAKING + ['saw' => 'few', 'once' => 'seen1']);
        self::assertSame(1, $piece->logEntries()->where('kind', 'look')->count());
        // The step is still to be done, its clock runs on, and the bench says what to do.
        $this->get('/bench')->assertSee('Ring each in pencil.')->assertSee('Then look again.')
            ->assertSee('Stop the clock');
        $this->post(route('steps.done', $step), self::RAKING + ['saw' => 'clean'])->assertSessionHasNoErrors();
    }

    public function test_all_over_leads_to_the_remedies_of_what_is_seen(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $step = $piece->plannedSteps()->where('is_next', true)->where('kind', 'sand')->firstOrFail();
        $this->post(route('steps.look', $step), self::RAKING + ['saw' => 'all'])
            ->assertRedirect(route('steps.wrong', [$step, 'kind' => 'scratches']));
        $this->get(route('steps.wrong', [$step, 'kind' => 'scratches']))->assertOk();
    }

    public function test_a_coat_asks_about_the_one_below_and_not_about_bare_wood(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand');
        $this->get('/bench')->assertSee('Hold a lamp low beside it');
        $this->work($piece, 'body/wipe-clean');
        $this->get('/bench')->assertDontSee('Is the coat below even');
        $this->post(route('steps.look', $this->step($piece, 'l1')), ['look' => 'sheen', 'saw' => 'few'])
            ->assertSessionHasErrors('look');
        $this->work($piece, 'l1', 'l1/wipe-off');
        $this->travelTo('2026-12-03 10:00:00');
        // Where it can burn, that is seen to first.
        $this->get('/bench')->assertSee('Is the coat below even')->assertDontSee('Even: done');
        $this->post('/cautions', ['hazard' => $this->step($piece, 'l2')->unheeded([])?->value]);
        $this->get('/bench')->assertSee('Even: done');
    }

    public function test_a_photograph_is_kept_beside_what_was_seen(): void
    {
        $piece = $this->bowl();
        $this->work($piece, 'body/mount');
        $step = $piece->plannedSteps()->where('is_next', true)->where('kind', 'sand')->firstOrFail();
        $this->post(route('steps.look', $step), self::RAKING + [
            'saw' => 'few', 'photo' => UploadedFile::fake()->image('low light.jpg', 60, 40),
        ])->assertSessionHasNoErrors();
        $entry = $piece->logEntries()->where('kind', 'look')->sole();
        self::assertNotNull($entry->facts->measured->photo);
        $this->get(route('pieces.record', $piece))->assertSee('Seen: A few survivors.')
            ->assertSee(route('log.photo', $entry), false);
        $this->get(route('log.photo', $entry))->assertOk();
        $this->post(route('steps.look', $step), ['look' => 'smell', 'saw' => 'odd'])
            ->assertSessionHasErrors(['look', 'saw']);
        self::assertEquals(Measured::read($entry->facts->measured->toArray()), $entry->facts->measured);
    }
}
