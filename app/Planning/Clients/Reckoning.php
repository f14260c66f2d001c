<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Planning\Forecast\DraftChances;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Specification\Revisions;
use Regimen\Costing\UnknownPrice;
use Regimen\Forecast\Simulation\BuildOutcome;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Schedule\Time\NoWorkingTime;
use Regimen\Units\Money;

/** Works out what somebody would like: hours, material, price, weight, and when it would be ready with which chance. */
final readonly class Reckoning
{
    public function __construct(private Revisions $revisions, private Drafting $drafting, private Routes $routes, private DraftChances $chances, private House $house)
    {
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return Reckoned|string what is wrong with it, in words
     */
    public function of(array $typed, ?int $model): Reckoned|string
    {
        $read = SpecificationReader::read($typed, $this->revisions->house($typed, $model));
        if ($read->specification === null) {
            return implode(' ', $read->problems);
        }
        try {
            $draft = $this->drafting->draft($read->specification);
            $grams = $this->revisions->workings($read)->mass()->total();
        } catch (UnknownPrice|UnknownStandard $missing) {
            return $missing->getMessage();
        }

        return new Reckoned($read, $draft, $this->withTax($draft->quote->price), $grams);
    }

    /**
     * The same instrument made with another tool, where that is cheaper.
     *
     * @return list<CheaperWay>
     */
    public function otherTools(Reckoned $now): array
    {
        $specification = $now->read->orFail();
        $standards = $this->house->standards();
        $methods = $this->house->methods();
        $ways = $seen = [];
        foreach ($now->draft->route->operations as $operation) {
            $standard = $operation->standard;
            foreach (isset($seen[$standard->key]) ? [] : $standards->ways($standard->key) as $way) {
                if ($way->tool === $standard->tool) {
                    continue;
                }
                $edited = $this->routes->of($specification, null, $methods->with(Methods::toolKey($standard->key), $way->tool->value));
                if ($edited->route->clashes !== [] || $this->house->fit()->problems($edited->route) !== []) {
                    continue;
                }
                $draft = $this->drafting->worked($specification, $edited);
                $price = $this->withTax($draft->quote->price);
                if ($price->minor < $now->price->minor) {
                    $ways[] = new CheaperWay(
                        ucfirst($operation->name), self::way($standard), self::way($way), $now->price->minus($price), $price, $now->draft->route->work()->minutes - $draft->route->work()->minutes, 0.0,
                    );
                }
            }
            $seen[$standard->key] = true;
        }

        return $ways;
    }

    private static function way(Standard $of): string
    {
        return $of->way === '' ? $of->tool->value : $of->way;
    }

    /** What a client pays. */
    private function withTax(Money $price): Money
    {
        return $price->plus($this->house->tax()->on($price));
    }

    /** Behind everything promised and quoted to others; null where nobody can say. */
    public function chances(Reckoned $reckoned, int $enquiry): ?BuildOutcome
    {
        try {
            return $this->chances->of($reckoned->draft, but: $enquiry);
        } catch (NoWorkingTime) {
            return null;
        }
    }
}
