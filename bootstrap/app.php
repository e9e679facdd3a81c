<?php

declare(strict_types=1);

use App\Exceptions\ApiTrouble;
use App\Exceptions\DatabaseTrouble;
use App\Exceptions\SignedOut;
use App\Http\Controllers\Up;
use App\Http\Middleware\ApiSignedIn;
use App\Http\Middleware\CachedPage;
use App\Http\Middleware\GuardPages;
use App\Http\Middleware\Idempotency;
use App\Http\Middleware\IdempotencyKey;
use App\Http\Middleware\KeepNoCopy;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\PersonalPreferences;
use App\Http\Middleware\QuietSession;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SignedInHere;
use App\Http\Middleware\SpeaksLanguage;
use App\Http\Middleware\SpeaksOfTheHitch;
use App\Http\Middleware\TellServerTime;
use App\Http\Middleware\WritingStops;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', api: __DIR__.'/../routes/api.php', apiPrefix: 'api/v1', commands: __DIR__.'/../routes/console.php', then: function (): void {
        // Without a session: asked by machines.
        Route::get('/up', [Up::class, 'show'])->name('up');
        Route::get('/alive', [Up::class, 'alive'])->name('alive');
    })
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // What is typed is kept to the letter: nothing trims it on the way in.
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->prepend([TellServerTime::class, GuardPages::class]);
        // Once for what is refused before anybody is known, and again as soon as a session says who reads.
        $middleware->append([SpeaksLanguage::class, KnownHost::class, ReadableInput::class]);
        $middleware->encryptCookies(except: [SpeaksLanguage::COOKIE]);
        $middleware->web(replace: [StartSession::class => QuietSession::class]);
        $middleware->web(append: [SpeaksLanguage::class, PersonalPreferences::class, WritingStops::class, Idempotency::class]);
        $middleware->api(append: [WritingStops::class]);
        $middleware->alias(['kept' => CachedPage::class, 'token' => ApiSignedIn::class, 'once' => IdempotencyKey::class, 'no-copy' => KeepNoCopy::class]);
        // What is saved waits at the gate of a restore before anything of the shop is read for it.
        $middleware->prependToPriorityList(AuthenticatesRequests::class, WritingStops::class);
        // A page that is kept is given out before its job is read.
        $middleware->prependToPriorityList(SubstituteBindings::class, SignedInHere::class);
        // Nobody learns which jobs there are who may not read one.
        $middleware->prependToPriorityList(SubstituteBindings::class, ApiSignedIn::class);
        $middleware->appendToPriorityList(SignedInHere::class, CachedPage::class);
        $middleware->appendToPriorityList(SubstituteBindings::class, SpeaksOfTheHitch::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(SignedOut::answer(...));
        $exceptions->render(DatabaseTrouble::page(...));
        $exceptions->render(ApiTrouble::answer(...));
    })
    ->create();
