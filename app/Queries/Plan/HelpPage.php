<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Build;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Plan\Helping;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Schedule\Policy\Gain;
use Regimen\Schedule\Policy\Help;
use Regimen\Schedule\Policy\HelpKind;
use Regimen\Schedule\Policy\Variation;
use Regimen\Schedule\Policy\Variations;
use Regimen\Schedule\Problem\BuildId;

/** What would help, in words, with the change that makes it so. */
final readonly class HelpPage
{
    public function __construct(private Helping $helping, private House $house, private Clock $clock)
    {
    }

    /** @return list<array<string, mixed>> the most helpful first */
    public function ranked(): array
    {
        $helps = $this->helping->ranked();
        if ($helps === []) {
            return [];
        }
        $builds = Build::query()->open()->orderBy('number')->get()->keyBy('id');
        $resources = Resource::query()->get()->keyBy('key');
        $people = Person::query()->get()->keyBy('id');

        return array_map(fn (Help $help): array => [
            ...$this->words($help->variation, $resources, $people, $builds),
            'gains' => array_map(static fn (Gain $gain): array => self::gain($gain, $builds), $help->gains),
        ], $helps);
    }

    /**
     * @param  Collection<string, resource>  $resources
     * @param  Collection<int, Person>  $people
     * @param  Collection<int, Build>  $builds
     * @return array{words: string, kind: string, change: array<string, mixed>|null}
     */
    private function words(Variation $one, Collection $resources, Collection $people, Collection $builds): array
    {
        $resource = $resources->get($one->resource ?? '');
        $person = $people->get($one->worker ?? 0);
        $build = $builds->get(BuildId::recordOf($one->build ?? '') ?? 0);

        return match ($one->kind) {
            HelpKind::Station => [
                'words' => "One more of the {$resource?->name}", 'kind' => (string) $resource?->kind,
                'change' => ['kind' => 'more', 'resource' => $resource?->id, 'by' => 1],
            ],
            HelpKind::Skill => [
                'words' => "{$person?->name} also doing {$one->skill}", 'kind' => 'skill',
                'change' => ['kind' => 'skill', 'person' => $one->worker, 'skill' => $one->skill],
            ],
            HelpKind::Overtime => $this->overtime($one, (string) $person?->name),
            HelpKind::Earlier => ['words' => "A week earlier: {$one->cause}", 'kind' => 'earlier', 'change' => null],
            HelpKind::Promise => [
                'words' => "A later promise for {$build?->number} {$build?->title}, ".Say::day((string) $one->day),
                'kind' => 'promise',
                'change' => [
                    'kind' => 'promise', 'build' => $build?->number, 'promised_on' => $one->day,
                    'promise_kind' => $build?->promise_kind->value,
                ],
            ],
        };
    }

    /** @return array{words: string, kind: string, change: array<string, mixed>} */
    private function overtime(Variation $one, string $name): array
    {
        return [
            'words' => "{$name} an hour longer every working day, for ".Variations::OVERTIME_WEEKS.' weeks',
            'kind' => 'overtime',
            'change' => [
                'kind' => 'longer', 'person' => $one->worker, 'from' => $this->clock->today($this->house->zone()),
                'to' => $one->day, 'minutes' => Variations::OVERTIME_MINUTES,
            ],
        ];
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return array{number: int, title: string, before: string, after: string, late: bool}
     */
    private static function gain(Gain $gain, Collection $builds): array
    {
        $build = $builds->get(BuildId::recordOf($gain->build) ?? 0);

        return [
            'number' => (int) $build?->number, 'title' => (string) $build?->title, 'before' => $gain->before,
            'after' => $gain->after, 'late' => $gain->late,
        ];
    }
}
