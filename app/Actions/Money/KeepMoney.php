<?php

declare(strict_types=1);

namespace App\Actions\Money;

use App\Actions\House\KeepVersion;
use App\Actions\Recording;
use App\Models\House\Shop;
use App\Models\Money\HouseTax;
use App\Models\People\Person;
use App\Support\Refused;
use Regimen\Invoicing\TaxRate;
use Regimen\Units\Countries;

/** Who sells, in which parts, which tax is on it, what a year costs. Of it only one thing moves the plan: whether an overdue payment holds work up. */
final readonly class KeepMoney
{
    public function __construct(private Recording $recording, private KeepVersion $keepVersion)
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function __invoke(Person $by, Shop $shop, int $version, array $attributes, string $what): void
    {
        $this->recording->keep(function () use ($by, $shop, $version, $attributes, $what): void {
            Refused::ifStale($shop->version, $version, $what);
            $before = ($this->keepVersion)($by, $shop, $attributes);
            $this->recording->log(null, $by, 'house', "{$what} changed.");
            if (($before['unpaid_holds'] ?? null) !== null && (bool) $before['unpaid_holds'] !== (bool) $shop->unpaid_holds) {
                $this->recording->planAnew('whether a payment holds work up');
            }
        });
    }

    public function setTax(Person $by, string $country, string $name, TaxRate $rate): HouseTax
    {
        return $this->recording->keep(function () use ($by, $country, $name, $rate): HouseTax {
            Refused::ifThere(HouseTax::query()->where('country', $country)->where('name', $name)->exists(), 'There is a tax of that name for '.Countries::name($country).' already.', 'name');
            $tax = HouseTax::query()->create(['country' => $country, 'name' => $name, 'category' => $rate->category, 'permille' => $rate->permille, 'reason' => $rate->reason]);
            $this->recording->log(null, $by, 'house', "Tax for clients in {$this->country($country)} set: {$name}, {$rate->percent()} %.");

            return $tax;
        });
    }

    public function dropTax(Person $by, HouseTax $tax): void
    {
        $this->recording->keep(function () use ($by, $tax): void {
            $tax->delete();
            $this->recording->log(null, $by, 'house', "Tax for clients in {$this->country($tax->country)} taken out: {$tax->name}. Invoices that are written keep it.");
        });
    }

    private function country(string $code): string
    {
        return Countries::name($code) ?? $code;
    }
}
