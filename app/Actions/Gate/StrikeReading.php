<?php

declare(strict_types=1);

namespace App\Actions\Gate;

use App\Actions\Recording;
use App\Models\Gate\Reading;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Inspection\Readings\ReadingText;

/** A reading that was misread counts no more; it stays readable. */
final readonly class StrikeReading
{
    public function __construct(private Recording $recording, private GateDesk $desk, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Reading $reading, string $because): void
    {
        $this->recording->keep(function () use ($by, $reading, $because): void {
            $operation = $reading->operation;
            $this->desk->open($operation);
            if ($reading->struck_at !== null || $reading->round !== $operation->gate_round) {
                throw Refused::because('That reading does not count any more. Nothing was changed.', 'gate');
            }
            $reading->update(['struck_at' => $this->clock->now(), 'struck_because' => $because]);
            $this->recording->log(
                $operation->build, $by, 'correction',
                "{$operation->name}: the reading ".ReadingText::shown($reading->value, $reading->unit)." was struck out: {$because}",
            );
        });
    }
}
