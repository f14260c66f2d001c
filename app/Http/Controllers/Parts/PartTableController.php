<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Actions\Parts\ImportParts;
use App\Http\Requests\Parts\PartTableRequest;
use App\Pages\Page;
use App\Queries\Parts\PartTablePage;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Regimen\Units\UnreadableFile;

/** Parts, prices and stock as a table, in and out. */
final class PartTableController
{
    public function show(PartTablePage $page): Page
    {
        return $page->data();
    }

    public function file(PartTablePage $page): Response
    {
        return response($page->csv(), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="parts.csv"']);
    }

    public function look(PartTableRequest $request, PartTablePage $page): JsonResponse
    {
        return response()->json($page->look($request));
    }

    public function store(PartTableRequest $request, ImportParts $import): RedirectResponse
    {
        try {
            $parts = $request->parts();
        } catch (UnreadableFile $refused) {
            throw Refused::because($refused->getMessage()."\nNothing was taken.", 'file');
        }
        $count = $import($request->person(), $parts);

        return redirect()->route('stores.parts')->with('done', $count === 0 ? 'The table says nothing that is not known already.' : Say::count($count, 'line').' taken in.');
    }
}
