<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plan\TakeOffer;
use App\Jobs\LookForBetterPlan;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\PlanOffer;
use App\Queries\Build\WhyThen;
use App\Queries\Plan\HelpPage;
use App\Queries\Plan\HistoryPage;
use App\Queries\Plan\HorizonPage;
use App\Queries\Plan\LoadPage;
use App\Queries\Route\OtherMethods;
use App\Queries\Today\TodayPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

final class PlanController
{
    public function today(TodayPage $page, #[CurrentUser] Person $viewer): Response
    {
        return Inertia::render('today/Today', $page->data($viewer));
    }

    public function horizon(HorizonPage $page): Response
    {
        return Inertia::render('plan/Horizon', $page->data());
    }

    public function help(HelpPage $help, OtherMethods $methods): Response
    {
        return Inertia::render(
            'plan/Help',
            ['ranked' => $help->ranked(), 'methods' => Inertia::defer(fn (): array => $methods->ranked())],
        );
    }

    public function load(LoadPage $page): Response
    {
        return Inertia::render('plan/Load', $page->data());
    }

    public function history(HistoryPage $page): Response
    {
        return Inertia::render('plan/History', $page->data());
    }

    public function why(Operation $operation, WhyThen $why): JsonResponse
    {
        return response()->json($why->of($operation));
    }

    public function look(): RedirectResponse
    {
        $last = (int) PlanOffer::query()->max('id');
        LookForBetterPlan::dispatch();
        $found = PlanOffer::query()->where('id', '>', $last)->exists();

        return back()->with(
            'done',
            $found
                ? 'A better plan was found. Nothing is changed before you take it.'
                : 'The shop looks for a better plan. If there is one it is offered here; nothing is changed by itself.',
        );
    }

    public function take(PlanOffer $offer, TakeOffer $takeOffer, #[CurrentUser] Person $by): RedirectResponse
    {
        $takeOffer->take($by, $offer);

        return back()->with('done', 'The better plan is in force.');
    }

    public function leave(PlanOffer $offer, TakeOffer $takeOffer): RedirectResponse
    {
        $takeOffer->leave($offer);

        return back()->with('done', 'The plan stays as it is.');
    }
}
