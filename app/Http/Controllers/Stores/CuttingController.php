<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stores;

use App\Actions\Stores\CutBoards;
use App\Documents\CuttingFiles;
use App\Http\Requests\Stores\CutRequest;
use App\Http\Requests\Stores\CuttingRequest;
use App\Jobs\LookForBetterCuts;
use App\Models\People\Person;
use App\Models\Stores\Blank;
use App\Pages\Page;
use App\Queries\Stores\CuttingPage;
use App\Support\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Plans for sawing: looked at, drawn, cut. */
final class CuttingController
{
    public function show(CuttingRequest $request, CuttingPage $page): Page
    {
        return $page->data($request->asked(), $request->person());
    }

    public function file(string $file, CuttingRequest $request, CuttingFiles $files): Response
    {
        [$content, $type] = $files->file($request->asked(), $file) ?? abort(404);

        return response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$file}\""]);
    }

    public function longer(CuttingRequest $request): RedirectResponse
    {
        LookForBetterCuts::dispatch($request->asked());

        return back()->with('done', 'It is being looked for in the background; come back in a minute.');
    }

    public function cut(CutRequest $request, CutBoards $cut): RedirectResponse
    {
        $blanks = $cut->cut($request->person(), $request->asked(), $request->versions(), trim($request->string('because')->toString()));

        return redirect()->route('timber')->with('done', 'Cut: '.Say::count(count($blanks), 'blank is', 'blanks are').' reserved, what is left over is in stock. Write the numbers on them.');
    }

    public function free(Blank $blank, CutBoards $cut, #[CurrentUser] Person $by): RedirectResponse
    {
        $boards = $cut->free($by, $blank);

        return redirect()->route('timber')->with('done', 'It is in stock again, as board '.implode(' and ', $boards).'.');
    }
}
