<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Person;
use App\Queries\HorizonPage;
use App\Queries\TodayPage;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;

final class PlanController
{
    public function today(TodayPage $page, #[CurrentUser] Person $viewer): Response
    {
        return Inertia::render('Today', $page->data($viewer));
    }

    public function horizon(HorizonPage $page): Response
    {
        return Inertia::render('Horizon', $page->data());
    }
}
