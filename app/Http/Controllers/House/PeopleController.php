<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\CloseDay;
use App\Actions\House\SavePerson;
use App\Http\Middleware\SignInCounts;
use App\Http\Requests\House\PersonRequest;
use App\Http\Requests\Plan\DayRequest;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\House\PeoplePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

final class PeopleController
{
    public function index(PeoplePage $page): Page
    {
        return $page->data();
    }

    public function store(PersonRequest $request, SavePerson $savePerson): RedirectResponse
    {
        $savePerson($request->person(), null, 0, $request->attributesToSave());

        return back()->with('done', 'Welcome to the shop.');
    }

    public function update(Person $person, PersonRequest $request, SavePerson $savePerson): RedirectResponse
    {
        $savePerson($request->person(), $person, $request->version(), $request->attributesToSave());
        if ($person->is($request->person())) {
            // Whoever changes their own password stays signed in here, and nowhere else.
            SignInCounts::begin($request, $person->refresh(), isGoingOn: true);
        }

        return back()->with('done', "{$person->name} is saved, and everything is planned again.");
    }

    public function takeDayOff(Person $person, DayRequest $request, CloseDay $closeDay): RedirectResponse
    {
        $closeDay->close(
            $request->person(), $person, $request->string('date')->toString(), $request->string('note')->toString(),
        );

        return back()->with('done', 'Noted, and planned around it.');
    }

    public function returnDayOff(DayOff $dayOff, CloseDay $closeDay, #[CurrentUser] Person $by): RedirectResponse
    {
        $closeDay->reopen($by, $dayOff);

        return back()->with('done', 'A working day again.');
    }
}
