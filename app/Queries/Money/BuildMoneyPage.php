<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Client\ChangeOrder;
use App\Models\Client\Client;
use App\Models\Client\QuoteState;
use App\Models\Money\HouseTax;
use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Models\Money\PaymentPart;
use App\Pages\Dict;
use App\Pages\Invoices\PartRow;
use App\Pages\Money\BuildMoneyProps;
use App\Pages\Money\Cancelling;
use App\Pages\Money\Row;
use App\Pages\Money\WhyRow;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Money\Account;
use App\Planning\Money\Accounts;
use App\Planning\Money\Expected;
use App\Planning\Money\Reckoner;
use App\Planning\Money\Standing;
use App\Planning\Plan\BuildProgress;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Costing\Variance;
use Regimen\Units\Duration;
use Regimen\Units\Money;

/** The money of one build: what is agreed, what it is made of, what was invoiced and paid, what it came to. */
final readonly class BuildMoneyPage
{
    public function __construct(
        private Standing $standing,
        private Papers $papers,
        private Reckoner $reckoner,
        private WhatIfQuery $whatIf,
        private Accounts $accounts,
        private CancellingQuery $cancelling,
        private BuildProgress $progress,
        private House $house,
        private Clock $clock,
    ) {
    }

    /** @param  array<string, string>  $asked  how the price is worked out, where that is otherwise than the house does it */
    public function data(Build $build, array $asked): BuildMoneyProps
    {
        $build->load(['client', 'specification', 'operations' => static fn ($query) => $query->withSum('timeEntries as worked_minutes', 'minutes')->with('runningClocks')]);
        $zone = $this->house->zone();
        $today = $this->clock->today($zone);
        $invoices = Invoice::query()->withPaid()->with(['client:id,name', 'build:id,number,title', 'cancels', 'cancelledBy'])->where('build_id', $build->id)->orderBy('id')->get();
        $payments = Payment::query()->with('invoice:id,number')->where('build_id', $build->id)->orderBy('paid_on')->orderBy('id')->get();
        $paid = (int) $payments->whereNull('struck_at')->sum('amount_minor');
        $price = (int) $build->price_minor;
        $owed = (int) $this->standing->owed($build)->sum(static fn (Invoice $one): int => $one->leftMinor());
        $country = $build->client === null || $build->client->country === '' ? $this->house->shop()->seller['country'] ?? '' : $build->client->country;
        $if = $this->whatIf->read($build, $asked);
        $account = $this->accounts->of($build);

        return new BuildMoneyProps(
            number: $build->number, title: $build->title, client: $build->client->name ?? '', clientId: $build->client_id, version: $build->version,
            headline: $build->price_minor === null ? 'No price is agreed' : ($build->client_id === null ? "{$this->house->money($price)} are asked for it" : "{$this->house->money($price)} agreed, {$this->house->money($paid)} paid"),
            under: match (true) {
                $build->client_id === null => 'It is built for stock; nobody owes anything for it.',
                $build->price_minor === null => 'Its price is still open; what it costs stands below.',
                $owed > 0 => "{$this->house->money($owed)} are invoiced and not paid.",
                default => 'Nothing that is invoiced is unpaid.',
            },
            currency: $this->house->shop()->currency, price: $build->price_minor === null ? '' : (string) $this->house->money($price), priceBy: $build->price_by, effort: $build->price_by === 'effort' ? (string) $this->reckoner->effort($build) : '',
            parts: $this->parts($build, $invoices), stages: SettingsPage::stages(),
            taxes: array_values(HouseTax::query()->where('country', $country)->orderBy('id')->get()->map(static fn (HouseTax $one): Option => new Option((string) $one->id, "{$one->name}, {$one->rate()->percent()} %"))->all()),
            tax: (string) HouseTax::query()->where('country', $country)->orderBy('id')->value('id'), papers: $this->papers->of($invoices, $zone), payments: Papers::payments($payments, $this->house->shop()->currency),
            standing: $build->price_minor === null || $build->client_id === null ? [] : $this->against($build, $paid), made: $if->rows, against: $if->against, asked: new Dict($if->asked), choices: $if->choices, problem: $if->problem,
            quoted: $this->quoted($build, $account), why: $this->why($build, $account), clients: $this->clients($build), cancelling: $this->shown($build), today: $today,
        );
    }

    /** @return list<Option> */
    private function clients(Build $build): array
    {
        return $build->client_id !== null || ! in_array($build->status, [BuildStatus::Open, BuildStatus::Finished], true) ? []
            : array_values(Client::query()->known()->orderBy('name')->get(['id', 'name'])->map(static fn (Client $one): Option => new Option((string) $one->id, $one->name))->all());
    }

    private function shown(Build $build): ?Cancelling
    {
        return $build->price_minor === null || $build->client_id === null || $build->status === BuildStatus::Finished ? null : $this->cancelling->of($build);
    }

    /**
     * @param  Collection<int, Invoice>  $invoices
     * @return list<PartRow>
     */
    private function parts(Build $build, Collection $invoices): array
    {
        $expected = [];
        foreach ($this->standing->expected($build) as $one) {
            $expected[$one->part->id] = $one;
        }
        $byId = $invoices->keyBy('id');

        return array_values(PaymentPart::query()->where('build_id', $build->id)->orderBy('id')->get()->map(function (PaymentPart $part) use ($expected, $byId): PartRow {
            $invoice = $part->invoice_id === null ? null : $byId->get($part->invoice_id);
            $one = $expected[$part->id] ?? null;

            return new PartRow(
                $part->id, $part->when->value, $part->stage->value ?? '', $part->what, $this->house->money($part->amount_minor)->plain(), $part->amount_minor, $part->invoice_id,
                $invoice !== null ? "{$invoice->number}, ".Papers::state($invoice, $this->clock->today($this->house->zone())) : $this->when($part, $one), $one->isDue ?? false,
            );
        })->all());
    }

    private function when(PaymentPart $part, ?Expected $one): string
    {
        return match (true) {
            $one === null => 'not asked for any more',
            $one->isDue => "{$part->words()}: can be invoiced now",
            $one->on === null => "{$part->words()}; nobody can say when that is",
            default => "{$part->words()}, by the plan ".Say::day($one->on),
        };
    }

    /** @return list<Row> what is earned by the hours done, against what was paid (CALCULATIONS M7) */
    private function against(Build $build, int $paid): array
    {
        $value = $this->progress->earnedValue($build);
        $price = $this->house->money((int) $build->price_minor);
        $earned = $value->budget <= 0 ? $this->house->money(0) : $price->split([$value->earned, max(0.0, $value->budget - $value->earned)])[0];
        $ahead = $paid - $earned->minor;

        return [
            new Row('Earned by the hours that are done', (string) $earned, Say::figure($value->earned, 1).' of '.Say::figure($value->budget, 1).' h, as a share of the price'),
            new Row('Paid', (string) $this->house->money($paid)),
            new Row($ahead >= 0 ? 'The client is ahead by' : 'The shop is ahead by', (string) $this->house->money(abs($ahead)), $ahead >= 0 ? 'it is work that is still owed' : 'it is work that is not paid yet'),
        ];
    }

    /** @return list<WhyRow> */
    private function quoted(Build $build, Account $account): array
    {
        $money = fn (int $minor): string => (string) $this->house->money($minor);
        $rest = $build->budget_minor === null ? [] : [new WhyRow('Left of what was set for it, with the kit so far', $money($build->budget_minor), $money($build->budget_minor - $account->cost->labour->minor - $this->kitSoFar($build)))];

        return [
            new WhyRow('Hours', Say::figure($build->estimated_minutes / 60, 1).' h', Say::figure($account->cost->hours->hours(), 1).' h'),
            new WhyRow('Labour', $money((int) $build->estimated_labour_minor), (string) $account->cost->labour),
            new WhyRow('Material and work done elsewhere', $money((int) $build->estimated_material_minor), (string) $account->cost->material->plus($account->cost->outside)),
            ...$build->status === BuildStatus::Open || $build->price_minor === null ? [] : [new WhyRow('Left for an hour', '', (string) ($account->earned->anHour() ?? '–'))],
            ...$rest,
        ];
    }

    /** What is ordered, there or used of its kit, work done elsewhere with it. */
    private function kitSoFar(Build $build): int
    {
        return (int) KitLine::query()->where('build_id', $build->id)->whereNull('piece_id')->where('surplus', false)->where('state', '!=', KitState::Needed->value)->get()->sum(static fn (KitLine $line): int => $line->costMinor());
    }

    /** @return list<Row> */
    private function why(Build $build, Account $account): array
    {
        if ($build->status === BuildStatus::Open) {
            return [];
        }
        $orders = ChangeOrder::query()->where('build_id', $build->id)->where('state', QuoteState::Accepted->value)->get();
        $zero = $this->house->money(0);
        $why = Variance::of(
            Duration::ofMinutes((int) $build->estimated_minutes), $this->house->money((int) $build->estimated_labour_minor), $account->cost->hours, $account->cost->labour, (int) $orders->sum('to_do_minutes'),
            $this->house->money((int) $build->estimated_material_minor), $account->cost->material->plus($account->cost->outside), $this->house->money((int) $orders->sum('material_minor')), $account->cost->losses,
        );
        $row = static fn (string $name, Money $money, string $because): ?Row => $money->minor === 0 ? null : new Row($name, ($money->minor > 0 ? '+' : '').$money, $because);

        return array_values(array_filter([
            $row('Hours', $why->hours, 'more or fewer than were estimated, at the rate of then'), $row('Parts and timber', $why->material, 'other amounts, other prices, work done elsewhere'),
            $row('Changes', $why->changes, 'what was agreed to be different'), $row('Losses', $why->losses, 'what went wrong'), $row('Rates', $why->rate, 'others worked on it than were reckoned with'),
            $why->total()->minor === $zero->minor ? null : new Row('Together', ($why->total()->minor > 0 ? '+' : '').$why->total(), 'against what was quoted, before overhead and margin'),
        ]));
    }
}
