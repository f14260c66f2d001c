<?php

declare(strict_types=1);

use App\Jobs\ReplayPast;
use App\Queries\House\RunningParts;
use App\Support\LastSeen;
use Illuminate\Support\Facades\Schedule;

// By it *Backups and health* knows that the clock's work is done.
Schedule::call(static fn (LastSeen $lastSeen) => $lastSeen->note(RunningParts::BY_CLOCK))->everyMinute();

// Whether a copy is due is the shop's own question: a machine that was off at night makes it in the morning.
Schedule::command('regimen:backup --nightly')->everyTenMinutes()->withoutOverlapping();

// At an hour at which nobody waits for it.
Schedule::command('regimen:thin')->dailyAt('03:40')->withoutOverlapping();

// What was not done on its day is planned for the next one.
Schedule::command('regimen:chores')->dailyAt('00:20')->withoutOverlapping();

// Builds that were finished are compared with what would have been forecast of them.
Schedule::job(new ReplayPast)->dailyAt('00:40');

// Of whom the law wanted name and address kept, and its time is over.
Schedule::command('regimen:forget')->hourly()->withoutOverlapping();
