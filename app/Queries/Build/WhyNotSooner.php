<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use App\Pages\Sheet\ReasonChain;
use App\Pages\Sheet\ReasonStep;
use App\Pages\Sheet\ReasonStory;
use App\Planning\House\House;
use App\Queries\House\ResourceNames;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Forecast\Stories;

/**
 * Why a build is not over sooner: from its last operation back to today, a sentence a step, through other builds too.
 */
final readonly class WhyNotSooner
{
    private const LONGEST = 120;

    public function __construct(private House $house, private Clock $clock, private ResourceNames $resources)
    {
    }

    public function of(Build $build): ReasonChain
    {
        $chain = self::chain($build);
        $entries = PlanEntry::query()->whereIn('operation_id', $chain)->get()->toBase()->keyBy('operation_id');
        $steps = collect($chain)->mapWithKeys(static fn (int $id): array => [$id => $entries->get($id)])->filter();
        $operations = $this->operations($steps);
        $lines = $this->lines($build, $steps, $operations);

        return new ReasonChain(steps: $lines, stories: self::stories($lines, $operations), slack: $this->slack($build, $steps->first()));
    }

    /** @return list<int> operations, from the last of the build back along what each waits for */
    private static function chain(Build $build): array
    {
        $reasons = PlanEntry::query()->whereNotNull('start')->pluck('reason_operation_id', 'operation_id');
        $at = PlanEntry::query()->whereNotNull('start')->where('build_id', $build->id)->orderByDesc('finish')->orderBy('operation_id')->value('operation_id');
        $chain = [];
        while ($at !== null && $reasons->has($at) && ! isset($chain[$at]) && count($chain) < self::LONGEST) {
            $chain[$at] = (int) $at;
            $at = $reasons->get($at);
        }

        return array_values($chain);
    }

    /**
     * @param  Collection<int, PlanEntry>  $steps
     * @return Collection<int, Operation> by id
     */
    private function operations(Collection $steps): Collection
    {
        return Operation::query()
            ->with(['build', 'planned'])
            ->whereIn('id', $steps->keys()->merge($steps->pluck('reason_operation_id')->filter()))
            ->get()
            ->toBase()
            ->keyBy('id');
    }

    /**
     * Five coats, or one glue-up after the other, are one story.
     *
     * @param  list<ReasonStep>  $steps
     * @param  Collection<int, Operation>  $operations
     * @return list<ReasonStory>
     */
    private static function stories(array $steps, Collection $operations): array
    {
        $stories = Stories::of(array_map(static fn (ReasonStep $one): array => [
            (string) $one->build, (string) $operations->get($one->id)?->stage->value,
        ], $steps));

        return array_map(static function (array $story) use ($steps): ReasonStory {
            [$last, $first] = [$steps[$story[0]], $steps[$story[1]]];
            $count = $story[1] - $story[0] + 1;

            return new ReasonStory(
                name: $count === 1 ? $last->name : "{$first->name} to {$last->name}, {$count} steps",
                start: $first->start,
                because: $first->because,
                steps: range($story[0], $story[1]),
            );
        }, $stories);
    }

    /**
     * @param  Collection<int, PlanEntry>  $steps
     * @param  Collection<int, Operation>  $operations
     * @return list<ReasonStep>
     */
    private function lines(Build $build, Collection $steps, Collection $operations): array
    {
        $people = Person::query()->pluck('name', 'id');
        $words = new ReasonWords($operations, $this->resources->all(), $this->house->zone());
        $lines = [];
        foreach ($steps as $id => $entry) {
            $operation = $operations->get($id);
            if ($operation !== null) {
                $own = $operation->build_id === $build->id;
                $lines[] = new ReasonStep(
                    id: $id,
                    build: $operation->build->number,
                    name: $own ? $operation->name : "No. {$operation->build->number} {$operation->name}",
                    start: $entry->start?->toIso8601ZuluString(),
                    finish: $entry->finish?->toIso8601ZuluString(),
                    because: $words->of($entry, $people->get($entry->person_id)),
                );
            }
        }

        return $lines;
    }

    /** Working time of the shop between the planned finish and the end of the promised day. */
    private function slack(Build $build, ?PlanEntry $last): ?string
    {
        if ($build->promised_on === null || $last?->finish === null) {
            return null;
        }
        $calendar = $this->house->calendar(Minutes::of($this->clock->now()));
        $minutes = $calendar->between(
            Minutes::of($last->finish), Minutes::endOfDay($build->promised_on, $this->house->zone()),
        );

        return Say::figure(abs($minutes) / 60, 1).' working hours '.($minutes < 0 ? 'late' : 'to spare');
    }
}
