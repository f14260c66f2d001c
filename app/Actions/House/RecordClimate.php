<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Recording;
use App\Devices\ClimateSensor;
use App\Models\House\ClimateReading;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Carbon\CarbonImmutable;
use Regimen\Formats\ClimateTable;
use Regimen\Route\Air\Climate;
use Regimen\Units\UnreadableFile;

/**
 * Readings of the shop's air: typed, from the sensor or from a table. Everything is planned again, because cold makes
 * holds longer.
 */
final readonly class RecordClimate
{
    public function __construct(private Recording $recording, private ClimateSensor $sensor, private Clock $clock)
    {
    }

    public function typed(Person $by, Climate $air): void
    {
        $this->record($by, [[$this->clock->now(), $air]], 'typed');
    }

    public function fromSensor(?Person $by): Climate
    {
        $air = $this->sensor->read($this->clock->now());
        $this->record($by, [[$this->clock->now(), $air]], $this->sensor->name());

        return $air;
    }

    /** @return int how many readings it had */
    public function fromTable(Person $by, string $csv, \DateTimeZone $zone): int
    {
        try {
            $readings = ClimateTable::read($csv, $zone);
        } catch (UnreadableFile $wrong) {
            throw Refused::because("{$wrong->getMessage()} Nothing was taken from the file.", 'file');
        }
        $now = $this->clock->now();
        foreach ($readings as $line => [$at]) {
            if ($at > $now) {
                throw Refused::because(
                    "Line {$line}, column 1: {$at->format('Y-m-d H:i')} lies in the future. Nothing was taken from the "
                        .'file.',
                    'file',
                );
            }
        }
        $this->record(
            $by,
            array_values(
                array_map(
                    static fn (array $reading): array => [CarbonImmutable::instance($reading[0]), $reading[1]],
                    $readings,
                ),
            ),
            'table',
        );

        return count($readings);
    }

    /** @param  list<array{CarbonImmutable, Climate}>  $readings */
    private function record(?Person $by, array $readings, string $source): void
    {
        $this->recording->keep(function () use ($by, $readings, $source): void {
            foreach ($readings as [$at, $air]) {
                ClimateReading::query()->updateOrCreate(['at' => $at->utc()], [
                    'temperature_tenths' => (int) round(10 * $air->temperature),
                    'humidity_tenths' => (int) round(10 * $air->humidity), 'source' => $source, 'person_id' => $by?->id,
                ]);
            }
            $this->recording->planAnew('the air was read');
        });
    }
}
