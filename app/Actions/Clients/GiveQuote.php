<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Commission\Commission;
use App\Actions\Commission\TakeCommission;
use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\Purpose;
use App\Models\Client\Enquiry;
use App\Models\Client\Quote;
use App\Models\Client\QuoteState;
use App\Models\Client\Sketch;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Specification\Revisions;
use App\Support\ClientNames;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;

/** A price and a date in writing: given, replaced by another edition, withdrawn, accepted. Nothing of it is sent by itself. */
final readonly class GiveQuote
{
    public function __construct(private Recording $recording, private Revisions $revisions, private TakeCommission $take, private House $house, private Clock $clock)
    {
    }

    /**
     * @param  int|null  $chance  that its date holds, in thousandths
     * @param  Quote|null  $replaces  an open one, of which this is the next edition
     */
    public function give(Person $by, Sketch $sketch, int $version, Offer $offer, ?int $chance, ?Quote $replaces): Quote
    {
        return $this->recording->keep(function () use ($by, $sketch, $version, $offer, $chance, $replaces): Quote {
            KeepEnquiry::mustBeOpen($sketch->enquiry);
            Refused::ifStale($sketch->version, $version, "The sketch “{$sketch->name}”");
            if ($replaces !== null) {
                $this->mustBeOpen($replaces);
                Refused::ifThere($replaces->enquiry_id !== $sketch->enquiry_id, ucfirst($replaces->name()).' is of another enquiry.', 'replaces');
                $replaces->update(['state' => QuoteState::Replaced, 'version' => $replaces->version + 1]);
            }
            $quote = Quote::query()->create([
                'number' => $replaces->number ?? (int) Quote::query()->max('number') + 1, 'edition' => ($replaces->edition ?? 0) + 1, 'enquiry_id' => $sketch->enquiry_id, 'person_id' => $by->id, 'at' => $this->clock->now(),
                'state' => QuoteState::Open, 'what' => $offer->what, 'model_id' => $sketch->model_id, 'typed' => $sketch->typed, 'house' => $this->revisions->house($sketch->typed, $sketch->model_id),
                'price_minor' => $offer->price->minor, 'tax_permille' => $offer->tax, 'deposit_minor' => $offer->deposit->minor, 'promised_on' => $offer->promisedOn, 'chance' => $chance,
                'valid_until' => $offer->validUntil, 'words' => $offer->words, 'depends' => $offer->depends,
            ])->refresh();
            $this->recording->log(null, $by, 'client', ucfirst($quote->name())." for {$sketch->enquiry->client->name}: {$offer->what}, {$offer->price}, for ".Say::dayAndYear($offer->promisedOn).', valid until '.Say::dayAndYear($offer->validUntil).'.');

            return $quote;
        });
    }

    public function withdraw(Person $by, Quote $quote, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $quote, $version, $because): void {
            $this->mustBeOpen($quote);
            Refused::ifStale($quote->version, $version, ucfirst($quote->name()));
            $quote->update(['state' => QuoteState::Withdrawn, 'version' => $quote->version + 1]);
            $this->recording->log(null, $by, 'client', ucfirst($quote->name())." is withdrawn: {$because}.");
        });
    }

    /**
     * It becomes the commission with exactly its specification, price and promise.
     *
     * @param  string  $on  the day on which it was accepted
     */
    public function accept(Person $by, Quote $quote, int $version, string $accepted, string $how, string $on): Build
    {
        return $this->recording->keep(function () use ($by, $quote, $version, $accepted, $how, $on): Build {
            $this->mustBeOpen($quote);
            Refused::ifStale($quote->version, $version, ucfirst($quote->name()));
            if ($on > $quote->valid_until) {
                throw Refused::because(ucfirst($quote->name()).' ended on '.Say::dayAndYear($quote->valid_until).'. Its price and date were worked out for then: make another edition of it.', 'on');
            }
            if ($on < $quote->at->setTimezone($this->house->zone())->toDateString()) {
                throw Refused::because(ucfirst($quote->name()).' was given on '.Say::dayAndYear($quote->at->setTimezone($this->house->zone())->toDateString()).'; it cannot have been accepted before.', 'on');
            }
            $enquiry = Enquiry::query()->with('client')->findOrFail($quote->enquiry_id);
            $client = $enquiry->client;
            KeepClient::mustBeKnown($client);
            if ($quote->promised_on < $this->clock->today($this->house->zone())) {
                throw Refused::because('It promises '.Say::dayAndYear($quote->promised_on).', which is over. Make another edition of it.', 'on');
            }
            $build = ($this->take)($by, new Commission(
                Purpose::Commission, ClientNames::surname($client->name), $client->name, '', $quote->typed, $this->house->money($quote->price_minor), $this->house->money($quote->deposit_minor),
                $quote->promised_on, $quote->model_id, house: $quote->house,
            ));
            $quote->update([
                'state' => QuoteState::Accepted, 'accepted_by' => $accepted, 'accepted_how' => $how, 'accepted_at' => "{$on} 12:00:00", 'build_id' => $build->id, 'version' => $quote->version + 1,
            ]);
            foreach (Quote::query()->open()->where('enquiry_id', $enquiry->id)->get() as $other) {
                $other->update(['state' => QuoteState::Withdrawn, 'version' => $other->version + 1]);
            }
            $enquiry->update(['closed_at' => $this->clock->now(), 'closed_because' => "No. {$build->number} is made of it", 'version' => $enquiry->version + 1]);
            $this->recording->log($build, $by, 'commission', ucfirst($quote->name()).' was accepted by '.$accepted.' on '.Say::dayAndYear($on).", {$how}.");

            return $build;
        });
    }

    private function mustBeOpen(Quote $quote): void
    {
        $why = match ($quote->state) {
            QuoteState::Open => null,
            QuoteState::Accepted => 'is accepted already',
            QuoteState::Replaced => 'was replaced by another edition',
            QuoteState::Withdrawn => 'was withdrawn',
        };
        if ($why !== null) {
            throw Refused::because(ucfirst($quote->name())." {$why}. Nothing was changed.");
        }
    }
}
