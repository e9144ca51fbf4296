<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use App\People\SecondStep;
use App\Watch\Beat;
use App\Watch\DatabaseProbe;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;
use PDOException;

/** What whoever runs an installation does from the command line. */
final class AdminTest extends FeatureTestCase
{
    public function test_an_owner_is_made_with_a_workshop_and_signs_in_with_what_is_shown(): void
    {
        self::assertSame(0, Artisan::call('admin:owner', [
            'email' => 'linnet@example.test', '--name' => 'Linnet Sedge', '--workshop' => 'Reed Bank',
        ]));
        self::assertSame(1, preg_match('/Password: (\S{16})/', Artisan::output(), $shown));
        $linnet = User::query()->where('email', 'linnet@example.test')->firstOrFail();
        self::assertSame(['Reed Bank', Role::Owner], [$linnet->workshop->name, $linnet->role]);
        self::assertTrue($linnet->workshop->abrasives()->exists());
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => $linnet->email, 'password' => $shown[1]])->assertRedirect('/bench');
    }

    public function test_what_is_missing_is_named_and_nothing_is_made(): void
    {
        self::assertSame(2, Artisan::call('admin:owner', ['email' => 'linnet@example.test', '--time-zone' => 'Moon']));
        $said = Artisan::output();
        foreach (['Name is empty', 'workshop\'s name is empty', 'Moon', 'bin/admin owner EMAIL'] as $part) {
            self::assertStringContainsStringIgnoringCase($part, $said);
        }
        self::assertFalse(User::query()->where('email', 'linnet@example.test')->exists());
    }

    public function test_somebody_of_a_workshop_becomes_its_owner(): void
    {
        $maker = $this->shop->users()->create([
            'name' => 'Idris', 'email' => 'idris@example.test', 'password' => 'terns-over-the-slip', 'role' => 'maker',
        ]);
        Artisan::call('admin:owner', ['email' => $maker->email]);
        self::assertTrue($maker->refresh()->isOwner());
    }

    public function test_a_password_is_reset_and_every_session_ends(): void
    {
        $this->get('/bench')->assertOk();
        Artisan::call('admin:password', ['email' => $this->wren->email]);
        self::assertSame(1, preg_match('/Password: (\S{16})/', Artisan::output(), $shown));
        self::assertTrue(Hash::check($shown[1], $this->wren->refresh()->password));
        $this->app['auth']->forgetGuards();
        $this->get('/bench')->assertRedirect('/sign-in');
        app(SecondStep::class)->begin($this->wren);
        $this->wren->forceFill(['second_since' => now()])->save();
        Artisan::call('admin:password', ['email' => $this->wren->email]);
        self::assertTrue($this->wren->refresh()->hasSecondStep());
        Artisan::call('admin:password', ['email' => $this->wren->email, '--without-second-step' => true]);
        self::assertFalse($this->wren->refresh()->hasSecondStep());
        self::assertSame(2, Artisan::call('admin:password', ['email' => 'nobody@example.test']));
        self::assertStringContainsString('nobody@example.test', Artisan::output());
    }

    public function test_workshops_are_listed_with_their_owners(): void
    {
        $this->bowl();
        $this->makeShop('Reed Bank', 'linnet@example.test');
        Artisan::call('admin:workshops');
        $said = Artisan::output();
        self::assertMatchesRegularExpression('/Bramble Slip \| wren@example\.test +\| 1 +\| 1 /', $said);
        self::assertStringContainsString('linnet@example.test', $said);
    }

    public function test_the_doctor_says_what_is_wrong_and_what_mends_it(): void
    {
        config(['app.key' => 'base64:'.base64_encode(random_bytes(32))]);
        foreach (Beat::cases() as $beat) {
            $beat->leave(cache()->store());
        }
        $left = Artisan::call('admin:doctor');
        $said = Artisan::output();
        self::assertSame(0, $left, $said);
        self::assertStringContainsString('0 things are wrong', $said);
        self::assertStringContainsString('App and database have the same time', $said);

        cache()->flush();
        config(['app.debug' => true, 'app.key' => 'short']);
        $this->shop->update(['time_zone' => 'Moon/Sea']);
        $this->app['db']->table('migrations')->where('migration', 'like', '%recipes_changed%')->delete();
        self::assertSame(1, Artisan::call('admin:doctor'));
        $said = Artisan::output();
        foreach (['The key is missing', 'APP_DEBUG=false', 'Moon/Sea', 'migrate --force', '1 change to the tables is',
            'The worker gives no sign', 'schedule:run', '6 things are wrong', 'mail.log'] as $part) {
            self::assertStringContainsString($part, $said);
        }
    }

    public function test_the_doctor_says_so_where_the_database_is_gone_or_alone(): void
    {
        $connection = self::createStub(ConnectionInterface::class);
        $connection->method('scalar')->willThrowException(new PDOException('Connection refused'));
        $this->app->instance(DatabaseProbe::class, new DatabaseProbe($connection));
        self::assertSame(1, Artisan::call('admin:doctor'));
        self::assertStringContainsString('does not answer: Connection refused', Artisan::output());
        $rows = self::createStub(Builder::class);
        $rows->method('where')->willReturnSelf();
        $rows->method('value')->willReturnOnConsecutiveCalls('ON', 'OFF');
        $connection = self::createStub(ConnectionInterface::class);
        $connection->method('scalar')->willReturn('1');
        $connection->method('table')->willReturn($rows);
        $this->app->instance(DatabaseProbe::class, new DatabaseProbe($connection));
        Artisan::call('admin:doctor');
        self::assertStringContainsString('has lost the others', Artisan::output());
    }
}
