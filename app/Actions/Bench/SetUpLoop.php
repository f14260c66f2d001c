<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Gate\TakeReading;
use App\Actions\Recording;
use App\Models\Bench\SetUpReading;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Specification\AsMade;
use App\Planning\Specification\Revisions;
use App\Planning\Specification\SetUpSoFar;
use App\Planning\Specification\SetUpTargets;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Validation\ValidationException;
use Regimen\Figures\Workings;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Inspection\Readings\UnlikelyReading;
use Regimen\Inspection\SetUp\SetUpStep;
use Regimen\Inspection\SetUp\StringTargets;
use Regimen\Inspection\Target;

/** The set-up loop: what was read at a step, what was done before, and undoing a step, which is a step too. */
final readonly class SetUpLoop
{
    /** Higher over a fret or a pickup no string stands, in mm. */
    private const MOST_MM = 12.0;

    public function __construct(
        private Recording $recording, private TakeReading $takeReading, private Revisions $revisions, private House $house, private Clock $clock,
    ) {
    }

    /**
     * @param  array<int|string, string>  $typed  by string; those left empty were not read
     * @param  string  $did  what was done before it was read
     */
    public function read(Person $by, Build $build, SetUpStep $step, array $typed, bool $settled, string $did, bool $sure): void
    {
        $this->recording->keep(function () use ($by, $build, $step, $typed, $settled, $did, $sure): void {
            $targets = $this->targets($build, $step);
            $values = [];
            foreach (array_filter($typed, static fn (string $one): bool => trim($one) !== '') as $string => $text) {
                $target = $targets[(int) $string] ?? throw Refused::because('There is no such string.', "values.{$string}");
                $values[(int) $string] = self::value($text, $target, $sure, "values.{$string}");
            }
            if ($values === []) {
                throw Refused::because('Nothing was read. Write at least one figure.', 'values');
            }
            foreach ($values as $string => $value) {
                $this->keep($by, $build, $step->value, $step->isByString() ? $string : null, $value, $settled, $did);
            }
            $this->recording->log($build, $by, 'measured', "Set-up, {$step->value}: ".implode(', ', array_map(
                static fn (int $string, float $value): string => ($step->isByString() ? "{$targets[$string]->what} " : '').ReadingText::shown($value, $step->unit()),
                array_keys($values), $values,
            )).($settled ? ', after the rest' : '').($did === '' ? '.' : "; before: {$did}"));
        });
    }

    /** @param  list<float>  $heights  of frets over a straight line, in mm, from the first on */
    public function frets(Person $by, Build $build, array $heights): void
    {
        $this->recording->keep(function () use ($by, $build, $heights): void {
            if (count($heights) !== $this->workings($build)->specification->board->frets) {
                throw Refused::because(
                    count($heights).' heights where there are '.$this->workings($build)->specification->board->frets.' frets. Write one for each, from the first.', 'heights',
                );
            }
            foreach ($heights as $at => $height) {
                $this->keep($by, $build, SetUpSoFar::FRETS, $at + 1, $height, false, '');
            }
            $this->recording->log($build, $by, 'measured', 'Set-up: heights of '.count($heights).' frets over a straight line.');
        });
    }

    public function undo(Person $by, Build $build, SetUpReading $reading): void
    {
        $this->recording->keep(function () use ($by, $build, $reading): void {
            $gone = SetUpReading::query()->where('undoes', $reading->id)->exists();
            if ($reading->build_id !== $build->id || $reading->undoes !== null || $gone) {
                throw Refused::because('That was taken back already. Nothing was changed.');
            }
            SetUpReading::query()->create([
                ...$reading->only(['build_id', 'step', 'string', 'value', 'settled']), 'undoes' => $reading->id, 'person_id' => $by->id,
                'at' => $this->clock->now(),
            ]);
            $this->recording->log($build, $by, 'correction', "Set-up, {$reading->step}: taken back, what was read before counts again.");
        });
    }

    /** What the loop came to goes into the gate of an operation, so that nothing is read twice. */
    public function toGate(Person $by, Operation $operation, bool $settled): int
    {
        return $this->recording->keep(function () use ($by, $operation, $settled): int {
            $soFar = SetUpSoFar::of($operation->build);
            $strings = SetUpTargets::of($this->workings($operation->build));
            $last = count($strings) - 1;
            $taken = 0;
            foreach ([
                ['relief', '', $soFar->last('relief', null, $settled)],
                ['action-at-the-twelfth-treble', '', $soFar->last('action', 0, $settled)],
                ['action-at-the-twelfth-bass', '', $soFar->last('action', $last, $settled)],
                ...array_map(static fn (int $string): array => ['intonation-open-against-twelfth', $strings[$string]->name, $soFar->last('intonation', $string, $settled)], array_keys($strings)),
            ] as [$line, $place, $reading]) {
                if ($reading !== null) {
                    ($this->takeReading)($by, $operation, $line, $place, (string) $reading->value, true);
                    $taken++;
                }
            }
            if ($taken === 0) {
                throw Refused::because('Nothing of it has been read yet.', 'gate');
            }

            return $taken;
        });
    }

    private function keep(Person $by, Build $build, string $step, ?int $string, float $value, bool $settled, string $did): void
    {
        SetUpReading::query()->create([
            'build_id' => $build->id, 'step' => $step, 'string' => $string, 'value' => $value, 'settled' => $settled, 'did' => mb_substr($did, 0, 200),
            'person_id' => $by->id, 'at' => $this->clock->now(),
        ]);
    }

    /** @return array<int, Target> by string */
    private function targets(Build $build, SetUpStep $step): array
    {
        $w = $this->workings($build);
        $tolerances = $this->house->rules()->tolerances;
        if ($step === SetUpStep::Relief) {
            return [Target::between('relief', $step->tool(), $tolerances->value('relief-least'), $tolerances->value('relief-most'))];
        }
        if ($step === SetUpStep::Pickups) {
            return self::pickups($w);
        }

        return array_map(static fn (StringTargets $one): Target => match ($step) {
            SetUpStep::Nut => Target::around($one->name, $step->tool(), $one->nut, $tolerances->value('nut')),
            SetUpStep::Action => Target::around($one->name, $step->tool(), $one->action, $tolerances->value('action')),
            default => Target::around($one->name, $step->tool(), 0.0, $tolerances->value('intonation'), 'cents'),
        }, SetUpTargets::of($w));
    }

    /** @return array<int, Target> two for each pickup, which are only written down */
    public static function pickups(Workings $w): array
    {
        $targets = [];
        foreach ($w->specification->electrics->pickups as $pickup) {
            foreach (['treble', 'bass'] as $side) {
                $targets[] = Target::recorded("{$pickup->place}, {$side}", 'rule', 'mm');
            }
        }

        return $targets;
    }

    private function workings(Build $build): Workings
    {
        return $this->revisions->workings(AsMade::read($build, AsMade::measured($build)), $build);
    }

    private static function value(string $typed, Target $target, bool $sure, string $field): float
    {
        try {
            $value = ReadingText::read($typed, $target);
            // A set-up begins far from where it ends.
            if (! $sure && $target->unit === 'mm' && ($value < 0 || $value > self::MOST_MM)) {
                throw UnlikelyReading::farOff(ReadingText::shown($value, 'mm'), $target->words, '');
            }

            return $value;
        } catch (UnlikelyReading $unlikely) {
            throw ValidationException::withMessages([$field => $unlikely->getMessage()]);
        }
    }
}
