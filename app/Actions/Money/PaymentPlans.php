<?php

declare(strict_types=1);

namespace App\Actions\Money;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Money\PaymentPart;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Refused;
use Regimen\Invoicing\PaymentPlan;
use Regimen\Invoicing\PaymentWhen;
use Regimen\Route\Standards\Stage;

/** In which parts a price is paid. All parts together are always the price. */
final readonly class PaymentPlans
{
    public function __construct(private Recording $recording, private House $house)
    {
    }

    /** By the house’s rule, with the deposit that was agreed. Within the transaction of what takes the commission. */
    public function begin(Build $build): void
    {
        if ($build->client_id === null || (int) $build->price_minor === 0) {
            return;
        }
        $price = $this->house->money((int) $build->price_minor);
        $deposit = (int) $build->deposit_minor;
        $shop = $this->house->shop();
        $stages = array_sum(array_column($shop->stage_payments, 1));
        // Whatever the house asks for, what was agreed leaves a balance unless it is the whole price.
        $share = max(0, min(999 - $stages, $shop->deposit_permille));
        // A deposit that leaves nothing for the stages takes their place.
        $plan = PaymentPlan::of($deposit === 0 ? 0 : max(1, $share), $deposit + $price->times($stages / 1_000)->minor > $price->minor ? [] : $shop->stage_payments);
        $amounts = $plan->split($price, $deposit === 0 ? null : $this->house->money($deposit));
        foreach ($plan->parts as $at => $part) {
            $amounts[$at]->minor === 0 || PaymentPart::query()->create(['build_id' => $build->id, 'when' => $part->when, 'stage' => $part->stage, 'what' => $part->words(), 'amount_minor' => $amounts[$at]->minor]);
        }
    }

    /** What was agreed to be different is paid with the balance, or by itself where that is invoiced. */
    public function change(Build $build, int $minor, string $what): void
    {
        if ($minor === 0) {
            return;
        }
        $balance = PaymentPart::query()->where('build_id', $build->id)->whereNull('invoice_id')->where('when', PaymentWhen::Delivery->value)->orderByDesc('id')->first();
        if ($balance !== null && $balance->amount_minor + $minor === 0) {
            $balance->delete();
        } elseif ($balance !== null && $balance->amount_minor + $minor > 0) {
            $balance->update(['amount_minor' => $balance->amount_minor + $minor]);
        } else {
            PaymentPart::query()->create(['build_id' => $build->id, 'when' => PaymentWhen::Delivery, 'what' => $what, 'amount_minor' => $minor]);
        }
    }

    /**
     * What is not invoiced yet, otherwise.
     *
     * @param  list<array{when: PaymentWhen, stage: Stage|null, minor: int}>  $parts
     */
    public function keep(Person $by, Build $build, int $version, array $parts): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $parts): void {
            Refused::ifStale($build->version, $version, $build->name());
            $fixed = (int) PaymentPart::query()->where('build_id', $build->id)->whereNotNull('invoice_id')->sum('amount_minor');
            $sum = $fixed + array_sum(array_column($parts, 'minor'));
            if ($sum !== (int) $build->price_minor) {
                $difference = $this->house->money(abs($sum - (int) $build->price_minor));
                throw Refused::because("The parts come to {$this->house->money($sum)}, ".($sum > (int) $build->price_minor ? "{$difference} more" : "{$difference} less")." than the price of {$this->house->money((int) $build->price_minor)}.", 'parts');
            }
            PaymentPart::query()->where('build_id', $build->id)->whereNull('invoice_id')->delete();
            foreach ($parts as $part) {
                PaymentPart::query()->create([
                    'build_id' => $build->id, 'when' => $part['when'], 'stage' => $part['stage'], 'amount_minor' => $part['minor'],
                    'what' => match ($part['when']) {
                        PaymentWhen::Order => 'deposit', PaymentWhen::Delivery => 'balance', PaymentWhen::Stage => 'stage payment, '.($part['stage']?->words() ?? '').' done'
                    },
                ]);
            }
            $build->update(['version' => $build->version + 1]);
            $this->recording->log($build, $by, 'money', 'It is paid in other parts: '.implode(', ', array_map(fn (array $part): string => $this->house->money($part['minor']).' '.($part['stage'] === null ? $part['when']->words() : "when {$part['stage']->words()} is done"), $parts)).'.');
        });
    }
}
