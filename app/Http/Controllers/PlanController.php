<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plan\AskWhatHelps;
use App\Actions\Plan\TakeOffer;
use App\Jobs\LookForBetterPlan;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\PlanOffer;
use App\Pages\Page;
use App\Queries\Build\OperationReasons;
use App\Queries\Plan\HelpPage;
use App\Queries\Plan\HistoryPage;
use App\Queries\Plan\HorizonPage;
use App\Queries\Plan\LoadPage;
use App\Queries\Today\TodayPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

final class PlanController
{
    public function today(TodayPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer);
    }

    public function horizon(HorizonPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer->isManager());
    }

    public function help(HelpPage $page): Page
    {
        return $page->data();
    }

    public function askWhatHelps(AskWhatHelps $ask): RedirectResponse
    {
        $ask();

        return back();
    }

    public function load(LoadPage $page): Page
    {
        return $page->data();
    }

    public function history(HistoryPage $page): Page
    {
        return $page->data();
    }

    public function why(Operation $operation, OperationReasons $why): JsonResponse
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
