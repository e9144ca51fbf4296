<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SignIn;
use App\Models\User;
use App\Models\Workshop;
use App\People\Leaving;
use App\People\Letter;
use App\People\Totp;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;

/** Letters, a second step, the browsers that are signed in, and the end of an account. */
final class SignInTest extends FeatureTestCase
{
    private const PASSWORD = 'lapwing-on-the-slip';

    public function test_a_forgotten_password_is_chosen_anew_by_a_letter_once(): void
    {
        Mail::fake();
        Auth::logout();
        $this->post('/forgotten', ['email' => 'nobody@example.test'])->assertRedirect('/sign-in');
        Mail::assertNothingQueued();
        $told = session('said');
        $this->post('/forgotten', ['email' => $this->wren->email])->assertRedirect('/sign-in');
        self::assertSame($told, session('said'), 'whether anybody signs in with it is not told');
        $link = $this->linkIn($this->wren->email);
        $this->get($link)->assertOk()->assertSee($this->wren->email);
        $typed = [
            'token' => basename((string) parse_url($link, PHP_URL_PATH)), 'email' => $this->wren->email,
            'password' => 'curlews-at-low-tide', 'password_confirmation' => 'curlews-at-low-tide',
        ];
        $this->put('/forgotten', ['token' => 'another'] + $typed)->assertSessionHasErrors('email');
        $this->put('/forgotten', ['password' => 'short', 'password_confirmation' => 'short'] + $typed)
            ->assertSessionHasErrors('password');
        $this->put('/forgotten', $typed)->assertSessionHasNoErrors()->assertRedirect('/sign-in');
        self::assertTrue(Hash::check('curlews-at-low-tide', $this->wren->refresh()->password));
        self::assertNotNull($this->wren->email_verified_at);
        $this->put('/forgotten', ['password' => 'terns-over-the-slip', 'password_confirmation' => 'terns-over-the-slip']
            + $typed)->assertSessionHasErrors('email');
        self::assertTrue(Hash::check('curlews-at-low-tide', $this->wren->refresh()->password));
    }

    public function test_such_a_letter_counts_for_an_hour(): void
    {
        Mail::fake();
        Auth::logout();
        $this->post('/forgotten', ['email' => $this->wren->email]);
        $link = $this->linkIn($this->wren->email);
        Carbon::setTestNow(now()->addMinutes(61));
        $this->put('/forgotten', [
            'token' => basename((string) parse_url($link, PHP_URL_PATH)), 'email' => $this->wren->email,
            'password' => 'curlews-at-low-tide', 'password_confirmation' => 'curlews-at-low-tide',
        ])->assertSessionHasErrors('email');
    }

    public function test_an_address_is_confirmed_by_its_letter_and_changed_with_the_password(): void
    {
        Mail::fake();
        $this->post('/shop/you/address')->assertSessionHasNoErrors();
        $link = $this->linkIn($this->wren->email);
        $this->get(str_replace('signature=', 'signature=0', $link));
        self::assertNull($this->wren->refresh()->email_verified_at);
        $this->put('/shop/you/address', ['new_email' => 'wren@slip.example', 'address_password' => 'wrong'])
            ->assertSessionHasErrors('address_password');
        $this->put('/shop/you/address', ['new_email' => 'wren@slip.example', 'address_password' => self::PASSWORD])
            ->assertSessionHasNoErrors();
        Mail::assertQueued(Letter::class, fn (Letter $letter): bool => $letter->hasTo('wren@example.test')
            && str_contains($letter->render(), 'wren@slip.example'));
        $this->get($link);
        self::assertNull($this->wren->refresh()->email_verified_at, 'the letter to the address before');
        $this->get($this->linkIn('wren@slip.example'));
        self::assertNotNull($this->wren->refresh()->email_verified_at);
        $this->get('/shop/you/sign-in')->assertOk()->assertDontSee('not confirmed');
    }

