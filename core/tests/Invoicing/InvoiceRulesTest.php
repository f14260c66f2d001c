<?php

declare(strict_types=1);

namespace Regimen\Tests\Invoicing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Invoicing\BrokenRule;
use Regimen\Invoicing\Invoice;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\InvoiceRules;
use Regimen\Invoicing\Line;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Invoicing\TaxSum;
use Regimen\Invoicing\Totals;
use Regimen\Units\Money;

final class InvoiceRulesTest extends TestCase
{
    /** @return iterable<string, array{string, Invoice}> each rule, and an invoice that breaks it alone */
    public static function broken(): iterable
    {
        $euros = static fn (int $minor): Money => Money::ofMinor($minor, 'EUR');
        $rate = new TaxRate(TaxCategory::Standard, 190);
        $whole = Invoices::with();
        $line = static fn (string $text = 'Guitar', float $quantity = 1, string $unit = 'C62', int $price = 1_000, int $net = 1_000, bool $taxed = true): Line => new Line($text, $quantity, $unit, $euros($price), $euros($net), $taxed ? $rate : null);
        $lines = static fn (Line ...$lines): Invoice => Invoices::with(['lines' => array_values($lines)]);
        $totals = static function (int $lines = 0, int $net = 0, int $tax = 0, int $gross = 0, int $due = 0) use ($whole, $euros): Invoice {
            $one = $whole->totals;

            return Invoices::with(['totals' => new Totals($one->taxes, $one->lines->plus($euros($lines)), $one->net->plus($euros($net)), $one->tax->plus($euros($tax)), $one->gross->plus($euros($gross)), $one->rounding, $one->due->plus($euros($due)))]);
        };
        yield from [
            'number' => ['BR-02', Invoices::with(['number' => ''])],
            'day' => ['BR-03', Invoices::with(['issuedOn' => ''])],
            'currency' => ['BR-CL-04', Invoices::with(['currency' => 'ABC'])],
            'no lines' => ['BR-16', Invoices::with(['lines' => []])],
            'takes back nothing' => ['BR-55', Invoices::with(['takesBack' => ''])],
            'no day to pay by' => ['BR-CO-25', Invoices::with(['dueOn' => ''])],
            'three decimals' => ['BR-DEC-18', Invoices::with(['currency' => 'KWD'])],
            'seller without a name' => ['BR-06', Invoices::with(['seller' => Invoices::seller(['name' => ''])])],
            'buyer without a name' => ['BR-07', Invoices::with(['buyer' => Invoices::buyer(['name' => ''])])],
            'seller without an address' => ['BR-08', Invoices::with(['seller' => Invoices::seller(['street' => '', 'postcode' => '', 'town' => '', 'country' => ''])])],
            'seller without a country' => ['BR-09', Invoices::with(['seller' => Invoices::seller(['country' => ''])])],
            'buyer without an address' => ['BR-10', Invoices::with(['buyer' => Invoices::buyer(['street' => '', 'postcode' => '', 'town' => '', 'country' => ''])])],
            'buyer without a country' => ['BR-11', Invoices::with(['buyer' => Invoices::buyer(['country' => ''])])],
            'a country of nobody' => ['BR-CL-14', Invoices::with(['buyer' => Invoices::buyer(['country' => 'QQ'])])],
            'an identifier of no country' => ['BR-CO-09', Invoices::with(['seller' => Invoices::seller(['taxId' => '123456788'])])],
            'a seller whom nobody knows' => ['BR-CO-26', Invoices::with(['seller' => Invoices::seller(['taxId' => '', 'localTaxId' => '12/345/67890'])])],
            'a line of nothing' => ['BR-25', $lines($line(' '))],
            'a price below nothing' => ['BR-27', $lines($line(price: -1_000, net: -1_000))],
            'an unknown unit' => ['BR-CL-23', $lines($line(unit: 'XYZ'))],
            'a line without tax' => ['BR-CO-04', $lines($line(), $line('Case', net: 0, price: 0, taxed: false))],
            'a line that is more than its price' => ['PEPPOL-EN16931-R120', $lines($line(net: 1_001))],
            'lines that sum to more' => ['BR-CO-13', $totals(net: 1, gross: 1, due: 1)],
            'more tax than there is' => ['BR-CO-14', $totals(tax: 1, gross: 1, due: 1)],
            'a total of its own' => ['BR-CO-15', $totals(gross: 1, due: 1)],
            'due of its own' => ['BR-CO-16', $totals(due: 1)],
            'nothing broken down' => ['BR-CO-18', Invoices::with(['totals' => new Totals([], $euros(279_999), $euros(279_999), $euros(0), $euros(279_999), $euros(0), $euros(279_999))])],
            'a sum of other lines' => ['BR-CO-10', Invoices::with(['totals' => new Totals($whole->totals->taxes, $euros(1), $euros(1), $whole->totals->tax, $euros(1)->plus($whole->totals->tax), $euros(0), $euros(1)->plus($whole->totals->tax))])],
            'a tax of its own' => ['BR-CO-17', self::taxed($rate, tax: 1)],
            'a net of its own' => ['BR-S-08', self::taxed($rate, net: 2)],
            'a seller without any identifier' => ['BR-S-02', Invoices::with(['seller' => Invoices::seller(['taxId' => '', 'registration' => 'HRB 12345'])])],
            'taxed at nothing' => ['BR-S-05', Invoices::with([], new TaxRate(TaxCategory::Standard, 0))],
            'taxed and exempt' => ['BR-S-10', Invoices::with([], new TaxRate(TaxCategory::Standard, 190, 'because'))],
            'not broken down' => ['BR-S-01', Invoices::with(['totals' => Totals::of([Line::one('All', $euros(279_999), new TaxRate(TaxCategory::Zero, 0))], 'EUR')])],
            'zero with a rate' => ['BR-Z-05', Invoices::with([], new TaxRate(TaxCategory::Zero, 70))],
            'exempt without a reason' => ['BR-E-10', Invoices::with([], new TaxRate(TaxCategory::Exempt, 0))],
            'exempt with a rate' => ['BR-E-05', Invoices::with([], new TaxRate(TaxCategory::Exempt, 70, 'small business'))],
            'owed by a client nobody knows' => ['BR-AE-02', Invoices::with([], new TaxRate(TaxCategory::ReverseCharge, 0, 'reverse charge'))],
            'within the union to a person' => ['BR-IC-02', Invoices::with(['deliveredOn' => '2026-11-28'], new TaxRate(TaxCategory::WithinUnion, 0, 'within the union'))],
            'within the union without a day' => ['BR-IC-11', Invoices::with(['buyer' => Invoices::buyer(['taxId' => 'FR40303265045', 'country' => 'FR'])], new TaxRate(TaxCategory::WithinUnion, 0, 'within the union'))],
            'exported without a reason' => ['BR-G-10', Invoices::with([], new TaxRate(TaxCategory::Export, 0))],
            'out of scope with an identifier' => ['BR-O-02', Invoices::with([], new TaxRate(TaxCategory::OutOfScope, 0, 'no tax here'))],
            'out of scope beside others' => ['BR-O-11', self::besideOthers()],
        ];
    }

