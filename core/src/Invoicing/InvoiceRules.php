<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Countries;
use Regimen\Units\Money;

/**
 * The rules of EN 16931-1:2017 that concern what an invoice of a workshop has, by their names there (chapter 6.4; the names and what they
 * say written down from memory).
 */
final class InvoiceRules
{
    /** Units of UN/ECE recommendation 20 that are used here. */
    private const UNITS = ['C62', 'HUR', 'MTR', 'KGM'];

    /** @return list<BrokenRule> none where it is as the standard wants it */
    public static function broken(Invoice $one): array
    {
        $broken = [];
        foreach ([self::head($one), self::parties($one), self::lines($one), self::sums($one), TaxRules::of($one)] as $rules) {
            foreach ($rules as $rule => [$holds, $sentence]) {
                $holds || $broken[] = new BrokenRule((string) $rule, $sentence);
            }
        }

        return $broken;
    }

    /** @return array<string, array{bool, string}> */
    private static function head(Invoice $one): array
    {
        return [
            'BR-02' => [$one->number !== '', 'An invoice has a number.'],
            'BR-03' => [$one->issuedOn !== '', 'An invoice has a day on which it was issued.'],
            'BR-CL-04' => [Money::isCurrency($one->currency), 'The currency is one of ISO 4217.'],
            'BR-16' => [$one->lines !== [], 'An invoice has at least one line.'],
            'BR-55' => [$one->takesBack !== '', 'What is taken back is named by its number.'],
            'BR-CO-25' => [$one->totals->due->minor <= 0 || $one->dueOn !== '' || $one->terms !== '', 'What is to be paid has a day by which, or terms.'],
            'BR-DEC-18' => [self::digits($one->currency) <= 2, 'Amounts have two decimals at the most; '.$one->currency.' has '.self::digits($one->currency).'.'],
        ];
    }

    /** @return array<string, array{bool, string}> */
    private static function parties(Invoice $one): array
    {
        $isKnown = static fn (Party $party): bool => $party->country === '' || Countries::name($party->country) !== null;

        return [
            'BR-06' => [$one->seller->name !== '', 'The seller has a name.'],
            'BR-07' => [$one->buyer->name !== '', 'The buyer has a name.'],
            'BR-08' => [$one->seller->hasAddress(), 'The seller has an address.'],
            'BR-09' => [! $one->seller->hasAddress() || $one->seller->country !== '', 'The seller’s address has a country.'],
            'BR-10' => [$one->buyer->hasAddress(), 'The buyer has an address.'],
            'BR-11' => [! $one->buyer->hasAddress() || $one->buyer->country !== '', 'The buyer’s address has a country.'],
            'BR-CL-14' => [$isKnown($one->seller) && $isKnown($one->buyer), 'A country is one of ISO 3166-1.'],
            'BR-CO-09' => [self::begins($one->seller->taxId) && self::begins($one->buyer->taxId), 'An identifier for the tax begins with the code of its country.'],
            'BR-CO-26' => [$one->seller->registration.$one->seller->taxId !== '', 'The seller is known by a number of registration or an identifier for the tax.'],
        ];
    }

    /** Greece is the one country that goes by another code there. */
    private static function begins(string $taxId): bool
    {
        return $taxId === '' || str_starts_with($taxId, 'EL') || Countries::name(substr($taxId, 0, 2)) !== null;
    }

    /** @return array<string, array{bool, string}> */
    private static function lines(Invoice $one): array
    {
        $all = static fn (\Closure $holds): bool => array_filter($one->lines, static fn (Line $line): bool => ! $holds($line)) === [];

        return [
            'BR-25' => [$all(static fn (Line $line): bool => trim($line->text) !== ''), 'Every line says what it is.'],
            'BR-27' => [$all(static fn (Line $line): bool => $line->price->minor >= 0), 'No price of one is below zero.'],
            'BR-CL-23' => [$all(static fn (Line $line): bool => in_array($line->unit, self::UNITS, true)), 'Every line has a unit of UN/ECE recommendation 20.'],
            'BR-CO-04' => [$all(static fn (Line $line): bool => $line->tax !== null), 'Every line has a category of tax.'],
            'PEPPOL-EN16931-R120' => [$all(static fn (Line $line): bool => $line->net->minor === $line->price->times($line->quantity)->minor), 'A line comes to its quantity times its price.'],
        ];
    }

    /** @return array<string, array{bool, string}> */
    private static function sums(Invoice $one): array
    {
        $sum = static fn (array $of): int => array_sum(array_map(static fn (Money $money): int => $money->minor, $of));
        $totals = $one->totals;

        return [
            'BR-CO-10' => [$totals->lines->minor === $sum(array_map(static fn (Line $line): Money => $line->net, $one->lines)), 'The sum of the lines is theirs.'],
            'BR-CO-13' => [$totals->net->minor === $totals->lines->minor, 'The total without tax is the sum of the lines.'],
            'BR-CO-14' => [$totals->tax->minor === $sum(array_map(static fn (TaxSum $tax): Money => $tax->tax, $totals->taxes)), 'The tax is the sum of the taxes of all rates.'],
            'BR-CO-15' => [$totals->gross->minor === $totals->net->minor + $totals->tax->minor, 'The total with tax is the net and the tax.'],
            'BR-CO-16' => [$totals->due->minor === $totals->gross->minor + $totals->rounding->minor, 'What is to be paid is the total and the rounding.'],
            'BR-CO-18' => [$totals->taxes !== [] || $one->lines === [] || array_filter($one->lines, static fn (Line $line): bool => $line->tax !== null) === [], 'At least one rate of tax is broken down.'],
        ];
    }

    private static function digits(string $currency): int
    {
        return Money::isCurrency($currency) ? Money::digitsOf($currency) : 2;
    }
}
