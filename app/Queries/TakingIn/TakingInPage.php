<?php

declare(strict_types=1);

namespace App\Queries\TakingIn;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Pages\Sheet\PersonName;
use App\Pages\TakingIn\OperationToTakeIn;
use App\Pages\TakingIn\PartTakenIn;
use App\Pages\TakingIn\StageTakenIn;
use App\Pages\TakingIn\TakingInProps;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Standards\Stage;

/** How far an instrument has come that was on the bench before: its route to be ticked, its parts. */
final readonly class TakingInPage
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(Build $build, Person $viewer): TakingInProps
    {
        $operations = $build->operations()->get();
        $before = DB::table('operation_links')->where('build_id', $build->id)->get(['before_id', 'after_id'])
            ->groupBy('after_id')
            ->map(static fn (Collection $links): array => array_values($links->map(
                static fn (object $link): int => (int) $link->before_id,
            )->all()));

        return new TakingInProps(
            number: $build->number,
            name: $build->name(),
            version: $build->version,
            stages: array_values(array_filter(array_map(
                fn (Stage $stage): ?StageTakenIn => $this->stage($stage, $operations, $before), Stage::cases(),
            ))),
            kit: array_values($build->kit()->get()->map(static fn (KitLine $line): PartTakenIn => new PartTakenIn(
                id: $line->id,
                name: $line->name,
                amount: Say::amount($line->quantity, $line->unit),
                state: $line->state,
            ))->all()),
            people: array_values(Person::query()->where('active', true)->orderBy('id')->get()->map(
                static fn (Person $person): PersonName => new PersonName(id: $person->id, name: $person->name),
            )->all()),
            worker: $viewer->id,
            today: $this->clock->today($this->house->zone()),
        );
    }

    /**
     * @param  Collection<int, Operation>  $operations
     * @param  Collection<int, list<int>>  $before
     */
    private function stage(Stage $stage, Collection $operations, Collection $before): ?StageTakenIn
    {
        $own = $operations->filter(static fn (Operation $one): bool => $one->stage === $stage);

        return $own->isEmpty() ? null : new StageTakenIn(
            stage: $stage->value,
            words: ucfirst($stage->words()),
            minutes: $own->sum(static fn (Operation $one): int => $one->workMinutes()),
            operations: array_values($own->map(static fn (Operation $one): OperationToTakeIn => new OperationToTakeIn(
                id: $one->id,
                name: $one->name,
                minutes: $one->workMinutes(),
                holds: $one->hold_minutes > 0,
                before: $before->get($one->id, []),
            ))->all()),
        );
    }
}
