<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** The rules of EN 16931-1:2017 for the categories of tax (BR-S, BR-Z, BR-E, BR-AE, BR-IC, BR-G, BR-O), from memory as the others. */
final class TaxRules
{
    /** @return array<string, array{bool, string}> by the rule’s name, whether it holds */
    public static function of(Invoice $one): array
    {
        $rules = [];
        $lines = [];
        foreach ($one->lines as $line) {
            $line->tax === null || $lines[$line->tax->category->value][$line->tax->permille] = ($lines[$line->tax->category->value][$line->tax->permille] ?? 0) + $line->net->minor;
        }
        foreach ($lines as $code => $nets) {
            $rules += self::category(TaxCategory::from((string) $code), $nets, $one);
        }
        $rules['BR-CO-17'] = [array_filter($one->totals->taxes, static fn (TaxSum $sum): bool => $sum->tax->minor !== $sum->rate->on($sum->net)->minor) === [], 'A tax is its net times its rate, rounded to two decimals.'];

        return $rules;
    }

    /**
     * @param  non-empty-array<int, int>  $nets  of its lines, by rate
     * @return array<string, array{bool, string}>
     */
    private static function category(TaxCategory $category, array $nets, Invoice $one): array
    {
        $rule = "BR-{$category->rule()}";
        $sums = array_values(array_filter($one->totals->taxes, static fn (TaxSum $sum): bool => $sum->rate->category === $category));
        [$seller, $buyer] = [$one->seller, $one->buyer];
        $isKnown = $seller->taxId.$seller->localTaxId !== '';
        $broken = [];
        foreach ($sums as $sum) {
            $broken[$sum->rate->permille] = ($broken[$sum->rate->permille] ?? 0) + $sum->net->minor;
        }
        $reasons = array_filter($sums, static fn (TaxSum $sum): bool => trim($sum->rate->reason) !== '');

        return [
            "{$rule}-01" => [$sums !== [] || $one->totals->taxes === [], 'What stands in lines “'.$category->words().'” is broken down.'],
            "{$rule}-02" => match ($category) {
                TaxCategory::ReverseCharge => [$isKnown && $buyer->taxId.$buyer->registration !== '', 'Where the client owes the tax, both have an identifier for it.'],
                TaxCategory::WithinUnion => [$seller->taxId !== '' && $buyer->taxId !== '', 'Between states of the union both have an identifier for the tax.'],
                TaxCategory::OutOfScope => [$seller->taxId === '' && $buyer->taxId === '', 'Outside the scope of the tax nobody has an identifier for it.'],
                default => [$isKnown, 'The seller has an identifier for the tax.'],
            },
            "{$rule}-05" => $category === TaxCategory::Standard ? [min(array_keys($nets)) > 0, 'What is taxed has a rate above zero.'] : [max(array_keys($nets)) === 0, 'What is “'.$category->words().'” has no rate.'],
            "{$rule}-08" => [$sums === [] || self::same($broken, $nets), 'The net of every rate is the sum of its lines.'],
            "{$rule}-10" => $category->needsReason() ? [$sums === [] || count($reasons) === count($sums), 'It says why no tax is on it.'] : [$reasons === [], 'What is taxed, at nothing or more, gives no reason for being exempt.'],
            ...$category === TaxCategory::WithinUnion ? ['BR-IC-11' => [$one->deliveredOn !== '', 'Between states of the union the day of delivery is said.']] : [],
            ...$category === TaxCategory::OutOfScope ? ['BR-O-11' => [count($one->totals->taxes) <= 1, 'What is outside the scope of the tax stands alone.']] : [],
        ];
    }

    /**
     * @param  array<int, int>  $one
     * @param  array<int, int>  $other
     */
    private static function same(array $one, array $other): bool
    {
        ksort($one);
        ksort($other);

        return $one === $other;
    }
}
