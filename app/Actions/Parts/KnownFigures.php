<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Parts\Part;
use App\Models\People\Person;
use App\Planning\Parts\PartFigures;
use App\Support\Clock;

/** What was measured on a part before it came into a kit counts for its build. Runs inside an action's transaction. */
final readonly class KnownFigures
{
    public function __construct(private Clock $clock)
    {
    }

    public function keep(Person $by, KitLine $line, Part $part, float $quantity): void
    {
        foreach (PartFigures::forBuild($part, $line->build, (int) ceil($quantity)) as $field => $value) {
            $isMeasured = isset($part->figures[explode('.', $field)[2] ?? $field]['measured']);
            if ($isMeasured) {
                Measurement::query()->create([
                    'build_id' => $line->build_id, 'kit_line_id' => $line->id, 'part' => $part->name, 'field' => $field, 'value' => $value,
                    'instrument' => 'as in the catalogue', 'person_id' => $by->id, 'at' => $this->clock->now(),
                ]);
            }
        }
    }
}
