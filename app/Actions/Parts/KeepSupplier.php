<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\House\Price;
use App\Models\Parts\Supplier;
use App\Models\People\Person;
use App\Support\Refused;

/** Who sells to the shop, and how an order reaches them. */
final readonly class KeepSupplier
{
    public function __construct(private Recording $recording)
    {
    }

    /** @param  array<string, mixed>  $said */
    public function __invoke(Person $by, ?Supplier $supplier, int $version, array $said): Supplier
    {
        return $this->recording->keep(function () use ($by, $supplier, $version, $said): Supplier {
            Refused::ifThere(Supplier::query()->where('name', $said['name'])->whereKeyNot($supplier->id ?? 0)->exists(), "There is a supplier “{$said['name']}” already.", 'name');
            if ($supplier === null) {
                $this->recording->log(null, $by, 'stores', "New supplier: {$said['name']}.");

                return Supplier::query()->create($said)->refresh();
            }
            Refused::ifStale($supplier->version, $version, "The supplier “{$supplier->name}”");
            if ($supplier->name !== $said['name']) {
                // Kits and prices name their supplier; what was learned of it goes with its name.
                KitLine::query()->where('supplier', $supplier->name)->update(['supplier' => $said['name']]);
                Price::query()->where('supplier', $supplier->name)->update(['supplier' => $said['name']]);
            }
            $was = $supplier->name;
            $supplier->update([...$said, 'version' => $supplier->version + 1]);
            $this->recording->log(null, $by, 'stores', 'Supplier changed: '.($was === $supplier->name ? $was : "{$was}, now {$supplier->name}").'.');

            return $supplier;
        });
    }
}
