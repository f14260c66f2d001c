<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\ClosedDay;
use App\Models\FinishStandard;
use App\Models\OperationStandard;
use App\Models\Resource;
use App\Planning\House;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Instrument\FinishSystem;
use Regimen\Route\Skill;
use Regimen\Route\Stage;

final readonly class HousePage
{
    public function __construct(private House $house, private Clock $clock, private ResourceNames $resources)
    {
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $shop = $this->house->shop();
        $today = $this->clock->today($this->house->zone());

        return [
            'settings' => [
                ...$shop->only(['name', 'currency', 'timezone', 'version']),
                'labour_rate' => $this->house->rate()->plain(),
                'overhead_percent' => Say::figure($shop->overhead_permille / 10, 1),
                'margin_percent' => Say::figure($shop->margin_permille / 10, 1),
                'deposit_percent' => Say::figure($shop->deposit_permille / 10, 1),
                'risk_days' => (string) $shop->risk_days,
                'hours' => PeoplePage::week($shop->hours),
            ],
            'closedDays' => ClosedDay::query()->where('date', '>=', $today)->orderBy('date')->get()->map(static fn (ClosedDay $day): array => $day->only(['id', 'date', 'note']))->all(),
            'resources' => Resource::query()->orderBy('id')->get()->map(static fn (Resource $resource): array => $resource->only(['id', 'kind', 'name', 'capacity', 'version']))->all(),
            'standards' => OperationStandard::query()->orderBy('id')->get()->map($this->standard(...))->all(),
            'finishes' => FinishStandard::query()->orderBy('id')->get()->map($this->finish(...))->all(),
            'skills' => array_map(static fn (Skill $skill): string => $skill->value, Skill::cases()),
            'today' => $today,
        ];
    }

    /** @return array<string, mixed> */
    private function standard(OperationStandard $standard): array
    {
        return [
            ...$standard->only(['id', 'name', 'skill', 'version']),
            'stage' => Stage::from($standard->stage)->words(),
            'set_up' => Say::duration($standard->set_up_minutes),
            'labour' => Say::duration($standard->labour_minutes),
            'hold' => Say::duration($standard->hold_minutes),
            'station' => $standard->station === null ? null : $this->resources->of($standard->station),
            'fixture' => $standard->fixture === null ? null : $this->resources->of($standard->fixture),
        ];
    }

    /** @return array<string, mixed> */
    private function finish(FinishStandard $finish): array
    {
        return [
            ...$finish->only(['id', 'version', 'body_coats', 'neck_coats', 'coats_a_day']),
            'name' => FinishSystem::from($finish->system)->words(),
            'after_first' => Say::duration($finish->after_first_minutes),
            'between_coats' => Say::duration($finish->between_coats_minutes),
            'overnight' => Say::duration($finish->overnight_minutes),
            'cure' => Say::duration($finish->cure_minutes),
        ];
    }
}
