<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Body\Bodywork;
use Regimen\Instrument\Body\Boxwork;
use Regimen\Instrument\Body\Bridgework;
use Regimen\Instrument\Brief\Brief;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Electrics\Electrics;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Finish\Finishing;
use Regimen\Instrument\Fretboard\Fretboard;
use Regimen\Instrument\Fretboard\Stringing;
use Regimen\Instrument\Neck\Headstock;
use Regimen\Instrument\Neck\Joinery;
use Regimen\Instrument\Neck\Neck;
use Regimen\Instrument\Specification;
use Regimen\Instrument\SpecificationCheck;
use Regimen\Units\InvalidQuantity;

/**
 * Reads a specification as it is typed and kept: lengths stay in the maker's own words, what the client leaves out is
 * the house's, what the house leaves out is computed.
 */
final class SpecificationReader
{
    private const PARTS = [
        Brief::class, Fretboard::class, Stringing::class, Neck::class, Headstock::class,
        Joinery::class, Bodywork::class, Boxwork::class, Bridgework::class, Electrics::class, Finishing::class,
    ];

    /** @var array<string, string> */
    private array $problems = [];

    /** @var array<string, string> */
    private array $sources = [];

    /** @var array<string, string> what the trade takes, by field */
    private readonly array $trade;

    /**
     * @param  array<mixed>  $client
     * @param  array<mixed>  $house
     */
    private function __construct(private readonly array $client, private readonly array $house)
    {
        $this->trade = SpecificationFields::tradeDefaults(self::typeOf([...$house, ...$client])->value);
    }

    /**
     * @param  array<mixed>  $client  by field
     * @param  array<mixed>|null  $house  what stands where the client says nothing; the trade's defaults when null
     */
    public static function read(array $client, ?array $house = null): ReadSpecification
    {
        return (new self($client, $house ?? HouseDefaults::ofTrade(self::typeOf($client))))->result();
    }

    /** @param  array<mixed>  $typed */
    public static function typeOf(array $typed): InstrumentType
    {
        $type = $typed['type'] ?? null;

        return (is_string($type) ? InstrumentType::tryFrom($type) : null) ?? InstrumentType::Guitar;
    }

    private function result(): ReadSpecification
    {
        $values = [];
        foreach (SpecificationFields::all() as $key => $field) {
            $values[$key] = $this->value($field);
        }
        foreach (array_diff(array_keys($this->client), array_keys(SpecificationFields::all())) as $unknown) {
            $this->problems[(string) $unknown] = '“'.mb_substr((string) $unknown, 0, 40)
                .'” is no field of a specification.';
        }
        if ($this->problems !== []) {
            return new ReadSpecification(null, $this->problems, $this->sources, $values, $this->client, $this->house);
        }
        foreach (Completion::complete($values) as $key => $value) {
            $values[$key] = $value;
            $this->sources[$key] ??= ReadSpecification::COMPUTED;
        }
        $specification = self::assemble($values);
        $problems = SpecificationCheck::problems($specification);

        return new ReadSpecification(
            $problems === [] ? $specification : null, $problems, $this->sources, $values, $this->client, $this->house,
            Applicability::idle($specification),
        );
    }

    private function value(Field $field): mixed
    {
        foreach ([
            [ReadSpecification::CLIENT, $this->client],
            [ReadSpecification::HOUSE, $this->house],
            // A field that is younger than what the house said then is as the trade has it.
            [ReadSpecification::HOUSE, $this->trade],
        ] as [$source, $typed]) {
            $given = $typed[$field->key] ?? null;
            if ($field->kind === FieldKind::Rows ? $given === null : self::isBlank($given)) {
                continue;
            }
            $this->sources[$field->key] = $source;

            return $field->kind === FieldKind::Rows
                ? $this->rows($field, $given)
                : $this->readValue($field, $given, $field->key);
        }

        return $field->kind === FieldKind::Rows ? [] : self::nothing($field);
    }

    /** @return list<object> */
    private function rows(Field $field, mixed $given): array
    {
        [$least, $most] = $field->bounds ?? [0, 99];
        if (! is_array($given) || count($given) < $least || count($given) > $most) {
            $this->problems[$field->key] = $field->hint !== '' && $least > 0
                ? ucfirst($field->hint).'.'
                : "{$field->label}: {$least} to {$most}.";

            return [];
        }
        $rows = [];
        foreach (array_values($given) as $index => $typed) {
            $values = [];
            foreach ($field->columns as $column) {
                $cell = is_array($typed) ? $typed[$column->key] ?? null : null;
                $cell = self::isBlank($cell) && is_string($column->default) ? $column->default : $cell;
                $values[$column->key] = self::isBlank($cell) && ! self::mustBeThere($column)
                    ? null
                    : $this->readValue($column, $cell ?? '', "{$field->key}.{$index}.{$column->key}");
            }
            foreach (is_array($typed) ? array_diff(array_keys($typed), array_keys($values)) : [] as $unknown) {
                $this->problems["{$field->key}.{$index}.{$unknown}"] = "“{$unknown}” is no column of {$field->label}.";
            }
            $rows[] = $values;
        }

        return array_values(array_filter(array_map(fn (array $values): ?object => $this->row($field, $values), $rows)));
    }

    /** @param  array<string, mixed>  $values */
    private function row(Field $field, array $values): ?object
    {
        if ($this->problems !== [] || $field->row === null) {
            return null;
        }

        return new $field->row(...$values);
    }

    private function readValue(Field $field, mixed $given, string $at): mixed
    {
        if (! is_scalar($given)) {
            $this->problems[$at] = "{$field->label} is one value, not a list.";

            return null;
        }
        try {
            return FieldReader::read($field, is_bool($given) ? ($given ? 'yes' : 'no') : (string) $given);
        } catch (InvalidQuantity $wrong) {
            $this->problems[$at] = $wrong->getMessage();

            return null;
        }
    }

    private static function isBlank(mixed $given): bool
    {
        return $given === null || is_string($given) && trim($given) === '';
    }

    private static function mustBeThere(Field $column): bool
    {
        return ! in_array($column->key, ['resistance', 'spread', 'position'], true);
    }

    private static function nothing(Field $field): mixed
    {
        return match ($field->kind) {
            FieldKind::Text, FieldKind::Prose => '',
            FieldKind::Gauges, FieldKind::Tuning, FieldKind::Masses, FieldKind::Resistances, FieldKind::Capacitances,
            FieldKind::Positions, FieldKind::Points, FieldKind::Numbers => [],
            default => null,
        };
    }

    /** @param  array<string, mixed>  $values */
    private static function assemble(array $values): Specification
    {
        $parts = [];
        foreach (self::PARTS as $part) {
            $parts[] = new $part(...array_intersect_key($values, self::parametersOf($part)));
        }

        return new Specification(...$parts);
    }

    /**
     * @param  class-string  $part
     * @return array<string, true>
     */
    private static function parametersOf(string $part): array
    {
        static $known = [];
        if (! isset($known[$part])) {
            $known[$part] = [];
            foreach ((new \ReflectionClass($part))->getProperties() as $property) {
                $known[$part][$property->getName()] = true;
            }
        }

        return $known[$part];
    }
}
