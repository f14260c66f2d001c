<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Client\Approval;
use App\Models\Client\ChangeOrder;
use App\Models\Client\Client;
use App\Models\Client\Enquiry;
use App\Models\Client\Letter;
use App\Models\Client\Quote;
use App\Models\Client\QuoteState;
use App\Models\Client\Talk;
use App\Models\Money\Invoice;
use App\Models\Money\InvoiceBuyer;
use App\Models\Money\Payment;
use App\Planning\House\House;
use App\Support\ClientNames;
use Carbon\CarbonImmutable;

/**
 * Empties the one record with a client’s name and address. What the law wants kept of an instrument that was sold stays for as
 * many years as the house says, and nothing else of it.
 */
final readonly class Forgetting
{
    private const LIKES = ['contact', 'email', 'phone', 'hand', 'scale', 'neck', 'action', 'weight', 'instruments', 'locale', 'tax_id'];

    public function __construct(private House $house)
    {
    }

    /** The day until which name and address have to stay; null where nothing was sold. */
    public function keptUntil(Client $client, CarbonImmutable $now): ?string
    {
        $years = $this->house->shop()->papers_years;
        $last = Build::query()->where('client_id', $client->id)->whereIn('status', [BuildStatus::Finished->value, BuildStatus::Open->value])->whereNotNull('price_minor')
            ->selectRaw('max(coalesce(finished_at, ordered_at)) as day')->toBase()->value('day');
        $last = max((string) $last, (string) Invoice::query()->where('client_id', $client->id)->max('issued_on'));
        if ($years === 0 || $last === '') {
            return null;
        }
        $until = CarbonImmutable::parse($last)->endOfYear()->addYears($years);

        return $until <= $now ? null : $until->toDateString();
    }

    public function forget(Client $client, CarbonImmutable $now): void
    {
        $kept = $this->keptUntil($client, $now);
        $surname = ClientNames::surname($client->name);
        foreach (Build::query()->where('client_id', $client->id)->get() as $build) {
            str_contains(mb_strtolower($build->title), mb_strtolower($surname)) && $build->update(['title' => self::by($client), 'version' => $build->version + 1]);
        }
        $this->enquiries($client, $now);
        $this->said($client, $surname);
        Talk::query()->where('client_id', $client->id)->delete();
        Letter::query()->where('client_id', $client->id)->delete();
        // What the bank says with a payment is words of theirs.
        Payment::query()->whereIn('build_id', Build::query()->where('client_id', $client->id)->select('id'))->update(['words' => '']);
        $kept === null && $this->buyers($client);
        $client->update([
            ...array_fill_keys(self::LIKES, ''), 'forgotten_at' => $now, 'kept_until' => $kept, 'version' => $client->version + 1,
            ...$kept === null ? ['name' => self::by($client), 'address' => ''] : [],
        ]);
    }

    /** What they wished is nobody’s any more; what was quoted stays without it. */
    private function enquiries(Client $client, CarbonImmutable $now): void
    {
        foreach (Enquiry::query()->where('client_id', $client->id)->get() as $enquiry) {
            Photograph::query()->where('enquiry_id', $enquiry->id)->delete();
            Quote::query()->open()->where('enquiry_id', $enquiry->id)->update(['state' => QuoteState::Withdrawn->value]);
            $enquiry->update(['wishes' => '', 'closed_at' => $enquiry->closed_at ?? $now, 'closed_because' => $enquiry->closed_at === null ? 'they asked to be deleted' : $enquiry->closed_because, 'version' => $enquiry->version + 1]);
        }
    }

    /** By whom something was accepted or approved, where that says who they are. */
    private function said(Client $client, string $surname): void
    {
        $like = '%'.addcslashes($surname, '%_\\').'%';
        Quote::query()->whereIn('enquiry_id', Enquiry::query()->where('client_id', $client->id)->select('id'))->whereRaw("accepted_by like ? escape '\\'", [$like])->update(['accepted_by' => self::by($client)]);
        $builds = Build::query()->where('client_id', $client->id)->select('id');
        Approval::query()->whereIn('build_id', $builds)->whereRaw("approved_by like ? escape '\\'", [$like])->update(['approved_by' => self::by($client)]);
        ChangeOrder::query()->whereIn('build_id', $builds)->whereRaw("accepted_by like ? escape '\\'", [$like])->update(['accepted_by' => self::by($client)]);
    }

    /**
     * What had to be kept for its time, and that is over.
     *
     * @return int how many were emptied
     */
    public function afterItsTime(string $today): int
    {
        $over = Client::query()->whereNotNull('forgotten_at')->where('kept_until', '<', $today)->get();
        foreach ($over as $client) {
            $client->update(['name' => self::by($client), 'address' => '', 'kept_until' => null, 'version' => $client->version + 1]);
            $this->buyers($client);
        }

        return $over->count();
    }

    /** To whom invoices were written; their numbers and amounts stay. */
    private function buyers(Client $client): void
    {
        InvoiceBuyer::query()->whereIn('invoice_id', Invoice::query()->where('client_id', $client->id)->select('id'))->update(['name' => self::by($client), 'address' => '', 'tax_id' => '']);
    }

    private static function by(Client $client): string
    {
        return "client {$client->id}";
    }
}
