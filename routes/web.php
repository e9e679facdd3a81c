<?php

declare(strict_types=1);

use App\Http\Controllers\Card\Cards;
use App\Http\Controllers\Customer\Customers;
use App\Http\Controllers\Day\Calendars;
use App\Http\Controllers\Day\Calls;
use App\Http\Controllers\Day\Days;
use App\Http\Controllers\Garage\Garage;
use App\Http\Controllers\Garage\HitchChoices;
use App\Http\Controllers\Garage\NewLoads;
use App\Http\Controllers\Garage\Shelf;
use App\Http\Controllers\Job\Bars;
use App\Http\Controllers\Job\Bench;
use App\Http\Controllers\Job\Checks;
use App\Http\Controllers\Job\Facts;
use App\Http\Controllers\Job\Gap;
use App\Http\Controllers\Job\Gauge;
use App\Http\Controllers\Job\HeadChoice;
use App\Http\Controllers\Job\HookUps;
use App\Http\Controllers\Job\Jobs;
use App\Http\Controllers\Job\Measures;
use App\Http\Controllers\Job\Photos;
use App\Http\Controllers\Job\Procedures;
use App\Http\Controllers\Job\RoadTests;
use App\Http\Controllers\Job\Rounds;
use App\Http\Controllers\Job\SafetyChains;
use App\Http\Controllers\Job\Stations;
use App\Http\Controllers\Job\Tape;
use App\Http\Controllers\Job\Torques;
use App\Http\Controllers\Log\CareBooks;
use App\Http\Controllers\Log\JobFiles;
use App\Http\Controllers\Log\Logs;
use App\Http\Controllers\MayUpload;
use App\Http\Controllers\Offline;
use App\Http\Controllers\Owner\OwnersPage;
use App\Http\Controllers\Owner\OwnersPapers;
use App\Http\Controllers\People\Account;
use App\Http\Controllers\People\Deeds;
use App\Http\Controllers\People\FirstOwner;
use App\Http\Controllers\People\ForgottenPassword;
use App\Http\Controllers\People\Join;
use App\Http\Controllers\People\PasswordAgain;
use App\Http\Controllers\People\SignIn;
use App\Http\Controllers\People\Team;
use App\Http\Controllers\People\Tokens;
use App\Http\Controllers\People\WhoIsWhat;
use App\Http\Controllers\Practice\Explainers;
use App\Http\Controllers\Practice\PracticeRuns;
use App\Http\Controllers\Practice\PracticeYard;
use App\Http\Controllers\Preferences;
use App\Http\Controllers\Shop\Backups;
use App\Http\Controllers\Shop\Experiences;
use App\Http\Controllers\Shop\Settings;
use App\Http\Controllers\Weigh\Devices;
use App\Http\Controllers\Weigh\Loads;
use App\Http\Controllers\Weigh\Tickets;
use App\Http\Controllers\Weigh\Tongue;
use App\Http\Controllers\Worker;
use App\Http\Controllers\Yard;
use App\Http\Middleware\AsksRole;
use App\Http\Middleware\KeepFlash;
use App\Http\Middleware\KeepNoCopy;
use App\Http\Middleware\SignedInHere;
use App\Http\Middleware\SpeaksOfTheHitch;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\Route;

// Numbers that a row can have; anything longer is nobody's.
Route::patterns(array_fill_keys(['job', 'rig', 'id', 'ticket', 'reading', 'photo', 'link', 'record', 'person', 'signIn', 'run', 'note', 'customer', 'access'], '[0-9]{1,18}'));

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignIn::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignIn::class, 'store'])->name('sign-in.try');
    Route::get('/first-owner', [FirstOwner::class, 'show'])->name('first-owner');
    Route::post('/first-owner', [FirstOwner::class, 'store'])->name('first-owner.make');
    Route::get('/forgotten', [ForgottenPassword::class, 'show'])->name('forgotten');
    Route::post('/forgotten', [ForgottenPassword::class, 'store'])->name('forgotten.mail');
    Route::prefix('/join/{kind}/{id}/{token}')->middleware(KeepNoCopy::class)->group(function (): void {
        Route::get('/', [Join::class, 'show'])->name('join');
        Route::post('/', [Join::class, 'store'])->name('join.choose');
    });
});

