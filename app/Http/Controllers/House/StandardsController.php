<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\ChangeHouse;
use App\Actions\Route\ChooseHouseMethod;
use App\Http\Requests\House\HouseRulesRequest;
use App\Http\Requests\Route\MethodRequest;
use App\Http\Requests\VersionRequest;
use App\Models\House\OperationStandard;
use App\Models\House\Shop;
use App\Pages\Page;
use App\Planning\House\Learned;
use App\Queries\House\StandardsPage;
use App\Support\Refused;
use Illuminate\Http\RedirectResponse;

/** How the house works: methods, glue, tolerances, the air it sprays in, and what it has learned. */
final class StandardsController
{
    private const SAVED = 'Saved. Builds that have their route keep it until it is derived again.';

    public function show(StandardsPage $page): Page
    {
        return $page->data();
    }

    public function method(MethodRequest $request, ChooseHouseMethod $choose): RedirectResponse
    {
        $choose(
            $request->person(), $request->version(), $request->string('key')->toString(),
            $request->string('answer')->toString(),
        );

        return back()->with('done', self::SAVED);
    }

    public function rules(HouseRulesRequest $request, ChangeHouse $changeHouse): RedirectResponse
    {
        $changeHouse(
            $request->person(), Shop::current(), $request->version(), $request->attributesToSave(), 'the house’s rules',
            because: $request->becauseWords(),
        );

        return back()->with('done', self::SAVED);
    }

    /** The hours that the shop's own records suggest. */
    public function learn(
        OperationStandard $standard,
        VersionRequest $request,
        Learned $learned,
        ChangeHouse $changeHouse,
    ): RedirectResponse {
        $lesson = $learned->byStandard(collect([$standard]))["{$standard->key} {$standard->tool->value}"]->lesson
            ?? throw Refused::because('There are not enough recorded hours to learn from yet.', 'learn');
        $changeHouse($request->person(), $standard, $request->version(), [
            'best_minutes' => $lesson->hours->best->minutes, 'labour_minutes' => $lesson->hours->likely->minutes,
            'worst_minutes' => $lesson->hours->worst->minutes,
        ], "standard “{$standard->name}”", 'learned');

        return back()->with(
            'done',
            "Taken from {$lesson->jobs} jobs. Builds that have their route keep it until it is derived again.",
        );
    }
}
