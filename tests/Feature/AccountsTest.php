<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\KnowVisitor;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\RateLimiter;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who may come in, how often, and what ends when they leave. */
final class AccountsTest extends FeatureTestCase
{
    private const NEW = [
        'workshop' => 'Sluice Row', 'time_zone' => 'UTC', 'name' => 'Idris', 'email' => 'idris@example.test',
        'password' => 'heron-on-the-wharf', 'password_confirmation' => 'heron-on-the-wharf',
    ];

    public function test_a_calendar_address_is_one_persons_and_ends_with_them(): void
    {
        $idris = $this->shop->users()->create([
            'name' => 'Idris', 'email' => 'idris@example.test', 'password' => 'heron-on-the-wharf', 'role' => 'maker',
        ]);
        $address = fn (User $user): string => route('calendar.subscription', $user->refresh()->calendar_token);
        [$hers, $his] = [$address($this->wren), $address($idris)];
        self::assertNotSame($hers, $his);
        $this->get('/shop/you')->assertSee($hers)->assertDontSee($his);
        $this->get($his)->assertOk();
        $this->delete(route('people.destroy', $idris))->assertSessionHasNoErrors();
        $this->get($his)->assertNotFound();
        $this->get($hers)->assertOk();
        $this->post('/shop/calendar')->assertSessionHasNoErrors();
        $this->get($hers)->assertNotFound();
        $this->get($address($this->wren))->assertOk();
    }

    public function test_another_port_of_the_same_machine_is_another_site(): void
    {
        [$scheme, $host] = [parse_url(url('/'), PHP_URL_SCHEME), parse_url(url('/'), PHP_URL_HOST)];
        $port = parse_url(url('/'), PHP_URL_PORT) ?? 80;
        $this->post('/log', ['body' => 'x'], ['Origin' => "$scheme://$host:8080"])->assertForbidden();
        $this->post('/log', ['body' => 'x'], ['Origin' => 'null'])->assertForbidden();
        self::assertSame(0, $this->shop->logEntries()->count());
        $this->post('/log', ['body' => 'x'], ['Origin' => "$scheme://$host:$port"])->assertRedirect();
        $this->post('/log', ['body' => 'y'], ['Origin' => rtrim(url('/'), '/')])->assertRedirect();
        self::assertSame(2, $this->shop->logEntries()->count());
        $to = $this->post('/log', ['body' => 'z'], ['Referer' => "$scheme://$host:8080/trap"])->headers;
        self::assertStringNotContainsString('8080', (string) $to->get('Location'));
    }

    public function test_one_browser_uses_up_its_own_share_and_not_the_houses(): void
    {
        Auth::logout();
        $ask = fn (?string $who) => ($who === null ? $this : $this->withCookie(KnowVisitor::COOKIE, $who))
            ->post('/register', ['email' => 'no address']);
        for ($i = 0; $i < 10; $i++) {
            $ask('first')->assertStatus(302);
        }
        $ask('first')->assertStatus(429)->assertSee('It can be asked again in')->assertHeader('Retry-After');
        $ask('second')->assertStatus(302);
        for ($i = 11; $i < 200; $i++) {
            RateLimiter::hit(md5('registerhouse 127.0.0.1'), 3600);
        }
        $ask('third')->assertStatus(429);
    }

    public function test_a_browser_is_known_before_it_asks(): void
    {
        Auth::logout();
        $this->get('/sign-in')->assertOk()->assertCookie(KnowVisitor::COOKIE);
        Cookie::flushQueuedCookies();
        $this->withCookie(KnowVisitor::COOKIE, 'known')->get('/sign-in')->assertCookieMissing(KnowVisitor::COOKIE);
    }

    public function test_invitations_have_an_end(): void
    {
        for ($i = 0; $i < 21; $i++) {
            $last = $this->post('/shop/people', ['person_name' => "Maker $i"]);
        }
        $last->assertStatus(429);
        self::assertSame(1, $this->shop->users()->count());
    }

    #[DataProvider('unfit')]
    public function test_a_password_that_is_none_is_refused_in_words(string $password, string $says): void
    {
        Auth::logout();
        $this->post('/register', ['password' => $password, 'password_confirmation' => $password] + self::NEW)
            ->assertSessionHasErrors('password');
        self::assertStringContainsString($says, (string) session('errors')->first('password'));
        self::assertSame(1, Workshop::query()->count());
        $link = $this->invite('idris@example.test');
        Auth::logout();
        $theirs = str_replace('Sluice Row', 'Bramble Slip', $password);
        $this->post($link, ['name' => 'Idris', 'password' => $theirs, 'password_confirmation' => $theirs])
            ->assertSessionHasErrors('password');
        $this->assertGuest();
        $this->actingAs($this->wren);
        $this->put('/password', [
            'current_password' => 'lapwing-on-the-slip', 'password' => 'bramble  SLIP',
            'password_confirmation' => 'bramble  SLIP',
        ])->assertSessionHasErrors('password');
    }

    /** @return iterable<string, array{string, string}> */
    public static function unfit(): iterable
    {
        yield 'too short' => ['heron', 'at least 10'];
        yield 'longer than what counts' => [str_repeat('heron-wharf', 7), 'up to 72 bytes'];
        yield 'letters of more bytes' => [str_repeat('żółw', 12), 'up to 72 bytes'];
        yield 'one letter' => ['aaaaaaaaaa', 'the same few'];
        yield 'the name of the workshop' => ['Sluice Row', 'a name that stands'];
    }

    public function test_the_longest_password_signs_in_and_no_longer_one_does(): void
    {
        Auth::logout();
        $password = substr(str_repeat('heron-wharf.', 6), 0, 72);
        $this->post('/register', ['password' => $password, 'password_confirmation' => $password] + self::NEW)
            ->assertSessionHasNoErrors();
        Auth::logout();
        $this->post('/sign-in', ['email' => self::NEW['email'], 'password' => $password])->assertRedirect('/bench');
    }

    public function test_the_second_of_two_with_one_address_is_told_so(): void
    {
        // Between looking whether the address is free and taking it, somebody else takes it.
        $isTaken = false;
        User::creating(function (User $user) use (&$isTaken): void {
            if ($user->name === 'Idris' && ! $isTaken) {
                $isTaken = true;
                $this->makeShop('Other', 'idris@example.test');
            }
        });
        Auth::logout();
        $this->post('/register', self::NEW)->assertSessionHasErrors([
            'email' => 'E-mail “idris@example.test” is in use already.',
        ]);
        self::assertNull(Workshop::query()->where('name', 'Sluice Row')->first());
        self::assertGuest();
    }

    /** @return string the link that is handed over */
    private function invite(string $email): string
    {
        $this->actingAs($this->wren)->post('/shop/people', [
            'person_name' => 'Idris', 'person_email' => $email, 'person_role' => 'maker',
        ])->assertSessionHasNoErrors();

        return (string) session('link');
    }
}
