<?php

declare(strict_types=1);

namespace App\Planning\Export;

use App\Models\House\Resource;
use App\Planning\House\House;
use App\Planning\Plan\Standings;
use App\Planning\Problem\Air;
use App\Planning\Problem\ShopProblem;
use App\Support\Clock;
use App\Support\Minutes;
use Regimen\Formats\Workshop\WorkshopFile;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;

/** The running shop as a workshop file: what is planned from, with names of people and clients left out. */
final readonly class WorkshopExport
{
    public function __construct(
        private House $house,
        private ShopProblem $problem,
        private Standings $standings,
        private Clock $clock,
    ) {
    }

    public function json(): string
    {
        $problem = $this->problem->assemble();
        $plan = (new PlanOrder($problem, $this->standings->read()))->planned()->plan;
        $operations = new ExportedOperations($problem, $this->house->zone());
        $byBuild = [];
        foreach ($problem->activities as $activity) {
            $planned = $plan->assignments[$activity->id] ?? null;
            $byBuild[$activity->build][] = [
                ...$operations->of($activity),
                ...$planned === null || $planned->position === null
                    ? []
                    : $operations->asPlanned($planned, $problem->now + $planned->position),
            ];
        }
        $builds = [];
        foreach ($byBuild as $build => $operations) {
            $due = $problem->dues[$build]->instant ?? null;
            $builds[] = [
                'id' => "b{$build}",
                ...$due === null ? [] : [
                    'promise' => [
                        'date' => $this->local($due, 'Y-m-d'), 'kind' => $problem->dues[$build]->promise->value,
                    ],
                ],
                'operations' => $operations,
            ];
        }

        return json_encode([
            'format' => WorkshopFile::FORMAT,
            'timezone' => $this->house->zone()->getName(),
            'now' => $this->local(Minutes::of($this->clock->now()), 'Y-m-d\TH:iP'),
            'weights' => get_object_vars($problem->weights),
            'closed' => array_keys($this->house->hours()->closed),
            'people' => (new ExportedPeople($this->house))->all(),
            'stations' => [
                ...$this->resources('station', $problem),
                ...self::missing($problem, false),
                ['id' => Air::RESOURCE, 'capacity' => Air::AMOUNT, ...$this->down(Air::RESOURCE, $problem)],
                ['id' => Air::BOX, 'capacity' => Air::AMOUNT, ...$this->down(Air::BOX, $problem)],
            ],
            'fixtures' => [...$this->resources('fixture', $problem), ...self::missing($problem, true)],
            'builds' => $builds,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return list<array<string, mixed>> */
    private function resources(string $kind, Problem $problem): array
    {
        return array_values(
            Resource::query()
                ->where('kind', $kind)
                ->orderBy('id')
                ->get()
                ->map(
                    fn (Resource $one): array => [
                        'id' => $one->key, 'capacity' => $one->capacity, ...$this->hours($one),
                        ...$this->down($one->key, $problem),
                    ],
                )
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    private function hours(Resource $one): array
    {
        $hours = $this->house->resourceHoursOf($one, Minutes::of($this->clock->now()));

        return $hours === null ? [] : array_filter([
            'hours' => ExportedPeople::week($hours->week), 'closed' => array_keys($hours->closed),
        ]);
    }

    /** @return list<array<string, mixed>> what operations need and the shop does not own */
    private static function missing(Problem $problem, bool $fixtures): array
    {
        $missing = [];
        foreach ($problem->activities as $activity) {
            foreach ($activity->demands as $demand) {
                if (! isset($problem->capacities[$demand->resource]) && $demand->throughHold === $fixtures) {
                    $missing[$demand->resource] = ['id' => $demand->resource, 'capacity' => 0];
                }
            }
        }

        return array_values($missing);
    }

    /** @return array<string, mixed> */
    private function down(string $resource, Problem $problem): array
    {
        $down = array_filter($problem->outages, static fn (Outage $outage): bool => $outage->resource === $resource);

        return $down === [] ? [] : ['down' => array_values(array_map(fn (Outage $outage): array => array_filter([
            'from' => $this->local($outage->from, 'Y-m-d\TH:iP'), 'to' => $this->local($outage->to, 'Y-m-d\TH:iP'),
            'because' => $outage->cause, 'climate' => $outage->climate,
        ]), $down))];
    }

    private function local(int $instant, string $format): string
    {
        return Minutes::toInstant($instant)->setTimezone($this->house->zone())->format($format);
    }
}
