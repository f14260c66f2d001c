<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Client\Enquiry;
use App\Models\Client\Quote;
use App\Models\Client\QuoteState;
use App\Pages\Enquiries\EnquiriesProps;
use App\Pages\Enquiries\EnquiryLine;
use App\Planning\Clients\QuoteDates;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;

/** Open enquiries as sentences in the order of urgency, each with what to do next. */
final readonly class EnquiriesPage
{
    /** A quote that ends within so many days is asked about; a client waits so long for an answer. */
    private const SOON = 7;

    private const CLOSED = 8;

    public function __construct(private QuoteDates $dates, private House $house, private Clock $clock)
    {
    }

    public function data(): EnquiriesProps
    {
        $dates = $this->dates->all();
        $lines = [];
        foreach (Enquiry::query()->open()->with(['client:id,name', 'quotes'])->withCount('sketches')->orderBy('at')->get() as $enquiry) {
            $lines[] = $this->line($enquiry, $dates);
        }
        usort($lines, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $urgent = count(array_filter($lines, static fn (array $one): bool => $one[1]->urgent));
        $closed = Enquiry::query()->whereNotNull('closed_at')->with('client:id,name')->orderByDesc('closed_at')->limit(self::CLOSED)->get();

        return new EnquiriesProps(
            headline: $lines === [] ? 'Nobody waits for an answer' : ($urgent === 0 ? ucfirst(Say::count(count($lines), 'open enquiry', 'open enquiries')) : ($urgent === 1 ? 'One enquiry needs you' : "{$urgent} enquiries need you")),
            under: $this->house->shop()->quotes_hold ? 'What is quoted and not answered holds its place: whoever asks next is planned behind it.' : 'Quotes hold no place: each is planned behind what is promised alone.',
            open: array_column($lines, 1),
            closed: array_values($closed->map(fn (Enquiry $one): string => "{$one->client->name}, ".$this->day((string) $one->closed_at?->setTimezone($this->house->zone())->toDateString()).": {$one->closed_because}.")->all()),
        );
    }

    /**
     * @param  array<int, string|null>  $dates  when quotes would be ready now
     * @return array{list<int|string>, EnquiryLine} what it is ordered by, and the line
     */
    private function line(Enquiry $enquiry, array $dates): array
    {
        $today = $this->clock->today($this->house->zone());
        $days = $this->between($enquiry->at->setTimezone($this->house->zone())->toDateString(), $today);
        $since = 'asked '.($days === 0 ? 'today' : Say::count($days, 'day').' ago').($enquiry->wanted_by === null ? '' : ', wanted by '.$this->day($enquiry->wanted_by));
        $quotes = $enquiry->quotes->where('state', QuoteState::Open)->values();
        $page = route('enquiries.one', $enquiry, false);
        if ($quotes->isEmpty()) {
            $hasSketch = (int) $enquiry->getAttribute('sketches_count') > 0;

            return [[$days >= self::SOON ? 1 : 3, $enquiry->wanted_by ?? '9999', -$days], new EnquiryLine(
                $enquiry->id, $enquiry->client->name, $since.($hasSketch ? '; sketched, not quoted' : '; not sketched yet'), $hasSketch ? 'Quote it' : 'Sketch it', $page, $days >= self::SOON,
            )];
        }
        foreach ($quotes as $quote) {
            $left = $this->between($today, $quote->valid_until);
            $ready = $dates[$quote->id] ?? null;
            $address = route('quotes.one', $quote, false);
            if ($left < 0) {
                return [[1, $quote->valid_until, 0], new EnquiryLine($enquiry->id, $enquiry->client->name, "{$since}; {$quote->name()} ended on {$this->day($quote->valid_until)}", 'Ask whether they still want it', $address, true)];
            }
            if ($ready !== null && $ready > $quote->promised_on) {
                return [[0, $quote->valid_until, 0], new EnquiryLine(
                    $enquiry->id, $enquiry->client->name, "{$since}; {$quote->name()} says {$this->day($quote->promised_on)}, and by now it would be ready {$this->day($ready)}", 'Quote another date', $address, true,
                )];
            }
            if ($left <= self::SOON) {
                return [[2, $quote->valid_until, 0], new EnquiryLine($enquiry->id, $enquiry->client->name, "{$since}; {$quote->name()} ends ".($left === 0 ? 'today' : 'in '.Say::count($left, 'day')).', its date holds', 'Ask for an answer', $address, true)];
            }
        }
        $quote = $quotes->firstOrFail();

        return [[4, $quote->valid_until, 0], new EnquiryLine($enquiry->id, $enquiry->client->name, "{$since}; {$quote->name()} is open until {$this->day($quote->valid_until)}, its date holds", 'Wait for the answer', route('quotes.one', $quote, false), false)];
    }

    private function between(string $from, string $to): int
    {
        return (int) (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->format('%r%a');
    }

    private function day(string $day): string
    {
        return Say::day($day);
    }
}
