<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stores;

use App\Actions\Stores\ImportBoards;
use App\Http\Requests\Stores\BoardTableRequest;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Stores\BoardTablePage;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Regimen\Units\UnreadableFile;

/** Boards as a table, in and out. */
final class BoardTableController
{
    public function show(BoardTablePage $page): Page
    {
        return $page->data();
    }

    public function file(BoardTablePage $page, #[CurrentUser] Person $viewer): Response
    {
        return response($page->csv($viewer), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="boards.csv"']);
    }

    public function look(BoardTableRequest $request, BoardTablePage $page): JsonResponse
    {
        return response()->json($page->look($request));
    }

    public function store(BoardTableRequest $request, ImportBoards $import): RedirectResponse
    {
        try {
            $boards = $request->boards();
        } catch (UnreadableFile $refused) {
            throw Refused::because($refused->getMessage()."\nNothing was taken.", 'file');
        }
        $count = $import($request->person(), $boards);

        return redirect()->route('timber')->with('done', $count === 0 ? 'The table says nothing that is not known already.' : Say::count($count, 'board').' taken in or changed.');
    }
}
