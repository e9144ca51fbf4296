<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SignIn;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

final class PeopleTest extends FeatureTestCase
{
    public function test_signing_in_and_out(): void
    {
        Auth::logout();
        $this->get('/bench')->assertRedirect('/sign-in');
        $this->post(
            '/sign-in', ['email' => 'wren@example.test', 'password' => 'wrong'],
        )->assertSessionHasErrors('email');
        $this->assertGuest();
        $this->post(
            '/sign-in', ['email' => 'wren@example.test', 'password' => 'lapwing-on-the-slip'],
        )->assertRedirect('/bench');
        $this->assertAuthenticatedAs($this->wren);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function test_attempts_are_throttled(): void
    {
        Auth::logout();
        for ($i = 0; $i < 6; $i++) {
            $this->post(
                '/sign-in', ['email' => 'wren@example.test', 'password' => 'wrong'],
            )->assertSessionHasErrors('email');
        }
        $this->post(
            '/sign-in', ['email' => 'wren@example.test', 'password' => 'lapwing-on-the-slip'],
        )->assertStatus(429);
        $this->assertGuest();
    }

    public function test_registering_makes_a_workshop_with_its_usual_hours_and_abrasives(): void
    {
        Auth::logout();
        $typed = [
            'workshop' => 'Heron Wharf', 'time_zone' => 'Europe/Oslo', 'name' => 'Nell', 'email' => 'nell@example.test',
            'password' => 'ten-characters', 'password_confirmation' => 'ten-characters',
        ];
        $this->post(
            '/register',
            ['password' => 'short', 'password_confirmation' => 'short', 'email' => 'wren@example.test'] + $typed,
        )
            ->assertSessionHasErrors(['email', 'password']);
        $this->post('/register', $typed)->assertRedirect('/pieces/create');
        $nell = User::query()->where('email', 'nell@example.test')->firstOrFail();
        $this->assertAuthenticatedAs($nell);
        self::assertSame(8, $nell->workshop->abrasives()->count());
        self::assertSame([['08:00', '12:00'], ['13:00', '17:00']], $nell->workshop->hours->on('mon'));
    }

    public function test_the_password_changes_only_with_the_old_one(): void
    {
        $this->put(
            '/password',
            [
                'current_password' => 'wrong', 'password' => 'a-new-password',
                'password_confirmation' => 'a-new-password',
            ],
        )
            ->assertSessionHasErrors('current_password');
        $this->put(
            '/password',
            [
                'current_password' => 'lapwing-on-the-slip', 'password' => 'a-new-password',
                'password_confirmation' => 'a-new-password',
            ],
        )->assertSessionHasNoErrors();
        self::assertTrue(Auth::validate(['email' => 'wren@example.test', 'password' => 'a-new-password']));
    }

    public function test_headers_allow_nothing_inline(): void
    {
        $response = $this->get('/bench');
        $policy = (string) $response->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        $response->assertHeader('X-Frame-Options', 'DENY')->assertHeader('X-Content-Type-Options', 'nosniff');
        $this->bowl();
        foreach ([
            '/bench', '/pieces', '/pieces/create', '/weeks', '/shelf', '/shop',
            "/pieces/{$this->shop->pieces()->value('id')}/shape",
        ] as $page) {
            $html = (string) $this->get($page)->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression('/<script(?![^>]*src=)|\sstyle="|\son[a-z]+="/', $html, $page);
        }
    }

    public function test_preferences_change_how_figures_are_shown(): void
    {
        $piece = $this->bowl();
        $this->get(route('pieces.surface', $piece))->assertSee('cm²');
        $this->put(
            '/preferences', ['units' => 'imperial', 'grits' => 'CAMI', 'clock' => '12', 'theme' => 'dark'],
        )->assertSessionHasNoErrors();
        $this->get(route('pieces.surface', $piece))->assertSee('in²')->assertSee('data-theme="dark"', false);
        $this->get(route('pieces.surface', $piece))->assertSee('P240 (≈ CAMI 240)');
        $this->get('/bench')->assertSee('9:00 am');
        $this->postJson(route('pieces.shape.preview', $piece), ['shape' => $this->body($piece)['shape']])->assertOk()
            ->assertJsonPath(
                'drawing', fn (string $svg): bool => str_contains($svg, '10.24 in') && ! str_contains($svg, ' mm<'),
            );
        $this->put(
            '/preferences', ['units' => 'cubits', 'grits' => 'P', 'clock' => '24', 'theme' => 'paper'],
        )->assertSessionHasErrors('units');
    }

    public function test_a_maker_may_log_but_not_change_the_shop(): void
    {
        $idris = $this->shop->users()->create([
            'name' => 'Idris', 'email' => 'idris@example.test', 'password' => 'ten-characters', 'role' => 'maker',
        ]);
        $piece = $this->bowl();
        $this->flushSession()->actingAs($idris);
        $this->work($piece, 'body/mount');
        $this->post('/shop/people', [])->assertForbidden();
        $this->put('/shop', [])->assertForbidden();
        $this->delete("/shop/people/{$this->wren->id}")->assertForbidden();
        $this->flushSession()->actingAs($this->wren)->delete(
            "/shop/people/{$this->wren->id}",
        )->assertSessionHasErrors('person');
        $this->delete("/shop/people/{$idris->id}")->assertSessionHasNoErrors();
        self::assertSame('body/mount', $piece->logEntries()->value('step'));
    }

    public function test_another_workshop_is_out_of_reach_at_every_address(): void
    {
        $other = $this->makeShop('Heron Wharf', 'nell@example.test');
        $theirs = $this->bowl(['name' => 'Secret bowl'], $other);
        $entry = $other->logEntries()->create(
            ['piece_id' => $theirs->id, 'kind' => 'done', 'step' => 'hold', 'happened_at' => now()],
        );
        $step = $this->step($theirs, 'body/mount');
        foreach ([
            'shape', 'surface', 'marks', 'coats', 'route', 'record', 'card', 'piece.json', 'route.csv', 'drawing.svg',
            'marks/x/template/svg?repeats=12', 'marks/x/template/a4', 'marks/band', 'mark-out', 'turned', 'turned.json',
        ] as $page) {
            $this->get("/pieces/{$theirs->id}/$page")->assertNotFound();
        }
        foreach ([
            ['put', ''], ['delete', ''], ['put', '/shape'], ['post', '/shape/preview'], ['put', '/surface'],
            ['post', '/marks'], ['post', '/marks/together'], ['put', '/marks/x'], ['delete', '/marks/x'],
            ['put', '/coats'], ['post', '/undo'],
            ['post', '/redo'], ['post', '/copy'], ['post', '/revive'],
        ] as [$method, $path]) {
            $this->{$method}("/pieces/{$theirs->id}$path", ['version' => 1])->assertNotFound();
        }
        foreach (['done', 'skip', 'start', 'note', 'wrong'] as $action) {
            $this->post("/steps/{$step->id}/$action", ['reason' => 'x', 'body' => 'x'])->assertNotFound();
        }
        $this->post("/log/{$entry->id}/undo")->assertNotFound();
        $this->put("/shelf/abrasives/{$other->abrasives()->value('id')}", ['discs' => 1])->assertNotFound();
        $this->delete("/shelf/abrasives/{$other->abrasives()->value('id')}")->assertNotFound();
        $this->delete("/shop/people/{$other->users()->value('id')}")->assertNotFound();
        $this->put("/shop/people/{$other->users()->value('id')}", ['role' => 'owner'])->assertNotFound();
        $invitation = $other->invitations()->create([
            'name' => 'Tern', 'email' => 'tern@example.test', 'role' => 'maker', 'token' => 'x', 'ends_at' => now(),
        ]);
        $this->delete("/shop/invitations/$invitation->id")->assertNotFound();
        $signIn = SignIn::query()->create([
            'user_id' => $other->users()->value('id'), 'agent' => '', 'address' => '', 'is_remembered' => false,
            'began_at' => now(), 'seen_at' => now(),
        ]);
        $this->delete("/shop/you/sign-ins/$signIn->id")->assertNotFound();
        foreach (['/bench', '/pieces', '/weeks', '/calendar.ics'] as $page) {
            $this->get($page)->assertOk()->assertDontSee('Secret bowl');
        }
        $this->get('/pieces/nonsense/shape')->assertNotFound();
        self::assertSame(1, $theirs->refresh()->version);
    }
}
