<?php

declare(strict_types=1);

namespace App\Planning\Specification;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Models\House\HouseModel;
use App\Planning\House\House;
use App\Planning\Stores\BuildLots;
use Regimen\Costing\Kit;
use Regimen\Costing\UnknownPrice;
use Regimen\Figures\Workings;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Timber\Lots;
use Regimen\Units\Money;

/** Specifications as they are kept: the client's words over the house's. */
final readonly class Revisions
{
    public function __construct(private House $house)
    {
    }

    public static function read(SpecificationRevision $revision): ReadSpecification
    {
        return SpecificationReader::read($revision->client, $revision->house);
    }

    /**
     * What stands where the client says nothing: the house's defaults for the type, under the model that was chosen.
     *
     * @param  array<mixed>  $client
     * @return array<string, mixed>
     */
    public function house(array $client, ?int $model): array
    {
        $chosen = $model === null ? null : HouseModel::query()->find($model);
        $type = SpecificationReader::typeOf([...($chosen === null ? [] : $chosen->body), ...$client])->value;
        $default = HouseModel::query()->where('type', $type)->where('is_default', true)->first();
        $body = $chosen !== null && $chosen->type === $type ? $chosen->body : [];

        return HouseDefaults::under([...($default === null ? [] : $default->body), ...$body, 'type' => $type]);
    }

    /**
     * By what name instruments that are built alike are compared: the house model that was chosen, or how it is made.
     *
     * @param  array<mixed>  $client
     * @param  array<string, mixed>  $house
     */
    public static function modelName(array $client, array $house, ?int $model): string
    {
        $name = $model === null ? null : HouseModel::query()->whereKey($model)->value('name');
        if (is_string($name) && $name !== '') {
            return $name;
        }
        $typed = [...$house, ...$client];
        $said = static fn (string $field): string => is_string($typed[$field] ?? null) ? $typed[$field] : '';

        return trim("{$said('strings')}-string {$said('type')}, {$said('joint')}, {$said('body')}", ' ,-');
    }

    /** @param  Build|null  $build  whose methods say how it is made; the house's where there is none yet */
    public function workings(ReadSpecification $read, ?Build $build = null): Workings
    {
        return Workings::from($read, $this->partsCost($read), $this->house->methods($build)->slots(), $build === null ? new Lots : static fn (): Lots => BuildLots::of($build));
    }

    private function partsCost(ReadSpecification $read): ?Money
    {
        try {
            return Kit::for($read->orFail(), $this->house->prices())->cost();
        } catch (UnknownPrice) {
            return null;
        }
    }
}
