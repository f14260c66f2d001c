<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\Operations;

/** Parts of the demo shop: ordered by the operation that orders them, there on their day, used up by what they are for. */
final class PartsSimulation
{
    private ?int $delayed = null;

    private string $delayedTo = '';

    public function __construct(private readonly \DateTimeZone $zone)
    {
    }

    /** Whether a build waits for what never comes. */
    public function delays(int $build): bool
    {
        return $build === $this->delayed;
    }

    public function useUp(Operation $operation): void
    {
        KitLine::query()
            ->where('build_id', $operation->build_id)
            ->whereIn('group', self::usedUp($operation->key))
            ->update(['used' => DB::raw('quantity'), 'state' => KitState::Used->value]);
    }

    /** Its pickups were to come three days before an instant and do not. */
    public function delayPickupsOf(Build $build, CarbonImmutable $now): void
    {
        $this->delayed = $build->id;
        $this->delayedTo = $now->setTimezone($this->zone)->subDays(3)->format('Y-m-d');
    }

    public function order(Operation $operation, CarbonImmutable $at): void
    {
        foreach (KitLine::query()->where('build_id', $operation->build_id)->where('state', KitState::Needed->value)->whereIn(
            'group', self::ordered($operation->key),
        )->get() as $line) {
            $day = $at->setTimezone($this->zone);
            $line->update([
                'state' => KitState::Ordered,
                'ordered_on' => $day->format('Y-m-d'),
                'expected_on' => $this->isDelayed($line)
                    ? $this->delayedTo
                    : $day->addDays($line->lead_days)->format('Y-m-d'),
                'cost_minor' => (int) round($line->estimated_minor * mt_rand(95, 112) / 100),
            ]);
        }
    }

    public function receive(CarbonImmutable $until): void
    {
        $today = $until->setTimezone($this->zone)->format('Y-m-d');
        foreach (KitLine::query()->where(
            'state', KitState::Ordered->value,
        )->where('expected_on', '<', $today)->get() as $line) {
            if ($this->isDelayed($line)) {
                continue;
            }
            $line->update(['state' => KitState::Arrived, 'arrived_on' => $line->expected_on]);
        }
    }

    private function isDelayed(KitLine $line): bool
    {
        return $line->build_id === $this->delayed && $line->group === PartGroup::Pickups;
    }

    /** @return list<PartGroup> */
    private static function ordered(string $key): array
    {
        $operation = Operations::find($key);

        return $operation === null ? [] : Operations::entry($operation)->orders;
    }

    /** @return list<PartGroup> the finish with the last coat on the body, everything else as its operation says */
    private static function usedUp(string $key): array
    {
        $operation = Operations::find($key);
        $lastCoat = in_array(CoatStep::tryFrom($key), [CoatStep::BodyCure, CoatStep::Cure], true);

        return $operation === null ? ($lastCoat ? [PartGroup::Finish] : []) : Operations::entry($operation)->usesUp;
    }
}
