<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Actions\Bench\SetUpLoop;
use App\Models\Bench\SetUpReading;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Pages\SetUp\FretPicture;
use App\Pages\SetUp\SetUpAdviceLine;
use App\Pages\SetUp\SetUpCell;
use App\Pages\SetUp\SetUpDone;
use App\Pages\SetUp\SetUpProps;
use App\Pages\SetUp\SetUpStepRows;
use App\Pages\SetUp\TapLine;
use App\Planning\House\House;
use App\Planning\Specification\AsMade;
use App\Planning\Specification\Revisions;
use App\Planning\Specification\SetUpSoFar;
use App\Planning\Specification\SetUpTargets;
use App\Support\Clock;
use Regimen\Electronics\ElectricWords;
use Regimen\Figures\TapPosition;
use Regimen\Figures\TapTest;
use Regimen\Figures\Workings;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Inspection\SetUp\Adjustment;
use Regimen\Inspection\SetUp\FretHeights;
use Regimen\Inspection\SetUp\SetUpAdvice;
use Regimen\Inspection\SetUp\SetUpStep;
use Regimen\Inspection\SetUp\StringTargets;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Caution;
use Regimen\Units\Words;

/** The set-up loop of one instrument: what was read, and what to turn, file or move next. */
final readonly class SetUpPage
{
    private const MOST_DONE = 12;

    public function __construct(private Revisions $revisions, private House $house, private Clock $clock)
    {
    }

    public function data(Build $build): SetUpProps
    {
        $build->loadMissing(['specification', 'measurements', 'operations']);
        $w = $this->revisions->workings(AsMade::read($build, AsMade::measured($build)), $build);
        $tolerances = $this->house->rules()->tolerances;
        $strings = SetUpTargets::of($w);
        $soFar = SetUpSoFar::of($build);
        $settled = $this->isSettled($build);
        $advice = SetUpAdvice::from(
            $soFar->last('relief', null, $settled)?->value, $strings,
            array_map(static fn (SetUpStep $step): array => $soFar->values($step->value, $settled), array_column(SetUpStep::cases(), null, 'value')), $tolerances,
        );

        return new SetUpProps(
            build: $build->number, title: $build->title, headline: self::headline($advice, $settled), settled: $settled,
            steps: array_map(fn (SetUpStep $step): SetUpStepRows => self::rows($step, $w, $strings, $soFar, $settled, $advice, $tolerances), SetUpStep::cases()),
            frets: self::frets($w, $soFar, $tolerances), fretCount: $w->specification->board->frets,
            tap: array_map(self::tap(...), TapTest::from($w->specification)),
            latest: array_map(self::done(...), $soFar->latest(self::MOST_DONE)),
            gate: $this->gate($build, $settled)?->id,
            caution: implode(' ', Caution::together([Caution::Tension])),
        );
    }

    private static function headline(SetUpAdvice $advice, bool $settled): string
    {
        $next = $advice->next();
        $when = $settled ? ' after the rest' : '';

        return match (true) {
            $next === null => "The set-up is as it should be{$when}",
            $advice->adjustments !== [] && $advice->adjustments[0]->step === $next => ucfirst($next->value).' comes first: '.lcfirst($advice->adjustments[0]->words),
            default => "Read the {$next->value} next{$when}",
        };
    }

    /**
     * @param  non-empty-list<StringTargets>  $strings
     */
    private static function rows(SetUpStep $step, Workings $w, array $strings, SetUpSoFar $soFar, bool $settled, SetUpAdvice $advice, Tolerances $tolerances): SetUpStepRows
    {
        $targets = match ($step) {
            SetUpStep::Relief => [Target::between('neck', '', $tolerances->value('relief-least'), $tolerances->value('relief-most'))],
            SetUpStep::Pickups => SetUpLoop::pickups($w),
            SetUpStep::Nut => array_map(static fn (StringTargets $one): Target => Target::around($one->name, '', $one->nut, $tolerances->value('nut')), $strings),
            SetUpStep::Action => array_map(static fn (StringTargets $one): Target => Target::around($one->name, '', $one->action, $tolerances->value('action')), $strings),
            SetUpStep::Intonation => array_map(static fn (StringTargets $one): Target => Target::around($one->name, '', 0.0, $tolerances->value('intonation'), 'cents'), $strings),
        };
        $cells = [];
        foreach (array_values($targets) as $index => $target) {
            $read = $soFar->last($step->value, $step->isByString() ? $index : null, $settled);
            $cells[] = new SetUpCell(
                string: $index, name: $target->what, target: $target->words, value: $read === null ? '' : ReadingText::shown($read->value, $target->unit),
                good: $read !== null && $target->verdict($read->value)->passes(), id: $read?->id,
            );
        }
        $todo = array_values(array_filter($advice->adjustments, static fn (Adjustment $one): bool => $one->step === $step));

        return new SetUpStepRows(
            step: $step->value, words: $step->words(), tool: $step->tool(), cells: $cells,
            before: ! $settled ? [] : array_map(
                static fn (int $index): string => ($one = $soFar->last($step->value, $step->isByString() ? $index : null, false)) === null ? '' : ReadingText::shown($one->value, $step->unit()),
                array_keys(array_values($targets)),
            ),
            advice: array_map(static fn (Adjustment $one): SetUpAdviceLine => new SetUpAdviceLine(words: $one->words, possible: $one->isPossible), $todo),
            now: $advice->next() === $step,
            done: $todo === [] && ! in_array($step, $advice->missing, true) && $step !== SetUpStep::Pickups,
        );
    }

    private static function frets(Workings $w, SetUpSoFar $soFar, Tolerances $tolerances): ?FretPicture
    {
        $heights = $soFar->values(SetUpSoFar::FRETS, false);
        if (count($heights) < 3) {
            return null;
        }
        ksort($heights);
        $positions = array_map($w->fret(...), array_combine(array_keys($heights), array_keys($heights)));
        $rocks = $tolerances->value('rock');
        $frets = FretHeights::of($heights, $positions, $rocks);
        $off = $frets->toTakeOff();

        return new FretPicture(
            heights: array_values($heights), off: array_map(static fn (int $fret): float => $off[$fret] ?? 0.0, array_keys($heights)),
            rocking: $frets->rocking(), crown: round($frets->crownLeft($w->specification->board->crownHeight->mm), 2), least: FretHeights::LEAST_CROWN, rocks: $rocks,
        );
    }

    private static function tap(TapPosition $one): TapLine
    {
        $said = static fn (?float $kilohms): string => $kilohms === null ? '' : ElectricWords::resistance(round($kilohms, 3));

        return new TapLine(
            number: $one->number, sounds: $one->sounds->inWords(), silent: implode(', ', $one->silent), alone: $said($one->kilohms), atJack: $said($one->atJack),
        );
    }

    private static function done(SetUpReading $one): SetUpDone
    {
        $unit = SetUpStep::tryFrom($one->step)?->unit() ?? 'mm';

        return new SetUpDone(
            id: $one->id,
            words: "{$one->step}".($one->string === null ? '' : ($one->step === SetUpSoFar::FRETS ? " {$one->string}" : ', string '.($one->string + 1))).': '
                .Words::plain($one->value, 2)." {$unit}".($one->did === '' ? '' : ", after: {$one->did}"),
            by: $one->person->name, at: $one->at->toIso8601ZuluString(),
        );
    }

    private function isSettled(Build $build): bool
    {
        $strung = $build->operations->firstWhere('key', AssemblyOperation::StringUp->value);

        return $strung instanceof Operation && $strung->isOver($this->clock->now());
    }

    private function gate(Build $build, bool $settled): ?Operation
    {
        $key = $settled ? AssemblyOperation::Inspect->value : AssemblyOperation::StringUp->value;
        $operation = $build->operations->firstWhere('key', $key);

        return $operation instanceof Operation && $operation->gate_closed_at === null && in_array($operation->state, [OperationState::Open, OperationState::Started], true)
            ? $operation
            : null;
    }
}
