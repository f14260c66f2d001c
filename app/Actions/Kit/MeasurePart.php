<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\People\Person;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\MadeHere;
use Regimen\Instrument\Reading\FieldReader;
use Regimen\Units\InvalidQuantity;

/** A part is measured; the value stands beside what was drawn, and a later one takes its place without effacing it. */
final readonly class MeasurePart
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(
        Person $by,
        Build $build,
        ?KitLine $line,
        string $part,
        string $field,
        string $value,
        string $instrument,
    ): Measurement {
        return $this->recording->keep(function () use ($by, $build, $line, $part, $field, $value, $instrument): Measurement {
            $read = Revisions::read($build->specification);
            $allowed = $line === null
                ? MadeHere::tryFrom($part)?->measured() ?? []
                : $line->group->measured($read->orFail());
            $definition = AsMeasured::field($field);
            if (! in_array($field, $allowed, true) || $definition === null) {
                throw Refused::because(
                    'That is not measured on this part. Choose one of the measures that are offered.',
                    'field',
                );
            }
            try {
                FieldReader::read($definition, $value);
            } catch (InvalidQuantity $wrong) {
                throw Refused::because($wrong->getMessage(), 'value');
            }
            $name = $line === null ? "{$part}, made here" : $line->name;
            $measured = Measurement::query()->create([
                'build_id' => $build->id, 'kit_line_id' => $line?->id, 'part' => $name, 'field' => $field,
                'value' => $value,
                'instrument' => $instrument, 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log(
                $build,
                $by,
                'measured',
                "Measured on {$name}: ".AsMeasured::label($field)." {$value}"
                    .($instrument === '' ? '' : " with {$instrument}").', drawn '
                    .(AsMeasured::drawn($field, $read) ?: 'without a figure').'.',
            );

            return $measured;
        });
    }
}
