<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Client\Quote;
use App\Models\Client\Sketch;
use App\Pages\Enquiries\QuoteFormProps;
use App\Pages\Enquiries\QuoteLine;
use App\Planning\Clients\Reckoning;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Carbon\CarbonImmutable;

/** What a quote would say by what is worked out: price, deposit, a date that holds as often as the house wants. */
final readonly class QuoteSuggestion
{
    public function __construct(private Reckoning $reckoning, private House $house, private Clock $clock)
    {
    }

    public function data(Sketch $sketch): QuoteFormProps
    {
        $shop = $this->house->shop();
        $one = $this->reckoning->of($sketch->typed, $sketch->model_id);
        $chances = is_string($one) ? null : $this->reckoning->chances($one, $sketch->enquiry_id);
        $promised = $chances?->by($shop->promise_chance / 1_000);
        $price = is_string($one) ? null : $one->price;
        $today = $this->clock->today($this->house->zone());

        return new QuoteFormProps(
            sketch: $sketch->id, version: $sketch->version, enquiry: $sketch->enquiry_id, client: $sketch->enquiry->client->name, name: $sketch->name, currency: $shop->currency,
            said: [
                'what' => is_string($one) ? $sketch->name : mb_substr($one->draft->specification->inOneLine(), 0, 200), 'price' => $price?->plain() ?? '', 'tax' => Say::figure($shop->tax_permille / 10, 1),
                'deposit' => $price?->times($shop->deposit_permille / 1_000)->plain() ?? '', 'promised_on' => $promised === null ? '' : Minutes::toInstant($promised)->setTimezone($this->house->zone())->toDateString(),
                'valid_until' => CarbonImmutable::parse($today)->addDays($shop->quote_days)->toDateString(), 'words' => $shop->quote_words,
                'depends' => 'The specification is approved two weeks after it is accepted.',
            ],
            because: is_string($one) ? $one : implode(' ', [
                "Worked out {$one->price}".($shop->tax_permille > 0 ? ', tax included.' : '.'),
                $promised === null ? 'Nobody can say a date.' : 'The date holds in '.intdiv($shop->promise_chance, 10).' of 100 runs of the whole shop, behind everything promised and quoted.',
            ]),
            open: array_values(Quote::query()->open()->where('enquiry_id', $sketch->enquiry_id)->orderBy('number')->get()->map(fn (Quote $quote): QuoteLine => new QuoteLine(
                $quote->id, $quote->name(), $quote->what, (string) $this->house->money($quote->price_minor), '', true,
            ))->all()),
        );
    }

    /** The chance that a date holds, in thousandths; null where nobody can say. */
    public function chance(Sketch $sketch, string $day): ?int
    {
        $one = $this->reckoning->of($sketch->typed, $sketch->model_id);
        $chances = is_string($one) ? null : $this->reckoning->chances($one, $sketch->enquiry_id);

        return $chances === null ? null : (int) round(1_000 * $chances->chance(Minutes::endOfDay($day, $this->house->zone())));
    }
}
