<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Build\Build;
use App\Pages\Money\Choosing;
use App\Pages\Money\Row;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Money\PriceMade;
use App\Planning\Money\Reckoner;
use App\Planning\Money\WhatIf;
use App\Planning\Route\Routes;
use App\Planning\Specification\Revisions;
use App\Support\Say;
use Regimen\Costing\PriceRule;
use Regimen\Costing\PriceWay;
use Regimen\Costing\UnknownPrice;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\Tool;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Timber\Species;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Money;

/** What a build’s price is made of, and what it would be with another rate, method or timber. */
final readonly class WhatIfQuery
{
    private const MOST_PIECES = 12;

    /** The timbers that can be tried, by field. */
    private const TIMBERS = ['neckTimber' => 'Neck', 'boardTimber' => 'Fretboard', 'top' => 'First layer of the body'];

    public function __construct(private Reckoner $reckoner, private Routes $routes, private House $house)
    {
    }

    /** @param  array<string, string>  $asked */
    public function read(Build $build, array $asked): WhatIfShown
    {
        $fields = $this->fields($asked);
        $choices = $this->choices($build, $asked);
        try {
            $if = $this->whatIf($fields, $asked);
            $made = $this->reckoner->price($build, $if);
            $usual = $this->reckoner->price($build, $this->reckoner->asHouse());
        } catch (InvalidQuantity|\InvalidArgumentException|UnknownPrice|UnknownStandard $wrong) {
            return new WhatIfShown([], '', $fields, $choices, $wrong->getMessage());
        }

        return is_string($made) ? new WhatIfShown([], '', $fields, $choices, $made) : new WhatIfShown($this->rows($made, $if), $this->against($build, $made, $usual), $fields, $choices, '');
    }

    /**
     * @param  array<string, string>  $asked
     * @return array<string, string>
     */
    private function fields(array $asked): array
    {
        $shop = $this->house->shop();
        $said = static fn (string $key, string $else): string => trim($asked[$key] ?? '') === '' ? $else : trim($asked[$key]);

        return [
            'by' => $said('by', 'shop'), 'rate' => $said('rate', $this->house->rate()->plain()), 'overhead' => $said('overhead', Say::figure($shop->overhead_permille / 10, 1)), 'way' => $said('way', $shop->price_way->value),
            'share' => $said('share', Say::figure($shop->margin_permille / 10, 1)), 'discount' => $said('discount', '0'), 'pieces' => $said('pieces', '1'),
        ];
    }

    /**
     * @param  array<string, string>  $fields
     * @param  array<string, string>  $asked
     */
    private function whatIf(array $fields, array $asked): WhatIf
    {
        $permille = static fn (string $key): int => is_numeric($number = str_replace(',', '.', $fields[$key])) && (float) $number >= 0 && (float) $number <= 1_000
            ? (int) round(10 * (float) $number) : throw new InvalidQuantity("“{$fields[$key]}” is no share. Write percent, such as 12.5.");
        $pieces = (int) $fields['pieces'];
        if ($pieces < 1 || $pieces > self::MOST_PIECES) {
            throw new InvalidQuantity('One to twelve can be made together.');
        }
        $methods = $timbers = [];
        foreach ($asked as $key => $answer) {
            // Schools make another order; another tool makes other hours.
            str_starts_with($key, 'tool-') && Tool::tryFrom($answer) !== null && $methods[Methods::toolKey(strtr(substr($key, 5), ':', '.'))] = $answer;
        }
        foreach (array_keys(self::TIMBERS) as $field) {
            $name = $asked["timber-{$field}"] ?? '';
            in_array($name, Species::names(), true) && $timbers[$field] = $name;
        }

        return new WhatIf(
            $fields['by'] === 'people' ? null : Money::parse($fields['rate'], $this->house->shop()->currency), new PriceRule($permille('overhead'), PriceWay::tryFrom($fields['way']) ?? PriceWay::Margin, $permille('share')),
            $permille('discount'), $pieces, $methods, $timbers,
        );
    }

    /** @return list<Row> */
    private function rows(PriceMade $made, WhatIf $if): array
    {
        $quote = $made->quote;
        $percent = static fn (int $permille): string => Say::figure($permille / 10, 1);
        $tax = $this->house->tax();

        return array_values(array_filter([
            new Row('Labour', (string) $quote->labour, Say::figure($made->minutes / 60, 1).' h '.($if->rate === null ? 'at the rates of those who are planned' : "at {$if->rate}").($if->pieces > 1 ? ", set-ups shared by {$if->pieces}" : ', set-ups included')),
            new Row('Material', (string) $quote->material, 'at the house’s prices, timber with a quarter for waste'),
            $quote->outside->minor === 0 ? null : new Row('Work done elsewhere', (string) $quote->outside),
            new Row('Overhead', (string) $quote->overhead, "{$percent($if->rule->overhead)} % of these"),
            new Row('What it costs', (string) $quote->cost),
            new Row($if->rule->way === PriceWay::Margin ? 'Margin' : 'Mark-up', (string) $quote->price->minus($quote->cost), "{$percent($if->rule->share)} % of the ".($if->rule->way === PriceWay::Margin ? 'price' : 'cost')),
            $if->discount === 0 ? null : new Row('Discount', (string) $made->net->minus($quote->price), "{$percent($if->discount)} % of the price"),
            new Row('Price without tax', (string) $made->net, $made->net->minor < $quote->cost->minor ? 'less than it costs' : ''),
            $tax->permille === 0 ? null : new Row('Tax', (string) $made->tax, "{$tax->percent()} %"),
            new Row('Price', (string) $made->gross()),
        ]));
    }

    private function against(Build $build, PriceMade $made, PriceMade|string $usual): string
    {
        $words = [];
        if (! is_string($usual) && $usual->gross()->minor !== $made->gross()->minor) {
            $difference = $made->gross()->minor - $usual->gross()->minor;
            $words[] = $this->house->money(abs($difference)).($difference > 0 ? ' more' : ' less').' than as the house reckons.';
        }
        if ($build->price_minor !== null) {
            $net = $this->house->tax()->within($this->house->money($build->price_minor));
            $words[] = $net->minor < $made->quote->cost->minor
                ? "{$this->house->money($build->price_minor)} are agreed: without tax that is {$this->house->money($made->quote->cost->minor - $net->minor)} below what it costs."
                : "{$this->house->money($build->price_minor)} are agreed.";
        }

        return implode(' ', $words);
    }

    /**
     * @param  array<string, string>  $asked
     * @return list<Choosing>
     */
    private function choices(Build $build, array $asked): array
    {
        $specification = Revisions::read($build->specification)->orFail();
        $standards = $this->house->standards();
        $choices = [];
        foreach (self::TIMBERS as $field => $label) {
            $is = match ($field) {
                'neckTimber' => $specification->neck->neckTimber->name, 'boardTimber' => $specification->board->boardTimber->name, default => $specification->bodywork->layers[0]->timber->name
            };
            $choices[] = new Choosing("timber-{$field}", $label, $asked["timber-{$field}"] ?? $is, array_map(static fn (string $name): Option => new Option($name, $name), Species::names()));
        }
        foreach ($this->routes->of($specification, $build)->route->operations as $operation) {
            $key = $operation->standard->key;
            $ways = $standards->ways($key);
            // PHP reads no points in the names of an address.
            $field = 'tool-'.strtr($key, '.', ':');
            if (count($ways) > 1 && ! isset($choices[$field])) {
                $choices[$field] = new Choosing($field, ucfirst($operation->name), $asked[$field] ?? $operation->standard->tool->value, array_map(static fn (Standard $way): Option => new Option($way->tool->value, $way->way === '' ? $way->tool->value : $way->way), $ways));
            }
        }

        return array_values($choices);
    }
}
