<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Route\Standards\Stage;

/** A part of the price and when it falls due. */
final readonly class PaymentPart
{
    /**
     * @param  Stage|null  $stage  after which it is, for a stage’s
     * @param  int  $share  thousandths of the price, above zero
     *
     * @throws \InvalidArgumentException for a stage’s part without a stage, or a share of nothing
     */
    public function __construct(public PaymentWhen $when, public ?Stage $stage, public int $share)
    {
        if (($when === PaymentWhen::Stage) !== ($stage !== null)) {
            throw new \InvalidArgumentException('A stage payment names its stage, and no other does.');
        }
        if ($share <= 0) {
            throw new \InvalidArgumentException('A part of the price is more than nothing.');
        }
    }

    /** `deposit`, `after the body`, `balance`. */
    public function words(): string
    {
        return match ($this->when) {
            PaymentWhen::Order => 'deposit',
            PaymentWhen::Stage => 'stage payment, '.($this->stage?->words() ?? '').' done',
            PaymentWhen::Delivery => 'balance',
        };
    }
}
