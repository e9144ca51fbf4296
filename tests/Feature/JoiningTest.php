<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditKind;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use App\People\Letter;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Mail;

/** Who joins a workshop, by a link; what each may do there; and what is written down of it. */
final class JoiningTest extends FeatureTestCase
{
    private const JOINS = [
        'name' => 'Idris', 'password' => 'heron-on-the-wharf', 'password_confirmation' => 'heron-on-the-wharf',
    ];

    public function test_somebody_joins_by_the_link_and_it_counts_once(): void
    {
        Mail::fake();
        $link = $this->invite('maker');
        Mail::assertQueued(Letter::class, fn (Letter $letter): bool => $letter->hasTo('idris@example.test')
            && str_contains($letter->render(), $link));
        self::assertStringNotContainsString(basename($link), (string) Invitation::query()->value('token'));
        $this->get('/shop/hands')->assertSee('idris@example.test')->assertSee('until Tue 8 Dec');
        Auth::logout();
        $this->get($link)->assertOk()->assertSee('Join Bramble Slip');
        $this->post($link, self::JOINS)->assertRedirect('/bench');
        $idris = User::query()->where('email', 'idris@example.test')->firstOrFail();
        $this->assertAuthenticatedAs($idris);
        self::assertSame([$this->shop->id, Role::Maker], [$idris->workshop_id, $idris->role]);
        Auth::logout();
        $this->get($link)->assertRedirect('/sign-in');
        $this->post($link, self::JOINS)->assertRedirect('/sign-in');
        self::assertSame(2, $this->shop->users()->count());
    }

    public function test_a_link_ends_with_its_days_when_it_is_withdrawn_and_with_the_next_one(): void
    {
        $first = $this->invite('maker');
        $second = $this->invite('reader');
        Auth::logout();
        $this->get($first)->assertRedirect('/sign-in');
        $this->get($second)->assertOk();
        Carbon::setTestNow(now()->addDays(Invitation::DAYS)->addMinute());
        $this->get($second)->assertRedirect('/sign-in');
        Carbon::setTestNow(self::NOW);
        $this->flushSession()->actingAs($this->wren)->delete('/shop/invitations/'.Invitation::query()->value('id'));
        Auth::logout();
        $this->post($second, self::JOINS)->assertRedirect('/sign-in');
        self::assertSame(1, $this->shop->users()->count());
    }

    public function test_an_address_that_signs_in_meanwhile_joins_nothing(): void
    {
        $link = $this->invite('owner');
        $this->makeShop('Heron Wharf', 'idris@example.test');
        Auth::logout();
        $this->post($link, self::JOINS)->assertSessionHasErrors('name');
        self::assertSame(1, $this->shop->users()->count());
        $this->flushSession()->actingAs($this->wren)->post('/shop/people', [
            'person_name' => 'Idris', 'person_email' => 'idris@example.test', 'person_role' => 'maker',
        ])->assertSessionHasErrors('person_email');
    }

    public function test_a_reader_sees_what_is_ready_when_and_nothing_else(): void
    {
        $piece = $this->bowl(['name' => 'Ebb bowl']);
        $this->flushSession()->actingAs($this->somebody(Role::Reader));
        $this->get('/bench')->assertRedirect('/dates');
        $page = $this->get('/dates')->assertOk()->assertSee('Ebb bowl')->assertDontSee('name="alive"', false);
        $page->assertSee('ready '.$this->show()->day($piece->refresh()->ready_at));
        foreach (['/pieces', "/pieces/$piece->id/route", '/weeks', '/log', '/shop', '/rack', '/plan', '/shop/hands',
            "/pieces/$piece->id/sale", '/weeks/plan.json', '/pieces/finished.csv', '/calendar.ics'] as $path) {
            self::assertSame(403, $this->get($path)->assertDontSee('Ebb bowl')->getStatusCode(), $path);
        }
        $this->post('/log', ['body' => 'x'])->assertForbidden();
        $this->post('/steps/'.$this->step($piece, 'body/mount')->id.'/done')->assertForbidden();
        self::assertSame(0, $this->shop->logEntries()->count());
        foreach (['/shop/you', '/shop/you/sign-in', '/help'] as $path) {
            $this->get($path)->assertOk();
        }
        $calendar = route('calendar.subscription', Auth::user()->calendar_token);
        $this->get($calendar)->assertNotFound();
    }

    public function test_an_owner_changes_what_others_may_do_and_not_their_own(): void
    {
        $idris = $this->somebody(Role::Maker);
        $this->put("/shop/people/$idris->id", ['role' => 'owner'])->assertSessionHasNoErrors();
        self::assertTrue($idris->refresh()->isOwner());
        $this->put("/shop/people/{$this->wren->id}", ['role' => 'reader'])->assertSessionHasErrors('role');
        $this->put("/shop/people/$idris->id", ['role' => 'king'])->assertSessionHasErrors('role');
        $this->put("/shop/people/$idris->id", ['role' => 'maker']);
        $this->flushSession()->actingAs($idris->refresh())->put("/shop/people/{$this->wren->id}", ['role' => 'maker'])
            ->assertForbidden();
    }

    public function test_what_is_done_with_sign_ins_is_written_down_for_owners(): void
    {
        $this->invite('maker');
        Auth::logout();
        $this->post('/sign-in', ['email' => $this->wren->email, 'password' => 'wrong-password']);
        $this->post('/sign-in', ['email' => $this->wren->email, 'password' => 'lapwing-on-the-slip']);
        $this->post('/shop/calendar');
        $this->get('/shop/people/record')->assertOk()->assertSeeInOrder([
            'made a new calendar address', 'signed in', 'tried a wrong password', 'invited idris@example.test',
        ]);
        self::assertSame([$this->shop->id], $this->shop->audit()->distinct()->pluck('workshop_id')->all());
        $this->flushSession()->actingAs($this->somebody(Role::Maker))->get('/shop/people/record')->assertForbidden();
        $other = $this->makeShop('Heron Wharf', 'nell@example.test');
        $this->flushSession()->actingAs($other->users()->firstOrFail())->get('/shop/people/record')->assertOk()
            ->assertDontSee('idris@example.test');
    }

    public function test_every_kind_has_its_words(): void
    {
        $words = lines('models.audit');
        self::assertSame(
            [], array_diff(array_column(AuditKind::cases(), 'value'), array_keys($words)), 'each is said',
        );
        self::assertSame([], array_diff(array_keys($words), array_column(AuditKind::cases(), 'value')), 'and no other');
    }

    private function invite(string $role): string
    {
        $this->flushSession()->actingAs($this->wren)->post('/shop/people', [
            'person_name' => 'Idris', 'person_email' => 'idris@example.test', 'person_role' => $role,
        ])->assertSessionHasNoErrors();

        return (string) session('link');
    }

    private function somebody(Role $role): User
    {
        return $this->shop->users()->create([
            'name' => 'Tern', 'email' => "tern-$role->value@example.test", 'password' => 'heron-on-the-wharf',
            'role' => $role,
        ]);
    }
}
