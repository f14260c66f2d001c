<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Planning\House\House;
use App\Planning\Money\Paper;
use Illuminate\Support\Facades\DB;
use Regimen\Formats\Tables;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\Totals;
use Regimen\Units\Money;

/** For the accountant: every invoice and payment of a year, and its months. */
final readonly class MonthsTable
{
    private const MONTHS = ['month', 'invoices', 'net', 'tax', 'with tax', 'came', 'paid back', 'material used', 'labour hours', 'labour at rates', 'currency'];

    private const PAPERS = ['number', 'kind', 'issued on', 'due on', 'client', 'country', 'instrument', 'what', 'net', 'rate of tax', 'category', 'tax', 'rounding', 'to be paid', 'paid', 'takes back', 'currency'];

    public function __construct(private House $house)
    {
    }

    public function months(int $year): string
    {
        $rows = [];
        for ($month = 1; $month <= 12; $month++) {
            $key = sprintf('%d-%02d', $year, $month);
            $days = ["{$key}-01", "{$key}-31"];
            $of = static fn (string $column): int => (int) Invoice::query()->whereBetween('issued_on', $days)->selectRaw("sum(case when kind = '381' then -{$column} else {$column} end) as sum")->value('sum');
            $paid = static fn (string $sign): int => (int) Payment::query()->counting()->whereBetween('paid_on', $days)->where('amount_minor', $sign, 0)->sum('amount_minor');
            $time = DB::table('time_entries')->whereNull('struck_at')->whereNotNull('minutes')->whereBetween('worked_on', $days)->selectRaw('sum(minutes) as minutes, sum(minutes * rate_minor / 60.0) as labour')->first();
            $rows[] = array_map(Tables::plain(...), [
                $key, (string) Invoice::query()->whereBetween('issued_on', $days)->count(), $this->plain($of('net_minor')), $this->plain($of('tax_minor') + $of('rounding_minor')), $this->plain($of('due_minor')), $this->plain($paid('>')), $this->plain(-$paid('<')),
                $this->plain($this->material($days)), number_format((int) ($time->minutes ?? 0) / 60, 2, '.', ''), $this->plain((int) round((float) ($time->labour ?? 0))), $this->house->shop()->currency,
            ]);
        }

        return Tables::csv([self::MONTHS, $rows]);
    }

    public function papers(int $year): string
    {
        $rows = [];
        foreach (Invoice::query()->withPaid()->with(['buyer', 'build:id,number', 'cancels:id,number'])->where('year', $year)->orderBy('running')->get() as $invoice) {
            $sign = $invoice->kind === InvoiceKind::CreditNote ? -1 : 1;
            foreach (Totals::of(Paper::of($invoice)->lines, $invoice->currency)->taxes as $at => $tax) {
                // What belongs to the whole paper stands in its first line only, so that columns can be summed.
                $rows[] = array_map(Tables::plain(...), [
                    $invoice->number, $sign === 1 ? 'invoice' : 'credit note', $invoice->issued_on, $invoice->due_on, $invoice->buyer->name, $invoice->buyer->country, "No. {$invoice->build->number}", $invoice->part,
                    $this->plain($sign * $tax->net->minor), $tax->rate->percent(), $tax->rate->category->value, $this->plain($sign * $tax->tax->minor),
                    ...$at > 0 ? ['', '', ''] : [$this->plain($sign * $invoice->rounding_minor), $this->plain($sign * $invoice->due_minor), $this->plain((int) $invoice->paid_minor)], (string) $invoice->cancels?->number, $invoice->currency,
                ]);
            }
        }

        return Tables::csv([self::PAPERS, $rows]);
    }

    /** @param  array{string, string}  $days */
    private function material(array $days): int
    {
        return (int) DB::table('kit_lines')->whereBetween('arrived_on', $days)->where('surplus', false)->where('state', 'used')->selectRaw('sum(coalesce(cost_minor, estimated_minor)) as sum')->value('sum');
    }

    private function plain(int $minor): string
    {
        return str_replace(',', '', Money::ofMinor($minor, $this->house->shop()->currency)->plain());
    }
}
