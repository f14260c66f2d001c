<?php

declare(strict_types=1);

namespace Regimen\Inspection;

use Regimen\Figures\Figure;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Findings\Fix;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Units\Length;

/** The specification with what was measured in the place of what was drawn, and what that changes. */
final readonly class AsMeasured
{
    /**
     * @param  list<Finding>  $new
     * @param  list<Finding>  $gone
     * @param  array<string, string>  $problems
     */
    private function __construct(public array $new, public array $gone, public array $problems)
    {
    }

    /**
     * What was worked out for the drawing stays as it was drawn; only what was measured differs.
     *
     * @param  array<string, mixed>  $client
     * @param  array<string, mixed>  $house
     * @param  array<string, string>  $measured  typed, by field
     */
    public static function judge(array $client, array $house, array $measured): self
    {
        $drawn = SpecificationReader::read($client, $house);
        $read = self::read($client, $house, $measured);
        if ($drawn->specification === null || $read->specification === null) {
            return new self([], [], $read->problems);
        }
        $before = self::byKey($drawn);
        $after = self::byKey($read);

        return new self(
            array_values(array_diff_key($after, $before)), array_values(array_diff_key($before, $after)), [],
        );
    }

    /**
     * The specification as it is: what was worked out for the drawing stays as it was drawn; only what was measured
     * differs.
     *
     * @param  array<string, mixed>  $client
     * @param  array<string, mixed>  $house
     * @param  array<string, string>  $measured  typed, by field
     */
    public static function read(array $client, array $house, array $measured): ReadSpecification
    {
        $drawn = SpecificationReader::read($client, $house);

        return $measured === [] ? $drawn : SpecificationReader::read(
            (new Fix('', $measured))->appliedTo($client, $house), [...$house, ...self::workedOut($drawn)],
        );
    }

    /**
     * What comes out otherwise than it was drawn.
     *
     * @return list<array{Figure, Figure}> as drawn, as measured
     */
    public static function figures(Workings $drawn, Workings $made): array
    {
        $before = [];
        foreach (FigureBook::figures($drawn) as $figure) {
            $before[$figure->key] = $figure;
        }
        $changed = [];
        foreach (FigureBook::figures($made) as $figure) {
            $was = $before[$figure->key] ?? null;
            if ($was !== null && $was->shown() !== $figure->shown()) {
                $changed[] = [$was, $figure];
            }
        }

        return $changed;
    }

    /** @return array<string, string> */
    private static function workedOut(ReadSpecification $drawn): array
    {
        $typed = [];
        foreach ($drawn->values as $field => $value) {
            if ($value instanceof Length && ($drawn->sources[$field] ?? '') === ReadSpecification::COMPUTED) {
                $typed[$field] = (string) $value;
            }
        }

        return $typed;
    }

    /** @return array<string, Finding> wishes are not a matter of measures */
    private static function byKey(ReadSpecification $read): array
    {
        $findings = [];
        foreach (RuleBook::findings(Workings::from($read)) as $finding) {
            if (! str_starts_with($finding->key, 'wish.')) {
                $findings[$finding->key] = $finding;
            }
        }

        return $findings;
    }

    /** The field itself, also inside a row; null for one that does not exist. */
    public static function field(string $path): ?Field
    {
        $parts = explode('.', $path);
        $field = SpecificationFields::all()[$parts[0]] ?? null;
        foreach (count($parts) === 3 && $field !== null ? $field->columns : [] as $column) {
            if ($column->key === $parts[2]) {
                return $column;
            }
        }

        return count($parts) === 1 ? $field : null;
    }

    public static function label(string $path): string
    {
        $parts = explode('.', $path);
        $field = self::field($path);

        return ($field === null ? $path : $field->label).(
            count($parts) === 3 ? ', '.rtrim($parts[0], 's').' '.((int) $parts[1] + 1) : ''
        );
    }

    /** What was drawn for a field, in words. */
    public static function drawn(string $path, ReadSpecification $read): string
    {
        $parts = explode('.', $path);
        $field = self::field($path);
        $value = $read->values[$parts[0]] ?? null;
        if (count($parts) === 3) {
            $row = is_array($value) ? $value[(int) $parts[1]] ?? null : null;
            $value = is_object($row) ? $row->{$parts[2]} ?? null : null;
        }

        return $field === null ? '' : FieldWords::of($field, $value);
    }
}
