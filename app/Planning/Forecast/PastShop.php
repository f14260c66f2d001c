<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Planning\House\House;
use App\Planning\Problem\Activities;
use App\Planning\Problem\Air;
use App\Planning\Problem\AwayWork;
use App\Planning\Problem\Before;
use App\Planning\Problem\Demands;
use App\Planning\Problem\LeadTimes;
use App\Planning\Problem\PaymentWaits;
use App\Planning\Problem\ShopProblem;
use App\Planning\Problem\TimberWaits;
use App\Support\Clock;
use App\Support\Minutes;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitState;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Route\OperationState;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;

/**
 * The shop as it was known at an instant of the past: what was done by then is done, what came later is still to come. People,
 * stations and standards are today's: what they were then is not kept.
 */
final readonly class PastShop
{
    public function __construct(private PastForecasts $past, private House $house, private Air $air, private LeadTimes $leads, private TimberWaits $timber, private PaymentWaits $payments, private AwayWork $away)
    {
    }

    /** @return array{Problem, Doubts} */
    public function at(CarbonImmutable $instant): array
    {
        $then = Clock::from($instant->toIso8601ZuluString());
        $now = Minutes::of($instant);
        $builds = $this->builds($instant);
        $links = $this->links($builds);
        $of = new Activities($this->house, $this->air, $this->leads, $this->timber, $this->payments, $this->away, $then);
        $activities = $dues = [];
        $capacities = [...$this->house->capacities(), Air::RESOURCE => Air::AMOUNT, Air::BOX => Air::AMOUNT];
        foreach ($builds as $build) {
            $key = BuildId::of($build->id)->number;
            array_push($activities, ...$of->ofBuild($build, $links));
            $dues[$key] = $build->promised_on === null ? new Due(null, round: ShopProblem::STOCK) : new Due(Minutes::endOfDay($build->promised_on, $this->house->zone()), promise: $build->promise_kind);
            $capacities += Demands::pieces($key);
        }
        $problem = new Problem($now, $activities, $this->house->workers($now), $capacities, $dues, [], $this->house->weights(), $this->house->resourceHours($now));

        return [$problem, (new ShopDoubts(new PastJobs, $this->past, $this->house, new ShopArrivals($this->house, $this->leads, $this->away, $then), $this->away, $then))->ofBuilds($problem, $builds)];
    }

    /** @return Collection<int, Build> that were in the making then, with what was done by then */
    private function builds(CarbonImmutable $instant): Collection
    {
        $builds = Build::query()->where('ordered_at', '<=', $instant)->where('status', '!=', BuildStatus::CalledOff->value)
            ->where(static fn ($query) => $query->whereNull('finished_at')->orWhere('finished_at', '>', $instant))
            ->with(['kit', 'operations' => static fn ($operations) => $operations->whereNull('setback_id')])->orderBy('number')->get();
        $worked = DB::table('time_entries')->join('operations', 'operations.id', '=', 'operation_id')->whereIn('operations.build_id', $builds->modelKeys())
            ->whereNull('struck_at')->where('worked_on', '<', $instant->format('Y-m-d'))->groupBy('operation_id')->selectRaw('operation_id, sum(minutes) as minutes')->pluck('minutes', 'operation_id');
        foreach ($builds as $build) {
            foreach ($build->operations as $operation) {
                $this->asItWas($operation, $instant, (int) ($worked[$operation->id] ?? 0));
            }
            foreach ($build->kit as $line) {
                $this->kitAsItWas($line, $instant->format('Y-m-d'));
            }
        }

        return $builds;
    }

    private function asItWas(Operation $operation, CarbonImmutable $instant, int $worked): void
    {
        $operation->state = match (true) {
            $operation->labour_done_at !== null && $operation->labour_done_at <= $instant => $operation->hold_until !== null && $operation->hold_until > $instant ? OperationState::Holding : OperationState::Done,
            $operation->started_at !== null && $operation->started_at <= $instant => OperationState::Started,
            default => OperationState::Open,
        };
        $operation->setAttribute('worked_minutes', $worked);
        $operation->setRelation('planned', null);
        $operation->setRelation('runningClocks', new Collection);
        [$operation->waits_for, $operation->waits_until, $operation->is_away] = ['', null, false];
    }

    private function kitAsItWas(KitLine $line, string $day): void
    {
        $line->state = match (true) {
            $line->arrived_on !== null && $line->arrived_on <= $day => KitState::Arrived,
            $line->ordered_on !== null && $line->ordered_on <= $day => KitState::Ordered,
            default => KitState::Needed,
        };
        if ($line->ordered_on !== null) {
            $line->expected_on = (new \DateTimeImmutable($line->ordered_on))->modify("+{$line->lead_days} days")->format('Y-m-d');
        }
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return array<int, list<Before>> by the operation that comes after
     */
    private function links(Collection $builds): array
    {
        $operations = $builds->flatMap(static fn (Build $build) => $build->operations)->keyBy('id');
        $links = [];
        foreach (OperationLink::query()->whereIn('build_id', $builds->modelKeys())->toBase()->get(['after_id', 'before_id']) as $row) {
            $before = $operations->get((int) $row->before_id);
            if ($before !== null) {
                $links[(int) $row->after_id][] = new Before($before->id, null, null, $before->state === OperationState::Open);
            }
        }

        return $links;
    }
}
