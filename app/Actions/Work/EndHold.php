<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Recording;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Route\OperationState;

/** Ends a hold before its time, on somebody's word. */
final readonly class EndHold
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Operation $operation, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $operation, $version, $because): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            if ($operation->state !== OperationState::Holding || $operation->hold_until === null) {
                throw Refused::because("“{$operation->name}” is not in its hold at the moment.", 'hold');
            }
            if ($operation->is_away) {
                throw Refused::because("“{$operation->name}” is away. Say under Stores that it is back, and what you looked at.", 'hold');
            }
            $early = max(0, intdiv($operation->hold_until->getTimestamp() - $this->clock->now()->getTimestamp(), 60));
            if ($early > 0 && $because === '') {
                throw Refused::because(
                    'The hold has '.Say::clockTime($early)
                        .' to go. Write why it can end now, for example “dry by the data sheet at 25 °C”.',
                    'because',
                );
            }
            $operation->update(
                [
                    'state' => OperationState::Done, 'hold_until' => $this->clock->now(), 'runs_until' => null,
                    'version' => $operation->version + 1,
                ],
            );
            $this->recording->log(
                $operation->build,
                $by,
                'hold',
                "Hold over: {$operation->name}".($early > 0 ? ', '.Say::clockTime($early)." early: {$because}" : '.'),
            );
            $this->recording->planAnew("hold over on {$operation->build->number} {$operation->name}");
        });
    }
}
