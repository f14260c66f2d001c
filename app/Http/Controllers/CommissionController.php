<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Commission\TakeCommission;
use App\Http\Requests\Specification\CommissionRequest;
use App\Http\Requests\Specification\ForecastRequest;
use App\Pages\Page;
use App\Planning\Money\BelowCost;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\CommissionPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class CommissionController
{
    public function create(Request $request, CommissionPage $page): Page
    {
        return $page->data(client: $request->integer('client'));
    }

    public function forecast(ForecastRequest $request, CommissionPage $page): JsonResponse
    {
        return response()->json(
            $page->forecast($request->typed(), $request->model(), $request->string('promised_on')->toString()),
        );
    }

    public function store(CommissionRequest $request, TakeCommission $takeCommission, BelowCost $below): RedirectResponse
    {
        $commission = $request->commission();
        $build = $takeCommission($request->person(), $commission);
        $warning = $below->words(Revisions::read($build->specification)->orFail(), $commission->price);

        return redirect()->route('builds.show', $build)->with('done', "No. {$build->number} is on the plan.{$warning}");
    }
}
