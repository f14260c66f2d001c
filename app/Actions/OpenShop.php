<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\FinishStandard as FinishStandardModel;
use App\Models\OperationStandard;
use App\Models\Person;
use App\Models\Price as PriceModel;
use App\Models\Resource;
use App\Models\Role;
use App\Models\Shop;
use App\Support\Logbook;
use App\Support\Refused;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\StarterPrices;
use Regimen\Route\FinishStandard;
use Regimen\Route\Skill;
use Regimen\Route\Standard;
use Regimen\Route\TradeStandards;

/** Opens an empty shop with its first manager, the trade's standards and starter prices to overwrite. */
final readonly class OpenShop
{
    private const STATIONS = [
        'drawing-table' => 'drawing table', 'saw-and-planer' => 'saw and planer', 'router-table' => 'router table',
        'drill-press' => 'drill press', 'neck-bench' => 'neck bench', 'fret-bench' => 'fret bench',
        'spray-booth' => 'spray booth', 'electronics-bench' => 'electronics bench', 'set-up-bench' => 'set-up bench',
    ];

    private const FIXTURES = [
        'neck-clamps' => ['neck clamps', 1], 'headstock-clamps' => ['headstock clamps', 2], 'flat-beam' => ['flat beam', 1],
        'body-clamps' => ['body clamps', 2], 'joint-clamp' => ['joint clamp', 1], 'hanging-rail' => ['hanging rail', 8],
        'settling-rack' => ['settling rack', 4],
    ];

    private const HOURS = [[480, 720], [750, 1020]];

    public function __construct(private Logbook $logbook)
    {
    }

    public function __invoke(string $shopName, string $currency, string $timezone, string $name, string $email, string $password): Person
    {
        return DB::transaction(function () use ($shopName, $currency, $timezone, $name, $email, $password): Person {
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
            $this->logbook->write(null, $manager, 'house', "{$shopName} opened.");

            return $manager;
        });
    }

    private function furnish(string $name, string $currency, string $timezone): void
    {
        $rate = StarterPrices::labourRate($currency)->minor;
        Shop::query()->create([
            'name' => $name, 'currency' => $currency, 'timezone' => $timezone,
            'hours' => array_fill(1, 5, self::HOURS),
            'labour_rate_minor' => $rate, 'overhead_permille' => 120, 'margin_permille' => 150, 'deposit_permille' => 400, 'risk_days' => 2,
        ]);
        foreach (self::STATIONS as $key => $words) {
            Resource::query()->create(['key' => $key, 'kind' => 'station', 'name' => $words, 'capacity' => 1]);
        }
        foreach (self::FIXTURES as $key => [$words, $capacity]) {
            Resource::query()->create(['key' => $key, 'kind' => 'fixture', 'name' => $words, 'capacity' => $capacity]);
        }
        $standards = TradeStandards::all();
        OperationStandard::query()->insert(array_map(self::standardRow(...), $standards->operations()));
        FinishStandardModel::query()->insert(array_map(self::finishRow(...), $standards->finishes()));
        foreach (StarterPrices::in($currency)->all() as $price) {
            PriceModel::query()->create(['key' => $price->key, 'name' => $price->name, 'unit' => $price->unit, 'cost_minor' => $price->cost->minor, 'lead_days' => $price->leadDays, 'supplier' => $price->supplier]);
        }
    }

    /** @return array<string, mixed> */
    private static function standardRow(Standard $standard): array
    {
        return [
            'key' => $standard->key, 'name' => $standard->name, 'stage' => $standard->stage->value,
            'set_up_minutes' => $standard->setUp->minutes, 'labour_minutes' => $standard->labour->minutes, 'hold_minutes' => $standard->hold->minutes,
            'skill' => $standard->skill->value, 'station' => $standard->station, 'fixture' => $standard->fixture, 'fixtures' => $standard->fixtures,
            'one_sitting' => $standard->oneSitting, 'caution' => $standard->caution?->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function finishRow(FinishStandard $standard): array
    {
        return [
            'system' => $standard->system->value, 'body_coats' => $standard->bodyCoats, 'neck_coats' => $standard->neckCoats, 'coats_a_day' => $standard->coatsADay,
            'after_first_minutes' => $standard->afterFirst->minutes, 'between_coats_minutes' => $standard->betweenCoats->minutes,
            'overnight_minutes' => $standard->overnight->minutes, 'cure_minutes' => $standard->cure->minutes,
        ];
    }
}
