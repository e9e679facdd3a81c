<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// Once a day, kept by day, week and month; docs/running.md says what runs the schedule.
Schedule::command('yoke:backup --prune')->dailyAt((string) config('shop.backup_at'))->withoutOverlapping();

// Pages that were kept and not looked at again.
Schedule::command('yoke:sweep')->dailyAt('03:30');
