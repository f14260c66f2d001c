<?php

declare(strict_types=1);

namespace App\Queries\Shop;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\House\Resource;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Pages\Shop\FirstStep;
use App\Pages\Shop\FirstStepsProps;
use App\Support\Say;

/** The walk through a new shop, from its people to the instruments that are on the bench already. */
final class FirstStepsPage
{
    public function data(): FirstStepsProps
    {
        $steps = [$this->people(), $this->hours(), $this->stations(), $this->bench(), $this->finished()];
        $left = count(array_filter($steps, static fn (FirstStep $step): bool => ! $step->done));

        return new FirstStepsProps(
            heading: $left === 0 ? 'The shop is set up' : 'Set the shop up, an afternoon’s work',
            steps: $steps,
        );
    }

    private function people(): FirstStep
    {
        $count = Person::query()->where('active', true)->count();

        return new FirstStep(
            'Who works here', 'Everybody’s hours and skills: the plan gives nobody what they cannot do.',
            Say::count($count, 'person', 'people').' so far', route('people', absolute: false), 'Add the people', $count > 1,
        );
    }

    private function hours(): FirstStep
    {
        $shop = Shop::current();

        return new FirstStep(
            'Hours and rates', 'When the shop is open, what an hour costs, how much deposit is usual.',
            $shop->version > 1 ? 'changed to your own' : 'still those it began with', route('house', absolute: false),
            'Look over hours and rates', $shop->version > 1,
        );
    }

    private function stations(): FirstStep
    {
        $own = Resource::query()->where('version', '>', 1)->count();

        return new FirstStep(
            'Stations and fixtures', 'Machines, benches, clamps and rails: how many of each there are.',
            $own > 0 ? Say::count($own, 'entry', 'entries').' changed to your own' : 'still those it began with',
            route('house', absolute: false).'#stations', 'Count stations and fixtures', $own > 0,
        );
    }

    private function bench(): FirstStep
    {
        $open = Build::query()->open()->count();

        return new FirstStep(
            'What is on the bench already', 'Each instrument with its promise, what is done of it, what it took so far and what holds now.',
            $open === 0 ? 'none so far' : Say::count($open, 'instrument').' so far', route('taking-in.new', absolute: false),
            'Take one in', $open > 0,
        );
    }

    private function finished(): FirstStep
    {
        $finished = Build::query()->where('status', BuildStatus::Finished->value)->count();

        return new FirstStep(
            'What was finished before', 'A table with the hours that instruments took, if you have one: the house standards learn from it.',
            $finished === 0 ? 'none so far' : Say::count($finished, 'instrument').' so far', route('finished.new', absolute: false),
            'Bring a table in', $finished > 0,
        );
    }
}
