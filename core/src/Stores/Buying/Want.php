<?php

declare(strict_types=1);

namespace Regimen\Stores\Buying;

/** Something that has to be there in so many days. */
final readonly class Want
{
    /**
     * @param  int|null  $within  days from today; null: whenever
     * @param  non-empty-list<Offer>  $offers
     */
    public function __construct(public int $number, public ?int $within, public array $offers)
    {
    }

    /** Days by which it is late if it is ordered there today. */
    public function late(Offer $offer): int
    {
        return $this->within === null ? 0 : max(0, $offer->days - $this->within);
    }

    /** The last day to order it there, from today on; 0: today. Negative: it is late already. */
    public function lastDay(Offer $offer): ?int
    {
        return $this->within === null ? null : $this->within - $offer->days;
    }
}
