<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakingIn\ImportFinished;
use App\Http\Requests\TakingIn\FinishedRequest;
use App\Pages\Page;
use App\Queries\TakingIn\FinishedPage;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Regimen\Units\UnreadableFile;

/** Instruments from before, out of a table. */
final class FinishedController
{
    public function create(FinishedPage $page): Page
    {
        return $page->data();
    }

    public function look(FinishedRequest $request, FinishedPage $page): JsonResponse
    {
        return response()->json($page->look($request));
    }

    public function store(FinishedRequest $request, ImportFinished $import): RedirectResponse
    {
        try {
            $finished = $request->finished();
        } catch (UnreadableFile $refused) {
            throw Refused::because($refused->getMessage()."\nNothing was taken.", 'file');
        }
        $import($request->person(), $finished, $request->model());

        return redirect()->route('builds')->with(
            'done', Say::count(count($finished), 'finished instrument').' taken in. The house standards can learn from their hours.',
        );
    }
}
