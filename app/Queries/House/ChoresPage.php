<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\Chore;
use App\Models\People\Person;
use App\Pages\House\ChoreLine;
use App\Pages\House\ChoresProps;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;

/** The shop's own recurring work, what is due first. */
final readonly class ChoresPage
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(): ChoresProps
    {
        $today = $this->clock->today($this->house->zone());
        $chores = Chore::query()->kept()->with(['person', 'planned'])->orderBy('due_on')->orderBy('id')->get();
        $due = $chores->filter(static fn (Chore $one): bool => $one->due_on <= $today)->count();

        return new ChoresProps(
            $chores->isEmpty() ? 'Nothing comes again by itself' : ($due === 0 ? 'Nothing of the shop’s own is due' : ucfirst(Say::count($due, 'chore is', 'chores are')).' due'),
            array_values($chores->map(static fn (Chore $one): ChoreLine => new ChoreLine(
                $one->id, $one->version, $one->name, $one->person->name, $one->every_days, $one->minutes, $one->due_on, $one->planned?->date, $one->done_on, $one->due_on < $today,
            ))->all()),
            array_values(Person::query()->where('active', true)->orderBy('id')->get()->toBase()->map(static fn (Person $one): Option => new Option((string) $one->id, $one->name))->all()),
        );
    }
}
