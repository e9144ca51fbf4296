<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kept\Choices;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\People\Letter;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Mail;

/** What people ask to be written: in the evening what cannot wait tomorrow, and an hour before a window closes. */
final class LettersTest extends FeatureTestCase
{
    public function test_in_the_evening_whoever_asked_is_told_once_what_closes_tomorrow(): void
    {
        Mail::fake();
        $step = $this->closing('2026-12-02 14:30:00');
        $this->wants('evening');
        $this->sendAt('2026-12-01 17:55:00');
        Mail::assertNothingQueued();
        $this->sendAt('2026-12-01 18:05:00');
        $this->sendAt('2026-12-01 18:10:00');
        $title = $this->show()->said($step->title);
        $this->assertLetters(1, ['Tomorrow in Bramble Slip', "14:30  Ebb bowl: $title, before its window closes"]);
        $this->sendAt('2026-12-02 18:05:00');
        $this->assertLetters(1);
    }

    public function test_the_evening_is_that_of_the_reader(): void
    {
        Mail::fake();
        $this->closing('2026-12-02 14:30:00');
        $this->wants('evening', ['time_zone' => 'Pacific/Auckland']);
        $this->sendAt('2026-12-01 06:00:00');
        $this->assertLetters(0);
        // There it is the second of December by then, and the window closes on the third.
        $this->sendAt('2026-12-02 05:30:00');
        $this->assertLetters(1, ['03:30  Ebb bowl']);
    }

    public function test_an_hour_before_a_window_closes_whoever_asked_is_told_once(): void
    {
        Mail::fake();
        $step = $this->closing('2026-12-01 11:30:00');
        $this->wants('windows');
        $this->sendAt('2026-12-01 10:25:00');
        $this->assertLetters(0);
        $this->sendAt('2026-12-01 10:35:00');
        $this->sendAt('2026-12-01 10:40:00');
        $this->assertLetters(1, ['before 11:30']);
        $step->update(['closes_at' => '2026-12-01 11:40:00']);
        $this->sendAt('2026-12-01 10:45:00');
        $this->assertLetters(2);
        $step->update(['state' => StepState::Done, 'closes_at' => '2026-12-01 11:50:00']);
        $this->sendAt('2026-12-01 10:55:00');
        $this->assertLetters(2);
    }

    public function test_nobody_is_written_who_did_not_ask_or_has_not_confirmed_their_address(): void
    {
        Mail::fake();
        $this->closing('2026-12-01 11:30:00');
        $this->wants('none');
        $this->sendAt('2026-12-01 10:35:00');
        $this->wants('windows');
        $this->wren->forceFill(['email_verified_at' => null])->save();
        $this->sendAt('2026-12-01 10:40:00');
        $this->get('/shop/you')->assertSee('until your address is confirmed');
        $this->wren->forceFill(['email_verified_at' => now(), 'role' => 'reader'])->save();
        $this->sendAt('2026-12-01 10:45:00');
        Mail::assertNothingQueued();
    }

    public function test_a_letter_says_what_it_is_about_and_where_to(): void
    {
        $lines = "14:30  Ebb & Kelp\n15:00  Tern";
        $letter = new Letter('Tomorrow in Bramble Slip', [$lines, 'Why'], 'https://shop.example/x');
        self::assertSame('Tomorrow in Bramble Slip', $letter->envelope()->subject);
        self::assertSame(
            "$lines\n\nWhy\n\nhttps://shop.example/x\n\n-- \nHonest Grain\n", $letter->render(),
        );
    }

    /** @param  array<string, string>  $more */
    private function wants(string $letters, array $more = []): void
    {
        $this->wren->forceFill([
            'preferences' => new Choices(['letters' => $letters] + $more), 'email_verified_at' => now(),
        ])->save();
    }

    private function closing(string $at): PlannedStep
    {
        $step = $this->step($this->bowl(), 'body/mount');
        PlannedStep::query()->whereKeyNot($step->id)->update([
            'must_at' => null, 'closes_at' => null, 'given_up_at' => null,
        ]);
        $step->update(['must_at' => null, 'given_up_at' => null, 'closes_at' => $at]);

        return $step;
    }

    private function sendAt(string $at): void
    {
        Carbon::setTestNow($at);
        Artisan::call('letters:send');
    }

    /** @param  list<string>  $says  in the last */
    private function assertLetters(int $count, array $says = []): void
    {
        $letters = Mail::queued(Letter::class);
        self::assertCount($count, $letters);
        foreach ($says as $part) {
            self::assertStringContainsString($part, $letters->last()->envelope()->subject.$letters->last()->render());
        }
    }
}
