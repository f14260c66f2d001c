<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Planning\Route\Routes;
use App\Planning\Specification\Revisions;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\Kit;
use Regimen\Costing\Quote;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Units\Money;

/** Works out prices: of a build as it is to be made, or otherwise; and of what it came to. */
final readonly class Reckoner
{
    public function __construct(private House $house, private Routes $routes, private BuildCosts $costs)
    {
    }

    public function asHouse(): WhatIf
    {
        return new WhatIf($this->house->rate(), $this->house->priceRule());
    }

    /** @return PriceMade|string what is wrong with it, in words */
    public function price(Build $build, WhatIf $if): PriceMade|string
    {
        $specification = $this->specification($build, $if);
        if (is_string($specification)) {
            return $specification;
        }
        $methods = Methods::of($this->house->shop()->methods, [...$build->methods, ...$if->methods]);
        $route = $this->routes->of($specification, $build, $methods)->route;
        if ($route->clashes !== [] && $if->methods !== []) {
            return $route->clashes[0]->words();
        }
        $rates = $if->rate === null ? $this->planned($build) : [];
        $setUps = $labour = Money::zero($this->house->shop()->currency);
        $minutes = 0;
        foreach ($route->operations as $operation) {
            $rate = $if->rate ?? $rates[$operation->key] ?? $this->house->rate();
            $setUps = $setUps->plus($rate->forTime($operation->setUp));
            $labour = $labour->plus($rate->forTime($operation->hours->likely));
            $minutes += $operation->hours->likely->minutes + intdiv($operation->setUp->minutes, $if->pieces);
        }
        $quote = Quote::compute(Quote::sharedLabour($setUps, $labour, $if->pieces), Kit::for($specification, $this->house->prices())->cost(), $if->rule, $this->outside($build));
        $net = $quote->discounted($if->discount);

        return new PriceMade($quote, $minutes, $net, $this->house->tax()->on($net));
    }

    /** With tax: the hours, the material and the outside work that are recorded, with what the house puts on top. */
    public function effort(Build $build): Money
    {
        $cost = $this->costs->of(DB::table('builds')->where('id', $build->id)->select('id'))[$build->id] ?? $this->costs->none();
        $net = Quote::compute($cost->labour, $cost->material, $this->house->priceRule(), $cost->outside)->price;

        return $net->plus($this->house->tax()->on($net));
    }

    /** What is or was agreed with others for work on it. */
    private function outside(Build $build): Money
    {
        return $this->house->money((int) KitLine::query()->where('build_id', $build->id)->where('unit', KitLine::DONE_ELSEWHERE)->where('surplus', false)->get()->sum(static fn (KitLine $line): int => $line->costMinor()));
    }

    /** @return array<string, Money> the rates of those who are planned for its operations, by key */
    private function planned(Build $build): array
    {
        $rates = Person::query()->pluck('rate_minor', 'id');
        $planned = [];
        foreach (PlanEntry::query()->where('build_id', $build->id)->with('operation:id,key')->get() as $entry) {
            $rate = $rates->get($entry->person_id);
            $rate === null || $planned[$entry->operation->key] = $this->house->money((int) $rate);
        }

        return $planned;
    }

    private function specification(Build $build, WhatIf $if): Specification|string
    {
        if ($if->timbers === []) {
            return Revisions::read($build->specification)->orFail();
        }
        $revision = $build->specification;
        $typed = [...$revision->client, ...array_diff_key($if->timbers, ['top' => ''])];
        if (isset($if->timbers['top'])) {
            $layers = $typed['layers'] ?? $revision->house['layers'] ?? [];
            $layers = is_array($layers) ? array_values($layers) : [];
            $typed['layers'] = array_replace($layers, [0 => [...(is_array($layers[0] ?? null) ? $layers[0] : []), 'timber' => $if->timbers['top']]]);
        }
        $read = SpecificationReader::read($typed, $revision->house);

        return $read->specification ?? implode(' ', $read->problems);
    }
}
