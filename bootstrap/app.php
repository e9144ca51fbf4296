<?php

declare(strict_types=1);

use App\Http\DiskFull;
use App\Http\Middleware\AnswersPress;
use App\Http\Middleware\ApplyPreferences;
use App\Http\Middleware\KnownSignIn;
use App\Http\Middleware\OwnPagesOnly;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\ReadersSeeDates;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SeenLately;
use App\Http\Middleware\SessionsForPeople;
use App\Http\PhotographsGone;
use App\Http\RecordsGone;
use App\Http\TrustedHosts;
use App\Planning\Refused;
use App\View\FieldWords;
use App\View\Show;
use HonestGrain\Reading\BadInput;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\View\Middleware\ShareErrorsFromSession;
use League\Flysystem\FilesystemException;
use Symfony\Component\HttpKernel\Exception\HttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php',
        then: function (): void {
            require __DIR__.'/../routes/devices.php';
            require __DIR__.'/../routes/watch.php';
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->trustHosts(fn (): array => TrustedHosts::patterns(), subdomains: false);
        $middleware->web(prepend: [OwnPagesOnly::class, SessionsForPeople::class]);
        $middleware->validateCsrfTokens(
            except: ['sign-in', 'sign-in/code', 'register', 'demo', 'forgotten', 'join/*'],
        );
        $middleware->appendToPriorityList(ShareErrorsFromSession::class, ReadableInput::class);
        $middleware->authenticateSessions();
        $middleware->web(
            append: [
                ReadableInput::class, ApplyPreferences::class, KnownSignIn::class, ReadersSeeDates::class,
                SeenLately::class, AnswersPress::class,
            ],
        );
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/bench');
        $middleware->trimStrings(except: ['password', 'password_confirmation', 'current_password']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Said without asking who is signed in, which would ask the database once more and double the wait.
        $exceptions->report(fn (Throwable $e): bool => ! RecordsGone::caused($e) || RecordsGone::noted($e));
        $exceptions->render(fn (Throwable $e, Request $request) => DiskFull::caused($e)
            ? DiskFull::page($request) : null);
        $exceptions->render(fn (Throwable $e, Request $request) => RecordsGone::caused($e)
            ? RecordsGone::page($request) : null);
        $exceptions->render(fn (FilesystemException $e, Request $request) => PhotographsGone::page($request));
        $exceptions->dontReport(Refused::class);
        $exceptions->render(function (Refused $e, Request $request) {
            $why = app(Show::class)->said($e->why);

            return $request->expectsJson()
                ? response()->json(['message' => $why, 'errors' => [$e->field => [$why]]], 422)
                : redirect()->back()->withInput()->withErrors([$e->field => $why]);
        });
        // The craft words its own errors; on a page they stand beside the form like any other.
        $exceptions->dontReport(BadInput::class);
        $exceptions->render(function (BadInput $e, Request $request) {
            // A file is spoken of in its own terms, a page in the maker's.
            $message = $request->routeIs('pieces.import')
                ? $e->getMessage() : FieldWords::in(app(Show::class)->said($e->said), $e->field);

            // A page that cannot be made of what is stored says why; to go back would be to ask for it again.
            if ($request->isMethodSafe() && ! $request->expectsJson() && url()->previous() === $request->fullUrl()) {
                return response()->view('errors.422', ['exception' => new HttpException(422, $message)], 422);
            }

            return $request->expectsJson()
                ? response()->json(
                    ['message' => $message, 'field' => FieldWords::within($e->field), 'code' => $e->reason], 422,
                )
                : redirect()->back()->withInput()->withErrors([FieldWords::formField($e->field) => $message]);
        });
    })
    ->create();
