<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Actions\Work\Readiness;
use App\Models\Build\Operation;
use App\Models\Gate\GateDecision;
use App\Models\Gate\Reading;
use App\Pages\Gate\GateLine;
use App\Pages\Gate\GateMark;
use App\Pages\Gate\GatePlace;
use App\Pages\Gate\GateProps;
use App\Pages\Gate\GateReading;
use App\Pages\Gate\OutsideLine;
use App\Pages\Gate\ReadChart;
use App\Pages\Gate\UsualRework;
use App\Planning\House\House;
use App\Planning\Specification\AsMade;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use App\Support\Say;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use Regimen\Drawing\Bench\BenchDrawing;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\Readings\GateSheet;
use Regimen\Inspection\Readings\LineState;
use Regimen\Inspection\Readings\PlaceState;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Route\Entry\Rework;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\Reworks;
use Regimen\Route\OperationState;
use Regimen\Units\Words;

/** What is measured where an operation ends: every place on the drawing, what was read, and what that changes. */
final readonly class GatePage
{
    public function __construct(private AsMade $asMade, private Revisions $revisions, private Readiness $readiness, private House $house, private GateChanges $changes)
    {
    }

    /** @param  bool  $manages  whether a manager asks, who may let it through */
    public function data(Operation $operation, bool $manages): GateProps
    {
        $operation->loadMissing(['build.measurements', 'build.specification', 'person']);
        $sheet = $this->asMade->sheet($operation);
        $readings = Reading::query()->counting()->with('person:id,name')->where('operation_id', $operation->id)
            ->where('round', $operation->gate_round)->orderBy('id')->get();
        $drawing = $this->drawing($operation);
        $problem = $this->problem($operation);
        [$changed, $new] = $this->changes->of($operation, $sheet);
        $lines = $this->lines($operation, $sheet, $readings, $drawing);
        $last = $readings->last();

        return new GateProps(
            headline: $this->headline($operation, $sheet),
            under: "{$operation->build->name()} · {$operation->name}.".($last === null ? '' : " Last reading by {$last->person->name}, ".Say::moment($last->at, $this->house->zone()).'.'),
            operation: $operation->id, version: $operation->version, name: $operation->name, build: $operation->build->number,
            open: $problem === '', problem: $problem,
            drawing: Drawings::view($drawing->view, 1, 4.0), marks: self::marks($lines, $drawing), lines: $lines,
            outside: $this->allOutside($operation, $sheet), changed: $changed, new: $new,
            pieces: array_map(static fn ($piece): string => $piece->value, $operation->pieces),
            chart: $this->chart($operation, $sheet, $last), lastReading: $last->id ?? 0,
            canClose: $problem === '' && $sheet->canBeClosed(), manager: $manages, starts: $operation->state === OperationState::Open,
        );
    }

    private function problem(Operation $operation): string
    {
        if ($operation->gate_closed_at !== null) {
            return 'This gate was closed '.Say::moment($operation->gate_closed_at, $this->house->zone()).'. Reopen the operation on the build’s page to measure again.';
        }
        try {
            $this->readiness->mustBeReady($operation, 'gate');

            return '';
        } catch (ValidationException $not) {
            return $not->getMessage();
        }
    }

    private function headline(Operation $operation, GateSheet $sheet): string
    {
        $outside = $sheet->outside();
        if ($sheet->lines === []) {
            return ucfirst($operation->name).' ends without readings';
        }
        if ($operation->gate_closed_at !== null) {
            return 'Closed: '.$operation->name;
        }
        if ($outside !== []) {
            return (count($outside) === 1 ? 'One reading is outside: ' : count($outside).' are outside: ').self::said($outside[0]);
        }
        $left = array_sum(array_map(static fn (LineState $line): int => count(array_filter($line->places, static fn (PlaceState $one): bool => $one->values === [])), $sheet->unread()));

        return match (true) {
            $left === 0 => 'All was read, and nothing is outside',
            $left === 1 => 'One reading is to be taken',
            default => "{$left} readings are to be taken",
        };
    }

    private static function said(LineState $line): string
    {
        if ($line->target->isSeen()) {
            return "{$line->target->what} is not as it should be";
        }
        $value = (float) $line->value();
        $by = max(0.0, ...array_map(static fn (PlaceState $one): float => $one->outsideBy, $line->places));
        $way = $line->target->high !== null && $value > $line->target->high ? 'too much' : 'too little';

        return "{$line->target->what}, ".Words::plain($by, 2)." {$line->target->unit} {$way}";
    }

    private function drawing(Operation $operation): BenchDrawing
    {
        $read = AsMade::read($operation->build, AsMade::measured($operation->build));

        return Operations::viewOf($operation->key)->draw($this->revisions->workings($read, $operation->build));
    }

    /**
     * @param  Collection<int, Reading>  $readings
     * @return list<GateLine>
     */
    private function lines(Operation $operation, GateSheet $sheet, Collection $readings, BenchDrawing $drawing): array
    {
        $decided = GateDecision::query()->with('person:id,name')->where('operation_id', $operation->id)->where('round', $operation->gate_round)->get()->keyBy('line');
        $drawn = AsMade::read($operation->build, []);
        $lines = [];
        $number = 0;
        foreach ($sheet->lines as $line) {
            $target = $line->target;
            $places = [];
            foreach ($line->places as $place) {
                $places[] = new GatePlace(
                    number: ++$number, place: $place->place,
                    readings: array_values($readings->where('line', $target->key())->where('place', $place->place)->map($this->reading(...))->all()),
                    verdict: $place->verdict,
                    outside: $place->outsideBy > 0 && ! $target->isSeen() ? Words::plain($place->outsideBy, 2)." {$target->unit} outside" : '',
                );
            }
            $decision = $decided->get($target->key()) ?? $decided->get('');
            $lines[] = new GateLine(
                key: $target->key(), what: $target->what, how: $target->how, target: $target->words, inches: $target->inInches(), unit: $target->unit,
                seen: $target->isSeen(), places: $places, verdict: $line->verdict, complete: $line->isComplete,
                decided: $decision === null || ! $sheet->isDecided($line) ? '' : ucfirst($decision->kind->words())." by {$decision->person->name}: {$decision->reason}",
                drawn: $target->field === null ? '' : AsMeasured::drawn($target->field, $drawn), middle: self::middle($line),
            );
        }

        return $lines;
    }

    private static function middle(LineState $line): string
    {
        [$offsets, $angle] = $line->centre();
        $words = array_map(static fn (float $one): string => abs($one) < 0.005 ? 'on the line' : Words::plain(abs($one), 2).' mm towards the '.($one > 0 ? 'bass' : 'treble'), $offsets);

        return $words === [] ? '' : 'The middle lies '.implode(', then ', $words).($angle === null ? '' : '; '.Words::plain($angle, 2).'°').'.';
    }

    private function reading(Reading $reading): GateReading
    {
        return new GateReading(
            id: $reading->id, shown: ReadingText::shown($reading->value, $reading->unit), by: $reading->person->name,
            at: $reading->at->toIso8601ZuluString(),
        );
    }

    /**
     * @param  list<GateLine>  $lines
     * @return list<GateMark>
     */
    private static function marks(array $lines, BenchDrawing $drawing): array
    {
        $marks = [];
        foreach ($lines as $line) {
            foreach ($line->places as $place) {
                $at = $drawing->marks["{$line->key}|{$place->place}"] ?? null;
                if ($at !== null) {
                    $marks[] = new GateMark(number: $place->number, x: round($at->x, 1), y: round($at->y, 1), verdict: $place->verdict);
                }
            }
        }

        return $marks;
    }

    /** @return list<OutsideLine> */
    private function allOutside(Operation $operation, GateSheet $sheet): array
    {
        $outside = $sheet->outside();
        $before = $outside === [] ? [] : DoneOverBefore::at($operation);

        return array_map(fn (LineState $line): OutsideLine => $this->outside($line, $before), $outside);
    }

    /** @param  list<UsualRework>  $before  what this house did over there before */
    private function outside(LineState $line, array $before): OutsideLine
    {
        $value = (float) $line->value();

        return new OutsideLine(
            key: $line->target->key(), what: $line->target->what,
            words: $line->target->isSeen() ? 'not as it should be' : ReadingText::shown($value, $line->target->unit)." where {$line->target->words} is wanted",
            reworks: DoneOverBefore::with($before, array_map(static fn (Rework $one): UsualRework => new UsualRework(
                name: $one->name, labour: (string) $one->labour, hold: $one->hold->minutes === 0 ? '' : (string) $one->hold,
            ), Reworks::for($line->target, $value))),
        );
    }

    /** Of the line that is read now: the one outside, or the one that was read last. */
    private function chart(Operation $operation, GateSheet $sheet, ?Reading $last): ?ReadChart
    {
        $line = $sheet->outside()[0] ?? ($last === null ? null : $sheet->line($last->line)) ?? $sheet->lines[0] ?? null;
        if ($line === null || $line->target->isSeen()) {
            return null;
        }
        $values = ReadBefore::of($operation->key, $line->target);

        return ReadBefore::chart(ucfirst($line->target->what).', the last '.count($values), $values, $line->target);
    }
}
