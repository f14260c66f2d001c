<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Recording;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Route\OperationState;
use Regimen\Units\Duration;

/** Records hours that were worked without a clock. */
final readonly class EnterHours
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private Readiness $readiness,
        private HoursOfDay $hoursOfDay,
        private Clock $clock,
    ) {
    }

    /**
     * @param  bool  $sure  whether what is unlikely was asked about and is so
     * @param  int|null  $version  of the operation as it was seen
     */
    public function __invoke(
        Person $by,
        Operation $operation,
        Person $worker,
        string $day,
        Duration $hours,
        bool $sure = false,
        ?int $version = null,
    ): void {
        $this->recording->keep(function () use ($by, $operation, $worker, $day, $hours, $sure, $version): void {
            Refused::ifStale($operation->version, $version ?? $operation->version, "“{$operation->name}”");
            $begins = $operation->state === OperationState::Open;
            if ($begins) {
                $this->readiness->mustBeReady($operation, 'hours');
                $operation->update(
                    [
                        'state' => OperationState::Started, 'started_at' => $this->beginningOf($day),
                        'person_id' => $worker->id, 'version' => $operation->version + 1,
                    ],
                );
            }
            $this->hoursOfDay->mustHold($worker, $day, $hours->minutes, 'hours');
            if (! $sure) {
                $this->hoursOfDay->askWhereUnlikely($operation, $worker, $day, $hours->minutes);
            }
            TimeEntry::query()->create([
                'operation_id' => $operation->id,
                'person_id' => $worker->id,
                'worked_on' => $day,
                'minutes' => $hours->minutes,
                'rate_minor' => $worker->rate_minor ?? $this->house->shop()->labour_rate_minor,
                'source' => 'afterwards',
            ]);
            $this->recording->log(
                $operation->build,
                $by,
                'hours',
                "{$hours} of {$worker->name} on {$operation->name}, ".Say::day($day).', entered afterwards.',
            );
            $this->recording->planAnew("hours entered on {$operation->build->number} {$operation->name}");
        });
    }

    private function beginningOf(string $day): CarbonImmutable
    {
        $opening = $this->house->hours()->on($day)[0][0] ?? 480;
        $begin = CarbonImmutable::parse($day, $this->house->zone())->setTime(
            intdiv($opening, 60), $opening % 60,
        )->utc();

        return $begin->min($this->clock->now());
    }
}
