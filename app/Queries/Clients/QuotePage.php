<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Client\Quote;
use App\Models\Client\QuoteState;
use App\Pages\Enquiries\QuoteProps;
use App\Planning\Clients\QuoteDates;
use App\Planning\Clients\QuoteWords;
use App\Planning\House\House;
use App\Queries\Specification\Drawings;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Instrument\Reading\SpecificationReader;

/** A quote as the client reads it, with what became of it. */
final readonly class QuotePage
{
    public function __construct(private QuoteWords $words, private QuoteDates $dates, private House $house, private Clock $clock)
    {
    }

    public function data(Quote $quote): QuoteProps
    {
        $quote->load(['enquiry.client', 'build:id,number']);
        $client = $quote->enquiry->client;
        $read = SpecificationReader::read($quote->typed, $quote->house);
        $isOpen = $quote->state === QuoteState::Open;
        $ready = $isOpen ? $this->dates->all()[$quote->id] ?? null : null;
        $today = $this->clock->today($this->house->zone());
        $isOver = $isOpen && $quote->valid_until < $today;
        $isOff = $isOver || ($ready !== null && $ready > $quote->promised_on);

        return new QuoteProps(
            id: $quote->id, version: $quote->version, name: ucfirst($quote->name()), headline: ucfirst($quote->name())." for {$client->name}", enquiry: $quote->enquiry_id, client: $client->name, address: (string) $client->address,
            what: $quote->what, state: match ($quote->state) {
                QuoteState::Open => '', QuoteState::Replaced => 'Replaced by the next edition.', QuoteState::Withdrawn => 'Withdrawn.',
                QuoteState::Accepted => "Accepted by {$quote->accepted_by}, {$quote->accepted_how}, on ".Say::dayAndYear((string) $quote->accepted_at?->toDateString()).'.',
            },
            open: $isOpen, build: $quote->build?->number, lines: $this->words->lines($quote), facts: $this->words->facts($quote), drawing: $read->specification === null ? null : Drawings::of($read), depends: QuoteWords::depends($quote),
            words: QuoteWords::html($quote),
            standing: match (true) {
                ! $isOpen => '',
                $isOver => 'It ended on '.Say::dayAndYear($quote->valid_until).'; make another edition if they still want it.',
                $isOff => 'Its date can no longer be kept: accepted today it would be ready '.Say::day((string) $ready).'. Make another edition.',
                default => ($quote->chance === null ? '' : 'When it was given its date held in '.intdiv($quote->chance, 10).' of 100 runs. ').($ready === null ? '' : 'Accepted today it would be ready '.Say::day($ready).'.'),
            },
            isOff: $isOff, today: $today,
        );
    }
}
