<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Recording;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Route\OperationState;

/** An operation waits for a decision until a day, or no longer waits for one. */
final readonly class WaitFor
{
    public function __construct(private Recording $recording)
    {
    }

    /** @param  string|null  $until  YYYY-MM-DD; null when the decision is made */
    public function __invoke(Person $by, Operation $operation, int $version, string $what, ?string $until): void
    {
        $this->recording->keep(function () use ($by, $operation, $version, $what, $until): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            if ($operation->state !== OperationState::Open) {
                throw Refused::because("“{$operation->name}” has begun; only what has not begun can wait.", 'what');
            }
            $before = $operation->waits_for;
            $operation->update(
                [
                    'waits_for' => $until === null ? '' : $what, 'waits_until' => $until,
                    'version' => $operation->version + 1,
                ],
            );
            $this->recording->log($operation->build, $by, 'decision', $until === null
                ? "Decided: {$before}; {$operation->name} waits no longer."
                : ucfirst($operation->name)." waits for: {$what}, by ".Say::day($until).'.');
            $this->recording->planAnew("decision about {$operation->build->number} {$operation->name}");
        });
    }
}
