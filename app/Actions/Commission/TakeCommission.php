<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Client;
use App\Models\Build\Operation as OperationModel;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Logbook;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Instrument\Reading\SpecificationReader;

/** A commission becomes a build with specification revision 1, route, kit and plan, all at once or not at all. */
final readonly class TakeCommission
{
    public function __construct(
        private Revisions $revisions,
        private Drafting $drafting,
        private RouteSync $sync,
        private Planner $planner,
        private Logbook $logbook,
        private Clock $clock,
    ) {
    }

    public function __invoke(?Person $by, Commission $commission): Build
    {
        return DB::transaction(function () use ($by, $commission): Build {
            $house = $this->revisions->house($commission->specification, $commission->model);
            $draft = $this->drafting->draft(SpecificationReader::read($commission->specification, $house)->orFail());
            $build = $this->createBuild($commission, $draft);
            $build->revisions()->create(
                [
                    'number' => 1, 'client' => $commission->specification, 'house' => $house, 'person_id' => $by?->id,
                    'at' => $this->clock->now(),
                ],
            );
            $this->sync->apply($build, $draft);
            $this->logbook->write($build, $by, 'commission', $this->summary($build, $commission));
            $this->planner->replan("new build {$build->name()}");
            $this->keepBaseline($build);

            return $build;
        });
    }

    private function createBuild(Commission $commission, Draft $draft): Build
    {
        $client = $commission->client === ''
            ? null
            : Client::query()->firstOrCreate(['name' => $commission->client], ['contact' => $commission->contact]);

        return Build::query()->create([
            'number' => ((int) Build::query()->max('number')) + 1,
            'title' => $commission->title,
            'client_id' => $client?->id,
            'purpose' => $commission->purpose,
            'status' => BuildStatus::Open,
            'price_minor' => $commission->price?->minor,
            'deposit_minor' => $commission->deposit?->minor,
            'promised_on' => $commission->promisedOn,
            'promise_kind' => $commission->promise,
            'estimated_minutes' => $draft->route->work()->minutes,
            'estimated_labour_minor' => $draft->quote->labour->minor,
            'estimated_material_minor' => $draft->quote->material->minor,
            'ordered_at' => $this->clock->now(),
        ]);
    }

    private function keepBaseline(Build $build): void
    {
        OperationModel::query()->where('build_id', $build->id)->update([
            'baseline_start' => PlanEntry::query()->select('start')->whereColumn('operation_id', 'operations.id'),
            'baseline_end' => PlanEntry::query()->select('work_end')->whereColumn('operation_id', 'operations.id'),
        ]);
    }

    private function summary(Build $build, Commission $commission): string
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