Route::get('/calendar/{token}.ics', [Calendars::class, 'feed'])->middleware([KeepNoCopy::class, 'throttle:120,1'])->name('calendar.feed');

// Keeps pages in a browser for when there is no connection: over all of the shop, whatever folder it was built in.
Route::get('/worker.js', Worker::class)->name('worker');

Route::prefix('/card/{token}')->middleware(KeepNoCopy::class)->group(function (): void {
    Route::get('/', [OwnersPage::class, 'show'])->name('owner.card');
    Route::get('/loads.json', [OwnersPage::class, 'loads'])->name('owner.loads');
    Route::get('/rig.webmanifest', [OwnersPage::class, 'manifest'])->name('owner.manifest');
    // The link itself is what the sender shows: a page kept on the road has no token of a session.
    Route::post('/note', [OwnersPage::class, 'note'])->withoutMiddleware(ValidateCsrfToken::class)->middleware('throttle:10,1')->name('owner.note');
    Route::get('/paper', [OwnersPapers::class, 'card'])->name('owner.paper');
    Route::get('/{paper}.pdf', [OwnersPapers::class, 'pdf'])->name('owner.pdf');
    Route::get('/{occasion}', [OwnersPapers::class, 'procedure'])->name('owner.procedure');
});

Route::middleware(['auth', SignedInHere::class, AsksRole::class, SpeaksOfTheHitch::class])->group(function (): void {
    // A person's own.
    Route::post('/sign-out', [SignIn::class, 'destroy'])->name('sign-out');
    Route::post('/preferences', [Preferences::class, 'update'])->name('preferences');
    Route::post('/preferences/calling', [Preferences::class, 'calling'])->name('preferences.calling');
    Route::get('/password-again', [PasswordAgain::class, 'show'])->middleware('no-copy')->name('password.confirm');
    Route::post('/password-again', [PasswordAgain::class, 'store'])->name('password.check');
    Route::get('/who-are-you', [WhoIsWhat::class, 'show'])->middleware('no-copy')->name('role.ask');
    Route::post('/who-are-you', [WhoIsWhat::class, 'store'])->name('role.say');
    Route::get('/account', [Account::class, 'show'])->middleware('no-copy')->name('account');
    Route::get('/account/tokens', [Tokens::class, 'show'])->middleware('no-copy')->name('tokens');
    Route::post('/account/tokens', [Tokens::class, 'make'])->name('tokens.make');
    Route::post('/account/tokens/{access}/revoke', [Tokens::class, 'revoke'])->name('tokens.revoke');
    Route::get('/calendar', [Calendars::class, 'show'])->middleware('no-copy')->name('calendar');
    Route::post('/calendar', [Calendars::class, 'make'])->name('calendar.make');
    Route::post('/calendar/{link}/revoke', [Calendars::class, 'revoke'])->name('calendar.revoke');
    Route::post('/account/password', [Account::class, 'password'])->name('account.password');
    Route::post('/account/sign-ins/{signIn}/end', [Account::class, 'end'])->name('account.end');
    Route::post('/account/sign-ins/end', [Account::class, 'endOthers'])->name('account.end-others');

    // Asked by the server in front, before it takes a file.
    Route::get('/may/work', [MayUpload::class, 'show'])->middleware('can:work')->name('may.work');

    // Whoever owns the shop.
    Route::get('/practice', [PracticeYard::class, 'show'])->name('practice');
    Route::get('/practice/record/{person?}', [PracticeYard::class, 'record'])->middleware('no-copy')->name('practice.record');
    Route::get('/practice/explain/{topic}', [Explainers::class, 'show'])->name('practice.explain');
    Route::get('/practice/explain/{topic}/frames', [Explainers::class, 'frames'])->name('practice.frames');
    Route::get('/practice/{run}', [PracticeRuns::class, 'show'])->name('practice.run');
    Route::get('/practice/{run}/debrief', [PracticeRuns::class, 'debrief'])->name('practice.debrief');

    Route::middleware(['can:own', 'no-copy'])->group(function (): void {
        Route::get('/may/own', [MayUpload::class, 'show'])->name('may.own');
        Route::get('/practice/team', [PracticeYard::class, 'team'])->name('practice.team');
        Route::get('/people', [Team::class, 'show'])->name('people');
        Route::post('/people', [Team::class, 'invite'])->name('people.invite');
        Route::post('/people/{person}/link', [Team::class, 'link'])->name('people.link');
        Route::post('/people/{person}/role', [Team::class, 'role'])->name('people.role');
        Route::post('/people/{person}/let-go', [Team::class, 'letGo'])->name('people.let-go');
        Route::post('/people/{person}/take-back', [Team::class, 'takeBack'])->name('people.take-back');
        Route::get('/deeds', [Deeds::class, 'show'])->name('deeds');
        Route::get('/customers/{customer}/data.json', [Customers::class, 'file'])->name('customers.file');
        Route::post('/customers/{customer}/erase', [Customers::class, 'erase'])->name('customers.erase');
        Route::get('/experience', [Experiences::class, 'show'])->name('experience');
        Route::get('/settings', [Settings::class, 'show'])->name('settings');
        Route::post('/settings/preview', [Settings::class, 'preview'])->name('settings.preview');
        Route::post('/settings', [Settings::class, 'store'])->name('settings.store');
        // All that is in it at once: with the password again.
        Route::middleware('password.confirm')->group(function (): void {
            Route::get('/shop', [Backups::class, 'show'])->name('shop');
            Route::post('/shop/backups', [Backups::class, 'make'])->name('shop.make');
            Route::post('/shop/backups/{name}', [Backups::class, 'download'])->name('shop.download');
            Route::post('/shop/restore/part', [Backups::class, 'part'])->name('shop.part');
            Route::post('/shop/restore', [Backups::class, 'prepare'])->name('shop.prepare');
            Route::get('/shop/restore', [Backups::class, 'preview'])->name('shop.preview');
            Route::post('/shop/restore/now', [Backups::class, 'restore'])->name('shop.restore');
        });
    });

    // Whoever works on jobs.
    Route::middleware('can:work')->group(function (): void {
        Route::post('/practice', [PracticeYard::class, 'store'])->name('practice.start');
        Route::post('/practice/{run}/acts', [PracticeRuns::class, 'act'])->name('practice.act');
        Route::post('/jobs/{job}/weigh', [Tickets::class, 'store'])->name('weigh.store');
        Route::post('/jobs/{job}/weigh/{ticket}/condition', [Tickets::class, 'condition'])->name('weigh.condition');
        Route::post('/jobs/{job}/weigh/{ticket}/withdraw', [Tickets::class, 'withdraw'])->name('weigh.withdraw');
        Route::post('/jobs/{job}/tongue', [Tongue::class, 'store'])->name('tongue.store');
        Route::post('/jobs/{job}/tongue/{reading}/withdraw', [Tongue::class, 'withdraw'])->name('tongue.withdraw');
        Route::post('/jobs/{job}/card/links', [Cards::class, 'link'])->name('card.link');
        Route::post('/jobs/{job}/card/links/{link}/revoke', [Cards::class, 'revoke'])->name('card.revoke');
        Route::post('/day/{job}', [Days::class, 'put'])->name('day.put');
        Route::post('/calls/{rig}', [Calls::class, 'store'])->name('calls.store');
        Route::get('/customers/new', [Customers::class, 'create'])->middleware('no-copy')->name('customers.create');
        Route::post('/customers', [Customers::class, 'store'])->name('customers.store');
        Route::post('/customers/{customer}', [Customers::class, 'update'])->name('customers.update');
        Route::post('/rigs/{rig}/customer', [Customers::class, 'assign'])->name('customers.assign');
        Route::post('/owner-notes/{note}/seen', [Cards::class, 'seen'])->name('owner-notes.seen');
        Route::post('/jobs/{job}/photos', [Photos::class, 'store'])->name('photos.store');
        Route::post('/jobs/{job}/photos/{photo}/withdraw', [Photos::class, 'withdraw'])->name('photos.withdraw');
        Route::post('/jobs/{job}/road-tests', [RoadTests::class, 'store'])->name('road.store');
        Route::post('/jobs/{job}/head-place', [HeadChoice::class, 'store'])->name('jobs.head');
        Route::post('/jobs/{job}/bars', [Bars::class, 'store'])->name('bars.store');
        Route::post('/jobs/{job}/bars/skip', [Bars::class, 'skip'])->name('bars.skip');
        Route::post('/jobs/{job}/bars/undo', [Bars::class, 'undo'])->name('bars.undo');
        Route::post('/jobs/{job}/gap', [Gap::class, 'store'])->name('gap.store');
        Route::post('/jobs/{job}/gap/skip', [Gap::class, 'skip'])->name('gap.skip');
        Route::get('/take-in', [JobFiles::class, 'take'])->name('files.take');
        Route::post('/take-in', [JobFiles::class, 'store'])->name('files.store');
        Route::post('/garage/pair', [Shelf::class, 'pair'])->name('garage.pair');
        Route::post('/garage/rig/{rig}/away', [Shelf::class, 'putRigAway'])->name('rigs.away');
        Route::post('/garage/rig/{rig}/back', [Shelf::class, 'bringRigBack'])->name('rigs.back');
        Route::post('/garage/{part}/new', [Shelf::class, 'store'])->name('garage.store');
        Route::post('/garage/{part}/{id}/copy', [Shelf::class, 'copy'])->name('garage.copy');
        Route::post('/garage/{part}/{id}/away', [Shelf::class, 'putAway'])->name('garage.put-away');
        Route::post('/garage/{part}/{id}/back', [Shelf::class, 'bringBack'])->name('garage.bring-back');
        Route::post('/garage/{part}/{id}', [Garage::class, 'update'])->name('garage.update');
        Route::post('/jobs/{job}/hook-up/set-by', [HookUps::class, 'setBy'])->name('hook-up.set-by');
        Route::post('/jobs/{job}/hook-up/count', [HookUps::class, 'count'])->name('hook-up.count');
        Route::prefix('/jobs/{job}/loads/{state}')->where(['state' => 'weighed|[0-9]{1,18}'])->group(function (): void {
            Route::post('/', [Loads::class, 'store'])->name('loads.store');
            Route::post('/copy', [Loads::class, 'copy'])->name('loads.copy');
            Route::post('/setting', [Loads::class, 'setting'])->name('loads.setting');
            Route::post('/away', [Loads::class, 'putAway'])->name('loads.away');
        });
        Route::prefix('/jobs/{job}/procedures/{occasion}')->group(function (): void {
            Route::post('/take', [Procedures::class, 'take'])->name('procedures.take');
            Route::post('/ticked', [Procedures::class, 'ticked'])->name('procedures.ticked');
            Route::post('/undo', [Procedures::class, 'undo'])->name('procedures.undo');
            Route::post('/give-up', [Procedures::class, 'giveUp'])->name('procedures.give-up');
        });
        Route::prefix('/log/{rig}')->group(function (): void {
            Route::post('/care', [CareBooks::class, 'store'])->name('care.store');
            Route::post('/care/{record}/withdraw', [CareBooks::class, 'withdraw'])->name('care.withdraw');
        });
        Route::post('/jobs/{job}/take-over/facts/{part}/{field}', [Facts::class, 'storeForGuide'])->name('facts.guide');
        Route::prefix('/jobs/{job}/{station}')->group(function (): void {
            Route::post('/tape', [Tape::class, 'store'])->name('tape.store');
            Route::post('/gauge', [Gauge::class, 'store'])->name('gauge.store');
            Route::post('/measures', [Measures::class, 'store'])->name('measures.store');
            Route::post('/rounds', [Rounds::class, 'store'])->name('rounds.store');
            Route::post('/torques', [Torques::class, 'store'])->name('torques.store');
            Route::post('/checks', [Checks::class, 'store'])->name('checks.store');
            Route::post('/facts/{part}/{field}', [Facts::class, 'store'])->name('facts.store');
            Route::post('/method', [Stations::class, 'method'])->name('stations.method');
            Route::post('/sides', [Stations::class, 'sides'])->name('stations.sides');
            Route::post('/close', [Stations::class, 'close'])->name('stations.close');
            Route::post('/open', [Stations::class, 'open'])->name('stations.open');
        });
    });

    // Everybody in the shop reads, books, and is answered while typing.
    Route::get('/', [Yard::class, 'show'])->middleware('kept:clock')->name('yard');
    Route::get('/day/{day?}', [Days::class, 'show'])->where('day', '20\d\d-\d\d-\d\d')->middleware('no-copy')->name('day');
    Route::get('/calls', [Calls::class, 'show'])->middleware('no-copy')->name('calls');
    Route::get('/customers', [Customers::class, 'index'])->middleware('no-copy')->name('customers');
    Route::get('/customers/{customer}', [Customers::class, 'edit'])->middleware('no-copy')->name('customers.edit');
    Route::get('/offline.json', [Offline::class, 'pages'])->name('offline.pages');
    Route::get('/no-connection', [Offline::class, 'none'])->name('offline.none');
    Route::get('/jobs/new', [Jobs::class, 'create'])->name('jobs.create');
    Route::post('/jobs', [Jobs::class, 'store'])->block(10, 10)->name('jobs.store');
    Route::get('/jobs/{job}', [Bench::class, 'resume'])->name('jobs.resume');
    Route::get('/jobs/{job}/tape-log', [Jobs::class, 'log'])->middleware('kept:job')->name('jobs.log');
    Route::get('/jobs/{job}/plan', [Jobs::class, 'plan'])->middleware('kept:job')->name('jobs.plan');
    Route::get('/jobs/{job}/weigh', [Tickets::class, 'show'])->middleware('kept:job')->name('weigh');
    Route::get('/jobs/{job}/tongue', [Tongue::class, 'show'])->middleware('kept:job')->name('tongue');
    Route::get('/jobs/{job}/loads/{state?}', [Loads::class, 'show'])->where('state', 'weighed|[0-9]{1,18}')->middleware('kept:job')->name('loads');
    Route::get('/jobs/{job}/devices/{kind}', [Devices::class, 'read'])->name('devices.read');
    Route::get('/jobs/{job}/card', [Cards::class, 'show'])->middleware(KeepNoCopy::class)->name('card');
    Route::get('/jobs/{job}/card/{paper}.pdf', [Cards::class, 'pdf'])->middleware(KeepNoCopy::class)->name('card.pdf');
    Route::get('/jobs/{job}/files', [JobFiles::class, 'show'])->middleware('kept:job')->name('files');
    Route::get('/jobs/{job}/job.json', [JobFiles::class, 'json'])->name('files.json');
    Route::get('/jobs/{job}/readings.csv', [JobFiles::class, 'readings'])->name('files.readings');
    Route::get('/jobs/{job}/tickets.csv', [JobFiles::class, 'tickets'])->name('files.tickets');
    Route::get('/jobs/{job}/drawing.svg', [JobFiles::class, 'drawing'])->name('files.drawing');
    Route::get('/jobs/{job}/photos', [Photos::class, 'show'])->middleware('kept:job')->name('photos');
    Route::get('/jobs/{job}/photos/{photo}.jpg', [Photos::class, 'picture'])->name('photos.picture');
    Route::get('/jobs/{job}/visit', [Logs::class, 'visit'])->middleware('kept:job')->name('log.visit');
    Route::post('/jobs/{job}/visit', [Logs::class, 'begin'])->name('log.begin');
    Route::get('/jobs/{job}/take-over', [Jobs::class, 'takeOver'])->name('take-over');
    Route::get('/jobs/{job}/diagnosis', [Jobs::class, 'diagnosis'])->middleware('kept:job')->name('jobs.diagnosis');
    Route::get('/jobs/{job}/bars', [Bars::class, 'show'])->middleware('kept:job')->name('bars');
    Route::post('/jobs/{job}/bars/preview', [Bars::class, 'preview'])->middleware(KeepFlash::class)->name('bars.preview');
    Route::get('/jobs/{job}/chains', [SafetyChains::class, 'show'])->name('chains');
    Route::get('/jobs/{job}/gap', [Gap::class, 'show'])->middleware('kept:job')->name('gap');
    Route::post('/jobs/{job}/gap/preview', [Gap::class, 'preview'])->middleware(KeepFlash::class)->name('gap.preview');
    Route::get('/care.ics', [CareBooks::class, 'everyRig'])->name('care.calendar');
    Route::get('/log', [Logs::class, 'index'])->middleware('kept:any')->name('log');
    Route::get('/garage', [Garage::class, 'index'])->middleware('kept:any')->name('garage');
    Route::get('/garage/away', [Garage::class, 'away'])->name('garage.away');
    Route::get('/choose-a-hitch', [HitchChoices::class, 'show'])->name('choice');
    Route::get('/new-load', [NewLoads::class, 'index'])->name('new-loads');
    Route::get('/new-load/{id}', [NewLoads::class, 'show'])->name('new-load');
    Route::post('/new-load/{id}/preview', [NewLoads::class, 'preview'])->middleware(KeepFlash::class)->name('new-load.preview');
    Route::post('/new-load/{id}', [NewLoads::class, 'store'])->block(10, 10)->name('new-load.start');
    Route::get('/garage/{part}', [Garage::class, 'shelf'])->middleware('kept:any')->name('garage.shelf');
    Route::get('/garage/{part}/find', [Garage::class, 'find'])->middleware(KeepFlash::class)->block(10, 10)->name('garage.find');
    Route::get('/garage/{part}/new', [Shelf::class, 'create'])->name('garage.create');
    Route::get('/garage/{part}/{id}', [Garage::class, 'edit'])->middleware('kept:any')->name('garage.edit');
    Route::post('/garage/{part}/{id}/preview', [Garage::class, 'preview'])->middleware(KeepFlash::class)->name('garage.preview');
    Route::post('/jobs/{job}/loads/{state}/preview', [Loads::class, 'preview'])->middleware(KeepFlash::class)->name('loads.preview')->where('state', 'weighed|[0-9]{1,18}');
    Route::prefix('/jobs/{job}/procedures/{occasion}')->group(function (): void {
        Route::get('/', [Procedures::class, 'show'])->name('procedures.show');
        Route::get('/paper', [Procedures::class, 'paper'])->name('procedures.paper');
        Route::get('/list', [Procedures::class, 'list'])->name('procedures.list');
    });
    Route::prefix('/log/{rig}')->group(function (): void {
        Route::get('/', [Logs::class, 'show'])->middleware(['kept:any', 'no-copy'])->name('log.rig');
        Route::get('/care', [CareBooks::class, 'show'])->middleware('kept:any')->name('log.care');
        Route::get('/care.ics', [CareBooks::class, 'calendar'])->name('care.rig-calendar');
    });
    Route::prefix('/jobs/{job}/{station}')->group(function (): void {
        Route::get('/', [Bench::class, 'show'])->middleware('kept:job')->name('bench');
        Route::post('/gauge/preview', [Gauge::class, 'preview'])->middleware(KeepFlash::class)->name('gauge.preview');
        Route::post('/preview', [Tape::class, 'preview'])->middleware(KeepFlash::class)->name('tape.preview');
    });
});
