<?php

declare(strict_types=1);

namespace Regimen\Formats\Json;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Timber\Species;
use Regimen\Units\UnreadableFile;

/** A whole specification as JSON: what the client says, and what the house takes where the client says nothing. */
final readonly class SpecificationFile
{
    public const FORMAT = 'regimen-specification/1';

    public const LARGEST_BYTES = 500_000;

    private const SCHEMA = 'https://json-schema.org/draft/2020-12/schema';

    /**
     * @param  array<string, mixed>  $client  typed, by field
     * @param  array<string, mixed>  $house
     */
    private function __construct(public array $client, public array $house, public ReadSpecification $read)
    {
    }

    /**
     * @param  array<string, mixed>  $client
     * @param  array<string, mixed>  $house
     */
    public static function write(array $client, array $house): string
    {
        $said = static fn (array $typed): object => (object) array_filter(
            $typed, static fn (mixed $value): bool => $value !== null && $value !== '',
        );

        return json_encode(
            ['format' => self::FORMAT, 'client' => $said($client), 'house' => $said($house)],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * All or nothing.
     *
     * @throws UnreadableFile naming every line that is refused
     */
    public static function read(string $text): self
    {
        if (strlen($text) > self::LARGEST_BYTES) {
            throw UnreadableFile::because('The file is larger than '.(self::LARGEST_BYTES / 1000).' kB.');
        }
        [$value, $lines] = JsonText::read($text);
        if (! is_array($value) || ($value['format'] ?? null) !== self::FORMAT) {
            throw UnreadableFile::at($lines['format'] ?? 1, 'a specification says "format": "'.self::FORMAT.'"');
        }
        $refused = [];
        foreach (array_diff(array_keys($value), ['format', 'client', 'house']) as $unknown) {
            self::refuse($refused, $lines[$unknown] ?? 1, "“{$unknown}” is neither format, client nor house");
        }
        $client = self::part($value, 'client', $lines, $refused);
        $said = self::part($value, 'house', $lines, $refused);
        $house = HouseDefaults::under([...$said, 'type' => SpecificationReader::typeOf($client + $said)->value]);
        $read = SpecificationReader::read($client, $house);
        foreach ([...$read->problems] as $field => $problem) {
            self::refuse($refused, self::lineOf((string) $field, $client, $lines), "{$field}: ".rtrim($problem, '.'));
        }
        if ($refused !== []) {
            ksort($refused);
            throw UnreadableFile::lines($refused);
        }

        return new self($client, $house, $read);
    }

    /** @param  array<int, string>  $refused */
    private static function refuse(array &$refused, int $line, string $what): void
    {
        $refused[$line] = isset($refused[$line]) ? "{$refused[$line]}; {$what}" : $what;
    }

    /**
     * @param  array<mixed>  $value
     * @param  array<string, int>  $lines
     * @param  array<int, string>  $refused
     * @return array<string, mixed>
     */
    private static function part(array $value, string $name, array $lines, array &$refused): array
    {
        $part = $value[$name] ?? [];
        if (! is_array($part) || array_is_list($part) && $part !== []) {
            self::refuse($refused, $lines[$name] ?? 1, "“{$name}” holds values by the name of their field");

            return [];
        }
        foreach (array_keys(array_diff_key($part, SpecificationFields::all())) as $unknown) {
            self::refuse($refused, $lines["{$name}.{$unknown}"] ?? 1, "“{$unknown}” is no field of a specification");
            unset($part[$unknown]);
        }

        return array_filter($part, static fn (mixed $one): bool => $one !== null);
    }

    /**
     * @param  array<string, mixed>  $client
     * @param  array<string, int>  $lines
     */
    private static function lineOf(string $field, array $client, array $lines): int
    {
        $root = explode('.', $field)[0];
        $part = array_key_exists($root, $client) ? 'client' : 'house';
        for ($path = $field; $path !== ''; $path = (string) preg_replace('/\.?[^.]*$/', '', $path)) {
            if (isset($lines["{$part}.{$path}"])) {
                return $lines["{$part}.{$path}"];
            }
        }

        return $lines[$part] ?? $lines['client'] ?? 1;
    }

    /** @return array<string, mixed> the JSON Schema (2020-12) of such a file */
    public static function schema(): array
    {
        $fields = array_map(self::property(...), SpecificationFields::all());

        return [
            '$schema' => self::SCHEMA,
            'title' => 'A specification of an instrument',
            'description' => 'Values are written as a maker types them: lengths as 43, 43 mm, 1 3/4" or 0.9 in; a '
                .'number without a unit is in the unit of its field. What the client leaves out is the house’s; what '
                    .'the house leaves out is computed.',
            'type' => 'object',
            'required' => ['format'],
            'additionalProperties' => false,
            'properties' => [
                'format' => ['const' => self::FORMAT], 'client' => ['$ref' => '#/$defs/values'],
                'house' => ['$ref' => '#/$defs/values'],
            ],
            '$defs' => ['values' => ['type' => 'object', 'additionalProperties' => false, 'properties' => $fields]],
        ];
    }

    /** @return array<string, mixed> */
    private static function property(Field $field): array
    {
        $title = array_filter(['title' => $field->label, 'description' => $field->hint]);

        return $title + match ($field->kind) {
            FieldKind::Choice => ['enum' => [...array_keys($field->options), '']],
            FieldKind::Timber => ['enum' => [...Species::names(), '']],
            FieldKind::Rows => [
                'type' => 'array',
                'minItems' => (int) ($field->bounds[0] ?? 0),
                'maxItems' => (int) ($field->bounds[1] ?? 99),
                'items' => [
                    'type' => 'object', 'additionalProperties' => false,
                    'properties' => array_combine(
                        array_map(static fn (Field $column): string => $column->key, $field->columns),
                        array_map(self::property(...), $field->columns),
                    ),
                ],
            ],
            FieldKind::Name, FieldKind::Text, FieldKind::Prose, FieldKind::Tuning, FieldKind::Gauges, FieldKind::Points,
            FieldKind::Positions => ['type' => 'string'],
            default => [
                'type' => ['string', 'number'],
                '$comment' => $field->kind->value.(
                    $field->bounds === null ? '' : ", {$field->bounds[0]} to {$field->bounds[1]}"
                ),
            ],
        };
    }
}
