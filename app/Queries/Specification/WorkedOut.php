<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\Build\Build;
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
use Regimen\Findings\Mend;
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
     * @return array<string, mixed>
     */
    public function of(array $client, array $house, ?Build $build = null): array
    {
        $read = SpecificationReader::read($client, $house);
        $workings = $read->specification === null ? null : $this->revisions->workings($read, $build);
        $judgement = $workings === null
            ? null
            : Judgement::judge(
                $build, $workings, $this->routes->findings($workings->specification, $build),
            )->withTriedMends($workings);

        return [
            'problems' => (object) $read->problems,
            'values' => self::values($read, $client, $house),
            'shown' => $workings === null || $judgement === null ? null : [
                'inOneLine' => $workings->specification->inOneLine(),
                'standing' => self::standing($judgement),
                'figures' => self::figures($workings),
                'findings' => self::findings($judgement),
                'views' => array_map(static fn (View $view): array => Drawings::view($view), Views::views($workings)),
            ],
        ];
    }

    /**
     * @param  array<mixed>  $client
     * @param  array<mixed>  $house
     * @return array<string, mixed>
     */
    public static function values(ReadSpecification $read, array $client, array $house): array
    {
        $values = [];
        foreach (SpecificationFields::all() as $key => $field) {
            $value = $read->values[$key] ?? null;
            $values[$key] = [
                'words' => $key === 'outlineSvg' && $value !== '' ? 'one path' : FieldWords::of($field, $value),
                'other' => self::other($field, $value, $client[$key] ?? null),
                'source' => $read->sources[$key] ?? '',
                'idle' => $read->idle[$key] ?? null,
                ...$field->kind === FieldKind::Rows ? ['rows' => $client[$key] ?? $house[$key] ?? []] : [],
            ];
        }

        return $values;
    }

    /** What was typed in inches is shown in millimetres beside it, and the other way round. */
    private static function other(Field $field, mixed $value, mixed $typed): string
    {
        $inInches = is_string($typed) && preg_match('/["″”\']|in|ft|\/|[½¼¾⅛]/u', $typed) === 1;

        return $inInches && $value instanceof Length
            ? FieldWords::of($field, $value)
            : FieldWords::other($field, $value);
    }

    /** @return list<array<string, string>> */
    public static function figures(Workings $workings): array
    {
        return array_values(array_map(static fn (Figure $figure): array => [
            'key' => $figure->key, 'name' => $figure->name, 'value' => $figure->shown(), 'other' => $figure->other(),
            'group' => $figure->group,
            'because' => "{$figure->formula}. {$figure->number}: {$figure->source()}.",
        ], array_filter(FigureBook::figures($workings), static fn (Figure $figure): bool => $figure->group !== '')));
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

    /** @return list<array<string, mixed>> */
    private static function findings(Judgement $judgement): array
    {

        return array_map(static fn (array $pair): array => [
            ...self::finding($pair[0]),
            'accepted' => $pair[1] === null ? null : ['by' => $pair[1]->person->name, 'reason' => $pair[1]->reason],
        ], $judgement->findings);
    }

    /** @return array<string, mixed> */
    public static function finding(Finding $finding): array
    {
        return [
            'key' => $finding->key, 'severity' => $finding->severity->value, 'title' => $finding->title,
            'figures' => $finding->figures,
            'because' => "{$finding->because} Source: {$finding->source}.", 'fields' => $finding->fields,
            'mends' => array_map(
                static fn (Mend $mend): array => ['words' => $mend->words, 'changes' => (object) $mend->changes],
                $finding->mends,
            ),
            'unmended' => $finding->unmended,
        ];
    }

    /** @return list<array<string, mixed>> what can be written, group by group */
    public static function fields(): array
    {
        return array_map(
            static fn ($group): array => [
                'key' => $group->key, 'name' => $group->name, 'fields' => array_map(self::field(...), $group->fields),
            ],
            SpecificationFields::groups(),
        );
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        $options = $field->kind === FieldKind::Timber
            ? array_combine(\Regimen\Timber\Species::names(), \Regimen\Timber\Species::names())
            : $field->options;

        return [
            'key' => $field->key, 'label' => $field->label, 'hint' => $field->hint,
            'default' => is_string($field->default) ? $field->default : '',
            'kind' => match ($field->kind) {
                FieldKind::Choice, FieldKind::Timber => 'choice',
                FieldKind::Prose => 'prose',
                FieldKind::Rows => 'rows',
                FieldKind::Name, FieldKind::Text, FieldKind::Gauges, FieldKind::Tuning, FieldKind::Masses,
                FieldKind::Resistances, FieldKind::Capacitances, FieldKind::Positions, FieldKind::Points,
                FieldKind::Numbers => 'text',
                default => 'figure',
            },
            'options' => array_map(
                static fn (string $value, string $words): array => ['value' => $value, 'words' => $words],
                array_keys($options),
                $options,
            ),
            'columns' => array_map(self::field(...), $field->columns),
            'most' => $field->kind === FieldKind::Rows ? (int) ($field->bounds[1] ?? 9) : 0,
        ];
    }
}
