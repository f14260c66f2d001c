<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Actions\Recording;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Refused;
use Regimen\Route\OperationState;

/** Takes back that an operation was done, as long as nothing that comes after it has begun. */
final readonly class Reopen
{
    public function __construct(private Recording $recording)
    {
    }

    public function __invoke(Person $by, Operation $operation, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $operation, $version, $because): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            if (! $operation->state->labourIsDone() || $operation->build->status !== BuildStatus::Open) {
                throw Refused::because("“{$operation->name}” is not done, so it cannot be reopened.", 'reopen');
            }
            $begun = Operation::query()
                ->join('operation_links', 'operation_links.after_id', '=', 'operations.id')
                ->where('operation_links.before_id', $operation->id)
                ->where('operations.state', '!=', OperationState::Open->value)
                ->value('operations.name');
            if ($begun !== null) {
                throw Refused::because("“{$begun}” comes after it and has begun. Reopen that one first.", 'reopen');
            }
            $operation->update(
                [
                    'state' => OperationState::Started, 'labour_done_at' => null, 'hold_until' => null,
                    'runs_until' => null, 'gate_closed_at' => null, 'gate_round' => $operation->gate_round + 1,
                    'version' => $operation->version + 1,
                ],
            );
            $this->recording->log($operation->build, $by, 'correction', "Reopened {$operation->name}: {$because}");
            $this->recording->planAnew("{$operation->build->number} {$operation->name} reopened");
        });
    }
}
