<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Actions\Parts\UseStock;
use App\Actions\Parts\WrongParts;
use App\Http\Requests\BecauseRequest;
use App\Http\Requests\Parts\FitRequest;
use App\Http\Requests\Parts\FromStockRequest;
use App\Http\Requests\Parts\SendBackRequest;
use App\Http\Requests\Parts\WrongRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\KitLine;
use App\Models\Parts\StockLot;
use App\Models\People\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Parts between the stock and the kits, and those that are wrong. */
final class WrongController
{
    public function fromStock(KitLine $line, FromStockRequest $request, UseStock $use): RedirectResponse
    {
        $use->forKit($request->person(), $line->load('build'), $request->version(), $request->part(), $request->quantity('quantity'));

        return back()->with('done', "{$request->part()->name} is in the kit of {$line->build->name()}.");
    }

    public function putBack(KitLine $line, VersionRequest $request, UseStock $use, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $use->putBack($viewer, $line->load('build'), $request->version());

        return back()->with('done', "{$line->name} is in stock.");
    }

    public function found(KitLine $line, WrongRequest $request, WrongParts $wrong): RedirectResponse
    {
        $wrong->found($request->person(), $line->load('build'), $request->version(), $request->quantity('quantity'), trim($request->string('because')->toString()));

        return back()->with('done', "{$line->name} is wrong and needed again. What becomes of it is decided in the stores.");
    }

    public function asItIs(StockLot $lot, BecauseRequest $request, WrongParts $wrong): RedirectResponse
    {
        $wrong->takeAsItIs($request->person(), $lot->load('part'), trim($request->string('because')->toString()));

        return back()->with('done', 'It lies in stock.');
    }

    public function fit(StockLot $lot, FitRequest $request, WrongParts $wrong): RedirectResponse
    {
        $wrong->fit($request->person(), $lot->load('part'), $request->line(), $request->version(), $request->quantity('quantity'));

        return back()->with('done', "It is in the kit of {$request->line()->build->name()}.");
    }

    public function sendBack(StockLot $lot, SendBackRequest $request, WrongParts $wrong): RedirectResponse
    {
        $wrong->sendBack($request->person(), $lot->load(['part', 'parcelLine.line.order.supplier']), $request->quantity('quantity'), $request->refund(), trim($request->string('because')->toString()), $request->replacedBy());

        return back()->with('done', 'It goes back.');
    }
}
