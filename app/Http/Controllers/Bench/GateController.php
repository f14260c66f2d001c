<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Gate\CloseGate;
use App\Actions\Gate\DecideOnLine;
use App\Actions\Gate\ScrapPiece;
use App\Actions\Gate\StrikeReading;
use App\Actions\Gate\TakeReading;
use App\Http\Requests\BecauseRequest;
use App\Http\Requests\Gate\DecisionRequest;
use App\Http\Requests\Gate\ReadingRequest;
use App\Http\Requests\Gate\StrikeReadingRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Operation;
use App\Models\Gate\Reading;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Bench\GatePage;
use App\Support\Tablet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Regimen\Inspection\Readings\ReadingText;

/** Where an operation ends with readings. */
final class GateController
{
    public function show(Operation $operation, Request $request, #[CurrentUser] Person $viewer, GatePage $page): Page
    {
        return $page->data($operation, $viewer->isManager() && ! Tablet::isOpen($request->session()));
    }

    public function read(Operation $operation, ReadingRequest $request, TakeReading $take): RedirectResponse
    {
        $reading = $take(
            $request->person(), $operation, $request->string('line')->toString(), $request->string('place')->toString(),
            $request->string('value')->toString(), $request->boolean('sure'), $request->lastSeen(), $request->tool(),
        );

        return back()->with('done', 'Read: '.ReadingText::shown($reading->value, $reading->unit).'.');
    }

    public function strike(Reading $reading, StrikeReadingRequest $request, StrikeReading $strike): RedirectResponse
    {
        $strike($request->person(), $reading, trim($request->string('because')->toString()));

        return back()->with('done', 'Struck out; it counts no more.');
    }

    public function decide(Operation $operation, DecisionRequest $request, DecideOnLine $decide, ScrapPiece $scrap): RedirectResponse
    {
        $line = $request->string('line')->toString();
        switch ($request->string('kind')->toString()) {
            case 'accept':
                $decide->accept($request->person(), $operation, $line, $request->because());

                return back()->with('done', 'Accepted as it is.');
            case 'rework':
                $decide->rework(
                    $request->person(), $operation, $request->version(), $line, trim($request->string('name')->toString()),
                    $request->time('labour'), $request->time('hold'), $request->because(),
                );

                return back()->with('done', 'On the route: it is done over next, and read again.');
            default:
                $scrap($request->person(), $operation, $request->version(), $request->piece(), $request->because());

                return redirect()->route('builds.show', $operation->build->number)->with('done', 'Scrapped. Another one is made, and planned.');
        }
    }

    public function close(Operation $operation, VersionRequest $request, CloseGate $close): RedirectResponse
    {
        $close($request->person(), $operation, $request->version());

        return redirect()->route('bench')->with('done', "Gate closed; {$operation->name} is done.");
    }

    public function letThrough(Operation $operation, BecauseRequest $request, CloseGate $close): RedirectResponse
    {
        $close->letThrough($request->person(), $operation, $request->version(), trim($request->string('because')->toString()));

        return redirect()->route('bench')->with('done', "Let through; {$operation->name} is done.");
    }
}