    public function test_a_second_step_is_set_up_asked_for_and_left(): void
    {
        $this->post('/shop/you/second-step', ['confirm_password' => 'wrong'])->assertSessionHasErrors();
        self::assertNull($this->wren->refresh()->second_secret);
        $codes = $this->setUp2();
        self::assertCount(10, $codes);
        $stored = (string) DB::table('users')->where('id', $this->wren->id)->value('second_secret');
        self::assertStringNotContainsString((string) $this->wren->second_secret, $stored);

        $this->signIn()->assertRedirect('/sign-in/code');
        $this->assertGuest();
        $this->get('/bench')->assertRedirect('/sign-in');
        $this->get('/sign-in/code')->assertOk();
        $this->post('/sign-in/code', ['code' => '000000'])->assertSessionHasErrors('code');
        $this->assertGuest();
        Carbon::setTestNow(now()->addMinute());
        $code = $this->code();
        $this->post('/sign-in/code', ['code' => substr($code, 0, 3).' '.substr($code, 3)])->assertRedirect();
        $this->assertAuthenticatedAs($this->wren);
        $this->signIn();
        $this->post('/sign-in/code', ['code' => $code])->assertSessionHasErrors('code');
        $this->assertGuest();

        $this->post('/sign-in/code', ['code' => strtoupper($codes[3])])->assertRedirect(route('account'));
        $this->assertAuthenticatedAs($this->wren);
        $this->signIn();
        $this->post('/sign-in/code', ['code' => $codes[3]])->assertSessionHasErrors('code');
        $this->post('/sign-in/code', ['code' => $codes[4]])->assertSessionHasNoErrors();
        $this->put('/shop/you/second-step/codes', ['confirm_password' => self::PASSWORD]);
        self::assertNotContains($codes[5], (array) session('codes'));
        $this->signIn();
        $this->post('/sign-in/code', ['code' => $codes[5]])->assertSessionHasErrors('code');
        Carbon::setTestNow(now()->addMinute());
        $this->post('/sign-in/code', ['code' => $this->code()]);
        $this->delete('/shop/you/second-step', ['confirm_password' => self::PASSWORD]);
        $this->signIn()->assertRedirect('/bench');
    }

