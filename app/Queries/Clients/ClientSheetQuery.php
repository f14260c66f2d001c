<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Build\PromiseMeans;
use App\Models\Client\ChangeOrder;
use App\Models\Client\Decision;
use App\Models\Client\Quote;
use App\Models\Client\QuoteState;
use App\Models\Money\PaymentPart;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Pages\Clients\ClientSheet;
use App\Planning\House\House;
use App\Queries\Build\BuildLines;
use App\Queries\Specification\Drawings;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use IntlDateFormatter;
use NumberFormatter;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Stage;

/** A client’s instrument as far as it is: no hours, no prices of parts, nobody else’s name. */
final readonly class ClientSheetQuery
{
    /** What becomes of it now, by stage: at work, and while it rests. */
    private const NOW = [
        'brief' => ['is being talked through', 'waits until we have talked it through'],
        'design' => ['is being drawn', 'rests on paper'],
        'parts' => ['is waiting for its timber and parts', 'is waiting for its timber and parts'],
        'neck' => ['is getting its neck', 'is resting: its neck settles'],
        'fretboard' => ['is getting its fretboard', 'is resting: its fretboard is in the clamps'],
        'body' => ['is getting its body', 'is resting: its body is in the clamps'],
        'joint' => ['is becoming one: neck and body come together', 'is resting: neck and body are in the clamps'],
        'finish' => ['is being finished', 'is resting under its finish'],
        'electronics' => ['is getting its electronics', 'is getting its electronics'],
        'assembly' => ['is being put together', 'is being put together'],
        'set-up' => ['is being set up', 'is settling under its strings'],
        'delivery' => ['is being looked over for the last time', 'is being looked over for the last time'],
    ];

    private const ANSWERED_DAYS = 21;

    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function of(Build $build): ClientSheet
    {
        $build->load(['client', 'specification', 'operations']);
        $shop = $this->house->shop();
        $sees = array_flip($shop->client_sees);
        $locale = $build->client?->locale ?: 'en-GB';
        $drawn = Drawings::ofRevision($build->specification);

        return new ClientSheet(
            language: $locale, shop: $shop->name, client: $build->client->name ?? '', instrument: $drawn->inOneLine, headline: self::headline($build),
            drawing: $drawn->drawing, inked: BuildLines::inked($build), stages: isset($sees['stages']) ? self::stages($build) : [],
            decisions: $this->decisions($build, $locale), promise: $build->promised_on === null ? '' : $this->day($build->promised_on, $locale), since: $this->since($build, $locale),
            photographs: isset($sees['photographs']) ? $this->photographs($build, $locale) : [], payments: isset($sees['payments']) ? $this->payments($build, $locale) : [], papers: isset($sees['payments']) ? $this->papers($build, $locale) : [],
            mail: (string) Person::query()->where('role', Role::Manager->value)->where('active', true)->orderBy('id')->value('email'),
        );
    }

    private static function headline(Build $build): string
    {
        if ($build->status === BuildStatus::Finished) {
            return 'Your instrument is ready';
        }
        if ($build->held_until !== null) {
            return 'Your instrument is put to rest for a while';
        }
        $holding = $build->operations->first(static fn (Operation $one): bool => $one->state === OperationState::Holding);
        $started = $build->operations->first(static fn (Operation $one): bool => $one->state === OperationState::Started);
        $next = $started ?? $holding ?? $build->operations->first(static fn (Operation $one): bool => ! $one->state->labourIsDone());

        return 'Your instrument '.($next === null ? 'is ready' : self::NOW[$next->stage->value][$started === null && $holding !== null ? 1 : 0]);
    }

    /** @return list<array{name: string, share: float, isNow: bool}> */
    private static function stages(Build $build): array
    {
        $stages = [];
        $isFound = false;
        foreach (Stage::cases() as $stage) {
            $own = $build->operations->where('stage', $stage)->whereNull('setback_id');
            if ($own->isEmpty()) {
                continue;
            }
            $all = (int) $own->sum(static fn (Operation $one): int => max(1, $one->workMinutes()));
            $done = (int) $own->sum(static fn (Operation $one): int => $one->state->labourIsDone() ? max(1, $one->workMinutes()) : 0);
            $isNow = ! $isFound && $done < $all;
            $isFound = $isFound || $isNow;
            $stages[] = ['name' => $stage->words(), 'share' => round($done / max(1, $all), 2), 'isNow' => $isNow];
        }

        return $stages;
    }

    /** @return list<array{id: int, question: string, options: list<string>, by: string, cost: string, answer: string}> */
    private function decisions(Build $build, string $locale): array
    {
        $today = $this->clock->today($this->house->zone());
        $since = $this->clock->now()->subDays(self::ANSWERED_DAYS);

        return array_values(Decision::query()->where('build_id', $build->id)->whereNull('withdrawn_at')->where(static fn ($query) => $query->whereNull('answered_at')->orWhere('answered_at', '>=', $since))->orderByRaw('answered_at is not null, last_day')->get()
            ->map(fn (Decision $one): array => [
                'id' => $one->id, 'question' => $one->question, 'options' => $one->options, 'by' => $this->day($one->last_day, $locale),
                'cost' => $one->last_day < $today ? 'That day is over: each day now moves your instrument by a day.' : 'After that each day moves your instrument by a day.',
                'answer' => $one->answered_at === null ? '' : $one->answer,
            ])->all());
    }

    /** When the date was given, and whether it is still the first one. */
    private function since(Build $build, string $locale): string
    {
        $moved = LogEntry::query()->where('build_id', $build->id)->where('kind', 'promise')->max('at');
        $at = CarbonImmutable::parse((string) ($moved ?? $build->getRawOriginal('ordered_at')), 'UTC')->setTimezone($this->house->zone())->toDateString();

        return match ($build->promise_means) {
            PromiseMeans::Shop => 'ready in the shop on that day; ', PromiseMeans::Sent => 'handed to the carrier on that day; ', PromiseMeans::Hands => 'in your hands on that day; '
        }."promised on {$this->day($at, $locale)}".($moved === null ? ', unchanged' : ', after it was moved');
    }

    /** @return list<array{id: int, sha: string, words: string}> the latest first */
    private function photographs(Build $build, string $locale): array
    {
        return array_values(Photograph::query()->where('build_id', $build->id)->where('for_client', true)->orderByDesc('at')->orderByDesc('id')->limit(24)->get()
            ->map(fn (Photograph $one): array => ['id' => $one->id, 'sha' => $one->sha256, 'words' => trim(rtrim((string) $one->caption, '.').', '.$this->day($one->at->setTimezone($this->house->zone())->toDateString(), $locale), ', ')])->all());
    }

    /** @return list<array{what: string, when: string, amount: string}> what is paid, owed, and to be paid later */
    private function payments(Build $build, string $locale): array
    {
        $lines = [];
        $isPaid = true;
        foreach (PaymentPart::query()->with(['invoice' => static fn ($invoice) => $invoice->withPaid()])->where('build_id', $build->id)->orderBy('id')->get() as $part) {
            $invoice = $part->invoice;
            $left = $invoice?->leftMinor();
            $lines[] = ['what' => ucfirst($part->what), 'when' => match (true) {
                $invoice === null => $part->words(),
                $left <= 0 => "invoice {$invoice->number}, paid",
                $left < $invoice->due_minor => "invoice {$invoice->number}, {$this->money((int) $left, $locale)} left, by {$this->day($invoice->due_on, $locale)}",
                default => "invoice {$invoice->number}, by {$this->day($invoice->due_on, $locale)}",
            }, 'amount' => $this->money($part->amount_minor, $locale)];
            $isPaid = $isPaid && $left !== null && $left <= 0;
        }

        return $lines === [] || ! $isPaid ? $lines : [...$lines, ['what' => 'All is paid. Thank you.', 'when' => '', 'amount' => '']];
    }

    /** @return list<array{what: string, words: string, amount: string}> what was offered in writing, the last edition of each, and what was agreed to be different */
    private function papers(Build $build, string $locale): array
    {
        $lines = [];
        foreach (Quote::query()->where('build_id', $build->id)->orderBy('number')->orderBy('edition')->get() as $quote) {
            $lines[] = ['what' => ucfirst($quote->name()), 'words' => "{$quote->what}; accepted by {$quote->accepted_by}, {$quote->accepted_how}", 'amount' => $this->money($quote->price_minor, $locale)];
        }
        foreach (ChangeOrder::query()->where('build_id', $build->id)->whereIn('state', [QuoteState::Open->value, QuoteState::Accepted->value])->orderBy('number')->get() as $order) {
            $lines[] = ['what' => "Change order {$order->number}", 'words' => $order->what.($order->state === QuoteState::Open ? '; waits for your word' : "; accepted by {$order->accepted_by}, {$order->accepted_how}"), 'amount' => $this->money($order->price_minor, $locale)];
        }

        return $lines;
    }

    private function day(string $day, string $locale): string
    {
        $formatter = new IntlDateFormatter($locale, IntlDateFormatter::FULL, IntlDateFormatter::NONE, $this->house->zone());

        return (string) $formatter->format(new \DateTimeImmutable("{$day} 12:00", $this->house->zone()));
    }

    private function money(int $minor, string $locale): string
    {
        $money = $this->house->money($minor);

        return (string) (new NumberFormatter($locale, NumberFormatter::CURRENCY))->formatCurrency((float) str_replace(',', '', $money->plain()), $this->house->shop()->currency);
    }
}
