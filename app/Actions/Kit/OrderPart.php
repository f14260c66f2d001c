<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Parts\SplitKit;
use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Units\Money;

/** Orders a kit line, or changes when it is expected and what it costs as long as it has not arrived. */
final readonly class OrderPart
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private Clock $clock,
    ) {
    }

    public function __invoke(Person $by, KitLine $line, int $version, string $expectedOn, Money $cost): void
    {
        $this->recording->keep(function () use ($by, $line, $version, $expectedOn, $cost): void {
            Refused::ifStale($line->version, $version, "“{$line->name}”");
            if ($line->state->isInTheShop()) {
                throw Refused::because("“{$line->name}” has arrived; it needs no order.", 'expected_on');
            }
            $ordered = SplitKit::onOrder($line);
            if ($ordered !== null) {
                throw Refused::because("“{$line->name}” stands in order {$ordered->part_order_id} with {$ordered->order->supplier->name}. Change it there.", 'expected_on');
            }
            $again = $line->state === KitState::Ordered;
            $line->update([
                'state' => KitState::Ordered,
                'ordered_on' => $line->ordered_on ?? $this->clock->today($this->house->zone()),
                'expected_on' => $expectedOn,
                'cost_minor' => $cost->minor,
                'version' => $line->version + 1,
            ]);
            $this->recording->log(
                $line->build,
                $by,
                'kit',
                ($again ? 'Order changed: ' : 'Ordered: ')."{$line->name}, expected ".Say::day($expectedOn)
                    .", {$cost}.",
            );
            $this->recording->planAnew("{$line->name} ordered for {$line->build->number}");
        });
    }
}
