<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Pages\LookingBack\LetterPart;
use App\Pages\LookingBack\LetterProps;
use App\Planning\House\House;
use App\Support\ClientNames;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitState;

/** A week in a letter: what moved and why, what is at risk, the three things to do. */
final readonly class LetterPage
{
    private const DAYS = 7;

    private const THINGS = 3;

    public function __construct(private Budgets $budgets, private House $house, private ClientNames $names, private Clock $clock)
    {
    }

    public function data(Person $to): LetterProps
    {
        $since = $this->clock->now()->subDays(self::DAYS);
        $builds = Build::query()->open()->orderBy('number')->get()->keyBy('id')->toBase();
        $forecast = Forecast::newest();
        $chances = $forecast === null ? collect() : BuildForecast::query()->where('forecast_id', $forecast->id)->get()->keyBy('build_id')->toBase();
        $parts = [
            new LetterPart('What was done', $this->done($since)),
            new LetterPart('What moved', $this->moved($builds, $since)),
            new LetterPart('What is at risk', $this->atRisk($builds, $chances)),
            new LetterPart('Three things to do', $this->things($builds, $chances, $forecast)),
        ];
        $heading = $this->house->shop()->name.', the week to '.Say::day($this->clock->today($this->house->zone()));

        return new LetterProps($heading, $parts, self::text($heading, $parts, $to), (string) $to->email);
    }

    /** @param  list<LetterPart>  $parts */
    private static function text(string $heading, array $parts, Person $to): string
    {
        $text = "{$to->name},\n\n{$heading}.\n";
        foreach ($parts as $part) {
            $text .= "\n{$part->heading}\n".implode("\n", array_map(static fn (string $line): string => "  – {$line}", $part->lines))."\n";
        }

        return $text;
    }

    /** @return list<string> */
    private function done(CarbonImmutable $since): array
    {
        $hours = (int) DB::table('time_entries')->whereNull('struck_at')->where('worked_on', '>=', $since->setTimezone($this->house->zone())->format('Y-m-d'))->sum('minutes');
        $operations = Operation::query()->where('labour_done_at', '>=', $since)->count();
        $lines = [Say::duration($hours).' of work, '.Say::count($operations, 'operation').' done.'];
        foreach (Build::query()->where('finished_at', '>=', $since)->orderBy('number')->get() as $build) {
            $lines[] = "{$build->number} {$build->title} is finished".($build->promised_on === null ? '.' : ', promised for '.Say::day($build->promised_on).'.');
        }

        return $lines;
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return list<string>
     */
    private function moved(Collection $builds, CarbonImmutable $since): array
    {
        $each = DB::table('planned_finishes as f')->join('plans as p', 'p.id', '=', 'f.plan_id')->whereIn('f.build_id', $builds->keys())
            ->select(['f.build_id', 'f.plan_id', 'f.finish', 'p.made_at', 'p.cause'])->selectRaw('lag(f.finish) over (partition by f.build_id order by f.plan_id) as before_finish');
        $moves = DB::query()->fromSub($each, 'each')->where('made_at', '>=', $since->toDateTimeString())->whereNotNull('before_finish')->whereNotNull('finish')->whereColumn('finish', '!=', 'before_finish')->orderBy('plan_id')->get()->groupBy('build_id');
        $this->names->ready();
        $lines = [];
        foreach ($builds as $build) {
            $own = $moves->get($build->id);
            if ($own === null) {
                continue;
            }
            $to = $this->midnight((string) $own->last()?->finish);
            $days = (int) round($this->midnight((string) $own->first()?->before_finish)->diffInDays($to));
            if ($days !== 0) {
                // What moved it furthest that way is why.
                $cause = $this->names->said((string) $own->sortByDesc(fn (object $one): float => ($days <=> 0) * $this->midnight((string) $one->before_finish)->diffInDays($this->midnight((string) $one->finish)))->first()?->cause);
                $lines[] = "{$build->number} {$build->title} ".($days > 0 ? 'slipped' : 'came forward').' by '.Say::count(abs($days), 'day').' to '.Say::day($to->format('Y-m-d')).($cause === '' ? '.' : ': '.rtrim(mb_strimwidth($cause, 0, 120, '…'), '.').'.');
            }
        }

        return $lines === [] ? ['No planned finish moved.'] : $lines;
    }

    private function midnight(string $instant): CarbonImmutable
    {
        return CarbonImmutable::parse($instant, 'UTC')->setTimezone($this->house->zone())->startOfDay();
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @param  Collection<int, BuildForecast>  $chances
     * @return list<string>
     */
    private function atRisk(Collection $builds, Collection $chances): array
    {
        $wanted = $this->house->shop()->promise_chance;
        $lines = [];
        foreach ($chances->filter(static fn (BuildForecast $one): bool => $one->chance !== null && $one->chance < $wanted)->sortBy('chance') as $one) {
            $build = $builds->get($one->build_id);
            if ($build !== null) {
                $lines[] = "{$build->number} {$build->title}, promised for ".Say::day((string) $build->promised_on).': holds in '.intdiv((int) $one->chance, 10).' of 100 runs'
                    .($one->by80 === null ? '.' : ', in eight of ten by '.Say::day($one->by80->setTimezone($this->house->zone())->format('Y-m-d')).'.');
            }
        }

        foreach ($this->budgets->inDanger() as $one) {
            $lines[] = "{$one->build} {$one->title}: {$one->words}.";
        }

        return $lines === [] ? [$chances->isEmpty() ? 'The chances are not worked out yet.' : 'Every promise holds as often as the house wants.'] : $lines;
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @param  Collection<int, BuildForecast>  $chances
     * @return list<string>
     */
    private function things(Collection $builds, Collection $chances, ?Forecast $forecast): array
    {
        $today = $this->clock->today($this->house->zone());
        $things = [];
        foreach (Setback::query()->where('state', SetbackState::Open->value)->with('build:id,number,title')->orderBy('at')->limit(self::THINGS)->get() as $setback) {
            $things[] = "Decide what becomes of “{$setback->text}” on {$setback->build->number} {$setback->build->title}.";
        }
        foreach (KitLine::query()->where('state', KitState::Ordered->value)->where('expected_on', '<', $today)->whereIn('build_id', $builds->keys())->orderBy('expected_on')->limit(self::THINGS)->get() as $line) {
            $build = $builds->get($line->build_id);
            $things[] = "Ask {$line->supplier} for the {$line->name} of {$build?->number} {$build?->title}: overdue since ".Say::day((string) $line->expected_on).'.';
        }
        foreach (Operation::query()->where('waits_for', '!=', '')->whereIn('build_id', $builds->keys())->orderBy('waits_until')->limit(self::THINGS)->get() as $operation) {
            $build = $builds->get($operation->build_id);
            $things[] = "Have it decided for {$build?->number} {$build?->title} by ".Say::day((string) $operation->waits_until).": {$operation->waits_for}.";
        }
        $helps = $forecast->helps ?? [];
        $gain = static fn (array $help): int => array_sum(array_map(static fn (array $one): int => $one[1] - $one[0], $help['chances']));
        usort($helps, static fn (array $a, array $b): int => $gain($b) <=> $gain($a));
        foreach (array_slice($helps, 0, self::THINGS) as $help) {
            $build = $builds->get((int) array_key_first($help['chances']));
            $raised = reset($help['chances']);
            if ($build !== null && $raised !== false) {
                $things[] = "{$help['words']}: {$build->number} {$build->title} then holds in ".intdiv($raised[1], 10).' of 100 runs instead of '.intdiv($raised[0], 10).'.';
            }
        }
        foreach ($chances->filter(static fn (BuildForecast $one): bool => $one->chance !== null && $one->chance < 500)->sortBy('chance') as $one) {
            $build = $builds->get($one->build_id);
            $things[] = "Tell the client of {$build?->number} {$build?->title}: the promise is more likely broken than kept.";
        }

        return $things === [] ? ['Nothing presses. Keep on.'] : array_slice($things, 0, self::THINGS);
    }
}
