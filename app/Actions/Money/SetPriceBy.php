<?php

declare(strict_types=1);

namespace App\Actions\Money;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Money\PaymentPart;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Money\Reckoner;
use App\Support\Refused;
use Regimen\Costing\Quote;
use Regimen\Invoicing\PaymentWhen;

/** A price is fixed, or goes by effort with the agreed price as its ceiling; by effort the balance is what it came to. */
final readonly class SetPriceBy
{
    public function __construct(private Recording $recording, private PaymentPlans $plans, private Reckoner $reckoner, private House $house)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, string $way): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $way): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->price_minor === null) {
                throw Refused::because("{$build->name()} has no price.", 'way');
            }
            $build->update(['price_by' => $way, 'version' => $build->version + 1]);
            $this->recording->log($build, $by, 'money', $way === 'fixed' ? 'The price is fixed.' : "The price goes by effort, at most {$this->house->money($build->price_minor)}.");
        });
    }

    /** By effort: the price becomes what it came to, and the balance what is left of that. */
    public function settle(Person $by, Build $build, int $version): void
    {
        $this->recording->keep(function () use ($by, $build, $version): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->price_by !== 'effort') {
                throw Refused::because('The price is fixed; there is nothing to settle.');
            }
            $ceiling = $this->house->money((int) $build->price_minor);
            $price = Quote::byEffort($this->reckoner->effort($build), $ceiling);
            $less = $price->minor - $ceiling->minor;
            $balance = PaymentPart::query()->where('build_id', $build->id)->whereNull('invoice_id')->where('when', PaymentWhen::Delivery->value)->sum('amount_minor');
            if ($less !== 0 && (int) $balance + $less < 0) {
                throw Refused::because("It came to {$price}, which is less than was invoiced already. Take an invoice back first.");
            }
            $this->plans->change($build, $less, 'settled by effort');
            $build->update(['price_minor' => $price->minor, 'price_by' => 'fixed', 'version' => $build->version + 1]);
            $this->recording->log($build, $by, 'money', "Settled by effort: {$price}, of at most {$ceiling}.");
        });
    }
}
