<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Pages\Compare\Asked;
use App\Pages\Compare\ComparedRow;
use App\Pages\Compare\CompareProps;
use App\Pages\Compare\Preset;
use App\Pages\Compare\RouteComparison;
use App\Pages\Dict;
use App\Pages\Shop\BuildName;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Plan\WhatFollows;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Specification\Revisions;
use App\Support\Say;
use Regimen\Costing\UnknownPrice;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Standards\Tool;
use Regimen\Route\Standards\UnknownStandard;

/** The same instrument made otherwise, beside how it is made today, before anything is decided. */
final readonly class ComparePage
{
    private const FIELDS = [
        'joint', 'finish', 'body', 'neckCut', 'zeroFret', 'boardFinish', 'headConstruction', 'laminations',
        'stiffeningRods', 'boardBinding', 'bodyBinding',
    ];

    /** What is asked for most often, in one gesture. */
    private const PRESETS = [
        'with a set neck' => ['joint' => 'set'], 'with a bolted neck' => ['joint' => 'bolt-on'],
        'with a neck that runs through' => ['joint' => 'through'],
        'in nitrocellulose' => ['finish' => 'nitrocellulose'], 'in wiping oil' => ['finish' => 'wiping-oil'],
        'in French polish' => ['finish' => 'shellac'],
        'machine-carved' => ['tools' => 'machine', 'carve' => 'before'], 'all by hand' => ['tools' => 'hand'],
    ];

    public function __construct(
        private House $house,
        private Drafting $drafting,
        private Routes $routes,
        private DaysAlone $daysAlone,
        private WhatFollows $whatFollows,
        private ComparedRoutes $compared,
    ) {
    }

    /**
     * @param  array<mixed>  $asked  from the address
     */
    public function data(Build $build, array $asked): CompareProps
    {
        $build->load(['specification', 'routeChanges', 'acceptedFindings']);
        $change = self::understood($asked);
        $read = Revisions::read($build->specification);
        $today = $this->drafting->draft($read->orFail(), $build);

        return new CompareProps(
            build: new BuildName(number: $build->number, title: $build->title),
            asked: new Dict($change),
            fields: self::fields($read),
            questions: array_map(
                fn (Question $question): Asked => new Asked(
                    key: $question->value,
                    label: $question->words(),
                    now: $question->choice($this->house->methods($build)->answer($question))->words ?? '',
                    options: array_map(
                        static fn ($choice): Option => new Option(value: $choice->key, words: $choice->words),
                        $question->choices(),
                    ),
                ),
                Question::cases(),
            ),
            presets: array_map(
                static fn (string $words, array $one): Preset => new Preset(words: $words, change: new Dict($one)),
                array_keys(self::PRESETS),
                self::PRESETS,
            ),
            comparison: $change === [] ? null : $this->comparison($build, $read, $today, $change),
        );
    }

    /**
     * @param  array<mixed>  $asked
     * @return array<string, string>
     */
    private static function understood(array $asked): array
    {
        $known = [];
        foreach ($asked as $key => $value) {
            $allowed = is_string($value) && $value !== '' && mb_strlen($value) < 40
                && (
                    in_array($key, self::FIELDS, true) || $key === 'tools' && Tool::tryFrom($value) !== null
                        || Question::tryFrom((string) $key)?->choice($value) !== null
                );
            if ($allowed) {
                $known[(string) $key] = $value;
            }
        }

        return $known;
    }

    /** @return list<Asked> */
    private static function fields(ReadSpecification $read): array
    {
        $rows = [];
        foreach (self::FIELDS as $key) {
            $field = SpecificationFields::all()[$key];
            $rows[] = new Asked(
                key: $key,
                label: $field->label,
                now: FieldWords::of($field, $read->values[$key] ?? null),
                options: array_map(
                    static fn (string $value, string $words): Option => new Option(value: $value, words: $words),
                    array_keys($field->options),
                    $field->options,
                ),
            );
        }

        return $rows;
    }

    /**
     * @param  array<string, string>  $change
     */
    private function comparison(Build $build, ReadSpecification $read, Draft $today, array $change): RouteComparison
    {
        $fields = array_intersect_key($change, array_flip(self::FIELDS));
        $other = SpecificationReader::read(
            [...$build->specification->client, ...$fields], $build->specification->house,
        );
        if ($other->specification === null) {
            return new RouteComparison(problems: array_values($other->problems), rows: null);
        }
        $methods = $this->methods($build, $today, $change);
        try {
            $draft = $this->drafting->worked(
                $other->specification, $this->routes->of($other->specification, $build, $methods),
            );
        } catch (UnknownPrice|UnknownStandard $missing) {
            return new RouteComparison(problems: [$missing->getMessage()], rows: null);
        }

        return $this->compared->differences(
            $this->rows($build, $today, $draft), $build, $read, $other, $today, $draft, $methods,
        );
    }

    /** @param  array<string, string>  $change */
    private function methods(Build $build, Draft $today, array $change): Methods
    {
        $methods = $this->house->methods($build);
        $standards = $this->house->standards();
        foreach ($change as $key => $answer) {
            if (Question::tryFrom($key) !== null) {
                $methods = $methods->with($key, $answer);
            }
        }
        foreach (isset($change['tools']) ? $today->route->operations : [] as $operation) {
            foreach ($standards->ways($operation->standard->key) as $way) {
                $methods = $way->tool->value === $change['tools']
                    ? $methods->with(Methods::toolKey($operation->standard->key), $change['tools'])
                    : $methods;
            }
        }

        return $methods;
    }

    /** @return list<ComparedRow> */
    private function rows(Build $build, Draft $today, Draft $other): array
    {
        $row = static fn (string $name, string $was, string $is): ComparedRow => new ComparedRow(
            name: $name,
            today: $was,
            other: $is,
        );
        $hours = static fn (Draft $draft): string => Say::figure($draft->route->work()->hours(), 1).' h';
        $range = static fn (Draft $draft): string => Say::figure($draft->route->hours()->best->hours(), 0).' to '
            .Say::figure($draft->route->hours()->worst->hours(), 0).' h';
        $alone = fn (Draft $draft): string => ($days = $this->daysAlone->of($draft)->days) === null
            ? 'cannot be planned'
            : Say::figure($days, 1).' days';
        $rows = [
            $row('Operations', (string) count($today->route->operations), (string) count($other->route->operations)),
            $row('Set-up and labour', $hours($today), $hours($other)),
            $row('Labour at best and at worst', $range($today), $range($other)),
            $row(
                'Set-ups, if nothing is shared', Say::figure($today->route->setUps()->hours(), 1).' h',
                Say::figure($other->route->setUps()->hours(), 1).' h',
            ),
            $row('Alone in the shop', $alone($today), $alone($other)),
            $row('Material', (string) $today->quote->material, (string) $other->quote->material),
            $row('Cost', (string) $today->quote->cost, (string) $other->quote->cost),
        ];
        if ($build->status === BuildStatus::Open) {
            [$before, $after] = $this->whatFollows->of($build, $other);
            $day = fn ($instant): string => $instant === null
                ? 'cannot be planned'
                : Say::day($instant->setTimezone($this->house->zone())->toDateString());
            $rows[] = $row('Planned finish in the shop as it is', $day($before), $day($after));
        }

        return $rows;
    }
}
