<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\House\Resource;
use App\Pages\Plan\LoadProps;
use App\Pages\Plan\LoadRow;
use App\Pages\Plan\LoadWeek;
use App\Planning\House\House;
use App\Planning\Plan\Planner;
use App\Planning\Plan\ShopDatabase;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Schedule\Building\Load;
use Regimen\Schedule\Building\Priority;

/**
 * How much of everybody's and everything's time is used, week by week, and where the promises need more than there is.
 */
final readonly class LoadPage
{
    private const WEEKS = 12;

    public function __construct(
        private Planner $planner,
        private ShopDatabase $database,
        private House $house,
        private Clock $clock,
    ) {
    }

    public function data(): LoadProps
    {
        $monday = $this->clock->now()->setTimezone($this->house->zone())->startOfWeek();
        $weeks = array_map(
            static fn (int $ahead): string => $monday->addWeeks($ahead)->toDateString(),
            range(0, self::WEEKS),
        );
        $bounds = array_map(fn (string $day): int => Minutes::ofDay($day, $this->house->zone()), $weeks);
        $planned = $this->database->steady($this->planner->inForce(...));
        $latest = Priority::keys($planned->problem);
        $rows = [];
        $hours = $this->house->hours()->minutesInAWeek() === 0 ? null : $this->house->calendar($planned->problem->now);
        foreach ($planned->problem->workers as $worker) {
            $rows[] = $this->row(
                'person', $worker->name, Load::ofWorker($worker, $planned->problem, $planned->plan, $bounds, $latest), $weeks,
            );
        }
        foreach (Resource::query()->where('capacity', '>', 0)->orderBy('id')->get() as $resource) {
            $rows[] = $this->row(
                $resource->kind,
                $resource->capacity === 1 ? $resource->name : "{$resource->name}, {$resource->capacity}",
                Load::ofResource(
                    $resource->key, $planned->problem, $planned->plan, $bounds,
                    $resource->kind === 'station' ? $hours : null, $latest,
                ),
                $weeks,
            );
        }
        $over = array_values(array_filter($rows, static fn (LoadRow $row): bool => $row->overbooked !== []));

        return new LoadProps(heading: self::heading($over), weeks: array_slice($weeks, 0, self::WEEKS), rows: $rows);
    }

    /**
     * @param  list<string>  $weeks
     */
    private function row(string $kind, string $name, Load $load, array $weeks): LoadRow
    {
        $share = static fn (int $part, int $whole): ?float => $whole === 0 ? null : round($part / $whole, 3);

        return new LoadRow(
            kind: $kind,
            name: $name,
            weeks: array_map(static fn (int $there, int $planned, int $needed): LoadWeek => new LoadWeek(
                there: $there,
                planned: $planned,
                needed: $needed,
                share: $share($planned, $there),
                wanted: $share($needed, $there),
            ), $load->there, $load->planned, $load->needed),
            overbooked: array_map(static function (array $run) use ($load, $weeks): string {
                $sum = static fn (array $minutes): string => Say::figure(
                    array_sum(array_slice($minutes, $run[0], $run[1] - $run[0] + 1)) / 60, 0,
                );
                $when = $run[0] === $run[1]
                    ? 'week of '.Say::day($weeks[$run[0]])
                    : 'weeks of '.Say::day($weeks[$run[0]]).' to '.Say::day($weeks[$run[1]]);

                return "{$when}: the promises need {$sum($load->needed)} h of {$sum($load->there)} h";
            }, $load->overbooked()),
        );
    }

    /** @param  list<LoadRow>  $over */
    private static function heading(array $over): string
    {
        return match (count($over)) {
            0 => 'The promises need no more than there is',
            1 => ucfirst($over[0]->name).' is overbooked',
            default => count($over).' of the people and things are overbooked',
        };
    }
}
