<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores\Buying;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Stores\Buying\Offer;
use Regimen\Stores\Buying\Proposal;
use Regimen\Stores\Buying\Want;

final class ProposalTest extends TestCase
{
    /** Source: every assignment of every part to every supplier, tried one by one. */
    public function test_on_small_cases_no_other_purchase_is_less_late_or_as_late_and_cheaper(): void
    {
        $draw = new Randomizer(new Mt19937(20_261_127));
        for ($case = 0; $case < (getenv('REGIMEN_LONG') === '1' ? 2_000 : 200); $case++) {
            [$wants, $freight] = self::draw($draw, 5, 4);
            $proposal = Proposal::for($wants, $freight);
            self::assertSame(self::exhaustive($wants, $freight), [$proposal->late, $proposal->cost], "case {$case}");
            self::assertSame([$proposal->late, $proposal->cost], self::judged($wants, $proposal->chosen, $freight), 'it says what it costs');
        }
    }

    /** With many suppliers it is searched; it is never worse than everything where it is cheapest, nor than all at one supplier. */
    public function test_with_many_suppliers_it_is_as_good_as_what_is_easily_found(): void
    {
        $draw = new Randomizer(new Mt19937(7));
        for ($case = 0; $case < 20; $case++) {
            [$wants, $freight] = self::draw($draw, 30, Proposal::MANY + 4);
            $proposal = Proposal::for($wants, $freight);
            $cheapest = [];
            foreach ($wants as $want) {
                $offers = $want->offers;
                usort($offers, static fn (Offer $a, Offer $b): int => [$want->late($a), $a->cost] <=> [$want->late($b), $b->cost]);
                $cheapest[$want->number] = $offers[0];
            }
            self::assertLessThanOrEqual(self::judged($wants, $cheapest, $freight), [$proposal->late, $proposal->cost]);
            self::assertSame([$proposal->late, $proposal->cost], self::judged($wants, $proposal->chosen, $freight));
        }
    }

    public function test_a_dearer_supplier_is_taken_where_the_cheap_one_is_too_slow(): void
    {
        $cheap = new Offer(1, 900, 30);
        $quick = new Offer(2, 1_200, 5);
        self::assertSame([1 => $quick], Proposal::for([new Want(1, 10, [$cheap, $quick])], [])->chosen);
        self::assertSame([1 => $cheap], Proposal::for([new Want(1, null, [$cheap, $quick])], [])->chosen);
        self::assertSame([1 => $cheap], Proposal::for([new Want(1, 30, [$cheap, $quick])], [])->chosen);
        self::assertSame([-20, 5], [(new Want(1, 10, [$cheap]))->lastDay($cheap), (new Want(1, 10, [$quick]))->lastDay($quick)]);
    }

    public function test_one_parcel_is_cheaper_than_two(): void
    {
        $wants = [new Want(1, null, [new Offer(1, 1_000, 5), new Offer(2, 1_100, 5)]), new Want(2, null, [new Offer(2, 500, 5)])];
        self::assertSame([2, 2], array_map(static fn (Offer $one): int => $one->supplier, array_values(Proposal::for($wants, [1 => 690, 2 => 690])->chosen)));
        self::assertSame(2_290, Proposal::for($wants, [1 => 690, 2 => 690])->cost);
    }

    /** @return array{list<Want>, array<int, int>} */
    private static function draw(Randomizer $draw, int $most, int $suppliers): array
    {
        $wants = $freight = [];
        for ($supplier = 1; $supplier <= $suppliers; $supplier++) {
            $freight[$supplier] = $draw->getInt(0, 1_500);
        }
        for ($number = 1; $number <= $draw->getInt(1, $most); $number++) {
            $offers = [];
            for ($supplier = 1; $supplier <= $suppliers; $supplier++) {
                if ($draw->getInt(0, 2) > 0) {
                    $offers[] = new Offer($supplier, $draw->getInt(500, 3_000), $draw->getInt(1, 40));
                }
            }
            $wants[] = new Want($number, $draw->getInt(0, 3) === 0 ? null : $draw->getInt(0, 40), $offers === [] ? [new Offer(1, 1_000, 9)] : $offers);
        }

        return [$wants, $freight];
    }

    /**
     * @param  list<Want>  $wants
     * @param  array<int, int>  $freight
     * @param  array<int, Offer>  $chosen
     * @return array{int, int}
     */
    private static function exhaustive(array $wants, array $freight, array $chosen = []): array
    {
        $want = $wants[count($chosen)] ?? null;
        if ($want === null) {
            return self::judged($wants, $chosen, $freight);
        }

        return min(array_map(static fn (Offer $offer): array => self::exhaustive($wants, $freight, $chosen + [$want->number => $offer]), $want->offers));
    }

    /**
     * @param  list<Want>  $wants
     * @param  array<int, Offer>  $chosen
     * @param  array<int, int>  $freight
     * @return array{int, int} days late, cost
     */
    private static function judged(array $wants, array $chosen, array $freight): array
    {
        $late = $cost = 0;
        $parcels = [];
        foreach ($wants as $want) {
            $offer = $chosen[$want->number];
            $late += $want->within === null ? 0 : max(0, $offer->days - $want->within);
            $cost += $offer->cost;
            $parcels[$offer->supplier] = $freight[$offer->supplier];
        }

        return [$late, $cost + array_sum($parcels)];
    }
}
