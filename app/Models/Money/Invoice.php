<?php

declare(strict_types=1);

namespace App\Models\Money;

use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Regimen\Invoicing\InvoiceKind;

/**
 * A paper with a number. What stands in it never changes: a credit note takes it back.
 *
 * @property InvoiceKind $kind
 * @property CarbonImmutable $at
 * @property array<string, string> $seller
 * @property list<array{text: string, quantity: float, price: int, net: int, category: string, permille: int, reason: string}> $lines  in minor units
 * @property Build $build
 * @property Client $client
 * @property InvoiceBuyer $buyer
 * @property Invoice|null $cancels  the invoice that a credit note takes back
 * @property Invoice|null $cancelledBy
 * @property-read int|string|null $paid_minor
 */
class Invoice extends ShopModel
{
    protected $casts = ['kind' => InvoiceKind::class, 'at' => 'immutable_datetime', 'seller' => 'array', 'lines' => 'array'];

    /**
     * Invoices that no credit note has taken back.
     *
     * @param  Builder<self>  $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->where('kind', InvoiceKind::Invoice->value)->whereDoesntHave('cancelledBy');
    }

    /**
     * With what was paid of them.
     *
     * @param  Builder<self>  $query
     */
    public function scopeWithPaid(Builder $query): void
    {
        $query->withSum(['payments as paid_minor' => static fn (Builder $payments) => $payments->whereNull('struck_at')], 'amount_minor');
    }

    /** What is left of it to be paid, in minor units; below zero where more came. Wants what was paid. */
    public function leftMinor(): int
    {
        return $this->due_minor - (int) $this->paid_minor;
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasOne<InvoiceBuyer, $this> */
    public function buyer(): HasOne
    {
        return $this->hasOne(InvoiceBuyer::class);
    }

    /** @return BelongsTo<Invoice, $this> */
    public function cancels(): BelongsTo
    {
        return $this->belongsTo(self::class, 'cancels_id');
    }

    /** @return HasOne<Invoice, $this> */
    public function cancelledBy(): HasOne
    {
        return $this->hasOne(self::class, 'cancels_id');
    }

    /** @return HasMany<Payment, $this> */
    public function payments(): HasMany
    {
        return $this->hasMany(Payment::class)->orderBy('paid_on')->orderBy('id');
    }

    /** How the shop speaks of it: `invoice 2026-0007`. */
    public function name(): string
    {
        return ($this->kind === InvoiceKind::Invoice ? 'invoice' : 'credit note')." {$this->number}";
    }
}
