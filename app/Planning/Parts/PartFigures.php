<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Build\Build;
use App\Models\Build\Measurement;
use App\Models\Parts\Part;
use App\Planning\Specification\Revisions;
use Regimen\Findings\Finding;
use Regimen\Inspection\AsMeasured;
use Regimen\Instrument\Reading\FieldReader;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Units\InvalidQuantity;

/** What is known of a part, in the places of a specification that it fills. */
final class PartFigures
{
    /** In words: `Resistance`. */
    public static function label(PartGroup $group, string $field): string
    {
        return (string) preg_replace('/, pickup 1$/', '', AsMeasured::label($group->path($field)));
    }

    /**
     * Why what was measured cannot be on such a part; null where it can.
     *
     * @param  array<string, string>  $measured  typed, by figure
     */
    public static function problem(PartGroup $group, array $measured): ?string
    {
        foreach ($measured as $figure => $typed) {
            $field = in_array($figure, $group->figures(), true) ? AsMeasured::field($group->path($figure)) : null;
            if ($field === null) {
                return "“{$figure}” is not measured on it.";
            }
            try {
                FieldReader::read($field, $typed);
            } catch (InvalidQuantity $wrong) {
                return self::label($group, $figure).': '.$wrong->getMessage();
            }
        }

        return null;
    }

    /**
     * Typed values by the fields of the specification; of what stands in rows, the first that nothing was measured in yet.
     *
     * @param  array<string, string>  $measured  by field, already
     * @return array<string, string>
     */
    public static function inSpecification(Part $part, Specification $specification, int $rows, array $measured): array
    {
        $fields = [];
        $used = [];
        foreach ($part->group->measured($specification) as $path) {
            $parts = explode('.', $path);
            $value = $part->figure($parts[2] ?? $parts[0]);
            $row = $parts[1] ?? null;
            if ($row !== null) {
                $isFree = array_filter(array_keys($measured), static fn (string $one): bool => str_starts_with($one, "{$parts[0]}.{$row}.")) === [];
                if (! isset($used[$row]) && (! $isFree || count($used) >= $rows)) {
                    continue;
                }
                $used[$row] = true;
            }
            if ($value !== null) {
                $fields[$path] = $value;
            }
        }

        return $fields;
    }

    /** @return array<string, string> */
    public static function forBuild(Part $part, Build $build, int $rows): array
    {
        $read = Revisions::read($build->specification);

        return $read->specification === null ? [] : self::inSpecification($part, $read->specification, $rows, self::measured($build));
    }

    /** @return array<string, string> */
    private static function measured(Build $build): array
    {
        return Measurement::query()->where('build_id', $build->id)->orderBy('id')->pluck('value', 'field')->all();
    }

    /**
     * What the instrument would have against it: findings that there are not without it.
     *
     * @return list<string>
     */
    public static function consequences(Part $part, Build $build, int $rows): array
    {
        $figures = self::forBuild($part, $build, $rows);
        $revision = $build->specification;
        $judged = AsMeasured::judge($revision->client, $revision->house, [...self::measured($build), ...$figures]);
        $without = AsMeasured::judge($revision->client, $revision->house, self::measured($build));
        $known = array_map(static fn (Finding $one): string => $one->key, $without->new);

        return [...array_values($judged->problems), ...array_values(array_map(static fn (Finding $one): string => $one->title, array_filter($judged->new, static fn (Finding $one): bool => ! in_array($one->key, $known, true))))];
    }
}
