<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Build;
use App\Models\BuildStatus;
use App\Models\Client;
use App\Models\KitLine as KitLineModel;
use App\Models\Operation as OperationModel;
use App\Models\OperationLink;
use App\Models\Person;
use App\Models\PlanEntry;
use App\Planning\Draft;
use App\Planning\Drafting;
use App\Planning\Planner;
use App\Planning\SpecificationForm;
use App\Support\Clock;
use App\Support\Logbook;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitLine;
use Regimen\Costing\KitState;
use Regimen\Route\Operation;
use Regimen\Route\Piece;

/** A commission becomes a build with specification revision 1, route, kit and plan, all at once or not at all. */
final readonly class TakeCommission
{
    public function __construct(private Drafting $drafting, private Planner $planner, private Logbook $logbook, private Clock $clock)
    {
    }

    public function __invoke(?Person $by, Commission $commission): Build
    {
        return DB::transaction(function () use ($by, $commission): Build {
            $draft = $this->drafting->draft(SpecificationForm::read($commission->specification));
            $build = $this->createBuild($commission, $draft);
            $build->revisions()->create(['number' => 1, 'body' => $commission->specification, 'person_id' => $by?->id, 'at' => $this->clock->now()]);
            $this->createRoute($build, $draft);
            $this->createKit($build, $draft);
            $this->logbook->write($build, $by, 'commission', $this->told($build, $commission));
            $this->planner->replan("new build {$build->name()}");
            $this->keepBaseline($build);

            return $build;
        });
    }

    private function createBuild(Commission $commission, Draft $draft): Build
    {
        $client = $commission->client === '' ? null : Client::query()->firstOrCreate(['name' => $commission->client], ['contact' => $commission->contact]);

        return Build::query()->create([
            'number' => ((int) Build::query()->max('number')) + 1,
            'title' => $commission->title,
            'client_id' => $client?->id,
            'purpose' => $commission->purpose,
            'status' => BuildStatus::Open,
            'price_minor' => $commission->price?->minor,
            'deposit_minor' => $commission->deposit?->minor,
            'promised_on' => $commission->promisedOn,
            'estimated_minutes' => $draft->route->work()->minutes,
            'estimated_labour_minor' => $draft->quote->labour->minor,
            'estimated_material_minor' => $draft->quote->material->minor,
            'ordered_at' => $this->clock->now(),
        ]);
    }

    private function createRoute(Build $build, Draft $draft): void
    {
        $rows = [];
        foreach ($draft->route->operations as $position => $operation) {
            $rows[] = ['build_id' => $build->id, 'position' => $position, ...$this->operationRow($operation)];
        }
        foreach (array_chunk($rows, 40) as $chunk) {
            OperationModel::query()->insert($chunk);
        }
        $ids = OperationModel::query()->where('build_id', $build->id)->pluck('id', 'key');
        $links = [];
        foreach ($draft->route->links as $link) {
            $links[] = ['build_id' => $build->id, 'before_id' => $ids[$link->before], 'after_id' => $ids[$link->after], 'reason' => $link->reason];
        }
        foreach (array_chunk($links, 100) as $chunk) {
            OperationLink::query()->insert($chunk);
        }
    }

    /** @return array<string, mixed> */
    private function operationRow(Operation $operation): array
    {
        $standard = $operation->standard;

        return [
            'key' => $operation->key,
            'name' => $operation->name,
            'stage' => $standard->stage->value,
            'pieces' => json_encode(array_map(static fn (Piece $piece): string => $piece->value, $operation->pieces), JSON_THROW_ON_ERROR),
            'needs' => json_encode($operation->needs, JSON_THROW_ON_ERROR),
            'set_up_minutes' => $standard->setUp->minutes,
            'labour_minutes' => $standard->labour->minutes,
            'hold_minutes' => $operation->hold->minutes,
            'skill' => $standard->skill->value,
            'station' => $standard->station,
            'fixture' => $standard->fixture,
            'fixtures' => $standard->fixtures,
            'one_sitting' => $standard->oneSitting,
            'caution' => $standard->caution?->value,
        ];
    }

    private function createKit(Build $build, Draft $draft): void
    {
        KitLineModel::query()->insert(array_map(static fn (KitLine $line): array => [
            'build_id' => $build->id,
            'group' => $line->group,
            'name' => $line->name,
            'quantity' => $line->quantity,
            'unit' => $line->price->unit,
            'supplier' => $line->price->supplier,
            'estimated_minor' => $line->cost()->minor,
            'lead_days' => $line->price->leadDays,
            'state' => ($line->price->leadDays === 0 ? KitState::Arrived : KitState::Needed)->value,
        ], $draft->kit->lines));
    }

    private function keepBaseline(Build $build): void
    {
        OperationModel::query()->where('build_id', $build->id)->update([
            'baseline_start' => PlanEntry::query()->select('start')->whereColumn('operation_id', 'operations.id'),
            'baseline_end' => PlanEntry::query()->select('work_end')->whereColumn('operation_id', 'operations.id'),
        ]);
    }

    private function told(Build $build, Commission $commission): string
    {
        $parts = [$commission->client === '' ? 'Begun for stock' : "Commissioned by {$commission->client}"];
        if ($commission->promisedOn !== null) {
            $parts[] = 'promised for '.Say::day($commission->promisedOn);
        }
        if ($commission->price !== null) {
            $parts[] = "price {$commission->price}";
        }
        $parts[] = 'specification revision 1, '.Say::duration($build->estimated_minutes).' estimated';

        return implode(', ', $parts).'.';
    }
}
