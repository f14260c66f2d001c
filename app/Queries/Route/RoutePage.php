<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
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
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Figures\Workings;
use Regimen\Forecast\LongestChain;
use Regimen\Route\Clash;
use Regimen\Route\Judge\Damage;
use Regimen\Route\Operation;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Schedule\Search\CriticalPath;

/** The route of a build: what it is made of, why, how long it takes and what has been changed on it. */
final readonly class RoutePage
{
    public function __construct(
        private House $house,
        private Drafting $drafting,
        private Air $air,
        private Clock $clock,
        private ResourceNames $resources,
        private RouteOperationWords $words,
        private RouteQuestions $questions,
        private DaysAlone $daysAlone,
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
        $gates = new GateBook($workings, $standards->house->tolerances);
        $columns = self::columns($draft);
        $stake = $draft->route->atStake();
        $others = $this->sharing($build);
        $rows = [];
        foreach ($draft->route->operations as $operation) {
            $row = $kept->pull($operation->key);
            $rows[] = [
                ...$this->words->of($operation, $draft->route, $standards, $gates->after($operation->key)),
                ...$this->standing($row),
                'column' => $columns[$operation->key],
                ...self::place($operation, $chain),
                'stake' => $stake[$operation->key]->minutes,
                'parts' => $this->parts($build, $operation),
                'sharesWith' => $operation->setUpKey === '' ? [] : $others->get($operation->setUpKey, collect())->all(),
            ];
        }

        return [
            ...$rows,
            ...$kept->map(fn (OperationModel $row): array => $this->words->useless($row) + $this->standing($row))
                ->values()
                ->all(),
        ];
    }

    /** @return list<array{name: string, state: string}> the kit lines that it waits for */
    private function parts(Build $build, Operation $operation): array
    {
        $parts = [];
        foreach ($build->kit->where('surplus', false)->filter(
            static fn (KitLine $line): bool => in_array($line->group, $operation->needs, true),
        ) as $line) {
            $parts[] = ['name' => $line->name, 'state' => $line->state->value];
        }

        return $parts;
    }

    /** @return array<string, mixed> */
    private static function place(Operation $operation, CriticalPath $chain): array
    {
        return [
            'critical' => $chain->totalFloat($operation->key) === 0,
            'slack' => $chain->totalFloat($operation->key),
            'pieces' => array_map(static fn (Piece $piece): string => $piece->value, $operation->pieces),
        ];
    }

    /** @return array<string, mixed> */
    private function standing(?OperationModel $row): array
    {
        return [
            'id' => $row?->id,
            'state' => $row === null ? 'open' : ($row->isOver($this->clock->now()) ? 'done' : $row->state->value),
            'workedMinutes' => (int) $row?->worked_minutes,
        ];
    }

    /**
     * How many operations are before each on the longest way to it: where it stands in the picture.
     *
     * @return array<string, int>
     */
    private static function columns(Draft $draft): array
    {
        $columns = [];
        $before = [];
        foreach ($draft->route->links as $link) {
            $before[$link->after][] = $link->before;
        }
        foreach ($draft->route->operations as $operation) {
            $columns[$operation->key] = array_reduce(
                $before[$operation->key] ?? [],
                static fn (int $most, string $key): int => max($most, $columns[$key] + 1),
                0,
            );
        }

        return $columns;
    }

    /**
     * @return Collection<string, Collection<int, array{number: int, title: string, id: int}>> open operations of other
     *   builds, by their set-up
     */
    private function sharing(Build $build): Collection
    {
        return OperationModel::query()
            ->join('builds', 'builds.id', '=', 'operations.build_id')
            ->where('builds.status', BuildStatus::Open->value)
            ->where('build_id', '!=', $build->id)->where('state', 'open')
            ->whereIn('set_up_key', $build->operations->pluck('set_up_key')->filter()->unique())
            ->get(['operations.id', 'operations.set_up_key', 'builds.number', 'builds.title'])->toBase()
            ->groupBy('set_up_key')
            ->map(
                static fn (Collection $same): Collection => $same->map(
                    static fn (OperationModel $one): array => [
                        'number' => (int) $one->getAttribute('number'), 'title' => (string) $one->getAttribute('title'),
                        'id' => $one->id,
                    ],
                )->values(),
            );
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
