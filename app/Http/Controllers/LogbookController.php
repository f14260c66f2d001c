<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Logbook\CorrectEntry;
use App\Documents\LogbookPdf;
use App\Http\Requests\Logbook\CorrectRequest;
use App\Http\Requests\Logbook\LogbookRequest;
use App\Models\Build\LogEntry;
use App\Pages\Page;
use App\Planning\House\House;
use App\Queries\Logbook\LogbookPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The whole shop’s logbook: read, searched, printed, corrected by later entries. */
final class LogbookController
{
    public function show(LogbookRequest $request, LogbookPage $page): Page
    {
        return $page->data($request->asked(), $request->before());
    }

    public function sheet(string $paper, LogbookRequest $request, LogbookPage $page, LogbookPdf $pdf, House $house): Response
    {
        $asked = $request->asked();
        $said = implode(', ', array_filter([$asked->words, $asked->day, $asked->kind, $asked->build === '' ? '' : "No. {$asked->build}"]));

        return Sheet::of($pdf->of($page->days($page->entries($asked, null, LogbookPage::PRINTED)), $said, $house->zone(), Sheet::paper($paper)), "logbook-{$paper}");
    }

    public function correct(LogEntry $entry, CorrectRequest $request, CorrectEntry $correct): RedirectResponse
    {
        $correct($request->person(), $entry, trim($request->string('text')->toString()));

        return back()->with('done', 'Corrected; the earlier entry still stands, with this one behind it.');
    }
}
