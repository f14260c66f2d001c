<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Parts\CameLine;
use App\Actions\Parts\ReceiveParcel;
use App\Actions\Parts\SplitKit;
use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\Amount;

/** A part is there. */
final readonly class RecordArrival
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private Clock $clock,
        private ReceiveParcel $receive,
    ) {
    }

    public function __invoke(Person $by, KitLine $line, int $version): void
    {
        $this->recording->keep(function () use ($by, $line, $version): void {
            if ($line->state->isInTheShop()) {
                throw Refused::because(
                    "“{$line->name}” arrived "
                        .($line->arrived_on === null ? 'before' : 'on '.Say::day($line->arrived_on))
                        .'. A part arrives once; nothing was changed.',
                    'arrival',
                );
            }
            Refused::ifStale($line->version, $version, "“{$line->name}”");
            $ordered = SplitKit::onOrder($line);
            if ($ordered !== null) {
                // It came with its order: at what it was ordered for, without freight.
                ($this->receive)($by, $ordered->order, $ordered->order->version, [
                    $ordered->id => new CameLine(Amount::units($ordered->missing()), $this->house->money($line->costMinor())),
                ], $this->house->money(0), false);

                return;
            }
            $part = Catalogue::isPart($line->group, $line->unit) && $line->lead_days > 0 ? Catalogue::of($line) : null;
            $supplier = $part === null ? null : Catalogue::supplier($line->supplier);
            $part === null || $supplier === null || Catalogue::remember($part, $supplier, (int) round($line->costMinor() / $line->quantity), $line->lead_days);
            $line->update(
                [
                    'part_id' => $part?->id,
                    'state' => KitState::Arrived, 'arrived_on' => $this->clock->today($this->house->zone()),
                    'version' => $line->version + 1,
                ],
            );
            $this->recording->log(
                $line->build, $by, 'kit', "Arrived: {$line->name}. Measure it before it is relied on.",
            );
            $this->recording->planAnew("{$line->name} arrived for {$line->build->number}");
        });
    }
}
