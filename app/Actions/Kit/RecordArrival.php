<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;

/** A part is there. */
final readonly class RecordArrival
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private Clock $clock,
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
            $line->update(
                [
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
