<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\Operation;
use App\Models\Parts\SentWork;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use Regimen\Parts\PartGroup;

/** Until when pieces are away that were sent out: the day that was agreed, and once that has passed, when it is likely now (CALCULATIONS I5). */
final class AwayWork
{
    /** @var array<int, string>|null days by operation */
    private ?array $days = null;

    public function __construct(private readonly LeadTimes $leads, private readonly House $house, private readonly Clock $clock)
    {
    }

    /** What has come back since is looked up again. */
    public function forget(): void
    {
        $this->days = null;
    }

    /** The minute from which it is back; null where it is not away. */
    public function until(Operation $operation): ?int
    {
        if (! $operation->is_away) {
            return null;
        }
        $this->days ??= $this->read();

        return isset($this->days[$operation->id]) ? Minutes::endOfDay($this->days[$operation->id], $this->house->zone()) + 1 : null;
    }

    /** When it is likely back. */
    public function likely(SentWork $work): string
    {
        $today = $this->clock->today($this->house->zone());
        $expected = (string) ($work->expected_on ?? $today);

        return $expected >= $today ? $expected : KitWaits::likely(
            $this->leads->of($work->supplier->name, PartGroup::Consumables, $work->lead_days), $expected, $work->dispatched_on, $work->lead_days, $today,
        );
    }

    /** @return array<int, string> */
    private function read(): array
    {
        $days = [];
        foreach (SentWork::query()->underWay()->whereNotNull('dispatched_on')->whereNotNull('operation_id')->with('supplier')->get() as $work) {
            $days[(int) $work->operation_id] = $this->likely($work);
        }

        return $days;
    }
}
