<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Actions\Route\ChangeRoute;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Carriage;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\PromiseMeans;
use App\Models\Build\RouteChange;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Units\Money;

/** What the promise of a build means. Carriage and its days are an operation at the end of the route, at its price. */
final readonly class SetCarriage
{
    /** Minutes of labour to hand it over to a carrier (house convention). */
    private const LABOUR = 15;

    private const DAY = 1_440;

    public function __construct(private Recording $recording, private ChangeRoute $route)
    {
    }

    /**
     * @param  int  $days  on the way, as the carrier says
     * @param  Money  $cost  of carriage and insurance
     */
    public function __invoke(Person $by, Build $build, int $version, PromiseMeans $means, string $carrier, int $days, Money $cost): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $means, $carrier, $days, $cost): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because("{$build->name()} is not in the making any more.");
            }
            $this->drop($by, $build);
            if ($means !== PromiseMeans::Shop) {
                $this->add($by, $build->refresh(), $means, $carrier, $days, $cost);
            }
            $build->refresh()->update(['promise_means' => $means, 'version' => $build->version + 1]);
            $how = $means === PromiseMeans::Shop ? '' : " {$carrier} carries it, ".Say::count($days, 'day')." on the way, {$cost}.";
            $this->recording->log($build, $by, 'promise', "The promise means: {$means->words()}.{$how}");
            $this->recording->planAnew("what the promise of {$build->number} means");
        });
    }

    private function drop(Person $by, Build $build): void
    {
        $old = Carriage::query()->with(['routeChange', 'kitLine'])->where('build_id', $build->id)->first();
        if ($old === null) {
            return;
        }
        $key = (string) ($old->routeChange->body['key'] ?? '');
        $begun = Operation::query()->where('build_id', $build->id)->where('key', $key)->where('state', '!=', OperationState::Open->value)->exists();
        if ($begun) {
            throw Refused::because('It is on its way already.');
        }
        $change = $old->routeChange;
        $line = $old->kitLine;
        $old->delete();
        $change->undone_at === null && $this->route->undo($by, $build, $build->route_version, $change);
        $line?->delete();
    }

    private function add(Person $by, Build $build, PromiseMeans $means, string $carrier, int $days, Money $cost): void
    {
        $last = AssemblyOperation::Pack->value;
        if (! Operation::query()->where('build_id', $build->id)->where('key', $last)->exists()) {
            throw Refused::because('Nothing is packed on the route of this build; put “pack or hand over” back first.', 'means');
        }
        $change = $this->route->make($by, $build, $build->route_version, [
            'kind' => 'add', 'key' => 'carriage.'.(RouteChange::query()->where('build_id', $build->id)->count() + 1), 'name' => "hand it to {$carrier}", 'stage' => Stage::Delivery->value, 'pieces' => [],
            'set_up' => 0, 'labour' => self::LABOUR, 'hold' => $means === PromiseMeans::Hands ? self::DAY * $days : 0, 'skill' => Skill::SetUp->value, 'station' => '', 'fixture' => '', 'after' => [$last], 'before' => [],
        ], '');
        $line = $cost->minor === 0 ? null : KitLine::query()->create([
            'build_id' => $build->id, 'group' => PartGroup::Consumables, 'name' => "carriage and insurance, {$carrier}", 'quantity' => 1, 'unit' => KitLine::DONE_ELSEWHERE, 'supplier' => $carrier,
            'estimated_minor' => $cost->minor, 'cost_minor' => $cost->minor, 'lead_days' => 0, 'state' => KitState::Arrived,
        ]);
        Carriage::query()->create(['build_id' => $build->id, 'carrier' => $carrier, 'days' => $days, 'cost_minor' => $cost->minor, 'route_change_id' => $change->id, 'kit_line_id' => $line?->id]);
    }
}
