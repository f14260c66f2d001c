<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Forecast\AskForChances;
use App\Actions\Forecast\SetBudget;
use App\Http\Requests\Plan\BudgetRequest;
use App\Jobs\ReplayPast;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Forecast\ChancePage;
use App\Queries\Forecast\ForecastsPage;
use App\Queries\Forecast\ProgressPage;
use App\Queries\Forecast\ShopChancesPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Dates with their chances. */
final class ForecastController
{
    public function chance(Build $build, ChancePage $page): Page
    {
        return $page->data($build);
    }

    public function chances(ShopChancesPage $page): Page
    {
        return $page->data();
    }

    public function forecasts(ForecastsPage $page): Page
    {
        return $page->data();
    }

    public function replay(): RedirectResponse
    {
        ReplayPast::ask();

        return back();
    }

    public function ask(AskForChances $ask): RedirectResponse
    {
        $ask();

        return back();
    }

    public function raise(AskForChances $ask): RedirectResponse
    {
        $ask->raised();

        return back();
    }

    public function progress(Build $build, ProgressPage $page): Page
    {
        return $page->ofBuild($build);
    }

    public function shopProgress(ProgressPage $page): Page
    {
        return $page->ofShop();
    }

    public function budget(BudgetRequest $request, Build $build, SetBudget $set, #[CurrentUser] Person $by): RedirectResponse
    {
        $set($by, $build, $request->integer('version'), $request->minutes(), $request->money('money'));

        return back()->with('done', 'Saved.');
    }
}
