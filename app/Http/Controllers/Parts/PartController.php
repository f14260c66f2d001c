<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Actions\Parts\CountStock;
use App\Actions\Parts\KeepPart;
use App\Actions\Parts\UseStock;
use App\Http\Requests\AskRequest;
use App\Http\Requests\Parts\CountRequest;
use App\Http\Requests\Parts\FigureRequest;
use App\Http\Requests\Parts\LotRequest;
use App\Http\Requests\Parts\OfferRequest;
use App\Http\Requests\Parts\PartRequest;
use App\Http\Requests\Parts\StockUseRequest;
use App\Http\Requests\Parts\ThrowAwayRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\StockLot;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\House\PriceHistory;
use App\Queries\Parts\CataloguePage;
use App\Queries\Parts\PartPage;
use App\Support\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The catalogue of parts, and what is in stock of them. */
final class PartController
{
    public function index(AskRequest $request, CataloguePage $page): Page
    {
        return $page->data($request->person(), mb_substr(trim($request->string('find')->toString()), 0, 60));
    }

    public function show(Part $part, PartPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($part, $viewer);
    }

    public function store(PartRequest $request, KeepPart $keep): RedirectResponse
    {
        $part = $keep($request->person(), null, 0, $request->said(), $request->alternatives());

        return redirect()->route('stores.parts.one', $part->id)->with('done', "“{$part->name}” stands in the catalogue.");
    }

    public function change(Part $part, PartRequest $request, KeepPart $keep): RedirectResponse
    {
        $keep($request->person(), $part, $request->version(), $request->said(), $request->alternatives());

        return back()->with('done', 'Written down.');
    }

    public function letGo(Part $part, VersionRequest $request, KeepPart $keep, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $keep->letGo($viewer, $part, $request->version());

        return redirect()->route('stores.parts')->with('done', "“{$part->name}” is out of the catalogue.");
    }

    public function offer(Part $part, OfferRequest $request, KeepPart $keep, PriceHistory $history): RedirectResponse
    {
        [$offer, $before] = $keep->offer($request->person(), $part, $request->integer('supplier'), $request->said());

        return back()->with('done', trim('Written down. '.($before === null ? '' : $history->riseAt($offer, $before))));
    }

    public function withdraw(PartOffer $offer, KeepPart $keep, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $keep->withdraw($viewer, $offer->load(['part', 'supplier']));

        return back()->with('done', 'That supplier does not sell it any more.');
    }

    public function figure(Part $part, FigureRequest $request, KeepPart $keep): RedirectResponse
    {
        $keep->figure($request->person(), $part, $request->string('field')->toString(), $request->string('kind')->toString(), trim($request->string('value')->toString()));

        return back()->with('done', 'Written down.');
    }

    public function use(Part $part, StockUseRequest $request, UseStock $use): RedirectResponse
    {
        $use->use($request->person(), $part, $request->quantity('quantity'), $request->build(), trim($request->string('because')->toString()));

        return back()->with('done', Say::amount($request->quantity('quantity'), $part->unit)." of {$part->name} taken out.");
    }

    public function count(CountRequest $request, CountStock $count): RedirectResponse
    {
        $differences = $count($request->person(), $request->counts(), trim($request->string('because')->toString()));

        return back()->with('done', $differences === 0 ? 'All of it is there as it was written down.' : ucfirst(Say::count($differences, 'difference')).' booked.');
    }

    public function open(StockLot $lot, LotRequest $request, CountStock $count): RedirectResponse
    {
        $count->open($request->person(), $lot->load('part'), $request->day('opened_on'), $request->day('best_before'));

        return back()->with('done', 'Written down.');
    }

    public function throwAway(StockLot $lot, ThrowAwayRequest $request, CountStock $count): RedirectResponse
    {
        $count->throwAway($request->person(), $lot->load('part'), $request->quantity('quantity'), trim($request->string('because')->toString()));

        return back()->with('done', 'Out of the stock, and in the books as lost.');
    }
}
