<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Forecast\AskForChances;
use App\Models\Build\Build;
use App\Pages\Page;
use App\Queries\Forecast\ChancePage;
use Illuminate\Http\RedirectResponse;

/** Dates with their chances. */
final class ForecastController
{
    public function chance(Build $build, ChancePage $page): Page
    {
        return $page->data($build);
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
}
