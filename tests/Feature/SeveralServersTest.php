<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Servers that share no folder: sessions, locks and what is kept lie in the database, where that is set. */
final class SeveralServersTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['session.driver' => 'database', 'cache.default' => 'database']);
        Auth::logout();
        Auth::forgetGuards();
        $this->app->forgetInstance('session');
        $this->app->forgetInstance('session.store');
        $this->app['session']->forgetDrivers();
    }

    public function test_whoever_signs_in_at_one_server_is_signed_in_at_another(): void
    {
        $this->post('/sign-in', ['email' => $this->wren->email, 'password' => 'lapwing-on-the-slip'])
            ->assertRedirect('/bench');
        $row = DB::table('sessions')->where('user_id', $this->wren->id)->first();
        self::assertNotNull($row);
        self::assertStringNotContainsString('sign_in', (string) base64_decode($row->payload), 'it is encrypted');
        $this->elsewhere($row->id);
        $this->get('/shop/you/sign-in')->assertOk()->assertSee('(this one)');
    }

    public function test_a_part_of_a_page_keeps_the_session_going_and_takes_nothing_from_it(): void
    {
        $this->post('/sign-in', ['email' => $this->wren->email, 'password' => 'lapwing-on-the-slip']);
        $id = DB::table('sessions')->where('user_id', $this->wren->id)->value('id');
        DB::table('sessions')->where('id', $id)->update(['last_activity' => now()->getTimestamp() - 3600]);
        $payload = DB::table('sessions')->where('id', $id)->value('payload');
        $this->elsewhere($id);
        $this->get('/plan')->assertSuccessful();
        $row = DB::table('sessions')->where('id', $id)->first();
        self::assertSame(now()->getTimestamp(), (int) $row->last_activity);
        self::assertSame($payload, $row->payload);
    }

    public function test_what_is_kept_and_locked_is_kept_and_locked_for_all(): void
    {
        self::assertTrue(cache()->lock('one', 30)->get());
        $this->app['cache']->forgetDriver('database');
        self::assertFalse(cache()->lock('one', 30)->get());
        $this->actingAs($this->wren);
        $piece = $this->bowl();
        $this->get("/pieces/$piece->id/route")->assertOk();
        self::assertGreaterThan(0, DB::table('cache')->count());
    }

    /** The next request comes to another server, which knows nothing but the cookie. */
    private function elsewhere(string $session): void
    {
        Auth::forgetGuards();
        $this->app->forgetInstance('session.store');
        $this->app['session']->forgetDrivers();
        $cookie = config()->string('session.cookie');
        $this->withCookie($cookie, $session);
    }
}
