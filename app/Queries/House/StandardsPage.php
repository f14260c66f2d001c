<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\FinishStandard;
use App\Models\House\HouseVersion;
use App\Models\House\OperationStandard;
use App\Models\House\RoutePattern;
use App\Pages\Methods\PatternLine;
use App\Pages\Methods\QuestionChoice;
use App\Pages\Methods\RouteQuestion;
use App\Pages\Standards\FinishLine;
use App\Pages\Standards\GlueLine;
use App\Pages\Standards\HistoryLine;
use App\Pages\Standards\SprayLimits;
use App\Pages\Standards\StandardLine;
use App\Pages\Standards\StandardOperation;
use App\Pages\Standards\StandardsProps;
use App\Pages\Standards\ToleranceLine;
use App\Planning\House\House;
use App\Planning\House\Learned;
use App\Planning\House\LearnedStandard;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Inspection\Tolerance;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Methods\Choice;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Standards\Adhesive;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Tool;

/**
 * The house standards: operations in each way they are done, methods, finishes, glue, tolerances, the air it sprays in.
 */
final readonly class StandardsPage
{
    private const KEPT = 400;

    public function __construct(private House $house, private ResourceNames $resources, private Learned $learned)
    {
    }

    public function data(): StandardsProps
    {
        $shop = $this->house->shop();
        $versions = HouseVersion::query()
            ->with('person')
            ->orderByDesc('id')
            ->limit(self::KEPT)
            ->get()
            ->toBase()
            ->groupBy(static fn (HouseVersion $one): string => "{$one->record} {$one->record_id}");
        $rows = OperationStandard::query()->orderBy('id')->get()->toBase();
        $methods = $this->house->methods();
        $learned = $this->learned->byStandard($rows);

        return new StandardsProps(
            version: $shop->version,
            standards: array_values($rows->groupBy('key')->map(fn (Collection $ways, string $key): StandardOperation => new StandardOperation(
                key: $key,
                name: $ways->firstOrFail()->name,
                stage: Operations::stageWords($key, $ways->firstOrFail()->stage),
                tool: $this->usual($ways, $methods->tool($key))->tool,
                ways: array_values($ways
                    ->map(fn (OperationStandard $row): StandardLine => $this->standard($row, $learned, $versions))
                    ->all()),
            ))->all()),
            questions: self::questions($methods),
            finishes: array_values(FinishStandard::query()
                ->orderBy('id')
                ->get()
                ->map(static fn (FinishStandard $finish): FinishLine => self::finish($finish, $versions))
                ->all()),
            tolerances: $this->tolerances(),
            glue: $this->glue(),
            spraying: new SprayLimits(
                coldest: Say::figure($shop->spray_coldest_tenths / 10, 1),
                dampest: Say::figure($shop->spray_dampest_tenths / 10, 1),
            ),
            history: self::history($versions, "shops {$shop->id}"),
            skills: array_map(static fn (Skill $skill): string => $skill->value, Skill::cases()),
            patterns: self::patterns(),
        );
    }

    /** @return list<RouteQuestion> as the house answers them */
    private static function questions(Methods $methods): array
    {
        return array_map(static fn (Question $question): RouteQuestion => new RouteQuestion(
            key: $question->value,
            words: $question->words(),
            answer: $methods->answer($question),
            choices: array_map(
                static fn (Choice $choice): QuestionChoice => new QuestionChoice(
                    key: $choice->key,
                    words: $choice->words,
                    follows: $choice->follows,
                ),
                $question->choices(),
            ),
        ), Question::cases());
    }

    /** @return list<GlueLine> */
    private function glue(): array
    {
        $own = $this->house->shop()->glue_shares;
        $rules = $this->house->rules();

        return array_map(
            static fn (Adhesive $glue): GlueLine => new GlueLine(
                key: $glue->value,
                words: $glue->words(),
                share: Say::figure($rules->glueShare($glue)),
                own: isset($own[$glue->value]),
            ),
            Adhesive::cases(),
        );
    }

    /** @return list<PatternLine> */
    private static function patterns(): array
    {
        return array_values(RoutePattern::query()
            ->orderBy('name')
            ->get()
            ->map(
                static fn (RoutePattern $one): PatternLine => new PatternLine(
                    id: $one->id,
                    name: $one->name,
                    changes: count($one->changes),
                    methods: count($one->methods),
                ),
            )
            ->all());
    }

    /** @param  Collection<int, OperationStandard>  $ways */
    private function usual(Collection $ways, ?Tool $tool): OperationStandard
    {
        return $ways->firstWhere('tool', $tool) ?? $ways->firstWhere('usual', true) ?? $ways->firstOrFail();
    }

    /**
     * @param  array<string, LearnedStandard>  $learned
     * @param  Collection<string, Collection<int, HouseVersion>>  $versions
     */
    private function standard(OperationStandard $row, array $learned, Collection $versions): StandardLine
    {
        $driver = $row->driver;

        return new StandardLine(
            id: $row->id,
            skill: $row->skill->value,
            version: $row->version,
            tool: $row->tool,
            risk: $row->risk,
            source: $row->source,
            fixtures: $row->fixtures,
            way: $row->way === '' ? $row->tool->value : $row->way,
            set_up: Say::duration($row->set_up_minutes),
            best: Say::duration($row->best_minutes),
            labour: Say::duration($row->labour_minutes),
            worst: Say::duration($row->worst_minutes),
            hold: Say::clockTime($row->hold_minutes),
            hands: Say::duration($row->hands_minutes),
            alone: Say::duration($row->alone_minutes),
            isMachine: $row->tool === Tool::Machine,
            drivenBy: $driver === null
                ? null
                : "for {$driver->usual()} {$driver->words()}; {$row->fixed_percent} % stays",
            station: $row->station === null ? null : $this->resources->of($row->station),
            fixture: $row->fixture === null ? null : $this->resources->of($row->fixture),
            trade: StandardHours::trade($row),
            learned: StandardHours::learned($learned["{$row->key} {$row->tool->value}"] ?? null),
            history: self::history($versions, "operation_standards {$row->id}"),
        );
    }

    /**
     * @param  Collection<string, Collection<int, HouseVersion>>  $versions
     */
    private static function finish(FinishStandard $finish, Collection $versions): FinishLine
    {
        return new FinishLine(
            id: $finish->id,
            version: $finish->version,
            body_coats: $finish->body_coats,
            neck_coats: $finish->neck_coats,
            coats_a_day: $finish->coats_a_day,
            source: $finish->source,
            name: $finish->system->words(),
            after_first: Say::clockTime($finish->after_first_minutes),
            between_coats: Say::clockTime($finish->between_coats_minutes),
            overnight: Say::clockTime($finish->overnight_minutes),
            cure: Say::clockTime($finish->cure_minutes),
            window: $finish->window_minutes === null ? '' : Say::clockTime($finish->window_minutes),
            history: self::history($versions, "finish_standards {$finish->id}"),
        );
    }

    /** @return list<ToleranceLine> */
    private function tolerances(): array
    {
        $own = Tolerances::of($this->house->shop()->tolerances);

        return array_map(
            static fn (Tolerance $one): ToleranceLine => new ToleranceLine(
                key: $one->key,
                what: $one->what,
                value: Say::figure($one->value, 3),
                unit: $one->unit,
                own: $own->isOwn($one->key),
            ),
            $own->all(),
        );
    }

    /**
     * @param  Collection<string, Collection<int, HouseVersion>>  $versions
     * @return list<HistoryLine>
     */
    private static function history(Collection $versions, string $record): array
    {
        return array_values($versions->get($record, collect())->map(static fn (HouseVersion $one): HistoryLine => new HistoryLine(
            version: $one->version,
            at: $one->at->toIso8601ZuluString(),
            by: $one->person?->name,
            source: $one->source,
            words: VersionWords::of($one),
        ))->all());
    }
}
