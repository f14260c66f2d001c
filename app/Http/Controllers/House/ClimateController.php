<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\RecordClimate;
use App\Http\Requests\House\ReadingRequest;
use App\Http\Requests\House\TableRequest;
use App\Models\House\ClimateReading;
use App\Models\People\Person;
use App\Pages\Page;
use App\Planning\House\House;
use App\Queries\House\ClimatePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response as FileResponse;
use Regimen\Formats\ClimateTable;

/** The air of the shop. */
final class ClimateController
{
    public function show(ClimatePage $page): Page
    {
        return $page->data();
    }

    public function store(ReadingRequest $request, RecordClimate $record): RedirectResponse
    {
        $record->typed($request->person(), $request->air());

        return back()->with('done', 'Read, and everything is planned again.');
    }

    public function sense(RecordClimate $record, #[CurrentUser] Person $by): RedirectResponse
    {
        $air = $record->fromSensor($by);

        return back()->with('done', "The sensor says {$air->temperature} °C and {$air->humidity} %.");
    }

    public function import(TableRequest $request, RecordClimate $record, House $house): RedirectResponse
    {
        $count = $record->fromTable($request->person(), (string) $request->file('file')->get(), $house->zone());

        return back()->with(
            'done',
            $count === 1 ? 'One reading taken from the file.' : "{$count} readings taken from the file.",
        );
    }

    public function export(): FileResponse
    {
        $rows = ClimateReading::query()
            ->orderBy('at')
            ->get()
            ->map(static fn (ClimateReading $one): array => [$one->at, $one->climate()])
            ->all();

        return response(
            ClimateTable::write($rows),
            200,
            [
                'Content-Type' => 'text/csv; charset=UTF-8',
                'Content-Disposition' => 'attachment; filename="climate.csv"',
            ],
        );
    }
}
