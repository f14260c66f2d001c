<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\GiveQuote;
use App\Documents\Clients\QuotePdf;
use App\Http\Controllers\Sheet;
use App\Http\Requests\Clients\AcceptRequest;
use App\Http\Requests\Clients\BecauseRequest;
use App\Http\Requests\Clients\QuoteRequest;
use App\Models\Client\Quote;
use App\Models\Client\Sketch;
use App\Pages\Page;
use App\Planning\Money\BelowCost;
use App\Queries\Clients\QuotePage;
use App\Queries\Clients\QuoteSuggestion;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Regimen\Instrument\Reading\SpecificationReader;

/** Prices and dates in writing. */
final class QuoteController
{
    public function create(Sketch $sketch, QuoteSuggestion $page): Page
    {
        return $page->data($sketch);
    }

    public function store(Sketch $sketch, QuoteRequest $request, GiveQuote $give, QuoteSuggestion $suggestion, BelowCost $below): RedirectResponse
    {
        $offer = $request->offer();
        $quote = $give->give($request->person(), $sketch, $request->version(), $offer, $suggestion->chance($sketch, $offer->promisedOn), $request->replaces());

        return redirect()->route('quotes.one', $quote)->with('done', ucfirst($quote->name()).' is written. Nothing was sent.'.$below->words(SpecificationReader::read($quote->typed, $quote->house)->orFail(), $offer->price, $offer->tax));
    }

    public function show(Quote $quote, QuotePage $page): Page
    {
        return $page->data($quote);
    }

    public function sheet(Quote $quote, string $paper, QuotePdf $pdf): Response
    {
        return Sheet::of($pdf->of($quote, Sheet::paper($paper)), "quote-{$quote->number}-{$quote->edition}-{$paper}");
    }

    public function withdraw(Quote $quote, BecauseRequest $request, GiveQuote $give): RedirectResponse
    {
        $give->withdraw($request->person(), $quote, $request->version(), $request->because());

        return back()->with('done', 'Withdrawn.');
    }

    public function accept(Quote $quote, AcceptRequest $request, GiveQuote $give): RedirectResponse
    {
        $build = $give->accept(
            $request->person(), $quote, $request->version(), trim($request->string('accepted_by')->toString()), trim($request->string('how')->toString()), $request->string('on')->toString(),
        );

        return redirect()->route('builds.show', $build)->with('done', "No. {$build->number} is on the plan.");
    }
}
