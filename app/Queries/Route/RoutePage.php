<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation as OperationModel;
use App\Models\Build\RouteChange;
use App\Models\House\RoutePattern;
use App\Models\People\Person;
use App\Pages\Later;
use App\Pages\Methods\PatternLine;
use App\Pages\Methods\RouteChoices;
use App\Pages\Route\AirNow;
use App\Pages\Route\Broken;
use App\Pages\Route\ClashWords;
use App\Pages\Route\RouteBuild;
use App\Pages\Route\RouteChangeLine;
use App\Pages\Route\RouteOperation;
use App\Pages\Route\RouteProps;
use App\Pages\Route\RouteTotals;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Problem\Air;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Specification\Revisions;
use App\Queries\House\ResourceNames;
use App\Support\Say;
use Regimen\Figures\Workings;
use Regimen\Forecast\LongestChain;
use Regimen\Route\Clash;
use Regimen\Route\Judge\Damage;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;

/** The route of a build: what it is made of, why, how long it takes and what has been changed on it. */
final readonly class RoutePage
{
    public function __construct(
        private House $house,
        private Drafting $drafting,
        private Air $air,
        private ResourceNames $resources,
        private RouteOperationWords $words,
        private RouteQuestions $questions,
        private DaysAlone $daysAlone,
        private RouteStanding $standing,
    ) {
    }

    public function data(Build $build, Person $viewer): RouteProps
    {
        $build->load(
            [
                'specification',
                'kit',
                'routeChanges.person',
                'operations' => static fn ($query) => $query->withSum('timeEntries as worked_minutes', 'minutes'),
            ],
        );
        $read = Revisions::read($build->specification);
        $draft = $this->drafting->draft($read->orFail(), $build);
        $standards = $this->house->standards();
        $manager = $viewer->isManager() && $build->status === BuildStatus::Open;

        return new RouteProps(
            build: new RouteBuild(
                number: $build->number,
                title: $build->title,
                version: $build->route_version,
                revision: $build->specification->number,
                inOneLine: $read->orFail()->inOneLine(),
            ),
            editable: $manager,
            totals: $this->totals($draft),
            operations: $this->operations($build, $draft, Workings::from($read), $standards),
            broken: array_map(self::broken(...), $draft->edited->damage()),
            clashes: array_map(
                static fn (Clash $clash): ClashWords => new ClashWords(
                    words: $clash->words(),
                    because: $clash->finding()->because,
                ),
                $draft->route->clashes,
            ),
            misfits: $this->house->fit()->problems($draft->route),
            changes: array_values($build->routeChanges->map(static fn (RouteChange $change): RouteChangeLine => new RouteChangeLine(
                id: $change->id,
                words: $draft->edited->words[$change->id] ?? $change->words,
                left: $draft->edited->left[$change->id] ?? null,
                reason: $change->reason,
                by: $change->person?->name,
                at: $change->at->toIso8601ZuluString(),
            ))->all()),
            questions: $this->questions->of($draft, $this->house->methods($build), $this->house->methods()),
            isChanged: $build->routeChanges->isNotEmpty() || $build->methods !== [],
            choices: $manager ? $this->choices() : null,
            air: new AirNow(words: $this->airWords(), forbids: $this->air->forbidsSpraying()),
            prices: new Later(fn (): array => $this->questions->prices($build)),
        );
    }

    private function totals(Draft $draft): RouteTotals
    {
        $hours = $draft->route->hours();
        $alone = $this->daysAlone->of($draft);

        return new RouteTotals(
            operations: count($draft->route->operations),
            work: Say::figure($draft->route->work()->hours(), 1).' h',
            labour: Say::figure($hours->best->hours(), 0).' · '.Say::figure($hours->likely->hours(), 0).' · '
                .Say::figure($hours->worst->hours(), 0).' h',
            setUp: Say::figure($draft->route->setUps()->hours(), 1).' h',
            days: $alone->days,
            spent: $alone->spent,
        );
    }

    /** @return list<RouteOperation> */
    private function operations(Build $build, Draft $draft, Workings $workings, HouseStandards $standards): array
    {
        $kept = $build->operations->toBase()->keyBy('key');
        $gates = GateBook::for($workings, $standards->house->tolerances);
        $places = $this->standing->places(
            $build, $draft, LongestChain::through($draft->route, $this->air->lately()),
        );
        $rows = [];
        foreach ($draft->route->operations as $operation) {
            $kept->forget($operation->key);
            $rows[] = $this->words->of(
                $operation, $draft->route, $standards, $gates->after($operation->key), $places[$operation->key],
            );
        }

        return [
            ...$rows,
            ...array_values($kept->map(
                fn (OperationModel $row): RouteOperation => $this->words->useless($row, $this->standing->gone($row)),
            )->all()),
        ];
    }

    public static function broken(Damage $broken): Broken
    {
        return new Broken(
            key: $broken->key(),
            title: $broken->title(),
            words: $broken->words(),
            severity: $broken->severity(),
            rule: $broken->rule(),
        );
    }

    /** @return RouteChoices what can be chosen when an operation is added */
    private function choices(): RouteChoices
    {
        return new RouteChoices(
            stages: array_map(
                static fn (Stage $stage): Option => new Option(value: $stage->value, words: $stage->words()),
                Stage::cases(),
            ),
            skills: array_map(
                static fn (Skill $skill): Option => new Option(value: $skill->value, words: $skill->value),
                Skill::cases(),
            ),
            resources: $this->resources->kinds(),
            patterns: array_values(RoutePattern::query()
                ->orderBy('name')
                ->get()
                ->map(
                    static fn (RoutePattern $pattern): PatternLine => new PatternLine(
                        id: $pattern->id,
                        name: $pattern->name,
                        changes: count($pattern->changes),
                        methods: count($pattern->methods),
                    ),
                )
                ->all()),
        );
    }

    private function airWords(): string
    {
        $now = $this->air->now();
        $factor = $this->air->lately()->factor();
        $stretch = $factor > 1.0 ? ' Glue and finish hold '.Say::figure($factor, 2).' times as long.' : '';

        return $now === null
            ? 'The air has not been read in the last twelve hours; holds are given for 20 °C.'.$stretch
            : Say::figure($now->temperature_tenths / 10, 1).' °C and '.Say::figure($now->humidity_tenths / 10, 0)
            .' % in the shop.'.$stretch;
    }
}
