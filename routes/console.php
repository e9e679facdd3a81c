<?php

declare(strict_types=1);

use App\UseCases\Settings\KeptSettings;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Schedule;

// Once a day, in the hour that the shop chose; docs/running.md says what runs the schedule.
Schedule::command('yoke:backup --prune')->hourlyAt(30)->when(static fn (): bool => KeptSettings::read()->ofBackups('hour') === (int) Date::now()->format('G'))->withoutOverlapping();

// Pages that were kept and not looked at again.
Schedule::command('yoke:sweep')->dailyAt('03:30');

// What finished jobs told that nobody learned from yet, where a shop was cut off in between.
Schedule::command('yoke:learn')->everyTenMinutes();
