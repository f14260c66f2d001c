<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\House\ChangeHouse;
use App\Actions\Plan\MakeChange;
use App\Actions\Plan\TryScenario;
use App\Http\Requests\Plan\ChangesRequest;
use App\Http\Requests\Plan\ScenarioRequest;
use App\Http\Requests\Plan\WeightsRequest;
use App\Http\Requests\VersionRequest;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Scenario;
use App\Pages\Page;
use App\Queries\Plan\Difference;
use App\Queries\Plan\TryPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** What is fixed about the plan: judged at once, made, taken back, and tried in scenarios. */
final class ChangeController
{
    public function judge(ChangesRequest $request, Difference $difference): JsonResponse
    {
        return response()->json($difference->of($request->changes()));
    }

    public function make(ChangesRequest $request, MakeChange $makeChange): RedirectResponse
    {
        return back()->with('done', $makeChange->make($request->person(), $request->changes(), $request->seen()));
    }

    public function undo(PlanChange $change, MakeChange $makeChange, #[CurrentUser] Person $by): RedirectResponse
    {
        return back()->with('done', $makeChange->undo($by, $change));
    }

    public function weights(WeightsRequest $request, ChangeHouse $changeHouse): RedirectResponse
    {
        $weights = array_map(intval(...), array_diff_key($request->validated(), ['version' => 0]));
        $changeHouse(
            $request->person(), Shop::current(), $request->version(), ['plan_weights' => $weights],
            'what counts in the plan',
        );

        return back()->with('done', 'Planned again with what counts now.');
    }

    public function scenarios(TryPage $page, ?Scenario $scenario = null): Page
    {
        return $page->data($scenario?->exists && $scenario->getAttribute('state') === 'open' ? $scenario : null);
    }

    public function begin(ScenarioRequest $request, TryScenario $tryScenario): RedirectResponse
    {
        return redirect()->route(
            'plan.try.one',
            $tryScenario->begin($request->person(), $request->string('name')->toString()),
        );
    }

    public function beginWith(ChangesRequest $request, TryScenario $tryScenario): RedirectResponse
    {
        $name = $request->string('name')->limit(80, '')->trim()->toString();

        return redirect()->route(
            'plan.try.one',
            $tryScenario->begin($request->person(), $name === '' ? 'Tried' : $name, $request->changes()),
        );
    }

    public function add(Scenario $scenario, ChangesRequest $request, TryScenario $tryScenario): RedirectResponse
    {
        $tryScenario->add($scenario, $request->changes());

        return back();
    }

    public function remove(Scenario $scenario, int $change, TryScenario $tryScenario): RedirectResponse
    {
        $tryScenario->remove($scenario, $change);

        return back();
    }

    public function apply(Scenario $scenario, VersionRequest $request, TryScenario $tryScenario): RedirectResponse
    {
        return redirect()->route('plan.try')
            ->with('done', 'Applied. '.$tryScenario->apply($request->person(), $scenario, $request->version()));
    }

    public function drop(Scenario $scenario, TryScenario $tryScenario): RedirectResponse
    {
        $tryScenario->drop($scenario);

        return redirect()->route('plan.try')->with('done', 'Discarded; the plan is as it was.');
    }
}
