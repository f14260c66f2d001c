<?php

declare(strict_types=1);

namespace App\Actions\Specification;

use App\Actions\Recording;
use App\Models\House\HouseModel;
use App\Models\People\Person;
use App\Support\Refused;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationReader;

/** A house model is written again or changed. One of each type may be what the house takes when nothing is said. */
final readonly class SaveHouseModel
{
    public function __construct(private Recording $recording)
    {
    }

    /** @param  array<string, mixed>  $body  typed, by field */
    public function __invoke(
        Person $by,
        ?HouseModel $model,
        int $version,
        string $name,
        array $body,
        bool $isDefault,
    ): HouseModel {
        return $this->recording->keep(function () use ($by, $model, $version, $name, $body, $isDefault): HouseModel {
            if ($model !== null) {
                Refused::ifStale($model->version, $version, "The house model {$model->name}");
            }
            if (HouseModel::query()->where('name', $name)->when(
                $model !== null, static fn ($query) => $query->whereKeyNot($model?->id),
            )->exists()) {
                throw Refused::because("There is a house model “{$name}” already.", 'name');
            }
            $type = SpecificationReader::typeOf($body)->value;
            SpecificationReader::read([], HouseDefaults::under([...$body, 'type' => $type]))->orFail();
            if ($isDefault) {
                HouseModel::query()->where('type', $type)->update(['is_default' => false]);
            }
            $values = [
                'name' => $name, 'type' => $type, 'body' => [...$body, 'type' => $type], 'is_default' => $isDefault,
                'version' => ($model === null ? 0 : $model->version) + 1,
            ];
            $model === null ? $model = HouseModel::query()->create($values) : $model->update($values);
            $this->recording->log(
                null,
                $by,
                'house',
                "House model “{$name}” saved".($isDefault ? ', taken when nothing else is said.' : '.'),
            );

            return $model;
        });
    }
}
