<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Client\Quote;
use App\Pages\Horizon\HeldPlace;
use App\Planning\Clients\QuoteDates;
use App\Planning\House\House;
use App\Planning\Route\HeldPlaces;
use App\Support\Minutes;
use App\Support\Say;

/** The places that open quotes hold, where the house wants them to hold one. */
final readonly class HeldOnHorizon
{
    public function __construct(private QuoteDates $dates, private HeldPlaces $held, private House $house)
    {
    }

    /** @return list<string> the days for which they are offered */
    public function days(): array
    {
        return $this->house->shop()->quotes_hold ? array_values($this->held->quotes()->map(static fn (Quote $one): string => $one->promised_on)->all()) : [];
    }

    /** @return list<HeldPlace> in the order in which they were given */
    public function places(): array
    {
        if (! $this->house->shop()->quotes_hold) {
            return [];
        }
        $zone = $this->house->zone();
        $places = [];
        foreach ($this->dates->spans() as [$quote, $start, $finish]) {
            if ($start === null || $finish === null) {
                continue;
            }
            $quote->loadMissing('enquiry.client:id,name');
            $ready = Minutes::toInstant($finish)->setTimezone($zone)->toDateString();
            $isLate = $ready > $quote->promised_on;
            $places[] = new HeldPlace(
                $quote->id, ucfirst($quote->name()), $quote->enquiry->client->name, Placement::iso($start), Placement::iso($finish), Placement::iso(Minutes::endOfDay($quote->promised_on, $zone)), $isLate,
                'would be ready '.Say::day($ready).', offered for '.Say::day($quote->promised_on).($isLate ? ': quote another date' : ''),
            );
        }

        return $places;
    }
}