    /** @return iterable<string, array{string, Invoice}> the rules that every category of tax has, each broken alone */
    public static function brokenByCategory(): iterable
    {
        $nobody = ['seller' => Invoices::seller(['taxId' => '', 'registration' => 'HRB 12345'])];
        $known = ['buyer' => Invoices::buyer(['taxId' => 'FR40303265045', 'country' => 'FR'])];
        foreach (TaxCategory::cases() as $category) {
            $with = match ($category) {
                TaxCategory::ReverseCharge => $known, TaxCategory::WithinUnion => [...$known, 'deliveredOn' => '2026-11-28'], TaxCategory::OutOfScope => $nobody, default => [],
            };
            $permille = $category === TaxCategory::Standard ? 190 : 0;
            $reason = $category->needsReason() ? 'as the law has it' : '';
            $rate = new TaxRate($category, $permille, $reason);
            $one = Invoices::with($with, $rate)->totals;
            $other = new TaxRate($category === TaxCategory::Zero ? TaxCategory::Exempt : TaxCategory::Zero, 0, $category === TaxCategory::Zero ? 'exempt' : '');
            yield from [
                "{$category->value} 01" => ["BR-{$category->rule()}-01", Invoices::with([...$with, 'totals' => Totals::of([Line::one('All', $one->net, $other)], 'EUR')], $rate)],
                "{$category->value} 02" => ["BR-{$category->rule()}-02", Invoices::with([...$with, ...$category === TaxCategory::OutOfScope ? ['seller' => Invoices::seller()] : $nobody], $rate)],
                "{$category->value} 05" => ["BR-{$category->rule()}-05", Invoices::with($with, new TaxRate($category, $permille === 0 ? 70 : 0, $reason))],
                "{$category->value} 08" => ["BR-{$category->rule()}-08", Invoices::with([...$with, 'totals' => new Totals([new TaxSum($rate, $one->net->plus(Money::ofMinor(2, 'EUR')), $one->tax)], $one->lines, $one->net, $one->tax, $one->gross, $one->rounding, $one->due)], $rate)],
                "{$category->value} 10" => ["BR-{$category->rule()}-10", Invoices::with($with, new TaxRate($category, $permille, $reason === '' ? 'because' : ''))],
            ];
        }
    }

    #[DataProvider('broken')]
    #[DataProvider('brokenByCategory')]
    public function test_each_rule_is_broken_alone(string $rule, Invoice $invoice): void
    {
        self::assertSame([$rule], array_map(static fn (BrokenRule $one): string => $one->rule, InvoiceRules::broken($invoice)));
    }

