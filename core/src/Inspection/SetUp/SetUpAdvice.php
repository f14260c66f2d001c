<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

use Regimen\Inspection\Tolerances;
use Regimen\Units\Words;

/**
 * From what has been read at the set-up bench: what to turn, file or move, by how much and in which order (CALCULATIONS
 * B3 to B5). What comes later is worked out as if what comes before it had been done; it is read again then.
 */
final readonly class SetUpAdvice
{
    /**
     * @param  list<Adjustment>  $adjustments  in the order in which they are made
     * @param  list<SetUpStep>  $missing  steps of which something has not been read
     */
    private function __construct(public array $adjustments, public array $missing)
    {
    }

    /**
     * @param  float|null  $relief  in mm; null where it has not been read
     * @param  list<StringTargets>  $strings  from the treble
     * @param  array<string, array<int, float>>  $read  by step and string, in mm and cents
     */
    public static function from(?float $relief, array $strings, array $read, Tolerances $tolerances): self
    {
        $adjustments = [];
        $missing = [];
        if ($relief === null) {
            $missing[] = SetUpStep::Relief;
        } else {
            $adjustments = self::relief($relief, $tolerances);
        }
        foreach ([SetUpStep::Nut, SetUpStep::Action, SetUpStep::Intonation] as $step) {
            foreach ($strings as $index => $string) {
                $value = $read[$step->value][$index] ?? null;
                if ($value === null) {
                    $missing[$step->value] = $step;

                    continue;
                }
                $one = match ($step) {
                    SetUpStep::Nut => self::nut($index, $string, $value, $tolerances),
                    SetUpStep::Action => self::action($index, $string, $value, $read[SetUpStep::Nut->value][$index] ?? null, $tolerances),
                    default => self::intonation($index, $string, $value, $tolerances),
                };
                $adjustments = [...$adjustments, ...array_filter([$one])];
            }
        }

        return new self($adjustments, array_values($missing));
    }

    /** The step that comes next: the first with something to do or to read; null when everything is as it should be. */
    public function next(): ?SetUpStep
    {
        foreach (SetUpStep::cases() as $step) {
            $waits = array_filter($this->adjustments, static fn (Adjustment $one): bool => $one->step === $step);
            if ($waits !== [] || in_array($step, $this->missing, true)) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<Adjustment> */
    private static function relief(float $relief, Tolerances $tolerances): array
    {
        [$least, $most] = [$tolerances->value('relief-least'), $tolerances->value('relief-most')];
        if ($relief >= $least - 1e-9 && $relief <= $most + 1e-9) {
            return [];
        }
        $wanted = ($least + $most) / 2;
        $words = $relief > $most
            ? 'Tighten the rod a little at a time until the gap is '.self::mm($wanted).', '.self::mm($relief - $wanted).' less than now. A stuck rod is never forced.'
            : 'Loosen the rod a little at a time until the gap is '.self::mm($wanted).', '.self::mm($wanted - $relief).' more than now.';

        return [new Adjustment(SetUpStep::Relief, null, $relief - $wanted, $words)];
    }

    private static function nut(int $index, StringTargets $string, float $height, Tolerances $tolerances): ?Adjustment
    {
        if (abs($height - $string->nut) <= $tolerances->value('nut') + 1e-9) {
            return null;
        }
        $file = StringHeight::over(1, $string->length)->nutFor($height - $string->nut);
        if ($file > 0) {
            return new Adjustment(SetUpStep::Nut, $index, $file, "{$string->name}: file its nut slot ".self::mm($file).' deeper.');
        }

        return new Adjustment(
            SetUpStep::Nut, $index, $file, "{$string->name}: its nut slot is ".self::mm(-$file)
                .' too deep. Fill the slot or make a new nut; filing does not bring it back.', false,
        );
    }

    private static function action(int $index, StringTargets $string, float $height, ?float $overFirst, Tolerances $tolerances): ?Adjustment
    {
        // The nut comes first, and takes half of what is filed off it from the twelfth.
        $nut = $overFirst === null || abs($overFirst - $string->nut) <= $tolerances->value('nut') + 1e-9
            ? 0.0
            : StringHeight::over(1, $string->length)->nutFor($overFirst - $string->nut);
        $twelfth = StringHeight::over(12, $string->length);
        $after = $height - $twelfth->byNut($nut);
        if (abs($after - $string->action) <= $tolerances->value('action') + 1e-9) {
            return null;
        }
        $raise = $twelfth->saddleFor($string->action - $after);

        return new Adjustment(
            SetUpStep::Action, $index, $raise, "{$string->name}: ".($raise > 0 ? 'raise' : 'lower').' its saddle '.self::mm(abs($raise)).'.',
        );
    }

    private static function intonation(int $index, StringTargets $string, float $cents, Tolerances $tolerances): ?Adjustment
    {
        if (abs($cents) <= $tolerances->value('intonation') + 1e-9) {
            return null;
        }
        $move = Intonation::of($string->length, $cents, $string->back, $string->forward);
        $way = static fn (float $mm): string => self::mm(abs($mm)).($mm > 0 ? ' back' : ' forward');
        $words = "{$string->name}: move its saddle ".$way($move->move).'.';
        if (! $move->isPossible()) {
            $words .= ' It goes '.$way($move->possible).' at the most; '.Words::number(abs($move->left)).' cents '
                .($move->left > 0 ? 'sharp' : 'flat').' are left. Try another string, or move the bridge.';
        }

        return new Adjustment(SetUpStep::Intonation, $index, $move->move, $words, $move->isPossible());
    }

    private static function mm(float $mm): string
    {
        return Words::plain($mm).' mm';
    }
}
