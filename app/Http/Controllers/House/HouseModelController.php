<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\Specification\SaveHouseModel;
use App\Http\Requests\Specification\HouseModelRequest;
use App\Http\Requests\Specification\WorkOutRequest;
use App\Models\Build\Build;
use App\Models\House\HouseModel;
use App\Pages\Page;
use App\Queries\Specification\HouseModelsPage;
use App\Queries\Specification\WorkedOut;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\InvalidSpecification;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationReader;

final class HouseModelController
{
    public function index(HouseModelsPage $page): Page
    {
        return $page->all();
    }

    /** A new one: empty, as another one is, as it is mirrored for the other hand, or as a build was specified. */
    public function create(Request $request, HouseModelsPage $page): Page
    {
        $model = $request->filled('like') ? HouseModel::query()->findOrFail($request->integer('like')) : null;
        $build = $request->filled('build')
            ? Build::query()->where('number', $request->integer('build'))->with('specification')->firstOrFail()
            : null;
        $body = $model->body ?? (
            $build === null ? [] : array_diff_key(
                $build->specification->client, array_flip(['wishes', 'budget', 'name']),
            )
        );
        $name = $model->name ?? ($build === null ? '' : $build->title);
        if ($request->boolean('mirror')) {
            $body['hand'] = ($body['hand'] ?? '') === Hand::Left->value ? Hand::Right->value : Hand::Left->value;
            $name .= ", {$body['hand']}-handed";
        } elseif ($model !== null) {
            $name .= ', copy';
        }

        return $page->one(null, $name, $body);
    }

    public function show(HouseModel $model, HouseModelsPage $page): Page
    {
        return $page->one($model, $model->name, $model->body);
    }

    public function workOut(WorkOutRequest $request, WorkedOut $workedOut): JsonResponse
    {
        $typed = $request->typed();

        return response()->json($workedOut->of($typed, HouseDefaults::ofTrade(SpecificationReader::typeOf($typed))));
    }

    public function store(HouseModelRequest $request, SaveHouseModel $save): RedirectResponse
    {
        return $this->keep(null, $request, $save);
    }

    public function update(HouseModel $model, HouseModelRequest $request, SaveHouseModel $save): RedirectResponse
    {
        return $this->keep($model, $request, $save);
    }

    private function keep(?HouseModel $model, HouseModelRequest $request, SaveHouseModel $save): RedirectResponse
    {
        try {
            $kept = $save(
                $request->person(), $model, $request->version(), trim($request->string('name')->toString()),
                $request->typed(), $request->boolean('is_default'),
            );
        } catch (InvalidSpecification $wrong) {
            return back()->withErrors($wrong->problems);
        }

        return redirect()->route('house.models.one', $kept)->with('done', 'House model saved.');
    }
}
