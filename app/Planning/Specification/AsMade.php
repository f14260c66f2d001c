<?php

declare(strict_types=1);

namespace App\Planning\Specification;

use App\Models\Build\Build;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\Gate\DecisionKind;
use App\Models\Gate\GateDecision;
use App\Models\Gate\Reading;
use App\Planning\House\House;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\Readings\GateSheet;
use Regimen\Inspection\Readings\LineState;
use Regimen\Inspection\Readings\ReadingVerdict;
use Regimen\Inspection\Target;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Operations\Operations;
use Regimen\Units\Words;

/** An instrument as it is: what was drawn, with what was measured in its place, and the gates that follow from it. */
final readonly class AsMade
{
    public function __construct(private Revisions $revisions, private House $house)
    {
    }

    /** @return array<string, string> what was measured last, typed, by field */
    public static function measured(Build $build): array
    {
        return $build->measurements->keyBy('field')->map(static fn (Measurement $one): string => $one->value)->all();
    }

    /**
     * @param  array<string, string>  $measured  by field
     * @return ReadSpecification as it was drawn where it cannot be read with what was measured
     */
    public static function read(Build $build, array $measured): ReadSpecification
    {
        $revision = $build->specification;
        $made = AsMeasured::read($revision->client, $revision->house, $measured);

        return $made->specification === null ? Revisions::read($revision) : $made;
    }

    /**
     * What the operation ends with, from the instrument as it is; what its own readings say is held against the drawing.
     *
     * @return list<Target> nothing for one without a gate, or of an instrument that cannot be read
     */
    public function targets(Operation $operation): array
    {
        if (Operations::gateAfter($operation->key) === null) {
            return [];
        }
        $build = $operation->build;
        $drawn = $this->gate($build, $operation, []);
        $own = array_filter(array_map(static fn (Target $one): ?string => $one->field, $drawn));
        $measured = array_diff_key(self::measured($build), array_flip($own));

        return $measured === [] ? $drawn : $this->gate($build, $operation, $measured);
    }

    /**
     * @param  array<string, string>  $measured
     * @return list<Target>
     */
    private function gate(Build $build, Operation $operation, array $measured): array
    {
        $read = self::read($build, $measured);

        return $read->specification === null ? [] : GateBook::for(
            $this->revisions->workings($read, $build), $this->house->rules()->tolerances,
        )->after($operation->key);
    }

    /** The gate's sheet as it stands. */
    public function sheet(Operation $operation): GateSheet
    {
        $targets = $this->targets($operation);
        $readings = $targets === [] ? [] : Reading::query()->counting()->where('operation_id', $operation->id)
            ->where('round', $operation->gate_round)->orderBy('id')->get()->all();
        $read = [];
        foreach ($readings as $reading) {
            $read[$reading->line][$reading->place][] = $reading->value;
        }

        return GateSheet::of($targets, $read, $this->decided($operation, $targets, array_values($readings)));
    }

    /**
     * @param  list<Target>  $targets
     * @param  list<Reading>  $readings
     * @return list<string> lines on which was decided, and at which nothing outside was read since
     */
    private function decided(Operation $operation, array $targets, array $readings): array
    {
        $byKey = [];
        foreach ($targets as $target) {
            $byKey[$target->key()] = $target;
        }
        $decided = [];
        foreach ($readings === [] && $targets === [] ? [] : GateDecision::query()->where('operation_id', $operation->id)->where('round', $operation->gate_round)->get() as $one) {
            $later = array_filter(
                $readings, static fn (Reading $reading): bool => $reading->line === $one->line && $reading->id > $one->up_to
                    && ($byKey[$one->line]->compares ?? 1) === 0 && $byKey[$one->line]->verdict($reading->value) === ReadingVerdict::Outside,
            );
            if ($later === [] || $one->kind === DecisionKind::LetThrough) {
                $decided = $one->kind === DecisionKind::LetThrough
                    ? [...$decided, ...array_keys($byKey)]
                    : [...$decided, $one->line];
            }
        }

        return $decided;
    }

    /**
     * What the readings of a gate say of the specification, as it is typed; of what was sent back to be reworked nothing.
     *
     * @return array<string, string> by field
     */
    public function says(Operation $operation, GateSheet $sheet): array
    {
        $reworked = GateDecision::query()->where('operation_id', $operation->id)->where('round', $operation->gate_round)
            ->where('kind', DecisionKind::Reworked->value)->pluck('line')->all();
        $says = [];
        foreach ($sheet->lines as $line) {
            $value = self::valueOf($line);
            if ($value !== null && $line->target->field !== null && ! in_array($line->target->key(), $reworked, true)) {
                $says[$line->target->field] = $value;
            }
        }

        return $says;
    }

    private static function valueOf(LineState $line): ?string
    {
        $value = $line->value();

        return $value === null ? null : trim(Words::plain($value).' '.($line->target->unit === 'mm' ? 'mm' : ''));
    }
}
