<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\House\HouseModel;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationReader;

/** The house's models, from which specifications are begun. */
final readonly class HouseModelsPage
{
    public function __construct(private WorkedOut $workedOut)
    {
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        $models = HouseModel::query()->orderBy('type')->orderBy('name')->get();

        return ['models' => $models->map(static function (HouseModel $model): array {
            $read = SpecificationReader::read([], HouseDefaults::under($model->body));

            return [
                ...$model->only(['id', 'name', 'type', 'version']), 'isDefault' => $model->is_default,
                'inOneLine' => $read->specification?->inOneLine() ?? 'can no longer be read',
                'drawing' => $read->specification === null ? null : Drawings::of($read),
                'says' => count($model->body),
            ];
        })->all()];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    public function one(?HouseModel $model, string $name, array $body): array
    {
        return [
            'model' => $model === null ? null : [...$model->only(['id', 'version']), 'isDefault' => $model->is_default],
            'name' => $name,
            'client' => (object) $body,
            'fields' => WorkedOut::fields(),
            'worked' => $this->workedOut->of($body, HouseDefaults::ofTrade(SpecificationReader::typeOf($body))),
        ];
    }

    /** @return list<array<string, mixed>> to begin a commission from */
    public static function choices(): array
    {
        $choices = [];
        foreach (HouseModel::query()->orderBy('name')->get() as $model) {
            $choices[] = ['id' => $model->id, 'name' => $model->name, 'type' => $model->type];
        }

        return $choices;
    }
}
