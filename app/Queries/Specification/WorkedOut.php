<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\Build\Build;
use App\Pages\Dict;
use App\Pages\Shop\Option;
use App\Pages\Worked\Acceptance;
use App\Pages\Worked\ComputedFigure;
use App\Pages\Worked\Drawing;
use App\Pages\Worked\FieldDefinition;
use App\Pages\Worked\FieldGroup;
use App\Pages\Worked\FieldInput;
use App\Pages\Worked\ShownFinding;
use App\Pages\Worked\ShownFix;
use App\Pages\Worked\ShownInstrument;
use App\Pages\Worked\ShownValue;
use App\Pages\Worked\Worked;
use App\Planning\Route\Routes;
use App\Planning\Specification\Judgement;
use App\Planning\Specification\Revisions;
use App\Support\Say;
use Regimen\Drawing\Drawings as Views;
use Regimen\Drawing\View;
use Regimen\Figures\Figure;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Findings\Finding;
use Regimen\Findings\Fix;
use Regimen\Findings\Severity;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Units\Length;

/** Everything that is worked out from a specification while it is written: values, figures, findings, drawings. */
final readonly class WorkedOut
{
    public function __construct(private Revisions $revisions, private Routes $routes)
    {
    }

    /**
     * @param  array<mixed>  $client
     * @param  array<mixed>  $house
     */
    public function of(array $client, array $house, ?Build $build = null): Worked
    {
        $read = SpecificationReader::read($client, $house);
        $workings = $read->specification === null ? null : $this->revisions->workings($read, $build);
        $judgement = $workings === null
            ? null
            : Judgement::judge(
                $build, $workings, $this->routes->findings($workings->specification, $build),
            )->withTriedFixes($workings);

        return new Worked(
            problems: new Dict($read->problems),
            values: self::values($read, $client, $house),
            shown: $workings === null || $judgement === null ? null : new ShownInstrument(
                inOneLine: $workings->specification->inOneLine(),
                standing: self::standing($judgement),
                figures: self::figures($workings),
                findings: self::findings($judgement),
                views: array_map(static fn (View $view): Drawing => Drawings::view($view), Views::views($workings)),
            ),
        );
    }

    /**
     * @param  array<mixed>  $client
     * @param  array<mixed>  $house
     * @return array<string, ShownValue>
     */
    public static function values(ReadSpecification $read, array $client, array $house): array
    {
        $values = [];
        foreach (SpecificationFields::all() as $key => $field) {
            $value = $read->values[$key] ?? null;
            $values[$key] = new ShownValue(
                words: $key === 'outlineSvg' && $value !== '' ? 'one path' : FieldWords::of($field, $value),
                other: self::other($field, $value, $client[$key] ?? null),
                source: $read->sources[$key] ?? '',
                rows: $field->kind === FieldKind::Rows ? self::rows($client[$key] ?? $house[$key] ?? []) : null,
                idle: $read->idle[$key] ?? null,
            );
        }

        return $values;
    }

    /** @return list<array<string, string>> none where something else was written in their place */
    private static function rows(mixed $typed): array
    {
        return is_array($typed) ? array_values(array_filter($typed, is_array(...))) : [];
    }

    /** What was typed in inches is shown in millimetres beside it, and the other way round. */
    private static function other(Field $field, mixed $value, mixed $typed): string
    {
        $inInches = is_string($typed) && preg_match('/["″”\']|in|ft|\/|[½¼¾⅛]/u', $typed) === 1;

        return $inInches && $value instanceof Length
            ? FieldWords::of($field, $value)
            : FieldWords::other($field, $value);
    }

    /** @return list<ComputedFigure> */
    public static function figures(Workings $workings): array
    {
        return array_values(array_map(static fn (Figure $figure): ComputedFigure => new ComputedFigure(
            key: $figure->key,
            name: $figure->name,
            value: $figure->shown(),
            other: $figure->other(),
            group: $figure->group,
            because: "{$figure->formula}. {$figure->number}: {$figure->source()}.",
        ), array_filter(FigureBook::figures($workings), static fn (Figure $figure): bool => $figure->group !== '')));
    }

    /** `one stop, 2 warnings`: what is open and not accepted. */
    private static function standing(Judgement $judgement): string
    {
        $counts = [];
        foreach ([
            [Severity::Stop, 'stop'], [Severity::Warn, 'warning'], [Severity::Note, 'note'],
        ] as [$severity, $word]) {
            $count = count($judgement->open($severity));
            if ($count > 0) {
                $counts[] = Say::count($count, $word);
            }
        }

        return $counts === [] ? 'nothing open' : implode(', ', $counts);
    }

    /** @return list<ShownFinding> */
    private static function findings(Judgement $judgement): array
    {
        return array_map(static fn (array $pair): ShownFinding => self::finding(
            $pair[0],
            $pair[1] === null ? null : new Acceptance(by: $pair[1]->person->name, reason: $pair[1]->reason),
        ), $judgement->findings);
    }

    public static function finding(Finding $finding, ?Acceptance $accepted = null): ShownFinding
    {
        return new ShownFinding(
            key: $finding->key,
            severity: $finding->severity,
            title: $finding->title,
            figures: $finding->figures,
            because: "{$finding->because} Source: {$finding->source}.",
            fields: $finding->fields,
            fixes: array_map(
                static fn (Fix $fix): ShownFix => new ShownFix(
                    words: $fix->words, changes: new Dict($fix->changes),
                ),
                $finding->fixes,
            ),
            unfixed: $finding->unfixed,
            accepted: $accepted,
        );
    }

    /** @return list<FieldGroup> what can be written, group by group */
    public static function fields(): array
    {
        return array_map(
            static fn ($group): FieldGroup => new FieldGroup(
                key: $group->key,
                name: $group->name,
                fields: array_map(self::field(...), $group->fields),
            ),
            SpecificationFields::groups(),
        );
    }

    private static function field(Field $field): FieldDefinition
    {
        $options = $field->kind === FieldKind::Timber
            ? array_combine(\Regimen\Timber\Species::names(), \Regimen\Timber\Species::names())
            : $field->options;

        return new FieldDefinition(
            key: $field->key,
            label: $field->label,
            hint: $field->hint,
            default: is_string($field->default) ? $field->default : '',
            kind: match ($field->kind) {
                FieldKind::Choice, FieldKind::Timber => FieldInput::Choice,
                FieldKind::Prose => FieldInput::Prose,
                FieldKind::Rows => FieldInput::Rows,
                FieldKind::Name, FieldKind::Text, FieldKind::Gauges, FieldKind::Tuning, FieldKind::Masses,
                FieldKind::Resistances, FieldKind::Capacitances, FieldKind::Positions, FieldKind::Points,
                FieldKind::Numbers => FieldInput::Text,
                default => FieldInput::Figure,
            },
            options: array_map(
                static fn (string $value, string $words): Option => new Option(value: $value, words: $words),
                array_keys($options),
                $options,
            ),
            columns: array_map(self::field(...), $field->columns),
            most: $field->kind === FieldKind::Rows ? (int) ($field->bounds[1] ?? 9) : 0,
        );
    }
}
