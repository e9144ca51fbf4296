<?php

declare(strict_types=1);

namespace App\Providers;

use App\Along\Packer;
use App\Database\Collision;
use App\Database\PatientConnection;
use App\Http\Controllers\CodeController;
use App\Http\Middleware\KnowVisitor;
use App\Http\NoSecondTry;
use App\Http\Requests\ReadingValidator;
use App\Http\WholeSessions;
use App\Language\ViewText;
use App\Models\User;
use App\Models\Workshop;
use App\People\SignIns;
use App\Pictures\PhotoStore;
use App\Planning\RouteStore;
use App\View\Show;
use App\View\ShownErrors;
use App\View\TermLinks;
use App\Watch\Beat;
use App\Watch\DailyBackup;
use App\Watch\Installation;
use Carbon\CarbonInterface;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Schedule\Scheduler;
use HonestGrain\Schedule\TaskSearch;
use Illuminate\Auth\Events\Login;
use Illuminate\Auth\Events\Logout;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Database\ConcurrencyErrorDetector;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\ServiceProvider;

class AppServiceProvider extends ServiceProvider
{
    /** Workshops opened within an hour by one browser, by browsers unknown at one address, by all at one address. */
    private const OPENED_BY_ONE = 10;

    private const OPENED_UNKNOWN = 20;

    private const OPENED_BY_HOUSE = 200;

    private int $beatAt = 0;

    /** An address with look-alike letters (accents, full width, capitals) counts as the one it looks like. */
    private static function folded(string $email): string
    {
        $plain = \Normalizer::normalize(mb_scrub($email), \Normalizer::FORM_KD);

        return mb_strtolower((string) preg_replace('/\p{M}+/u', '', $plain === false ? '' : $plain));
    }

    public function register(): void
    {
        $this->app->bind(LostConnectionDetector::class, NoSecondTry::class);
        $this->app->singleton(ConcurrencyErrorDetector::class, Collision::class);
        Connection::resolverFor('mariadb', fn (...$of): PatientConnection => new PatientConnection(...$of));
        $this->app->bind(DailyBackup::class, fn (): DailyBackup => new DailyBackup(
            isOn: config()->boolean('app.backups.daily'), folder: config()->string('app.backups.folder'),
        ));
        $this->app->bind(Installation::class, fn (): Installation => new Installation(
            version: config()->string('app.version'), photos: config()->string('photos.path'),
            metricsToken: (string) config('app.metrics_token'),
        ));
        $this->app->bind(PhotoStore::class, fn (): PhotoStore => new PhotoStore(
            disk: self::photographs(...), folder: config()->string('photos.path'),
            where: config('filesystems.photographs') === 'folder'
                ? config()->string('photos.path') : (string) config('filesystems.disks.objects.bucket'),
            isFolder: config('filesystems.photographs') === 'folder',
        ));
        $this->app->when(Packer::class)->needs('$version')->giveConfig('app.version');
        $this->app->scoped(ShownErrors::class);
        $this->app->scoped(RouteStore::class);
        $this->app->scoped(TermLinks::class);
        $this->app->singleton(Catalogue::class, fn (): Catalogue => config('app.catalogue') === null
            ? Catalogue::shipped() : Catalogue::compiled(config('app.catalogue')));
        // A guest's; whoever is signed in has their own, set by the middleware.
        $this->app->bind(Show::class, fn () => Show::for(null, $this->app->make(Catalogue::class)));
        $this->app->bind(Scheduler::class, TaskSearch::class);
        if (config('app.languages') !== null) {
            $this->app->useLangPath(config()->string('app.languages'));
        }
    }

    /** The worker looks for work four times a second, and leaves a sign of it less often. */
    private function beat(): void
    {
        if (time() - $this->beatAt >= Beat::EVERY_SECONDS) {
            $this->beatAt = time();
            Beat::Worker->leave(cache()->store());
        }
    }

    /** A row of a workshop, which then need not be read again to know whose it is. */
    private static function within(?Workshop $workshop, string $relation, int $id): ?Model
    {
        $row = $workshop?->{$relation}()->findOrFail($id);

        return $row?->isRelation('workshop') === true ? $row->setRelation('workshop', $workshop) : $row;
    }

    private static function photographs(): FilesystemAdapter
    {
        $disk = config('filesystems.photographs') !== 'folder' ? Storage::disk('objects')
            : Storage::build(['root' => config()->string('photos.path')] + config()->array('filesystems.disks.folder'));
        assert($disk instanceof FilesystemAdapter);

        return $disk;
    }

