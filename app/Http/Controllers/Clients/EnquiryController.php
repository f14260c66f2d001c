<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Bench\Photographs;
use App\Actions\Clients\KeepEnquiry;
use App\Http\Requests\Clients\BecauseRequest;
use App\Http\Requests\Clients\EnquiryRequest;
use App\Http\Requests\Clients\FeelRequest;
use App\Http\Requests\Clients\PictureRequest;
use App\Http\Requests\Clients\SketchRequest;
use App\Models\Client\Client;
use App\Models\Client\Enquiry;
use App\Models\Client\Sketch;
use App\Pages\Page;
use App\Queries\Clients\EnquiriesPage;
use App\Queries\Clients\EnquiryPage;
use App\Queries\Clients\SketchPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** What people would like, before anything is agreed. */
final class EnquiryController
{
    public function index(EnquiriesPage $page): Page
    {
        return $page->data();
    }

    public function show(Enquiry $enquiry, EnquiryPage $page): Page
    {
        return $page->data($enquiry);
    }

    public function store(Client $client, EnquiryRequest $request, KeepEnquiry $keep): RedirectResponse
    {
        $enquiry = $keep->ask($request->person(), $client, trim($request->string('wishes')->toString()), $request->money('budget'), $request->wantedBy());

        return redirect()->route('enquiries.one', $enquiry)->with('done', 'Written down. Sketch what it could be.');
    }

    public function change(Enquiry $enquiry, EnquiryRequest $request, KeepEnquiry $keep): RedirectResponse
    {
        $keep->change($enquiry, $request->version(), trim($request->string('wishes')->toString()), $request->money('budget'), $request->wantedBy());

        return back()->with('done', 'Saved.');
    }

    public function close(Enquiry $enquiry, BecauseRequest $request, KeepEnquiry $keep): RedirectResponse
    {
        $keep->close($request->person(), $enquiry, $request->version(), $request->because());

        return redirect()->route('enquiries')->with('done', 'Closed.');
    }

    public function picture(Enquiry $enquiry, PictureRequest $request, Photographs $photographs): RedirectResponse
    {
        $photographs->ofEnquiry($request->person(), $enquiry, $request->photograph(), trim($request->string('caption')->toString()));

        return back()->with('done', 'It stands with the enquiry.');
    }

    public function sketch(Enquiry $enquiry, SketchPage $page): Page
    {
        return $page->data($enquiry, null);
    }

    public function begin(Enquiry $enquiry, SketchRequest $request, KeepEnquiry $keep): RedirectResponse
    {
        $keep->sketch($enquiry, null, 0, trim($request->string('name')->toString()), $request->model(), $request->typed());

        return redirect()->route('enquiries.one', $enquiry)->with('done', 'Sketched.');
    }

    public function edit(Sketch $sketch, SketchPage $page): Page
    {
        return $page->data($sketch->enquiry, $sketch);
    }

    public function save(Sketch $sketch, SketchRequest $request, KeepEnquiry $keep): RedirectResponse
    {
        $keep->sketch($sketch->enquiry, $sketch, $request->version(), trim($request->string('name')->toString()), $request->model(), $request->typed());

        return redirect()->route('enquiries.one', $sketch->enquiry_id)->with('done', 'Saved.');
    }

    public function drop(Sketch $sketch, BecauseRequest $request, KeepEnquiry $keep): RedirectResponse
    {
        $keep->drop($sketch, $request->version());

        return back()->with('done', 'Removed.');
    }

    public function feel(FeelRequest $request, SketchPage $page): JsonResponse
    {
        return response()->json($page->feel($request->wishes(), $request->type()));
    }

    public function cheaper(Sketch $sketch, EnquiryPage $page): JsonResponse
    {
        return response()->json($page->cheaper($sketch));
    }
}
