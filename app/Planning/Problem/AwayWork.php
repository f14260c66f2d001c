<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\Operation;
use App\Models\Parts\SentWork;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Forecast\LeadTime;
use Regimen\Parts\PartGroup;
use Regimen\Schedule\Problem\Release;

/** Until when pieces are away that were sent out: the day that was agreed, and once that has passed, when it is likely now (CALCULATIONS I5). */
final class AwayWork
{
    /** @var array<int, SentWork>|null by operation */
    private ?array $works = null;

    public function __construct(private readonly LeadTimes $leads, private readonly House $house, private readonly Clock $clock)
    {
    }

    /** What has come back since is looked up again. */
    public function forget(): void
    {
        $this->works = null;
    }

    /** When it is back, and what that is; null where nothing of it is away. */
    public function release(Operation $operation): ?Release
    {
        $work = $operation->is_away ? $this->of($operation) : null;
        if ($work?->dispatched_on === null) {
            return null;
        }
        $day = $this->likely($work);

        return new Release(
            Minutes::endOfDay($day, $this->house->zone()) + 1,
            "{$operation->name} from {$work->supplier->name}, ".($day === $work->expected_on ? 'expected' : 'likely').' '.Say::day($day),
        );
    }

    /** What is to be sent out for an operation, or away; null for what is done here. */
    public function of(Operation $operation): ?SentWork
    {
        return ($this->works ??= $this->read())[$operation->id] ?? null;
    }

    /** When it is likely back. */
    public function likely(SentWork $work): string
    {
        $today = $this->clock->today($this->house->zone());
        $expected = (string) ($work->expected_on ?? $today);

        return $expected >= $today ? $expected : KitWaits::likely($this->time($work), $expected, $work->dispatched_on, $work->lead_days, $today);
    }

    /** How long such work is away there. */
    public function time(SentWork $work): LeadTime
    {
        return $this->leads->of($work->supplier->name, PartGroup::Consumables, $work->lead_days);
    }

    public function awaited(SentWork $work): Awaited
    {
        $today = $this->clock->today($this->house->zone());
        $from = min((string) ($work->dispatched_on ?? $today), $today);

        return new Awaited(
            $this->time($work), KitWaits::days($from, $this->likely($work)), KitWaits::days($from, $today),
            max(1, KitWaits::days($from, (string) ($work->expected_on ?? $today))) / max(1, $work->lead_days),
        );
    }

    /** @return array<int, SentWork> */
    private function read(): array
    {
        $works = [];
        foreach (SentWork::query()->underWay()->whereNotNull('operation_id')->with('supplier')->get() as $work) {
            $works[(int) $work->operation_id] = $work;
        }

        return $works;
    }
}