    public function boot(): void
    {
        if (! $this->app->isLocale('en')) {
            $lines = require lang_path($this->app->getLocale().'/views.php');
            Blade::prepareStringsForCompilationUsing(ViewText::in($lines)->of(...));
        }
        Session::extend('file', fn (): WholeSessions => new WholeSessions(
            $this->app->make('files'), config()->string('session.files'), config()->integer('session.lifetime'),
        ));
        Event::listen(
            ['eloquent.saving: *', 'eloquent.updating: *', 'eloquent.deleting: *'],
            function (string $event, array $of): void {
                $connection = $of[0]->getConnection();
                $connection instanceof PatientConnection ? $connection->touches($of[0]) : null;
            },
        );
        Event::listen(Login::class, fn (Login $event) => $this->app->make(SignIns::class)->begin($event));
        Event::listen(Logout::class, fn (Logout $event) => $this->app->make(SignIns::class)->leave($event));
        Queue::looping(fn () => $this->beat());
        Model::shouldBeStrict(! $this->app->isProduction());
        $offset = (int) config('app.clock_offset');
        $moved = config('app.clock_file');
        if ($offset !== 0) {
            // The checks' own clock, and by how many seconds a check has moved it on since.
            Date::setTestNow(fn (CarbonInterface $real): CarbonInterface => $real->addSeconds(
                $offset + (is_string($moved) && is_file($moved) ? (int) file_get_contents($moved) : 0),
            ));
        }
        Validator::resolver(fn (
            Translator $translator, array $data, array $rules, array $messages, array $attributes,
        ): ReadingValidator => new ReadingValidator(
            $translator, $data, $rules, $messages, $attributes, auth()->user()?->prefers('units') === 'imperial',
        ));
        Gate::define('run-shop', fn (User $user): bool => $user->isOwner());
        // The demo's sign-in is known to everybody: nobody may lock the others out.
        Gate::define('change-people', fn (User $user): bool => $user->isOwner() && ! $user->workshop->is_demo);
        Gate::define('change-password', fn (User $user): bool => ! $user->workshop->is_demo);
        RateLimiter::for('sign-in', fn (Request $request) => [
            Limit::perMinute(6)->by(self::folded($request->string('email')->toString()).'|'.$request->ip()),
            Limit::perMinute(40)->by((string) $request->ip()),
        ]);
        $who = fn (Request $request): string => (string) ($request->user()->id ?? $request->ip());
        RateLimiter::for('work', fn (Request $request) => $request->isMethodSafe()
            ? Limit::perMinute(600)->by('read '.$who($request))
            : Limit::perMinute(240)->by('write '.$who($request)));
        RateLimiter::for('preview', fn (Request $request) => Limit::perMinute(1200)->by('preview '.$who($request)));
        RateLimiter::for('costly', fn (Request $request) => Limit::perMinute(40)->by('costly '.$who($request)));
        // A late piece has ten remedies, each priced by itself.
        RateLimiter::for('tried', fn (Request $request) => Limit::perMinute(150)->by('tried '.$who($request)));
        RateLimiter::for('password', fn (Request $request) => Limit::perMinute(5)->by('password '.$who($request)));
        // A demo and a workshop cost a second of the server each: few for one browser, more for a house behind one
        // address, so that nobody shuts the others out.
        RateLimiter::for('register', function (Request $request): array {
            $visitor = $request->cookie(KnowVisitor::COOKIE);

            return [
                is_string($visitor) ? Limit::perHour(self::OPENED_BY_ONE)->by("visitor $visitor")
                    : Limit::perHour(self::OPENED_UNKNOWN)->by('unknown '.$request->ip()),
                Limit::perHour(self::OPENED_BY_HOUSE)->by('house '.$request->ip()),
            ];
        });
        RateLimiter::for('invite', fn (Request $request) => Limit::perHour(20)->by(
            'invite '.($request->user()->workshop_id ?? $request->ip()),
        ));
        RateLimiter::for('code', fn (Request $request) => [
            Limit::perMinute(6)->by('code '.($request->session()->get(CodeController::KEY)['user'] ?? $request->ip())),
            Limit::perHour(60)->by('code '.$request->ip()),
        ]);
        RateLimiter::for('forgotten', fn (Request $request) => [
            Limit::perHour(6)->by('forgotten '.self::folded($request->string('email')->toString()).$request->ip()),
            Limit::perHour(60)->by('forgotten '.$request->ip()),
        ]);
        RateLimiter::for('sensor', fn (Request $request) => Limit::perMinute(120)->by('sensor '.$request->ip()));
        RateLimiter::for('public', fn (Request $request) => Limit::perMinute(120)->by('public '.$request->ip()));
        RateLimiter::for('calendar', fn (Request $request) => Limit::perMinute(60)->by((string) $request->ip()));

        Route::bind('sign_in', fn (string $id) => auth()->user()?->signIns()->findOrFail((int) $id) ?? abort(404));
        // Every row is reached through the signed-in workshop, so that another one's number finds nothing.
        foreach ([
            'piece' => 'pieces', 'step' => 'plannedSteps', 'entry' => 'logEntries', 'abrasive' => 'abrasives',
            'person' => 'users', 'own_wood' => 'woods', 'own_mix' => 'mixes',
            'blank' => 'blanks', 'weighing' => 'weighings', 'air' => 'airs',
            'dye' => 'dyes', 'swatch' => 'swatches', 'worker' => 'workers', 'pin' => 'pins', 'timer' => 'timers',
            'cup' => 'cups', 'recipe' => 'recipes', 'invitation' => 'invitations',
        ] as $name => $relation) {
            Route::bind(
                $name,
                fn (string $id) => ctype_digit($id)
                    ? self::within(auth()->user()?->workshop, $relation, (int) $id) : abort(404),
            );
        }
    }
}
