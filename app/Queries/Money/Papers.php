<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Pages\Invoices\Paper;
use App\Pages\Invoices\PaymentRow;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Units\Money;

/** Invoices and payments as lists show them. */
final readonly class Papers
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * @param  Collection<int, Invoice>  $invoices  with what was paid, client, build, cancelledBy, cancels
     * @return list<Paper>
     */
    public function of(Collection $invoices, \DateTimeZone $zone): array
    {
        $today = $this->clock->today($zone);

        return array_values($invoices->map(fn (Invoice $one): Paper => new Paper(
            $one->id, ucfirst($one->name()), $one->issued_on, $one->build->number, $one->client->name, $one->part, self::money($one, $one->kind === InvoiceKind::CreditNote ? -$one->due_minor : $one->due_minor),
            self::stands($one) && $one->leftMinor() > 0 ? self::money($one, $one->leftMinor()) : '', self::state($one, $today), self::isLate($one, $today),
        ))->all());
    }

    public static function state(Invoice $one, string $today): string
    {
        $left = $one->leftMinor();

        return match (true) {
            $one->kind === InvoiceKind::CreditNote => "takes back {$one->cancels?->number}",
            $one->cancelledBy !== null => "taken back by {$one->cancelledBy->number}",
            $left === 0 => 'paid',
            $left < 0 => 'paid, and '.self::money($one, -$left).' more',
            self::isLate($one, $today) => 'due since '.Say::day($one->due_on).', '.Say::count(self::days($one->due_on, $today), 'day').' late',
            (int) $one->paid_minor > 0 => self::money($one, $left).' left, due '.Say::day($one->due_on),
            default => 'due '.Say::day($one->due_on),
        };
    }

    public static function isLate(Invoice $one, string $today): bool
    {
        return self::stands($one) && $one->leftMinor() > 0 && $one->due_on < $today;
    }

    public static function stands(Invoice $one): bool
    {
        return $one->kind === InvoiceKind::Invoice && $one->cancelledBy === null;
    }

    /**
     * @param  Collection<int, Payment>  $payments  with invoice
     * @return list<PaymentRow>
     */
    public static function payments(Collection $payments, string $currency): array
    {
        return array_values($payments->map(static fn (Payment $one): PaymentRow => new PaymentRow(
            $one->id, $one->paid_on, (string) Money::ofMinor($one->amount_minor, $currency), $one->how.($one->words === '' ? '' : ", “{$one->words}”"), $one->invoice->number ?? '', $one->struck_because,
        ))->all());
    }

    private static function money(Invoice $one, int $minor): string
    {
        return (string) Money::ofMinor($minor, $one->currency);
    }

    private static function days(string $from, string $to): int
    {
        return (int) (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->days;
    }
}
