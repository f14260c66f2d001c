<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\People\Person;
use App\Models\Plan\Plan;
use App\Pages\Bench\DayChange;
use App\Pages\Today\TodayItem;
use App\Planning\House\House;
use App\Queries\Today\PeopleToday;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** What changed in somebody’s day since they last said that they had seen it, with why. */
final readonly class MyDay
{
    /** Minutes by which a start moves without being told. */
    private const SAME = 10;

    public function __construct(private PeopleToday $people, private House $house, private Clock $clock)
    {
    }

    /** @return list<DayChange> */
    public function changed(Person $person): array
    {
        $today = $this->clock->today($this->house->zone());
        $seen = Cache::get($this->key($person));
        if (! is_array($seen) || ($seen['day'] ?? '') !== $today) {
            $this->see($person);

            return [];
        }
        $now = $this->items($person, $today);
        $because = $this->because((int) $seen['plan']);
        $changes = [];
        foreach ($now as $operation => [$name, $start, $over]) {
            $was = $seen['items'][$operation] ?? null;
            if ($was === null && ! $over) {
                $changes[] = new DayChange(words: "New: {$name}, {$this->time($start)}", because: $because);
            } elseif ($was !== null && ! $over && abs($start - $was[1]) > self::SAME) {
                $changes[] = new DayChange(words: "{$name}: {$this->time($start)} instead of {$this->time((int) $was[1])}", because: $because);
            }
        }
        foreach (array_diff_key($seen['items'], $now) as [$name, $start, $over]) {
            if (! $over) {
                $changes[] = new DayChange(words: "Not yours today any more: {$name}, {$this->time((int) $start)}", because: $because);
            }
        }

        return $changes;
    }

    /** What stands there now has been seen. It stands in the cache: looking writes nothing into the shop. */
    public function see(Person $person): void
    {
        $today = $this->clock->today($this->house->zone());
        Cache::put($this->key($person), [
            'day' => $today, 'plan' => (int) Plan::query()->max('id'), 'items' => $this->items($person, $today),
        ], 172_800);
    }

    /** @return array<int, array{string, int, bool}> name, start in minutes since 1970, and whether it is over, by operation */
    private function items(Person $person, string $day): array
    {
        $items = [];
        foreach ($this->people->of($person, $day)->items as $item) {
            $items[$item->operationId] ??= ["{$item->build} {$item->name}", self::start($item), $item->state->labourIsDone()];
        }

        return $items;
    }

    private static function start(TodayItem $item): int
    {
        return intdiv(CarbonImmutable::parse($item->from)->getTimestamp(), 60);
    }

    private function because(int $plan): string
    {
        $causes = Plan::query()->where('id', '>', $plan)->orderByDesc('id')->limit(3)->pluck('cause')->reverse();

        return $causes->isEmpty() ? 'Time has gone on.' : ucfirst($causes->implode('; ')).'.';
    }

    private function time(int $minutes): string
    {
        return Say::time($minutes, $this->house->zone());
    }

    private function key(Person $person): string
    {
        return "day-seen:{$person->id}";
    }
}
