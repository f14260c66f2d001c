<?php

declare(strict_types=1);

namespace App\Models\Money;

use App\Models\Build\Build;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Regimen\Invoicing\PaymentWhen;
use Regimen\Route\Standards\Stage;

/**
 * A part of a build’s price and when it falls due; all of them are the price.
 *
 * @property PaymentWhen $when
 * @property Stage|null $stage
 * @property Build $build
 * @property Invoice|null $invoice  on which it stands
 */
class PaymentPart extends ShopModel
{
    protected $casts = ['when' => PaymentWhen::class, 'stage' => Stage::class];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Invoice, $this> */
    public function invoice(): BelongsTo
    {
        return $this->belongsTo(Invoice::class);
    }

    /** When it falls due, in words. */
    public function words(): string
    {
        return $this->stage === null ? $this->when->words() : "when {$this->stage->words()} is done";
    }
}
