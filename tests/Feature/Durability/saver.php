<?php

declare(strict_types=1);

/*
 * saver.php HOW_MANY [SYNCHRONOUS] : saves so many readings one after the other, each through the door that all heights
 * pass,
 * says "saved N" after each, and then dies without closing anything, as a machine does whose plug is pulled.
 */

use App\Models\Job;
use App\Models\User;
use App\UseCases\Tape\Entry;
use App\UseCases\Tape\Place;
use App\UseCases\Tape\RecordHeights;
use Illuminate\Contracts\Console\Kernel;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Rig\Parts\Stance;

[, $howMany, $synchronous] = [...$argv, ''];
require __DIR__.'/../../../vendor/autoload.php';
$app = require __DIR__.'/../../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

if ($synchronous !== '') {
    config(['database.connections.sqlite.synchronous' => $synchronous]);
}
$heights = $app->make(RecordHeights::class);
$person = User::query()->firstOrFail();
$job = Job::query()->firstOrFail();
$place = Place::allOf(Stance::Alone)[0];
$based = $job->liveReadings()->where('stance', Stance::Alone)->where('axle', $place->axle)->value('id');
foreach (range(1, (int) $howMany) as $number) {
    $entry = Entry::read($place, 900 + $number.' mm', Settling::Rolled, $based, $person->lengthParser());
    $outcomes = $heights->each($person, $job->refresh(), [$entry]);
    $based = array_values($outcomes)[0]->basedOn;
    fwrite(STDOUT, "saved {$number}\n");
}
posix_kill(posix_getpid(), SIGKILL);
