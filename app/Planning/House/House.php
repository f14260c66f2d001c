<?php

declare(strict_types=1);

namespace App\Planning\House;

use App\Models\Build\Build;
use App\Models\House\FinishStandard as FinishStandardModel;
use App\Models\House\OperationStandard;
use App\Models\House\Price as PriceModel;
use App\Models\House\Resource;
use App\Models\House\Shop;
use App\Models\People\ClosedDay;
use App\Models\People\Person;
use App\Planning\Problem\PersonHours;
use App\Support\Minutes;
use Regimen\Costing\Price;
use Regimen\Costing\PriceList;
use Regimen\Costing\PriceRule;
use Regimen\Inspection\Tolerances;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Route\Air\SprayLimits;
use Regimen\Route\Judge\ShopFit;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Standards\HouseRules;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Schedule\Problem\Weights;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;
use Regimen\Units\Money;

/**
 * The shop as the core knows it: hours, people, stations and fixtures, standards, prices. Read once for each request.
 */
final class House
{
    use HeldStill;

    private ?Shop $shop = null;

    private ?WorkingHours $hours = null;

    private ?int $sanding = null;

    /** @var array<int, array<string, int>>|null by person */
    private ?array $speeds = null;

    /** Reads everything again at the next question, after the house was changed. */
    public function forget(): void
    {
        $this->held = [];
        $this->shop = null;
        $this->hours = null;
        $this->sanding = null;
        $this->speeds = null;
    }

    public function shop(): Shop
    {
        return $this->shop ??= Shop::current();
    }

    public function zone(): \DateTimeZone
    {
        return $this->shop()->zone();
    }

    public function rate(): Money
    {
        return $this->money($this->shop()->labour_rate_minor);
    }

    /** What is put on top of labour and material. */
    public function priceRule(): PriceRule
    {
        return new PriceRule($this->shop()->overhead_permille, $this->shop()->price_way, $this->shop()->margin_permille);
    }

    /** The tax that is on a price unless something else is said. */
    public function tax(): TaxRate
    {
        return new TaxRate($this->shop()->tax_permille > 0 ? TaxCategory::Standard : TaxCategory::Zero, $this->shop()->tax_permille);
    }

    public function money(int $minor): Money
    {
        return Money::ofMinor($minor, $this->shop()->currency);
    }

    public function hours(): WorkingHours
    {
        return $this->hours ??= WorkingHours::of(
            $this->shop()->hours,
            ClosedDay::query()->where('date', '>=', PersonHours::since())->pluck('date')->map(static fn (mixed $date): string => (string) $date)->all(),
            $this->zone(),
        );
    }

    public function calendar(int $now): Calendar
    {
        return Calendar::from($this->hours(), $now);
    }

    /** @return list<Worker> the active people who have hours */
    public function workers(int $first): array
    {
        return $this->held("workers {$first}", function () use ($first): array {
            $workers = [];
            foreach (Person::query()->where('active', true)->with(PersonHours::days())->orderBy('id')->get() as $person) {
                $hours = $this->hoursOf($person);
                if ($hours->minutesInAWeek() > 0) {
                    $workers[] = new Worker(
                        $person->id, $person->name, $person->skills, Calendar::from($hours, $first, $person->name),
                        $person->speeds,
                        $person->gentle_on === null ? 0 : Minutes::endOfDay($person->gentle_on, $this->zone()) + 1,
                    );
                }
            }

            return $workers;
        });
    }

    public function hoursOf(Person $person): WorkingHours
    {
        $week = $person->hours === null
            ? $this->hours()
            : WorkingHours::of($person->hours, array_keys($this->hours()->closed), $this->zone());

        return PersonHours::on($week, $person->loadMissing(PersonHours::days()));
    }

    /** Minutes of sanding in between, where a recoat window was missed. */
    public function sanding(): int
    {
        return $this->sanding ??= (int) OperationStandard::query()->where(
            'key', FinishOperation::Scuff->value,
        )->value('labour_minutes');
    }

    /** How fast somebody works, in percent of the house standard. */
    public function speed(?int $person, string $skill): int
    {
        $this->speeds ??= Person::query()
            ->pluck('speeds', 'id')
            ->map(static fn (mixed $speeds): array => (array) $speeds)
            ->all();

        return $this->speeds[$person ?? 0][$skill] ?? 100;
    }

    public function weights(): Weights
    {
        return new Weights(...array_intersect_key($this->shop()->plan_weights, get_object_vars(new Weights)));
    }

    /** @return array<string, int> */
    public function capacities(): array
    {
        return $this->held('capacities', function (): array {
            return Resource::query()->pluck('capacity', 'key')->all();
        });
    }

    /** @return array<string, Calendar> when stations and fixtures can be worked at that have hours of their own */
    public function resourceHours(int $first): array
    {
        $calendars = [];
        foreach (Resource::query()->whereNotNull('hours')->orderBy('id')->get() as $one) {
            $hours = $this->resourceHoursOf($one, $first);
            if ($hours !== null && $hours->minutesInAWeek() > 0) {
                $calendars[$one->key] = Calendar::from($hours, $first, ucfirst($one->name));
            }
        }

        return $calendars;
    }

    public function resourceHoursOf(Resource $one, int $first): ?WorkingHours
    {
        if ($one->hours === null) {
            return null;
        }
        $hours = WorkingHours::of($one->hours, [], $this->zone());

        return $one->every_second_from === null ? $hours : $hours->everySecondWeek($one->every_second_from, $first);
    }

    public function standards(): HouseStandards
    {
        return $this->held('standards', function (): HouseStandards {
            return HouseStandards::of(
                OperationStandard::query()->orderBy('id')->get()->map(StandardRecords::standard(...)),
                FinishStandardModel::query()->get()->map(StandardRecords::finish(...)),
                $this->rules(),
            );
        });
    }

    /** What the house decides once for every operation. */
    public function rules(): HouseRules
    {
        $shop = $this->shop();

        return new HouseRules(
            new SprayLimits($shop->spray_coldest_tenths / 10, $shop->spray_dampest_tenths / 10),
            Tolerances::of($shop->tolerances),
            $shop->glue_shares,
        );
    }

    /** How the house works, and what was chosen for one build. */
    public function methods(?Build $build = null): Methods
    {
        return Methods::of($this->shop()->methods, $build === null ? [] : $build->methods);
    }

    /** What the shop has and can, to hold a route against. */
    public function fit(): ShopFit
    {
        return $this->held('fit', function (): ShopFit {
            $resources = Resource::query()->get();
            $people = Person::query()->where('active', true)->get();
            $skills = array_values(array_unique(array_merge(...$people->map(static fn (Person $person): array => $person->skills)->all())));

            return new ShopFit(
                $resources->pluck('capacity', 'key')->all(), $resources->pluck('name', 'key')->all(), $skills,
            );
        });
    }

    public function prices(): PriceList
    {
        return $this->held('prices', function (): PriceList {
            return PriceList::of(
                PriceModel::query()->get()->map(
                    fn (PriceModel $row): Price => new Price(
                        $row->key, $row->name, $row->unit, $this->money($row->cost_minor), $row->lead_days, $row->supplier,
                    ),
                ),
                $this->shop()->currency,
            );
        });
    }
}
