<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Build;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Pages\Plan\HelpGain;
use App\Pages\Plan\HelpLine;
use App\Planning\House\House;
use App\Planning\Plan\Helping;
use App\Support\Clock;
use App\Support\Say;
use Closure;
use Illuminate\Support\Collection;
use Regimen\Schedule\Policy\Gain;
use Regimen\Schedule\Policy\Help;
use Regimen\Schedule\Policy\HelpKind;
use Regimen\Schedule\Policy\Variation;
use Regimen\Schedule\Policy\Variations;
use Regimen\Schedule\Problem\BuildId;

/** What would help, in words, with the change that makes it so. */
final readonly class HelpLines
{
    public function __construct(
        private Helping $helping,
        private House $house,
        private Clock $clock,
    ) {
    }

    /**
     * @param  (Closure(int, int): void)|null  $progress  told how many were tried of how many
     * @return list<HelpLine> the most helpful first
     */
    public function ranked(?Closure $progress = null): array
    {
        $helps = $this->helping->ranked($progress);
        if ($helps === []) {
            return [];
        }
        $builds = Build::query()->open()->orderBy('number')->get()->keyBy('id');
        $resources = Resource::query()->get()->keyBy('key');
        $people = Person::query()->get()->keyBy('id');

        return array_map(fn (Help $help): HelpLine => $this->line(
            $help->variation,
            array_map(static fn (Gain $gain): HelpGain => self::gain($gain, $builds), $help->gains),
            $resources, $people, $builds,
        ), $helps);
    }

    /**
     * @param  Collection<string, resource>  $resources
     * @param  Collection<int, Person>  $people
     * @param  Collection<int, Build>  $builds
     * @param  list<HelpGain>  $gains
     */
    private function line(
        Variation $one,
        array $gains,
        Collection $resources,
        Collection $people,
        Collection $builds,
    ): HelpLine {
        $resource = $resources->get($one->resource ?? '');
        $person = $people->get($one->worker ?? 0);
        $build = $builds->get(BuildId::recordOf($one->build ?? '') ?? 0);

        return match ($one->kind) {
            HelpKind::Station => new HelpLine("One more of the {$resource?->name}", (string) $resource?->kind, $gains, ['kind' => 'more', 'resource' => $resource?->id, 'by' => 1]),
            HelpKind::Skill => new HelpLine("{$person?->name} also doing {$one->skill}", 'skill', $gains, ['kind' => 'skill', 'person' => $one->worker, 'skill' => $one->skill]),
            HelpKind::Overtime => $this->overtime($one, $gains, (string) $person?->name),
            HelpKind::Earlier => new HelpLine("A week earlier: {$one->cause}", 'earlier', $gains, null),
            HelpKind::Promise => new HelpLine(
                "A later promise for {$build?->number} {$build?->title}, ".Say::day((string) $one->day),
                'promise',
                $gains,
                [
                    'kind' => 'promise', 'build' => $build?->number, 'promised_on' => $one->day,
                    'promise_kind' => $build?->promise_kind->value,
                ],
            ),
        };
    }

    /** @param  list<HelpGain>  $gains */
    private function overtime(Variation $one, array $gains, string $name): HelpLine
    {
        return new HelpLine(
            "{$name} an hour longer every working day, for ".Variations::OVERTIME_WEEKS.' weeks',
            'overtime',
            $gains,
            [
                'kind' => 'longer', 'person' => $one->worker, 'from' => $this->clock->today($this->house->zone()),
                'to' => $one->day, 'minutes' => Variations::OVERTIME_MINUTES,
            ],
        );
    }

    /**
     * @param  Collection<int, Build>  $builds
     */
    private static function gain(Gain $gain, Collection $builds): HelpGain
    {
        $build = $builds->get(BuildId::recordOf($gain->build) ?? 0);

        return new HelpGain(
            number: (int) $build?->number,
            title: (string) $build?->title,
            before: $gain->before,
            after: $gain->after,
            late: $gain->late,
        );
    }
}
