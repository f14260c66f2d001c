<?php

declare(strict_types=1);

namespace Regimen\Tests\Invoicing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Invoicing\OpenItem;
use Regimen\Invoicing\PaymentMatch;
use Regimen\Invoicing\PaymentPart;
use Regimen\Invoicing\PaymentPlan;
use Regimen\Invoicing\Refund;
use Regimen\Invoicing\RefundRule;
use Regimen\Units\Money;

final class PaymentsTest extends TestCase
{
    public function test_the_parts_stand_in_the_order_of_the_work_and_are_the_price(): void
    {
        $plan = PaymentPlan::of(400, [['assembly', 200], ['body', 200]]);
        self::assertSame(['deposit', 'stage payment, body done', 'stage payment, assembly done', 'balance'], array_map(static fn (PaymentPart $part): string => $part->words(), $plan->parts));
        // M1, by hand: 100.01 in 40, 20, 20 and 20 %: 4000.4 and three times 2000.2; the one unit that is left goes where most is cut off.
        self::assertSame([4_001, 2_000, 2_000, 2_000], self::minor($plan->split(self::euros(10_001))));
        self::assertSame([5_000, 2_000, 2_000, 1_001], self::minor($plan->split(self::euros(10_001), self::euros(5_000))));
        self::assertSame([9_500, 167, 167, 167], self::minor($plan->split(self::euros(10_001), self::euros(9_500))), 'little is left for the stages');
        self::assertSame([10_001], self::minor(PaymentPlan::of(0, [])->split(self::euros(10_001), self::euros(5_000))));
        self::assertSame(['deposit'], array_map(static fn (PaymentPart $part): string => $part->words(), PaymentPlan::of(1_000, [])->parts));
    }

    public function test_money_is_split_as_the_published_example_of_the_largest_remainder_splits_seats(): void
    {
        // The much printed example of the method with the Hare quota (memory): 100,000 votes, 10 seats.
        self::assertSame([5, 2, 1, 1, 1, 0], self::minor(self::euros(10)->split([47_000, 16_000, 15_800, 12_000, 6_100, 3_100])));
    }

    /** @return iterable<string, array{int, list<array{string, int}>, string}> */
    public static function wrong(): iterable
    {
        yield 'more than the price' => [600, [['body', 500]], 'Deposit and stage payments are 110 % of the price'];
        yield 'no stage' => [0, [['polishing', 100]], '“polishing” is no stage of the work.'];
        yield 'twice' => [0, [['body', 100], ['body', 100]], '“body” stands there twice.'];
        yield 'nothing' => [0, [['body', 0]], 'more than nothing'];
    }

    /** @param  list<array{string, int}>  $stages */
    #[DataProvider('wrong')]
    public function test_a_plan_that_is_none_says_why(int $deposit, array $stages, string $says): void
    {
        $this->expectExceptionMessage($says);
        PaymentPlan::of($deposit, $stages);
    }

    /** @return iterable<string, array{int, string, int|null, bool, string}> */
    public static function came(): iterable
    {
        yield 'named and whole' => [48_000, 'Quayle, Abel, invoice 2026-0007', 7, true, 'names 2026-0007 and pays what is left of it'];
        yield 'written together' => [48_000, 'RE20260007', null, false, 'is as much as is left of several invoices'];
        yield 'with another hyphen' => [48_000, 'Invoice 2026 0007 thank you', 7, true, 'names 2026-0007'];
        yield 'in part' => [10_000, '2026-0007', 7, false, 'is less than the 480.00 EUR'];
        yield 'too much' => [50_000, '2026-0007', 7, false, 'is more than the 480.00 EUR'];
        yield 'by name and amount' => [48_000, 'LUCIA MARCHETTO', 9, false, 'is from Lucia Marchetto and as much as is left of 2026-0009'];
        yield 'by amount alone' => [12_345, 'somebody', 11, false, 'names neither it nor Søren Ærø'];
        yield 'letters with marks' => [12_345, 'Soren Aero', 11, false, 'is from Søren Ærø'];
        yield 'both named' => [96_000, '2026-0007 and 2026-0009', null, false, 'names several invoices'];
        yield 'a number within a longer one' => [777, '12026-00071', null, false, 'fits no open invoice'];
    }

    #[DataProvider('came')]
    public function test_money_that_came_finds_its_invoice(int $minor, string $said, ?int $id, bool $isCertain, string $because): void
    {
        $match = PaymentMatch::find(self::euros($minor), $said, [
            new OpenItem(7, '2026-0007', 'Abel Quayle', 35, self::euros(48_000)), new OpenItem(9, '2026-0009', 'Lucia Marchetto', 34, self::euros(48_000)), new OpenItem(11, '2026-0011', 'Søren Ærø', 31, self::euros(12_345)),
        ]);
        self::assertSame([$id, $isCertain], [$match->item?->id, $match->isCertain], $match->because);
        self::assertStringContainsString($because, $match->because);
    }

    public function test_what_is_kept_on_cancelling_is_the_houses_rule_and_never_more_than_was_agreed(): void
    {
        $of = static fn (RefundRule $rule, int $done, int $paid, int $price = 500_000): array => [
            ($refund = Refund::of($rule, self::euros($done), self::euros(20_000), self::euros(150_000), self::euros($paid), self::euros($price)))->kept->minor, $refund->back()->minor, $refund->owed()->minor,
        ];
        self::assertSame([100_000, 50_000, 0], $of(RefundRule::Work, 80_000, 150_000));
        self::assertSame([150_000, 0, 0], $of(RefundRule::Deposit, 80_000, 150_000));
        self::assertSame([220_000, 0, 70_000], $of(RefundRule::Either, 200_000, 150_000));
        self::assertSame([150_000, 100_000, 0], $of(RefundRule::Either, 1_000, 250_000));
        self::assertSame([90_000, 60_000, 0], $of(RefundRule::Work, 200_000, 150_000, 90_000));
    }

    private static function euros(int $minor): Money
    {
        return Money::ofMinor($minor, 'EUR');
    }

    /**
     * @param  list<Money>  $all
     * @return list<int>
     */
    private static function minor(array $all): array
    {
        return array_map(static fn (Money $one): int => $one->minor, $all);
    }
}
