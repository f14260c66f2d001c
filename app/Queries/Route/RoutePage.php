<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation as OperationModel;
use App\Models\Build\RouteChange;
use App\Models\House\RoutePattern;
use App\Models\People\Person;
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
use Regimen\Route\Operation;
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

    /** @return array<string, mixed> */
    public function data(Build $build, Person $viewer): array
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

        return [
            'build' => [
                'number' => $build->number, 'title' => $build->title, 'version' => $build->route_version,
                'revision' => $build->specification->number, 'inOneLine' => $read->orFail()->inOneLine(),
            ],
            'editable' => $manager,
            'totals' => $this->totals($draft),
            'operations' => $this->operations($build, $draft, Workings::from($read), $standards),
            'broken' => array_map(self::broken(...), $draft->edited->damage()),
            'clashes' => array_map(
                static fn (Clash $clash): array => [
                    'words' => $clash->words(), 'because' => $clash->finding()->because,
                ],
                $draft->route->clashes,
            ),
            'misfits' => $this->house->fit()->problems($draft->route),
            'changes' => $build->routeChanges->map(static fn (RouteChange $change): array => [
                'id' => $change->id, 'words' => $draft->edited->words[$change->id] ?? $change->words,
                'left' => $draft->edited->left[$change->id] ?? null,
                'reason' => $change->reason, 'by' => $change->person?->name, 'at' => $change->at->toIso8601ZuluString(),
            ])->values()->all(),
            'questions' => $this->questions->of($draft, $this->house->methods($build), $this->house->methods()),
            'isChanged' => $build->routeChanges->isNotEmpty() || $build->methods !== [],
            'choices' => $manager ? $this->choices() : null,
            'air' => ['words' => $this->airWords(), 'forbids' => $this->air->forbidsSpraying()],
        ];
    }

    /** @return array<string, mixed> */
    private function totals(Draft $draft): array
    {
        $hours = $draft->route->hours();

        return [
            'operations' => count($draft->route->operations),
            'work' => Say::figure($draft->route->work()->hours(), 1).' h',
            'labour' => Say::figure($hours->best->hours(), 0).' · '.Say::figure($hours->likely->hours(), 0).' · '
                .Say::figure($hours->worst->hours(), 0).' h',
            'setUp' => Say::figure($draft->route->setUps()->hours(), 1).' h',
            ...$this->daysAlone->of($draft),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function operations(Build $build, Draft $draft, Workings $workings, HouseStandards $standards): array
    {
        $kept = $build->operations->toBase()->keyBy('key');
        $chain = LongestChain::through($draft->route, $this->air->lately());
        $gates = GateBook::for($workings, $standards->house->tolerances);
        $columns = RouteStanding::columns($draft);
        $stake = $draft->route->atStake();
        $others = $this->standing->sharing($build);
        $rows = [];
        foreach ($draft->route->operations as $operation) {
            $row = $kept->pull($operation->key);
            $rows[] = [
                ...$this->words->of($operation, $draft->route, $standards, $gates->after($operation->key)),
                ...$this->standing->standing($row),
                'column' => $columns[$operation->key],
                ...RouteStanding::place($operation, $chain),
                'stake' => $stake[$operation->key]->minutes,
                'parts' => $this->standing->parts($build, $operation),
                'sharesWith' => $operation->setUpKey === '' ? [] : $others->get($operation->setUpKey, collect())->all(),
            ];
        }

        return [
            ...$rows,
            ...$kept->map(fn (OperationModel $row): array => $this->words->useless($row) + $this->standing->standing($row))
                ->values()
                ->all(),
        ];
    }

    /** @return array{key: string, title: string, words: string, severity: string, rule: string} */
    public static function broken(Damage $broken): array
    {
        return [
            'key' => $broken->key(), 'title' => $broken->title(), 'words' => $broken->words(),
            'severity' => $broken->severity()->value, 'rule' => $broken->rule(),
        ];
    }

    /** @return array<string, mixed> what can be chosen when an operation is added */
    private function choices(): array
    {
        return [
            'stages' => array_map(
                static fn (Stage $stage): array => ['value' => $stage->value, 'words' => $stage->words()],
                Stage::cases(),
            ),
            'skills' => array_map(
                static fn (Skill $skill): array => ['value' => $skill->value, 'words' => $skill->value],
                Skill::cases(),
            ),
            'resources' => $this->resources->kinds(),
            'patterns' => RoutePattern::query()
                ->orderBy('name')
                ->get()
                ->map(
                    static fn (RoutePattern $pattern): array => [
                        'id' => $pattern->id, 'name' => $pattern->name, 'changes' => count($pattern->changes),
                        'methods' => count($pattern->methods),
                    ],
                )
                ->all(),
        ];
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
