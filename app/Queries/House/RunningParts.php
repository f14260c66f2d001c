<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\Plan\Plan;
use App\Pages\House\RunningLine;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\LastSeen;
use App\Support\OneWorker;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** What runs beside the shop: the worker, what is done by the clock, the queue, the last plan; and on what all of it stands. */
final readonly class RunningParts
{
    /** Where the clock’s work notes that it was there. */
    public const BY_CLOCK = 'the clock';

    private const LATE_MINUTES = 15;

    public function __construct(private LastSeen $lastSeen, private Clock $clock, private House $house)
    {
    }

    /** @return list<RunningLine> */
    public function lines(): array
    {
        return [$this->worker(), $this->byClock(), $this->queue(), $this->plan(), $this->versions()];
    }

    public function worker(): RunningLine
    {
        return OneWorker::lives()
            ? new RunningLine('worker', 'A worker looks for better plans beside the shop.', false)
            : new RunningLine('worker', 'No worker runs: nothing is looked for beside the shop. '.self::cure(), true);
    }

    public function byClock(): RunningLine
    {
        $seen = $this->lastSeen->at(self::BY_CLOCK);
        $isLate = $seen?->addMinutes(self::LATE_MINUTES)->lt($this->clock->now()) === true;

        if ($seen === null) {
            return new RunningLine('clock', 'Nothing was done by the clock yet. Look again in a minute; if it stays so, no copy is made at night.', true);
        }

        return $isLate
            ? new RunningLine('clock', 'Nothing is done by the clock: no copy is made at night. '.self::cure(), true)
            : new RunningLine('clock', 'What is to be done by the clock is done.', false);
    }

    private static function cure(): string
    {
        return config('regimen.isService') ? './regimen service status tells more.' : './regimen start brings it along.';
    }

    private function queue(): RunningLine
    {
        $waiting = config('queue.default') === 'redis' ? Queue::size() : DB::table('jobs')->count();
        $failed = DB::table('failed_jobs')->count();

        return new RunningLine(
            'queue',
            ($waiting === 0 ? 'Nothing waits in the queue' : Say::count($waiting, 'job').' in the queue')
                .($failed === 0 ? '.' : '; '.Say::count($failed, 'job').' failed, the log says why.'),
            $failed > 0,
        );
    }

    private function plan(): RunningLine
    {
        $plan = Plan::query()->latest('id')->first(['made_at']);

        return new RunningLine(
            'plan', $plan === null ? 'Nothing was planned yet.' : 'The last plan was made '.Say::moment($plan->made_at, $this->house->zone()).'.', false,
        );
    }

    private function versions(): RunningLine
    {
        $sqlite = (string) DB::scalar('select sqlite_version()');

        return new RunningLine('versions', 'It runs on PHP '.PHP_VERSION." and SQLite {$sqlite}.", false);
    }
}