    public function test_what_is_as_it_should_be_breaks_none(): void
    {
        $reason = 'as the law has it';
        $known = Invoices::buyer(['taxId' => 'FR40303265045', 'country' => 'FR']);
        foreach ([
            Invoices::with(), Invoices::with([], new TaxRate(TaxCategory::Zero, 0)), Invoices::with([], new TaxRate(TaxCategory::Exempt, 0, $reason)), Invoices::with([], new TaxRate(TaxCategory::Export, 0, $reason)),
            Invoices::with(['buyer' => $known], new TaxRate(TaxCategory::ReverseCharge, 0, $reason)), Invoices::with(['buyer' => $known, 'deliveredOn' => '2026-11-28'], new TaxRate(TaxCategory::WithinUnion, 0, $reason)),
            Invoices::with(['seller' => Invoices::seller(['taxId' => '', 'registration' => 'HRB 12345'])], new TaxRate(TaxCategory::OutOfScope, 0, $reason)),
            Invoices::with(['kind' => InvoiceKind::CreditNote, 'dueOn' => '', 'terms' => 'paid back', 'takesBack' => '2026-0006']),
        ] as $invoice) {
            self::assertSame([], InvoiceRules::broken($invoice));
        }
    }

    public function test_the_sums_are_those_of_the_example_that_comes_with_the_syntax(): void
    {
        // OASIS UBL 2.1, UBL-Invoice-2.1-Example.xml (memory): 1460.50 at 20 %, 1.00 at 10 %, 25.00 taken off untaxed; its
        // allowance and its charge of 100 each cancel out. Tax 292.20, with tax 1728.70, rounded to 1729.00.
        $euros = static fn (int $minor): Money => Money::ofMinor($minor, 'EUR');
        $totals = Totals::of([
            Line::one('at 20', $euros(146_050), new TaxRate(TaxCategory::Standard, 200)), Line::one('at 10', $euros(100), new TaxRate(TaxCategory::Standard, 100)), Line::one('untaxed', $euros(-2_500), new TaxRate(TaxCategory::Exempt, 0, 'exempt')),
        ], 'EUR', $euros(172_900));
        self::assertSame([143_650, 29_220, 172_870, 30, 172_900], [$totals->net->minor, $totals->tax->minor, $totals->gross->minor, $totals->rounding->minor, $totals->due->minor]);
        self::assertSame([29_210, 10, 0], array_map(static fn (TaxSum $sum): int => $sum->tax->minor, $totals->taxes));
    }

    /** By two ways: the sums of the parts, and the whole at once. */
    public function test_what_is_taken_in_parts_sums_to_the_whole(): void
    {
        mt_srand(24);
        for ($round = 0; $round < 300; $round++) {
            $rate = new TaxRate(TaxCategory::Standard, [190, 70, 77, 200, 255][mt_rand(0, 4)]);
            $price = Money::ofMinor(mt_rand(1, 2_000_000), 'EUR');
            $due = 0;
            foreach ($price->split([300, 300, 400]) as $part) {
                $totals = Totals::of([Line::one('part', $rate->within($part), $rate)], 'EUR', $part);
                self::assertLessThanOrEqual(1, abs($totals->rounding->minor), 'at most the last unit is rounded');
                self::assertSame($totals->due->minor, $totals->net->minor + $totals->tax->minor + $totals->rounding->minor);
                $due += $totals->due->minor;
            }
            self::assertSame($price->minor, $due);
        }
    }

    private static function taxed(TaxRate $rate, int $net = 0, int $tax = 0): Invoice
    {
        $one = Invoices::with()->totals;
        $sum = new TaxSum($rate, $one->net->plus(Money::ofMinor($net, 'EUR')), $one->tax->plus(Money::ofMinor($tax, 'EUR')));

        return Invoices::with(['totals' => new Totals([$sum], $one->lines, $one->net, $sum->tax, $one->net->plus($sum->tax), $one->rounding, $one->net->plus($sum->tax))]);
    }

    private static function besideOthers(): Invoice
    {
        $lines = [Line::one('One', Money::ofMinor(1_000, 'EUR'), new TaxRate(TaxCategory::OutOfScope, 0, 'no tax here')), Line::one('Other', Money::ofMinor(1_000, 'EUR'), new TaxRate(TaxCategory::OutOfScope, 0, 'no tax here'))];
        $totals = Totals::of($lines, 'EUR');
        $half = new TaxSum($totals->taxes[0]->rate, Money::ofMinor(1_000, 'EUR'), Money::zero('EUR'));

        return Invoices::with(['lines' => $lines, 'seller' => Invoices::seller(['taxId' => '', 'registration' => 'HRB 12345']), 'totals' => new Totals([$half, new TaxSum($half->rate, $half->net, $half->tax)], $totals->lines, $totals->net, $totals->tax, $totals->gross, $totals->rounding, $totals->due)]);
    }
}
