<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Money\Payment;
use App\Pages\Money\Cancelling;
use App\Pages\Money\Row;
use App\Planning\House\House;
use App\Planning\Money\Accounts;
use Regimen\Costing\KitState;
use Regimen\Costing\Quote;
use Regimen\Invoicing\Refund;
use Regimen\Parts\PartGroup;
use Regimen\Units\Money;

/** What was done and bought for an instrument, what of it can be used elsewhere, and what goes back by the house’s rule. */
final readonly class CancellingQuery
{
    public function __construct(private Accounts $accounts, private House $house)
    {
    }

    public function of(Build $build): Cancelling
    {
        $cost = $this->accounts->of($build)->cost;
        $none = $this->house->money(0);
        [$bought, $elsewhere, $names] = $this->kit($build);
        $done = $this->priced($cost->labour, $cost->material, $cost->outside);
        $unused = $this->priced($none, $bought, $none);
        $paid = $this->house->money((int) Payment::query()->counting()->where('build_id', $build->id)->sum('amount_minor'));
        $rule = $this->house->shop()->refund_rule;
        $refund = Refund::of($rule, $done, $unused, $this->house->money((int) $build->deposit_minor), $paid, $this->house->money((int) $build->price_minor));
        $isOff = $build->status !== BuildStatus::Open;
        $back = $refund->back();

        return new Cancelling(
            match (true) {
                $back->minor > 0 => $isOff ? "{$back} go back to the client." : "If it were cancelled today, {$back} would go back.",
                $refund->owed()->minor > 0 => $isOff ? "{$refund->owed()} are still owed." : "If it were cancelled today, {$refund->owed()} would still be owed.",
                default => $isOff ? 'Nothing goes back, and nothing is owed.' : 'If it were cancelled today, nothing would go back.',
            },
            [
                new Row('What was done', (string) $done, 'hours, material that is used and work done elsewhere, with overhead, margin and tax'), new Row('Bought for it and of no use elsewhere', (string) $unused, 'at its price, as what was done'),
                new Row('Can be used elsewhere', (string) $elsewhere, 'at cost; it stays in the shop'), new Row('The shop keeps', (string) $refund->kept, "by the house’s rule: {$rule->words()}"), new Row('Paid', (string) $paid),
            ],
            $names, $isOff && $back->minor > 0 ? $back->plain() : '',
        );
    }

    private function priced(Money $labour, Money $material, Money $outside): Money
    {
        $net = Quote::compute($labour, $material, $this->house->priceRule(), $outside)->price;

        return $net->plus($this->house->tax()->on($net));
    }

    /** @return array{Money, Money, list<string>} of no use elsewhere, of use elsewhere, and its names */
    private function kit(Build $build): array
    {
        $only = $other = $this->house->money(0);
        $names = [];
        foreach (KitLine::query()->where('build_id', $build->id)->whereNull('piece_id')->where('surplus', false)->whereIn('state', [KitState::Arrived->value, KitState::Ordered->value])->get() as $line) {
            $left = $line->quantity <= 0 ? $this->house->money(0) : $this->house->money($line->costMinor())->split([$line->left(), $line->used + $line->written_off])[0];
            if ($line->unit === KitLine::DONE_ELSEWHERE || $line->left() <= 0) {
                $only = $line->unit === KitLine::DONE_ELSEWHERE ? $only->plus($left) : $only;

                continue;
            }
            // What lies there unused fits another instrument (common practice); pickups that are not the catalogue's were made for this one.
            if ($line->part_id !== null || $line->group !== PartGroup::Pickups) {
                $other = $other->plus($left);
                $names[] = $line->name;
            } else {
                $only = $only->plus($left);
            }
        }

        return [$only, $other, $names];
    }
}
