<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Pages\Gate\Changed;
use App\Pages\Sheet\MeasurablePart;
use App\Pages\Sheet\MeasuredRow;
use App\Pages\Sheet\MeasuredSheet;
use App\Pages\Shop\Option;
use App\Pages\Worked\ShownFinding;
use App\Planning\Specification\AsMade;
use App\Queries\Specification\WorkedOut;
use Regimen\Figures\Workings;
use Regimen\Findings\Finding;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\MadeHere;
use Regimen\Instrument\Reading\ReadSpecification;

/** What was measured on a build's parts, against what was drawn. */
final class Measured
{
    public static function offered(Build $build, ReadSpecification $read): MeasuredSheet
    {
        $latest = $build->measurements->keyBy('field');
        $revision = $build->specification;
        $judged = $latest->isEmpty() ? null : AsMeasured::judge(
            $revision->client,
            $revision->house,
            $latest->map(static fn (Measurement $one): string => $one->value)->all(),
        );

        return new MeasuredSheet(
            rows: array_values($build->measurements->reverse()->map(static fn (Measurement $one): MeasuredRow => new MeasuredRow(
                id: $one->id,
                part: $one->part,
                name: AsMeasured::label($one->field),
                value: $one->value,
                drawn: AsMeasured::drawn($one->field, $read) ?: '–',
                instrument: $one->instrument,
                by: $one->person->name,
                at: $one->at->toIso8601ZuluString(),
                counts: $latest->contains($one),
            ))->all()),
            new: array_map(static fn (Finding $one): ShownFinding => WorkedOut::finding($one), $judged->new ?? []),
            gone: array_map(static fn (Finding $one): ShownFinding => WorkedOut::finding($one), $judged->gone ?? []),
            problems: $judged === null ? [] : array_values($judged->problems),
            parts: self::parts($build, $read),
            changed: $judged === null || $judged->problems !== [] || $read->specification === null ? [] : self::changed($build, $read),
        );
    }

    /** @return list<Changed> as drawn, as measured */
    private static function changed(Build $build, ReadSpecification $drawn): array
    {
        $made = AsMade::read($build, AsMade::measured($build));

        return array_map(
            static fn (array $pair): Changed => new Changed(name: $pair[0]->name, drawn: $pair[0]->withUnit(), measured: $pair[1]->withUnit()),
            AsMeasured::figures(Workings::from($drawn), Workings::from($made)),
        );
    }

    /** @return list<MeasurablePart> what can be measured on what */
    private static function parts(Build $build, ReadSpecification $read): array
    {
        $parts = [];
        foreach (MadeHere::cases() as $made) {
            $parts[] = new MeasurablePart(
                value: $made->value,
                words: "{$made->value}, made here",
                fields: self::fields($made->measured(), $read),
            );
        }
        foreach ($build->kit as $line) {
            $keys = $read->specification === null || ! self::isThere($line)
                ? []
                : $line->group->measured($read->specification);
            if ($keys !== []) {
                $parts[] = new MeasurablePart(value: (string) $line->id, words: $line->name, fields: self::fields($keys, $read));
            }
        }

        return $parts;
    }

    /**
     * @param  list<string>  $keys
     * @return list<Option>
     */
    private static function fields(array $keys, ReadSpecification $read): array
    {
        return array_map(
            static fn (string $key): Option => new Option(
                value: $key,
                words: AsMeasured::label($key).' · drawn '.(AsMeasured::drawn($key, $read) ?: '–'),
            ),
            $keys,
        );
    }

    private static function isThere(KitLine $line): bool
    {
        return $line->state->isInTheShop() && ! $line->surplus;
    }
}
