<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Queries\Specification\WorkedOut;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\MadeHere;
use Regimen\Instrument\Reading\ReadSpecification;

/** What was measured on a build's parts, against what was drawn. */
final class Measured
{
    /** @return array<string, mixed> */
    public static function offered(Build $build, ReadSpecification $read): array
    {
        $latest = $build->measurements->keyBy('field');
        $revision = $build->specification;
        $judged = $latest->isEmpty() ? null : AsMeasured::judge(
            $revision->client,
            $revision->house,
            $latest->map(static fn (Measurement $one): string => $one->value)->all(),
        );

        return [
            'rows' => $build->measurements->reverse()->map(static fn (Measurement $one): array => [
                'id' => $one->id, 'part' => $one->part, 'name' => AsMeasured::label($one->field),
                'value' => $one->value, 'drawn' => AsMeasured::drawn($one->field, $read) ?: '–',
                'instrument' => $one->instrument, 'by' => $one->person->name, 'at' => $one->at->toIso8601ZuluString(),
                'counts' => $latest->contains($one),
            ])->values()->all(),
            'new' => array_map(WorkedOut::finding(...), $judged === null ? [] : $judged->new),
            'gone' => array_map(WorkedOut::finding(...), $judged === null ? [] : $judged->gone),
            'problems' => $judged === null ? [] : array_values($judged->problems),
            'parts' => self::parts($build, $read),
        ];
    }

    /** @return list<array<string, mixed>> what can be measured on what */
    private static function parts(Build $build, ReadSpecification $read): array
    {
        $parts = [];
        $fields = static fn (array $keys): array => array_map(
            static fn (string $key): array => [
                'value' => $key,
                'words' => AsMeasured::label($key).' · drawn '.(AsMeasured::drawn($key, $read) ?: '–'),
            ],
            $keys,
        );
        foreach (MadeHere::cases() as $made) {
            $parts[] = [
                'value' => $made->value, 'words' => "{$made->value}, made here", 'fields' => $fields($made->measured()),
            ];
        }
        foreach ($build->kit as $line) {
            $keys = $read->specification === null || ! self::isThere($line)
                ? []
                : $line->group->measured($read->specification);
            if ($keys !== []) {
                $parts[] = ['value' => (string) $line->id, 'words' => $line->name, 'fields' => $fields($keys)];
            }
        }

        return $parts;
    }

    private static function isThere(KitLine $line): bool
    {
        return $line->state->isInTheShop() && ! $line->surplus;
    }
}
