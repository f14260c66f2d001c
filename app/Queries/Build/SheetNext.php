<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Pages\Sheet\NextStep;
use App\Planning\House\House;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Route\OperationState;

/** The next step with a build: specify it, answer what is asked, or the operation that is under way or comes first. */
final readonly class SheetNext
{
    public function __construct(private House $house)
    {
    }

    /** @param  Collection<int, Person>  $people */
    public function of(Build $build, Collection $people): ?NextStep
    {
        if ($build->status !== BuildStatus::Open) {
            return null;
        }
        $first = $this->first($build->operations);
        $waiting = $build->operations->first(static fn (Operation $one): bool => $one->waits_for !== '');

        return match (true) {
            $build->draft?->number === 1 => new NextStep(
                'The specification is not released to the bench yet.', 'Specify it',
                route('specification', ['build' => $build->number], false),
            ),
            $waiting !== null => new NextStep(
                "“{$waiting->name}” waits for an answer: {$waiting->waits_for}.", 'Go to it', "#operation-{$waiting->id}",
            ),
            $first !== null => new NextStep($this->words($first, $people), 'Go to it', "#operation-{$first->id}"),
            default => null,
        };
    }

    /** @param  Collection<int, Operation>  $operations */
    private function first(Collection $operations): ?Operation
    {
        return $operations->first(static fn (Operation $one): bool => $one->state === OperationState::Started)
            ?? $operations
                ->filter(static fn (Operation $one): bool => $one->state === OperationState::Open && $one->planned?->start !== null)
                ->sortBy(static fn (Operation $one): string => (string) $one->planned?->start?->toIso8601ZuluString())
                ->first();
    }

    /** @param  Collection<int, Person>  $people */
    private function words(Operation $one, Collection $people): string
    {
        $who = $people->firstWhere('id', $one->person_id ?? $one->planned?->person_id)?->name;
        $when = $one->planned?->start;

        return $one->state === OperationState::Started
            ? "Under way: {$one->name}".($who === null ? '.' : ", {$who}.")
            : "Next: {$one->name}".($who === null ? '' : ", {$who}")
                .($when === null ? '.' : ', '.Say::moment($when, $this->house->zone()).'.');
    }
}
