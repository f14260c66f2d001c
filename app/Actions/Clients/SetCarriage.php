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

/** What the promise of a build means. Insuring, carriage with its days and collecting are operations at the end of the route, at their prices. */
final readonly class SetCarriage
{
    /** Minutes of labour to hand it over to a carrier (house convention). */
    private const LABOUR = 15;

    /** Minutes of labour to have it insured: what it is worth, with photographs (house convention). */
    private const INSURING = 10;

    private const DAY = 1_440;

    public function __construct(private Recording $recording, private ChangeRoute $route)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, Leaving $leaving): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $leaving): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because("{$build->name()} is not in the making any more.");
            }
            $this->drop($by, $build);
            $build->refresh();
            if ($leaving->means !== PromiseMeans::Shop || $leaving->collecting > 0) {
                $this->add($by, $build, $leaving);
            }
            $build->refresh()->update(['promise_means' => $leaving->means, 'version' => $build->version + 1]);
            $how = ($leaving->carrier === '' ? '' : " {$leaving->carrier} carries it, ".Say::count($leaving->days, 'day')." on the way, {$leaving->cost}.")
                .($leaving->insurance->minor === 0 ? '' : " Insurance {$leaving->insurance}.").($leaving->collecting === 0 ? '' : ' '.Say::count($leaving->collecting, 'minute').' with whoever collects it.');
            $this->recording->log($build, $by, 'promise', "The promise means: {$leaving->means->words()}.{$how}");
            $this->recording->planAnew("what the promise of {$build->number} means");
        });
    }

    private function drop(Person $by, Build $build): void
    {
        $old = Carriage::query()->with(['routeChange', 'insuring', 'kitLine', 'insuranceLine'])->where('build_id', $build->id)->first();
        if ($old === null) {
            return;
        }
        $changes = array_filter([$old->routeChange, $old->insuring]);
        $keys = array_map(static fn (RouteChange $one): string => (string) ($one->body['key'] ?? ''), $changes);
        if (Operation::query()->where('build_id', $build->id)->whereIn('key', $keys)->where('state', '!=', OperationState::Open->value)->exists()) {
            throw Refused::because($old->carrier === '' ? 'It is being collected already.' : 'It is on its way already.');
        }
        $lines = array_filter([$old->kitLine, $old->insuranceLine]);
        $old->delete();
        foreach ($changes as $change) {
            $change->undone_at === null && $this->route->undo($by, $build, $build->refresh()->route_version, $change);
        }
        foreach ($lines as $line) {
            $line->delete();
        }
    }

    private function add(Person $by, Build $build, Leaving $leaving): void
    {
        $packed = AssemblyOperation::Pack->value;
        if (! Operation::query()->where('build_id', $build->id)->where('key', $packed)->exists()) {
            throw Refused::because('Nothing is packed on the route of this build; put “pack or hand over” back first.', 'means');
        }
        $insuring = $leaving->insurance->minor === 0 ? null : $this->operation($by, $build, 'insure it for its way', self::INSURING, 0, [$packed]);
        $after = $insuring === null ? [$packed] : [(string) $insuring->body['key']];
        $change = $leaving->carrier === ''
            ? $this->operation($by, $build->refresh(), 'hand it to whoever collects it', $leaving->collecting, 0, $after)
            : $this->operation($by, $build->refresh(), "hand it to {$leaving->carrier}", self::LABOUR, $leaving->means === PromiseMeans::Hands ? self::DAY * $leaving->days : 0, $after);
        Carriage::query()->create([
            'build_id' => $build->id, 'carrier' => $leaving->carrier, 'days' => $leaving->days, 'cost_minor' => $leaving->cost->minor, 'insurance_minor' => $leaving->insurance->minor, 'collecting' => $leaving->collecting,
            'route_change_id' => $change->id, 'insuring_id' => $insuring?->id,
            'kit_line_id' => $this->priced($build, "carriage, {$leaving->carrier}", $leaving->carrier, $leaving->cost)?->id,
            'insurance_line_id' => $this->priced($build, 'insurance on the way', '', $leaving->insurance)?->id,
        ]);
    }

    /** @param  list<string>  $after  keys */
    private function operation(Person $by, Build $build, string $name, int $labour, int $hold, array $after): RouteChange
    {
        return $this->route->make($by, $build, $build->route_version, [
            'kind' => 'add', 'key' => 'carriage.'.(RouteChange::query()->where('build_id', $build->id)->count() + 1), 'name' => $name, 'stage' => Stage::Delivery->value, 'pieces' => [],
            'set_up' => 0, 'labour' => $labour, 'hold' => $hold, 'skill' => Skill::SetUp->value, 'station' => '', 'fixture' => '', 'after' => $after, 'before' => [],
        ], '');
    }

    private function priced(Build $build, string $name, string $supplier, Money $cost): ?KitLine
    {
        return $cost->minor === 0 ? null : KitLine::query()->create([
            'build_id' => $build->id, 'group' => PartGroup::Consumables, 'name' => $name, 'quantity' => 1, 'unit' => KitLine::DONE_ELSEWHERE, 'supplier' => $supplier,
            'estimated_minor' => $cost->minor, 'cost_minor' => $cost->minor, 'lead_days' => 0, 'state' => KitState::Arrived,
        ]);
    }
}
