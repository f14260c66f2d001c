<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\SpecificationRevision;
use App\Planning\Problem\Air;
use App\Planning\Problem\TimberWaits;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Validation\ValidationException;
use Regimen\Costing\KitState;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\OperationState;

/** Whether an operation can be worked on: what must come before is over, and its parts are there. */
final readonly class Readiness
{
    public function __construct(private Air $air, private TimberWaits $timber, private Clock $clock)
    {
    }

    /** @throws ValidationException naming what is missing */
    public function mustBeReady(Operation $operation, string $field): void
    {
        if ($operation->build->status !== BuildStatus::Open) {
            throw Refused::because(
                "{$operation->build->name()} is finished or called off; nothing more is done on it.",
                $field,
            );
        }
        if ($operation->state->labourIsDone()) {
            throw Refused::because(
                "The labour of “{$operation->name}” is done. Reopen it to work on it again.",
                $field,
            );
        }
        if ($operation->state === OperationState::Open) {
            if ($operation->waits_for !== '') {
                throw Refused::because(
                    "“{$operation->name}” waits for: {$operation->waits_for}. Say first that it is decided.",
                    $field,
                );
            }
            $this->mustBeReleased($operation, $field);
            $this->linksMustBeOver($operation, $field);
            $this->partsMustBeThere($operation, $field);
            $this->timberMustBeSettled($operation, $field);
            $this->airMustBeRight($operation, $field);
            $this->boxMustBeDry($operation, $field);
        }
    }

    /**
     * Timber is cut only to a specification that is released; until then there is talking, drawing, ordering and
     * measuring.
     */
    private function mustBeReleased(Operation $operation, string $field): void
    {
        if (
            ! $operation->stage->isBeforeTheCut()
            && ! SpecificationRevision::query()->where(
                'build_id', $operation->build_id,
            )->whereNotNull('released_at')->exists()
        ) {
            throw Refused::because(
                "The specification of {$operation->build->name()} is not released to the bench yet. Release it on its "
                    .'page first.',
                $field,
            );
        }
    }

    private function timberMustBeSettled(Operation $operation, string $field): void
    {
        $this->timber->forget();
        $waits = $this->timber->release($operation);
        if ($waits !== null) {
            throw Refused::because("“{$operation->name}” waits for {$waits->cause}. Read it again: where it is there already, its day moves up.", $field);
        }
    }

    private function airMustBeRight(Operation $operation, string $field): void
    {
        $forbids = $operation->sprayed ? $this->air->forbidsSpraying() : null;
        if ($forbids !== null) {
            throw Refused::because(
                "It is {$forbids}. Wait, or warm and dry the booth and enter what it reads then. The data sheet comes "
                    .'first.',
                $field,
            );
        }
    }

    private function boxMustBeDry(Operation $operation, string $field): void
    {
        $forbids = BoxOperation::waitsForAir($operation->key) ? $this->air->forbidsClosing() : null;
        if ($forbids !== null) {
            throw Refused::because("It is {$forbids}. A plate that is glued in such air splits or bellies when it changes. Wait, or bring the room to it and enter what it reads then.", $field);
        }
    }

    private function linksMustBeOver(Operation $operation, string $field): void
    {
        $before = Operation::query()
            ->join('operation_links', 'operation_links.before_id', '=', 'operations.id')
            ->where('operation_links.after_id', $operation->id)
            ->orderBy('operations.position')
            ->get(['operations.*', 'operation_links.reason']);
        foreach ($before as $earlier) {
            if (! $earlier->isOver($this->clock->now())) {
                $still = $earlier->state === OperationState::Holding ? 'still holds' : 'is not done';
                throw Refused::because("“{$earlier->name}” {$still}. {$earlier->getAttribute('reason')}", $field);
            }
        }
    }

    private function partsMustBeThere(Operation $operation, string $field): void
    {
        $missing = KitLine::query()
            ->where('build_id', $operation->build_id)
            ->where('surplus', false)
            ->whereIn('group', $operation->needs)
            ->whereIn('state', [KitState::Needed->value, KitState::Ordered->value])
            ->orderBy('id')
            ->pluck('name');
        if ($missing->isNotEmpty()) {
            throw Refused::because(
                "“{$operation->name}” needs what has not arrived: {$missing->implode(', ')}. Record the arrival in the "
                    .'kit first.',
                $field,
            );
        }
    }
}
