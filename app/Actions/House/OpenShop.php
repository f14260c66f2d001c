<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Recording;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Planning\House\Furnishing;
use App\Support\Refused;
use Regimen\Costing\StarterPrices;
use Regimen\Route\Standards\Skill;

/** Opens an empty shop with its first manager, the trade's standards and starter prices to overwrite. */
final readonly class OpenShop
{
    private const HOURS = [[480, 720], [750, 1020]];

    public function __construct(private Recording $recording, private Furnishing $furnishing)
    {
    }

    public function __invoke(
        string $shopName,
        string $currency,
        string $timezone,
        string $name,
        string $email,
        string $password,
    ): Person {
        return $this->recording->keep(function () use ($shopName, $currency, $timezone, $name, $email, $password): Person {
            if (Person::query()->exists()) {
                throw Refused::because('The shop has a manager already. Sign in.');
            }
            $this->furnish($shopName, $currency, $timezone);
            $manager = Person::query()->create([
                'name' => $name,
                'email' => $email,
                'password' => $password,
                'role' => Role::Manager,
                'skills' => array_map(static fn (Skill $skill): string => $skill->value, Skill::cases()),
            ]);
            $this->recording->log(null, $manager, 'house', "{$shopName} opened.");

            return $manager;
        });
    }

    private function furnish(string $name, string $currency, string $timezone): void
    {
        $rate = StarterPrices::labourRate($currency)->minor;
        Shop::query()->create([
            'name' => $name, 'currency' => $currency, 'timezone' => $timezone,
            'hours' => array_fill(1, 5, self::HOURS),
            'labour_rate_minor' => $rate, 'overhead_permille' => 120, 'margin_permille' => 150,
            'deposit_permille' => 400, 'risk_days' => 2,
        ]);
        $this->furnishing->complete();
    }
}
