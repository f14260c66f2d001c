<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Bench\Interruption;
use App\Models\Build\Operation;
use App\Models\People\AwayKind;
use App\Models\People\DayOff;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\Learned\Ratio;
use Regimen\Setback\Rates;

/** What comes in between, from records as far as there are any: setbacks, days on which somebody is missing, interruptions, holds that last longer. */
final readonly class Happenings
{
    /** Priors where little is recorded (house conventions): days between spells of absence, how long one lasts, how many recorded days of work this weighs as. */
    private const BETWEEN = 90.0;

    private const LASTS = 2.0;

    private const WEIGHS = 180.0;

    /** What a day off says that nobody planned. */
    private const ILL = '/\b(ill|illness|sick|unwell|flu|cold|doctor|hospital|accident|injur\w*)\b/i';

    /** Share of the day that is lost to interruptions, and as many days of one person that weighs as. */
    private const LOST = 0.03;

    private const DAYS = 20.0;

    /** Nine of ten holds are left at most so much longer than they must (house convention). */
    private const HOLD = 0.08;

    private const HOLD_JOBS = 10.0;

    /** A mishap that has not been costed yet is taken to cost two hours (house convention). */
    private const MISHAP = 120;

    public function __construct(private CarbonImmutable $asOf)
    {
    }

    /** @return array<string, array{float, int}> chance and minutes lost, by key of the operation; `` for all others */
    public function setbacks(): array
    {
        $since = $this->asOf->subYear();
        $times = Operation::query()->whereBetween('labour_done_at', [$since->toDateTimeString(), $this->asOf->toDateTimeString()])->toBase()
            ->groupBy('key')->selectRaw('"key" as name, count(*) as times')->pluck('times', 'name');
        $setbacks = Setback::query()->where('state', '!=', SetbackState::Withdrawn->value)->whereBetween('at', [$since, $this->asOf])->where('operation_key', '!=', '')->get(['id', 'operation_key', 'added_minutes']);
        $rates = Rates::ofHouse($setbacks->count(), (int) $times->sum());
        $known = $setbacks->filter(static fn (Setback $one): bool => (int) $one->added_minutes > 0);
        $usual = $known->isEmpty() ? self::MISHAP : (int) round((float) $known->avg('added_minutes'));
        $all = ['' => [$rates->chance(0, 0), $usual]];
        foreach ($setbacks->groupBy('operation_key') as $key => $ones) {
            $cost = $ones->filter(static fn (Setback $one): bool => (int) $one->added_minutes > 0);
            $all[(string) $key] = [$rates->chance($ones->count(), (int) ($times[$key] ?? 0)), $cost->isEmpty() ? $usual : (int) round((float) $cost->avg('added_minutes'))];
        }
        foreach ($times as $key => $count) {
            $all[(string) $key] ??= [$rates->chance(0, (int) $count), $usual];
        }

        return $all;
    }

    /**
     * Spells of illness and the like, by what their notes say; holidays are in the plan already.
     *
     * @return array<int, array{float, float, int}> spells a day, days a spell, n, by person
     */
    public function absences(): array
    {
        $since = $this->asOf->subYear()->format('Y-m-d');
        $today = $this->asOf->format('Y-m-d');
        $days = DayOff::query()->where('kind', AwayKind::Off->value)->whereNull('from_minute')->whereBetween('date', [$since, $today])
            ->orderBy('date')->get(['person_id', 'date', 'note'])->filter(static fn (DayOff $one): bool => preg_match(self::ILL, $one->note) === 1);
        $worked = DB::table('time_entries')->whereNull('struck_at')->whereBetween('worked_on', [$since, $today])->groupBy('person_id')->selectRaw('person_id, count(distinct worked_on) as days')->pluck('days', 'person_id');
        $away = [];
        foreach ($worked as $person => $count) {
            $own = $days->where('person_id', $person)->map(static fn (DayOff $one): string => (string) $one->date)->values()->all();
            $spells = 0;
            foreach ($own as $at => $day) {
                $spells += $at > 0 && (new \DateTimeImmutable($own[$at - 1]))->diff(new \DateTimeImmutable($day))->days <= 3 ? 0 : 1;
            }
            $rate = (self::WEIGHS / self::BETWEEN + $spells) / (self::WEIGHS + $count);
            $length = (self::WEIGHS / self::BETWEEN * self::LASTS + count($own)) / (self::WEIGHS / self::BETWEEN + $spells);
            // Working days become days of the calendar: five of seven.
            $away[(int) $person] = [$rate * 5 / 7, max(1.0, $length), $spells];
        }

        return $away;
    }

    /** @return array{float, float, int} what is taken where nothing is known about a person */
    public static function usualAbsence(): array
    {
        return [5 / 7 / self::BETWEEN, self::LASTS, 0];
    }

    /** @return array{float, int} share of the hours that is lost, and the recorded interruptions it is learned from */
    public function interruptions(): array
    {
        $since = $this->asOf->subYear()->format('Y-m-d');
        $today = $this->asOf->format('Y-m-d');
        $lost = Interruption::query()->whereBetween('day', [$since, $today])->whereNotNull('minutes');
        $minutes = (int) (clone $lost)->sum('minutes');
        $count = (clone $lost)->count();
        $days = Interruption::query()->whereBetween('day', [$since, $today])->toBase()->selectRaw('count(distinct person_id || day) as days')->value('days');
        // Only days on which interruptions were noted say how much is lost to them.
        $share = (self::DAYS * self::LOST + $minutes / 480) / (self::DAYS + (int) $days);

        return [min(0.5, $share), $count];
    }

    /** How long holds really last for each minute that they must. */
    public function holds(): Ratio
    {
        $rows = DB::table('operations')->where('hold_minutes', '>', 0)->where('state', 'done')->where('is_away', false)->whereNotNull('labour_done_at')->whereNotNull('hold_until')
            ->where('hold_until', '<', $this->asOf->toDateTimeString())->orderByDesc('hold_until')->limit(200)
            ->selectRaw('(julianday(hold_until) - julianday(labour_done_at)) * 1440.0 / hold_minutes as ratio')->pluck('ratio');
        $jobs = [];
        foreach ($rows as $ratio) {
            if ((float) $ratio > 0.1 && (float) $ratio < 10) {
                $jobs[] = [log((float) $ratio), 1.0];
            }
        }

        return Ratio::after(0.0, self::HOLD / 1.2816, self::HOLD_JOBS, $jobs);
    }
}
