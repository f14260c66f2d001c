<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setback;

use App\Actions\Setback\KeepPiece;
use App\Http\Requests\Setback\PieceRequest;
use App\Models\People\Person;
use App\Models\Setback\MadePiece;
use App\Pages\Page;
use App\Queries\Setback\PiecesPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Pieces in stock. */
final class PieceController
{
    public function index(PiecesPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer);
    }

    public function update(MadePiece $piece, PieceRequest $request, KeepPiece $keep): RedirectResponse
    {
        $because = trim($request->string('because')->toString());
        $because === ''
            ? $keep->place($request->person(), $piece, $request->version(), trim($request->string('place')->toString()))
            : $keep->writeOff($request->person(), $piece, $request->version(), $because);

        return back()->with('done', $because === '' ? 'Written down.' : 'Written off; it stands in the loss account.');
    }
}
