<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Route\Standards\Stage;
use Regimen\Units\Money;

/** In which parts a price is paid: a deposit, stages, the balance (CALCULATIONS M7). The parts are the price. */
final readonly class PaymentPlan
{
    private const ALL = 1_000;

    /** @param  list<PaymentPart>  $parts */
    private function __construct(public array $parts)
    {
    }

    /**
     * @param  int  $deposit  thousandths, 0 to 1,000
     * @param  list<array{string, int}>  $stages  a stage and its thousandths
     *
     * @throws \InvalidArgumentException where they are more than the price, or a stage is none or stands there twice
     */
    public static function of(int $deposit, array $stages): self
    {
        $parts = $deposit > 0 ? [new PaymentPart(PaymentWhen::Order, null, $deposit)] : [];
        $sum = $deposit;
        $seen = [];
        foreach ($stages as [$name, $share]) {
            $stage = Stage::tryFrom($name) ?? throw new \InvalidArgumentException("“{$name}” is no stage of the work.");
            if (isset($seen[$name])) {
                throw new \InvalidArgumentException("“{$stage->words()}” stands there twice.");
            }
            $seen[$name] = true;
            $parts[] = new PaymentPart(PaymentWhen::Stage, $stage, $share);
            $sum += $share;
        }
        if ($deposit < 0 || $sum > self::ALL) {
            throw new \InvalidArgumentException('Deposit and stage payments are '.self::percent($sum).' % of the price; more than all of it cannot be asked for.');
        }
        usort($parts, static fn (PaymentPart $a, PaymentPart $b): int => self::order($a) <=> self::order($b));
        if ($sum < self::ALL) {
            $parts[] = new PaymentPart(PaymentWhen::Delivery, null, self::ALL - $sum);
        }

        return new self($parts);
    }

    /**
     * @param  Money|null  $deposit  that was agreed as an amount, at most the price; by its share when null. Stages keep their share of the price
     * @return list<Money> in the order of the parts; they sum to the price
     */
    public function split(Money $price, ?Money $deposit = null): array
    {
        $isDeposit = ($this->parts[0]->when ?? null) === PaymentWhen::Order;
        if ($deposit === null || ! $isDeposit || count($this->parts) === 1) {
            return $price->split(array_map(static fn (PaymentPart $part): int => $part->share, $this->parts));
        }
        $rest = array_slice($this->parts, 1);
        $stages = array_map(static fn (PaymentPart $part): Money => $price->times($part->share / self::ALL), array_slice($rest, 0, -1));
        $balance = array_reduce($stages, static fn (Money $left, Money $stage): Money => $left->minus($stage), $price->minus($deposit));
        if ($balance->minor > 0) {
            return [$deposit, ...$stages, $balance];
        }

        // So much was paid at once that the stages have to share what is left.
        return [$deposit, ...$price->minus($deposit)->split(array_map(static fn (PaymentPart $part): int => $part->share, $rest))];
    }

    private static function order(PaymentPart $part): int
    {
        return $part->stage === null ? -1 : (int) array_search($part->stage, Stage::cases(), true);
    }

    private static function percent(int $permille): string
    {
        return rtrim(rtrim(number_format($permille / 10, 1, '.', ''), '0'), '.');
    }
}