    public function test_a_password_given_long_ago_gets_no_code(): void
    {
        $this->setUp2();
        $this->signIn();
        Carbon::setTestNow(now()->addMinutes(11));
        $this->post('/sign-in/code', ['code' => $this->code()])->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function test_codes_are_not_to_be_guessed(): void
    {
        $this->setUp2();
        $this->signIn();
        for ($i = 0; $i < 6; $i++) {
            $this->post('/sign-in/code', ['code' => "11111$i"]);
        }
        Carbon::setTestNow(now()->addSeconds(30));
        $this->post('/sign-in/code', ['code' => $this->code()])->assertStatus(429);
        $this->assertGuest();
    }

    public function test_a_browser_is_signed_out_from_another(): void
    {
        $this->signIn()->assertRedirect('/bench');
        $this->get('/bench')->assertOk();
        $here = SignIn::query()->where('user_id', $this->wren->id)->firstOrFail();
        $there = $here->replicate()->fill(['agent' => 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0']);
        $there->save();
        $this->get('/shop/you/sign-in')->assertOk()->assertSee('(this one)')->assertSee('Firefox, Linux');
        $token = $this->wren->refresh()->getRememberToken();
        $this->delete("/shop/you/sign-ins/$there->id")->assertSessionHasNoErrors();
        self::assertNotNull($there->refresh()->ended_at);
        self::assertNotSame($token, $this->wren->refresh()->getRememberToken(), 'nor by itself again');
        $this->get('/bench')->assertOk();
        $here->update(['ended_at' => now()]);
        $this->get('/bench')->assertRedirect('/sign-in');
        $this->get('/bench')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function test_with_a_new_password_no_other_browser_is_signed_in(): void
    {
        $this->signIn();
        $here = SignIn::query()->latest('id')->firstOrFail();
        $here->replicate()->save();
        $this->put('/password', [
            'current_password' => self::PASSWORD, 'password' => 'curlews-at-low-tide',
            'password_confirmation' => 'curlews-at-low-tide',
        ])->assertSessionHasNoErrors();
        self::assertSame([$here->id], $this->wren->signIns()->pluck('id')->all());
    }

    public function test_every_other_browser_is_signed_out_at_once(): void
    {
        $this->signIn();
        $here = SignIn::query()->latest('id')->firstOrFail();
        foreach ([1, 2] as $_) {
            $here->replicate()->save();
        }
        $this->delete('/shop/you/sign-ins')->assertSessionHasNoErrors();
        self::assertSame([$here->id], $this->wren->signIns()->pluck('id')->all());
        $this->post('/sign-out');
        self::assertSame(0, $this->wren->signIns()->count());
    }

    public function test_an_account_ends_after_two_weeks_in_which_it_can_be_kept(): void
    {
        $idris = $this->shop->users()->create([
            'name' => 'Idris', 'email' => 'idris@example.test', 'password' => self::PASSWORD, 'role' => 'maker',
        ]);
        $this->post('/leaving', ['leave_password' => self::PASSWORD])->assertSessionHasErrors('leave_password');
        $this->flushSession()->actingAs($idris);
        $this->post('/leaving', ['leave_password' => 'wrong'])->assertSessionHasErrors();
        $this->post('/leaving', ['leave_password' => self::PASSWORD])->assertSessionHasNoErrors();
        $this->get('/bench')->assertOk()->assertSee('Your account is deleted on Tue 15 Dec');
        $this->delete('/leaving')->assertSessionHasNoErrors();
        $this->sweepAfter(Leaving::DAYS + 1);
        self::assertTrue(User::query()->whereKey($idris->id)->exists());
        Carbon::setTestNow(self::NOW);
        $this->post('/leaving', ['leave_password' => self::PASSWORD]);
        $this->sweepAfter(Leaving::DAYS - 1);
        self::assertTrue(User::query()->whereKey($idris->id)->exists());
        $this->sweepAfter(Leaving::DAYS + 1);
        self::assertFalse(User::query()->whereKey($idris->id)->exists());
        self::assertTrue(Workshop::query()->whereKey($this->shop->id)->exists());
    }

    public function test_of_two_owners_one_stays(): void
    {
        $nell = $this->shop->users()->create([
            'name' => 'Nell', 'email' => 'nell@example.test', 'password' => self::PASSWORD, 'role' => 'owner',
        ]);
        $this->post('/leaving', ['leave_password' => self::PASSWORD])->assertSessionHasNoErrors();
        $this->flushSession()->actingAs($nell)->post('/leaving', ['leave_password' => self::PASSWORD])
            ->assertSessionHasErrors('leave_password');
        // Whoever runs the shop besides has gone meanwhile: then it is not left to nobody.
        $nell->delete();
        $this->sweepAfter(Leaving::DAYS + 1);
        self::assertTrue(User::query()->whereKey($this->wren->id)->exists());
    }

    public function test_a_workshop_ends_after_two_weeks_with_all_that_is_in_it(): void
    {
        Mail::fake();
        $this->bowl();
        $other = $this->makeShop('Heron Wharf', 'nell@example.test');
        $this->bowl(['name' => 'Their bowl'], $other);
        $typed = ['workshop_name' => 'Bramble Slip', 'close_password' => self::PASSWORD];
        $this->post('/leaving/workshop', ['workshop_name' => 'Bramble'] + $typed)->assertSessionHasErrors();
        $this->post('/leaving/workshop', $typed)->assertSessionHasNoErrors();
        Mail::assertQueued(Letter::class, fn (Letter $letter): bool => $letter->hasTo($this->wren->email)
            && str_contains($letter->render(), '2026-12-15'));
        $this->get('/bench')->assertOk()->assertSee('everything in it is deleted on Tue 15 Dec');
        $this->delete('/leaving/workshop');
        $this->sweepAfter(Leaving::DAYS + 1);
        self::assertTrue(Workshop::query()->whereKey($this->shop->id)->exists());
        Carbon::setTestNow(self::NOW);
        $this->post('/leaving/workshop', $typed);
        $this->sweepAfter(Leaving::DAYS + 1);
        self::assertSame([$other->id], Workshop::query()->pluck('id')->all());
        self::assertSame(['Their bowl'], DB::table('pieces')->pluck('name')->all());
        self::assertSame(['nell@example.test'], User::query()->pluck('email')->all());
    }

    public function test_whoever_tries_the_demo_learns_nothing_of_the_others_and_signs_none_out(): void
    {
        $this->shop->update(['is_demo' => true]);
        $this->signIn();
        $here = SignIn::query()->latest('id')->firstOrFail();
        $there = $here->replicate()->fill(['address' => '192.0.2.7']);
        $there->save();
        $this->shop->audit()->firstOrFail()->update(['address' => '192.0.2.7']);
        $this->get('/shop/you/sign-in')->assertOk()->assertSee('(this one)')->assertDontSee('192.0.2.7');
        $this->get('/shop/people/record')->assertOk()->assertDontSee('192.0.2.7');
        $this->delete("/shop/you/sign-ins/$there->id")->assertForbidden();
        $this->delete('/shop/you/sign-ins')->assertForbidden();
        self::assertNull($there->refresh()->ended_at);
    }

    public function test_the_demos_sign_in_stays_as_it_is(): void
    {
        $this->shop->update(['is_demo' => true]);
        $password = self::PASSWORD;
        foreach ([
            ['put', '/shop/you/name', ['own_name' => 'Nobody']],
            ['put', '/shop/you/address', ['new_email' => 'x@example.test', 'address_password' => $password]],
            ['post', '/shop/you/second-step', ['confirm_password' => $password]],
            ['post', '/leaving', ['leave_password' => $password]],
            ['post', '/leaving/workshop', ['workshop_name' => 'Bramble Slip', 'close_password' => $password]],
            ['post', '/shop/people', [
                'person_name' => 'X', 'person_email' => 'x@example.test', 'person_role' => 'owner',
            ]],
        ] as [$method, $path, $typed]) {
            $this->{$method}($path, $typed)->assertForbidden();
            $this->app['cache']->flush();
        }
    }

    private function linkIn(string $to): string
    {
        $found = null;
        Mail::assertQueued(Letter::class, function (Letter $letter) use ($to, &$found): bool {
            if ($letter->hasTo($to) && preg_match('~https?://\S+~', $letter->render(), $link) === 1) {
                $found = $link[0];
            }

            return $found !== null;
        });

        return (string) $found;
    }

    /** @return list<string> the codes on paper */
    private function setUp2(): array
    {
        $this->post('/shop/you/second-step', ['confirm_password' => self::PASSWORD]);
        $this->get('/shop/you/sign-in')->assertSee('otpauth://totp/')->assertSee('Six digits');
        $this->put('/shop/you/second-step', ['code' => '000000'])->assertSessionHasErrors('code');
        $this->put('/shop/you/second-step', ['code' => $this->code()])->assertSessionHasNoErrors();
        /** @var list<string> */
        $codes = session('codes');
        $this->get('/shop/you/sign-in')->assertSee($codes[0]);
        $this->get('/shop/you/sign-in')->assertDontSee($codes[0]);

        return $codes;
    }

    private function code(): string
    {
        return Totp::code(
            Totp::bytes((string) $this->wren->refresh()->second_secret), Totp::counter((int) now()->getTimestamp()),
        );
    }

    private function signIn(): \Illuminate\Testing\TestResponse
    {
        Auth::logout();

        return $this->post('/sign-in', ['email' => $this->wren->email, 'password' => self::PASSWORD]);
    }

    private function sweepAfter(int $days): void
    {
        Carbon::setTestNow(Carbon::parse(self::NOW)->addDays($days));
        Artisan::call('people:sweep');
    }
}
