<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\AskDecision;
use App\Actions\Clients\GiveClientPage;
use App\Actions\Clients\SendLetter;
use App\Actions\Clients\SetCarriage;
use App\Actions\Clients\SetClientSees;
use App\Documents\Clients\ClientHtml;
use App\Http\Requests\Clients\AnswerRequest;
use App\Http\Requests\Clients\CarriageRequest;
use App\Http\Requests\Clients\DecisionRequest;
use App\Http\Requests\Clients\LetterRequest;
use App\Http\Requests\Clients\SeesRequest;
use App\Models\Build\Build;
use App\Models\Client\Decision;
use App\Models\Client\LetterKind;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Clients\ClientLetterPage;
use App\Queries\Clients\ClientSheetQuery;
use App\Queries\Clients\ForClientPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is between the shop and the client of a build. */
final class ForClientController
{
    public function show(Build $build, ForClientPage $page): Page
    {
        return $page->data($build);
    }

    public function file(Build $build, ClientSheetQuery $query, ClientHtml $html): Response
    {
        $build->client_id === null && abort(404);

        return response($html->file($query->of($build)), 200, ['Content-Type' => 'text/html; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"instrument-{$build->number}.html\""]);
    }

    public function letters(Build $build, Request $request, ClientLetterPage $page): Page
    {
        $build->client_id === null && abort(404);

        return $page->data($build, LetterKind::tryFrom($request->string('kind')->toString()) ?? LetterKind::Confirmation);
    }

    public function send(Build $build, LetterRequest $request, SendLetter $send): RedirectResponse
    {
        $send($request->person(), $build, $request->kind(), $request->string('to')->toString(), trim($request->string('subject')->toString()), trim($request->string('body')->toString())."\n");

        return back()->with('done', 'Sent, and kept with the build.');
    }

    public function give(Build $build, GiveClientPage $give, #[CurrentUser] Person $by): RedirectResponse
    {
        $give->give($by, $build);

        return back()->with('done', 'The page is open. Nothing was sent: give the address to the client.');
    }

    public function revoke(Build $build, GiveClientPage $give, #[CurrentUser] Person $by): RedirectResponse
    {
        $give->revoke($by, $build);

        return back()->with('done', 'The page is closed; its address does not work any more.');
    }

    public function sees(SeesRequest $request, SetClientSees $set): RedirectResponse
    {
        $set($request->person(), $request->sees());

        return back()->with('done', 'Saved for all clients’ pages.');
    }

    public function ask(Build $build, DecisionRequest $request, AskDecision $ask): RedirectResponse
    {
        $ask->ask($request->person(), $build, $request->operation(), trim($request->string('question')->toString()), $request->options(), $request->string('last_day')->toString());

        return back()->with('done', 'Asked. It stands on the client’s page; nothing was sent.');
    }

    public function answer(Decision $decision, AnswerRequest $request, AskDecision $ask): RedirectResponse
    {
        $ask->answer($request->person(), $decision, trim($request->string('answer')->toString()), 'to the shop');

        return back()->with('done', 'Written down.');
    }

    public function withdraw(Decision $decision, AskDecision $ask, #[CurrentUser] Person $by): RedirectResponse
    {
        $ask->withdraw($by, $decision);

        return back()->with('done', 'Not asked any more.');
    }

    public function carriage(Build $build, CarriageRequest $request, SetCarriage $set): RedirectResponse
    {
        $set($request->person(), $build, $request->version(), $request->leaving());

        return back()->with('done', 'Saved; the plan counts with it.');
    }
}
