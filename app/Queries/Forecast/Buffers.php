<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\GivenForecast;
use App\Pages\Forecast\BufferShown;
use App\Planning\House\House;
use App\Support\Say;
use Regimen\Schedule\Plan\Slack;

/** The buffer of a promise: working days between the middle of what is likely and the day that was promised, one for the whole build and none in its operations. */
final readonly class Buffers
{
    public function __construct(private House $house)
    {
    }

    public function of(Build $build, ?BuildForecast $own): ?BufferShown
    {
        if ($build->promised_on === null || $own?->by50 === null) {
            return null;
        }
        $left = $this->days($own->by50->setTimezone($this->house->zone())->format('Y-m-d'), $build->promised_on);
        $given = GivenForecast::query()->where('build_id', $build->id)->where('source', GivenForecast::PROMISE)->where('promised_on', $build->promised_on)->latest('id')->first();
        $was = $given?->by50 === null ? null : $this->days($given->by50->setTimezone($this->house->zone())->format('Y-m-d'), $build->promised_on);
        $work = Operation::query()->where('build_id', $build->id)->whereNull('setback_id')->toBase()->selectRaw('sum(set_up_minutes + labour_minutes) as whole, sum(case when labour_done_at is not null then set_up_minutes + labour_minutes else 0 end) as done')->first();
        $done = (int) round(100 * (int) ($work->done ?? 0) / max(1, (int) ($work->whole ?? 0)));
        $because = 'The buffer belongs to the promise: working days from the day by which half of the runs are over to the promised day. No operation has one of its own.';
        $days = $left < 0 ? Say::count(-$left, 'working day is missing', 'working days are missing')
            : ($was === null ? Say::count($left, 'working day of buffer', 'working days of buffer') : Say::count($left, 'working day of buffer is left', 'working days of buffer are left'));
        if ($was === null || $was <= 0) {
            return new BufferShown("{$days} before the promise, with {$done} % of the work done.", 0, $done, $because);
        }
        $eaten = (int) round(100 * max(0, $was - $left) / $was);

        return new BufferShown("{$days} of {$was}: {$eaten} % of it is eaten, with {$done} % of the work done.", $eaten, $done, $because);
    }

    /** Working days from one day to another, below zero where it lies before. */
    private function days(string $from, string $to): int
    {
        return Slack::inDays($from, $to, $this->house->hours());
    }
}
