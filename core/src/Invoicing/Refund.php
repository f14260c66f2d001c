<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Money;

/** What goes back, or is still to be paid, when a commission is cancelled (CALCULATIONS M7). */
final readonly class Refund
{
    private function __construct(public Money $kept, public Money $paid)
    {
    }

    /**
     * @param  Money  $done  what was done, at its price
     * @param  Money  $bought  for it, at its price, without what can be used elsewhere
     * @param  Money  $price  all that was agreed; nobody owes more
     */
    public static function of(RefundRule $rule, Money $done, Money $bought, Money $deposit, Money $paid, Money $price): self
    {
        $work = $done->plus($bought);
        $kept = match ($rule) {
            RefundRule::Work => $work,
            RefundRule::Deposit => $deposit,
            RefundRule::Either => $work->minor > $deposit->minor ? $work : $deposit,
        };

        return new self($kept->minor > $price->minor ? $price : $kept, $paid);
    }

    /** What goes back; nothing where less was paid than is kept. */
    public function back(): Money
    {
        return $this->paid->minor > $this->kept->minor ? $this->paid->minus($this->kept) : Money::zero($this->paid->currency);
    }

    /** What is still owed. */
    public function owed(): Money
    {
        return $this->kept->minor > $this->paid->minor ? $this->kept->minus($this->paid) : Money::zero($this->paid->currency);
    }
}
