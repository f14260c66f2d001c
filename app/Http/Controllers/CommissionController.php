<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Commission\BuildAgain;
use App\Actions\Commission\TakeCommission;
use App\Http\Requests\Specification\CommissionRequest;
use App\Http\Requests\Specification\ForecastRequest;
use App\Models\Build\Build;
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
        return $page->data(client: $request->integer('client'), again: $request->filled('again') ? Build::query()->where('number', $request->integer('again'))->first() : null);
    }

    public function forecast(ForecastRequest $request, CommissionPage $page): JsonResponse
    {
        return response()->json(
            $page->forecast($request->typed(), $request->model(), $request->string('promised_on')->toString()),
        );
    }

    public function second(ForecastRequest $request, CommissionPage $page): JsonResponse
    {
        return response()->json(['words' => $page->second($request->typed(), $request->model())]);
    }

    public function store(CommissionRequest $request, TakeCommission $takeCommission, BuildAgain $again, BelowCost $below): RedirectResponse
    {
        $commission = $request->commission();
        $first = $request->again();
        [$build, $left] = $first === null ? [$takeCommission($request->person(), $commission), []] : $again($request->person(), $commission, $first);
        $warning = $below->words(Revisions::read($build->specification)->orFail(), $commission->price);

        return redirect()->route('builds.show', $build)->with('done', "No. {$build->number} is on the plan.{$warning}".($left === [] ? '' : ' Of the order of No. '.($first->number ?? '').' this was left: '.implode(' ', $left)));
    }
}
