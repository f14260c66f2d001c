<?php

declare(strict_types=1);

namespace Regimen\Stores\Buying;

/**
 * From whom everything is bought: as few days late as can be, then for the least money, each supplier's freight once. With up to MANY suppliers
 * every set of them is looked at, so that there is none better; with more the set is changed by one supplier at a time until nothing gets better.
 */
final readonly class Proposal
{
    /** Sets of so many suppliers are looked at one and all. */
    public const MANY = 10;

    /**
     * @param  array<int, Offer>  $chosen  by the number of what is wanted
     * @param  int  $late  days, summed
     * @param  int  $cost  minor units, freight included
     */
    private function __construct(public array $chosen, public int $late, public int $cost)
    {
    }

    /**
     * @param  list<Want>  $wants
     * @param  array<int, int>  $freight  minor units for a parcel, by supplier
     */
    public static function for(array $wants, array $freight): self
    {
        $suppliers = [];
        foreach ($wants as $want) {
            foreach ($want->offers as $offer) {
                $suppliers[$offer->supplier] = true;
            }
        }
        $suppliers = array_keys($suppliers);
        sort($suppliers);

        return $wants === [] ? new self([], 0, 0) : (count($suppliers) <= self::MANY ? self::ofAll($wants, $freight, $suppliers) : self::stepwise($wants, $freight, $suppliers));
    }

    /**
     * @param  non-empty-list<Want>  $wants
     * @param  array<int, int>  $freight
     * @param  list<int>  $suppliers
     */
    private static function ofAll(array $wants, array $freight, array $suppliers): self
    {
        $best = null;
        for ($set = 1; $set < 1 << count($suppliers); $set++) {
            $open = array_values(array_filter($suppliers, static fn (int $at): bool => ($set >> $at & 1) === 1, ARRAY_FILTER_USE_KEY));
            $best = self::better($best, self::with($wants, $freight, $open));
        }

        return $best ?? throw new \LogicException('Whatever is wanted is offered by somebody.');
    }

    /**
     * @param  non-empty-list<Want>  $wants
     * @param  array<int, int>  $freight
     * @param  list<int>  $suppliers
     */
    private static function stepwise(array $wants, array $freight, array $suppliers): self
    {
        $open = array_fill_keys($suppliers, true);
        $best = self::with($wants, $freight, $suppliers) ?? throw new \LogicException('Whatever is wanted is offered by somebody.');
        do {
            $before = $best;
            foreach ($suppliers as $one) {
                $tried = $open;
                $tried[$one] = ! $open[$one];
                $with = self::better($best, self::with($wants, $freight, array_keys(array_filter($tried))));
                if ($with !== $best && $with !== null) {
                    [$best, $open] = [$with, $tried];
                }
            }
        } while ($best !== $before);

        return $best;
    }

    /** What is there stays where the other is not better. */
    private static function better(?self $one, ?self $other): ?self
    {
        return $one === null || ($other !== null && [$other->late, $other->cost] < [$one->late, $one->cost]) ? $other : $one;
    }

    /**
     * @param  non-empty-list<Want>  $wants
     * @param  array<int, int>  $freight
     * @param  list<int>  $open
     * @return self|null null where something is sold by none of them
     */
    private static function with(array $wants, array $freight, array $open): ?self
    {
        $chosen = [];
        $late = $cost = 0;
        foreach ($wants as $want) {
            $best = null;
            foreach ($want->offers as $offer) {
                if (in_array($offer->supplier, $open, true) && ($best === null || [$want->late($offer), $offer->cost, $offer->days] < [$want->late($best), $best->cost, $best->days])) {
                    $best = $offer;
                }
            }
            if ($best === null) {
                return null;
            }
            $chosen[$want->number] = $best;
            $late += $want->late($best);
            $cost += $best->cost;
        }
        foreach (array_unique(array_map(static fn (Offer $one): int => $one->supplier, $chosen)) as $supplier) {
            $cost += $freight[$supplier] ?? 0;
        }

        return new self($chosen, $late, $cost);
    }
}
