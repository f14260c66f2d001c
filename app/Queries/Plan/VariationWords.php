<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Build;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Pages\Plan\HelpGain;
use App\Pages\Plan\HelpLine;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Schedule\Policy\HelpKind;
use Regimen\Schedule\Policy\Variation;
use Regimen\Schedule\Policy\Variations;
use Regimen\Schedule\Problem\BuildId;

/** The shop with one thing otherwise, in words, with the change that makes it so. */
final class VariationWords
{
    /** @var Collection<string, resource>|null */
    private ?Collection $resources = null;

    /** @var Collection<int, Person>|null */
    private ?Collection $people = null;

    public function __construct(private readonly House $house, private readonly Clock $clock)
    {
    }

    /** @param  list<HelpGain>  $gains */
    public function line(Variation $one, array $gains = []): HelpLine
    {
        $this->resources ??= Resource::query()->get()->keyBy('key');
        $this->people ??= Person::query()->get()->keyBy('id');
        $resource = $this->resources->get($one->resource ?? '');
        $person = $this->people->get($one->worker ?? 0);

        return match ($one->kind) {
            HelpKind::Station => new HelpLine("One more of the {$resource?->name}", (string) $resource?->kind, $gains, ['kind' => 'more', 'resource' => $resource?->id, 'by' => 1]),
            HelpKind::Skill => new HelpLine("{$person?->name} also doing {$one->skill}", 'skill', $gains, ['kind' => 'skill', 'person' => $one->worker, 'skill' => $one->skill]),
            HelpKind::Overtime => $this->overtime($one, $gains, (string) $person?->name),
            HelpKind::Earlier => new HelpLine("A week earlier: {$one->cause}", 'earlier', $gains, null),
            HelpKind::Promise => $this->later($one, $gains),
        };
    }

    /** @param  list<HelpGain>  $gains */
    private function later(Variation $one, array $gains): HelpLine
    {
        $build = Build::query()->find(BuildId::recordOf($one->build ?? '') ?? 0);

        return new HelpLine(
            "A later promise for {$build?->number} {$build?->title}, ".Say::day((string) $one->day), 'promise', $gains,
            ['kind' => 'promise', 'build' => $build?->number, 'promised_on' => $one->day, 'promise_kind' => $build?->promise_kind->value],
        );
    }

    /** @param  list<HelpGain>  $gains */
    private function overtime(Variation $one, array $gains, string $name): HelpLine
    {
        return new HelpLine(
            "{$name} an hour longer every working day, for ".Variations::OVERTIME_WEEKS.' weeks', 'overtime', $gains,
            [
                'kind' => 'longer', 'person' => $one->worker, 'from' => $this->clock->today($this->house->zone()),
                'to' => $one->day, 'minutes' => Variations::OVERTIME_MINUTES,
            ],
        );
    }
}
