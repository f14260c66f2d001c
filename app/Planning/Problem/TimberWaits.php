<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Stores\Blank;
use App\Planning\House\House;
use App\Planning\Stores\LotMoisture;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Operations;
use Regimen\Schedule\Problem\Release;

/**
 * What was cut for a build and is still wetter or drier than the shop's balance by more than 1 % (CALCULATIONS I3): until its day nothing
 * is made of it. Read once for each plan.
 */
final class TimberWaits
{
    /** @var array<int, array<string, Release>>|null by build, and by what is made of it */
    private ?array $waits = null;

    public function __construct(private readonly Air $air, private readonly House $house, private readonly Clock $clock)
    {
    }

    /** What has been read since is looked up again. */
    public function forget(): void
    {
        $this->waits = null;
    }

    /** Until when an operation waits for its timber; null where it need not. */
    public function release(Operation $operation): ?Release
    {
        $waits = $this->waits()[$operation->build_id] ?? [];
        $latest = null;
        // A shaft that was roughed rests, and is looked at again only when it is settled.
        $groups = $operation->key === NeckOperation::Recheck->value ? [PartGroup::NeckTimber] : Operations::cutsInto($operation->key);
        foreach ($waits === [] ? [] : $groups as $group) {
            $one = $waits[$group->value] ?? null;
            $latest = $one !== null && $one->instant > ($latest->instant ?? 0) ? $one : $latest;
        }

        return $latest;
    }

    /** @return array<int, array<string, Release>> */
    private function waits(): array
    {
        return $this->waits ??= $this->read();
    }

    /** @return array<int, array<string, Release>> */
    private function read(): array
    {
        $blanks = Blank::query()->inBuild()->whereIn('build_id', Build::query()->open()->select('id'))
            ->with(['readings', 'kitLine', 'build:id,number', 'board.readings', 'board.lot.readings'])->orderBy('id')->get();
        $moisture = new LotMoisture($this->air);
        $waits = [];
        foreach ($blanks as $blank) {
            $settling = $moisture->ofBlank($blank);
            $day = $settling === null || $settling->isReadyAtOnce() ? null
                : CarbonImmutable::createFromTimestampUTC((int) ceil($settling->readyAt() * 86_400))->setTimezone($this->house->zone())->toDateString();
            if ($day === null || $day <= $this->clock->today($this->house->zone())) {
                continue;
            }
            $group = $blank->kitLine->group->value;
            $instant = Minutes::ofDay($day, $this->house->zone());
            if ($instant > ($waits[$blank->build_id][$group]->instant ?? 0)) {
                $waits[$blank->build_id][$group] = new Release($instant, "blank {$blank->id} to settle, within 1 % of the shop’s balance on ".Say::day($day));
            }
        }

        return $waits;
    }
}
