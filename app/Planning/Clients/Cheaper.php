<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Timber\Species;

/**
 * What would bring a sketch under its budget: one thing otherwise at a time, really worked out, ranked by what it saves, each with what
 * it takes from the wish: another choice, another timber, another tool.
 */
final readonly class Cheaper
{
    /** What another choice of saves timber, parts or hours without being another instrument. */
    private const FIELDS = [
        'boardTimber', 'markers', 'markerMaterial', 'neckTimber', 'neckCut', 'stiffeningRods', 'volute', 'headstock', 'headConstruction', 'joint', 'body', 'weightRelief', 'edges', 'contours', 'bridge',
        'pickupsWound', 'shielding', 'finish', 'grainFill', 'neckFinish', 'boardFinish', 'aged', 'battery',
    ];

    /** So many are shown. */
    private const SHOWN = 12;

    public function __construct(private Reckoning $reckoning)
    {
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return list<CheaperWay> the one that saves most first
     */
    public function than(array $typed, ?int $model): array
    {
        $now = $this->reckoning->of($typed, $model);
        if (is_string($now)) {
            return [];
        }
        $ways = [];
        foreach (self::otherwise($typed, $now->read) as [$field, $from, $to, $changed]) {
            $tried = $this->reckoning->of($changed, $model);
            if (is_string($tried) || $tried->price->minor >= $now->price->minor) {
                continue;
            }
            $ways[] = new CheaperWay(
                $field, $from, $to, $now->price->minus($tried->price), $tried->price, $now->draft->route->work()->minutes - $tried->draft->route->work()->minutes, $tried->grams - $now->grams,
            );
        }
        $ways = [...$ways, ...$this->reckoning->otherTools($now)];
        usort($ways, static fn (CheaperWay $a, CheaperWay $b): int => $b->saves->minor <=> $a->saves->minor);
        // Of one thing only the best is told: ten timbers for one board are one idea.
        $best = [];
        foreach ($ways as $way) {
            $best[$way->field] ??= $way;
        }

        return array_slice(array_values($best), 0, self::SHOWN);
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return iterable<array{string, string, string, array<string, mixed>}> what, what it is, what it would be, all of it
     */
    private static function otherwise(array $typed, ReadSpecification $read): iterable
    {
        $fields = SpecificationFields::all();
        foreach (self::FIELDS as $key) {
            $now = FieldWords::of($fields[$key], $read->values[$key] ?? null);
            foreach (isset($read->idle[$key]) ? [] : self::choices($fields[$key]) as $value => $words) {
                if ($words !== $now) {
                    yield [$fields[$key]->label, $now, $words, [...$typed, $key => (string) $value]];
                }
            }
        }
        $layers = $typed['layers'] ?? [];
        foreach (is_array($layers) ? $layers : [] as $at => $layer) {
            foreach (is_array($layer) ? Species::names() : [] as $name) {
                if ($name !== $layer['timber']) {
                    yield ['Layer '.($at + 1), (string) $layer['timber'], $name, [...$typed, 'layers' => array_replace($layers, [$at => [...$layer, 'timber' => $name]])]];
                }
            }
        }
    }

    /** @return array<string, string> words by value */
    private static function choices(Field $field): array
    {
        return match ($field->kind) {
            FieldKind::Choice => $field->options,
            FieldKind::Timber => array_combine(Species::names(), Species::names()),
            default => [],
        };
    }
}
