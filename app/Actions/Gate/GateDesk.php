<?php

declare(strict_types=1);

namespace App\Actions\Gate;

use App\Actions\Work\Readiness;
use App\Models\Build\Operation;
use App\Models\Gate\Reading;
use App\Planning\House\House;
use App\Planning\Specification\AsMade;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Inspection\Readings\GateSheet;
use Regimen\Inspection\Readings\LineState;
use Regimen\Route\OperationState;

/** What every action at a gate looks at first. */
final readonly class GateDesk
{
    public function __construct(private AsMade $asMade, private Readiness $readiness, private House $house)
    {
    }

    /** The sheet of a gate at which something can be done now. */
    public function open(Operation $operation): GateSheet
    {
        if ($operation->gate_closed_at !== null) {
            throw Refused::because(
                "The gate of “{$operation->name}” was closed ".Say::moment($operation->gate_closed_at, $this->house->zone())
                    .'. Reopen the operation to measure again.',
                'gate',
            );
        }
        $this->readiness->mustBeReady($operation, 'gate');
        $sheet = $this->asMade->sheet($operation);
        if ($sheet->lines === []) {
            throw Refused::because("“{$operation->name}” ends without readings.", 'gate');
        }

        return $sheet;
    }

    /** An operation that ends with readings is done when its gate is closed. */
    public function mustBeClosed(Operation $operation): void
    {
        if ($operation->gate_closed_at === null && $this->asMade->targets($operation) !== []) {
            throw Refused::because("“{$operation->name}” ends with readings. Take them and close its gate: that marks it done.", 'gate');
        }
    }

    public static function line(GateSheet $sheet, string $key): LineState
    {
        return $sheet->line($key) ?? throw Refused::because(
            'That is not measured at this gate any more: the specification or its methods have changed. Look at the sheet again.', 'line',
        );
    }

    /** The last reading of an operation so far; 0 for none. */
    public static function lastReading(Operation $operation): int
    {
        return (int) Reading::query()->where('operation_id', $operation->id)->max('id');
    }

    public static function isBegun(Operation $operation): bool
    {
        return $operation->state === OperationState::Started;
    }
}
