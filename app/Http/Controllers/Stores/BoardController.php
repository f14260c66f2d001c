<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stores;

use App\Actions\Bench\Photographs;
use App\Actions\Stores\KeepBoard;
use App\Actions\Stores\KeepPapers;
use App\Documents\YardPdf;
use App\Http\Controllers\Sheet;
use App\Http\Requests\AskRequest;
use App\Http\Requests\BecauseRequest;
use App\Http\Requests\Stores\BoardChangeRequest;
use App\Http\Requests\Stores\BoardPhotographRequest;
use App\Http\Requests\Stores\BoardRequest;
use App\Http\Requests\Stores\DefectRequest;
use App\Http\Requests\Stores\PapersRequest;
use App\Http\Requests\Stores\ReadingRequest;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Models\Stores\BoardDefect;
use App\Models\Stores\BoardReading;
use App\Pages\Page;
use App\Queries\Stores\BoardPage;
use App\Queries\Stores\BoardsPage;
use App\Queries\Stores\PapersPage;
use App\Queries\Stores\YardPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Boards in the shop: taken in, read, marked, let go. */
final class BoardController
{
    public function index(AskRequest $request, BoardsPage $page): Page
    {
        return $page->data($request->person(), mb_substr(trim($request->string('find')->toString()), 0, 60));
    }

    public function yard(YardPage $page): Page
    {
        return $page->data();
    }

    public function yardSheet(string $paper, YardPage $page, YardPdf $pdf): Response
    {
        return Sheet::of($pdf->of($page->data(), Sheet::paper($paper)), 'timber-yard');
    }

    public function papers(PapersPage $page): Page
    {
        return $page->data();
    }

    public function keepPapers(Build $build, PapersRequest $request, KeepPapers $keep): RedirectResponse
    {
        $keep($request->person(), $build, $request->version(), trim($request->string('papers')->toString()));

        return back()->with('done', 'Written down.');
    }

    public function change(Board $board, BoardChangeRequest $request, KeepBoard $keep): RedirectResponse
    {
        $keep->change($request->person(), $board, $request->version(), $request->known());

        return back()->with('done', 'Written down.');
    }

    public function photograph(Board $board, BoardPhotographRequest $request, Photographs $photographs): RedirectResponse
    {
        $photographs->ofBoard($request->person(), $board, $request->photograph(), trim($request->string('caption')->toString()));

        return back()->with('done', 'The photograph stands with the board.');
    }

    public function show(Board $board, BoardPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($board, $viewer);
    }

    public function store(BoardRequest $request, KeepBoard $keep): RedirectResponse
    {
        $boards = $keep->takeIn(
            $request->person(), $request->measure('length'), $request->measure('width'), $request->measure('thickness'), $request->bought(),
            $request->cost(), $request->pieces(), $request->moisture(), $request->grams(),
        );
        $last = $boards[count($boards) - 1];

        return count($boards) === 1
            ? redirect()->route('timber.one', $last)->with('done', "It is board {$last->id}: write that on its end.")
            : redirect()->route('timber')->with('done', "They are boards {$boards[0]->id} to {$last->id}: write that on their ends.");
    }

    public function read(Board $board, ReadingRequest $request, KeepBoard $keep): RedirectResponse
    {
        $keep->read($request->person(), $board, $request->moisture(), $request->grams());

        return back()->with('done', 'Written down.');
    }

    public function readBlank(Blank $blank, ReadingRequest $request, KeepBoard $keep): RedirectResponse
    {
        $keep->readBlank($request->person(), $blank, $request->moisture());

        return back()->with('done', 'Written down.');
    }

    public function strike(BoardReading $reading, KeepBoard $keep, #[CurrentUser] Person $by): RedirectResponse
    {
        $keep->strike($by, $reading);

        return back()->with('done', 'Struck out.');
    }

    public function mark(Board $board, DefectRequest $request, KeepBoard $keep): RedirectResponse
    {
        $keep->mark($request->person(), $board, $request->kind(), $request->measure('from'), $request->measure('across'), $request->measure('long'), $request->measure('wide'));

        return back()->with('done', 'Marked.');
    }

    public function unmark(BoardDefect $defect, KeepBoard $keep, #[CurrentUser] Person $by): RedirectResponse
    {
        $keep->unmark($by, $defect);

        return back()->with('done', 'Taken off.');
    }

    public function letGo(Board $board, BecauseRequest $request, KeepBoard $keep): RedirectResponse
    {
        $keep->letGo($request->person(), $board, $request->version(), trim($request->string('because')->toString()));

        return redirect()->route('timber')->with('done', 'It is gone; its record stays.');
    }
}
