<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\House\HouseModel;
use App\Pages\Build\ModelName;
use App\Pages\Dict;
use App\Pages\Specification\HouseModelHead;
use App\Pages\Specification\HouseModelLine;
use App\Pages\Specification\HouseModelProps;
use App\Pages\Specification\HouseModelsProps;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationReader;

/** The house's models, from which specifications are begun. */
final readonly class HouseModelsPage
{
    public function __construct(private WorkedOut $workedOut)
    {
    }

    public function all(): HouseModelsProps
    {
        $models = HouseModel::query()->orderBy('type')->orderBy('name')->get();

        return new HouseModelsProps(
            models: array_values($models->map(static function (HouseModel $model): HouseModelLine {
                $drawn = Drawings::ofModel($model);

                return new HouseModelLine(
                    id: $model->id,
                    name: $model->name,
                    type: $model->type,
                    isDefault: $model->is_default,
                    inOneLine: $drawn->inOneLine ?? 'can no longer be read',
                    drawing: $drawn?->drawing,
                    says: count($model->body),
                );
            })->all()),
        );
    }

    /**
     * @param  array<string, mixed>  $body
     */
    public function one(?HouseModel $model, string $name, array $body): HouseModelProps
    {
        return new HouseModelProps(
            model: $model === null ? null : new HouseModelHead(id: $model->id, version: $model->version, isDefault: $model->is_default),
            name: $name,
            client: new Dict($body),
            fields: WorkedOut::fields(),
            worked: $this->workedOut->of($body, HouseDefaults::ofTrade(SpecificationReader::typeOf($body))),
        );
    }

    /** @return list<ModelName> to begin a commission from */
    public static function choices(): array
    {
        $choices = [];
        foreach (HouseModel::query()->orderBy('name')->get() as $model) {
            $choices[] = new ModelName(id: $model->id, name: $model->name, type: $model->type);
        }

        return $choices;
    }
}
