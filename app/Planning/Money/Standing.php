<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\Money\Invoice;
use App\Models\Money\PaymentPart;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Collection;
use Regimen\Invoicing\PaymentWhen;
use Regimen\Route\Standards\Stage;

/** What is owed, what can be asked for now, and when the rest is expected: by the plan and the terms. */
final readonly class Standing
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    /** @return Collection<int, Invoice> that are not paid whole, the one that is due first first */
    public function owed(?Build $build = null): Collection
    {
        return Invoice::query()->standing()->withPaid()->with(['client:id,name', 'build:id,number,title', 'cancels', 'cancelledBy'])
            ->when($build !== null, static fn ($query) => $query->where('build_id', $build?->id))
            ->orderBy('due_on')->orderBy('id')->get()->filter(static fn (Invoice $one): bool => $one->leftMinor() > 0)->values();
    }

    /**
     * @param  (Closure(int): (CarbonImmutable|null))|null  $finish  of an operation by another plan than the one in force
     * @return list<Expected> what is not invoiced yet, the first first
     */
    public function expected(?Build $build = null, ?Closure $finish = null): array
    {
        $parts = PaymentPart::query()->whereNull('invoice_id')->with('build.client:id,name')
            ->whereIn('build_id', Build::query()->whereIn('status', [BuildStatus::Open->value, BuildStatus::Finished->value])->when($build !== null, static fn ($query) => $query->whereKey($build?->id))->select('id'))->orderBy('id')->get();
        $builds = $parts->pluck('build_id')->unique()->values();
        $operations = Operation::query()->whereIn('build_id', $builds)->whereNull('setback_id')->get(['id', 'build_id', 'stage', 'state'])->groupBy('build_id');
        $finish ??= $this->inForce($builds);
        $expected = [];
        foreach ($parts as $part) {
            $expected[] = $this->one($part, $operations->get($part->build_id) ?? new Collection, $finish);
        }
        usort($expected, static fn (Expected $a, Expected $b): int => [$a->on ?? '9999', $a->part->id] <=> [$b->on ?? '9999', $b->part->id]);

        return $expected;
    }

    /**
     * @param  Collection<int, Operation>  $operations
     * @param  Closure(int): (CarbonImmutable|null)  $finish  of an operation
     */
    private function one(PaymentPart $part, Collection $operations, Closure $finish): Expected
    {
        $today = $this->clock->today($this->house->zone());
        $before = match ($part->when) {
            PaymentWhen::Order => new Collection,
            PaymentWhen::Stage => $operations->filter(static fn (Operation $one): bool => self::place($one->stage) <= self::place($part->stage ?? Stage::Delivery)),
            PaymentWhen::Delivery => $operations->filter(static fn (Operation $one): bool => $one->stage !== Stage::Delivery),
        };
        $open = $before->reject(static fn (Operation $one): bool => $one->state->labourIsDone());
        if ($open->isEmpty()) {
            return new Expected($part, true, $today, $this->paid($today));
        }
        $finishes = $open->map(static fn (Operation $one): ?CarbonImmutable => $finish($one->id));
        $last = $finishes->contains(null) ? null : $finishes->max();
        $on = $last instanceof CarbonImmutable ? $last->setTimezone($this->house->zone())->toDateString() : null;

        return new Expected($part, false, $on, $on === null ? null : $this->paid($on));
    }

    /**
     * @param  Collection<int, int>  $builds
     * @return Closure(int): (CarbonImmutable|null)
     */
    private function inForce(Collection $builds): Closure
    {
        $entries = PlanEntry::query()->whereIn('build_id', $builds)->get(['operation_id', 'build_id', 'finish'])->keyBy('operation_id');

        return static fn (int $operation): ?CarbonImmutable => $entries->get($operation)?->finish;
    }

    private static function place(Stage $stage): int
    {
        return (int) array_search($stage, Stage::cases(), true);
    }

    private function paid(string $from): string
    {
        return CarbonImmutable::parse($from)->addDays($this->house->shop()->pay_days)->toDateString();
    }
}
