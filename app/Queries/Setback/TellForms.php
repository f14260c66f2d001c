<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Actions\Plan\Changes\Choices;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Pages\Setback\MishapOption;
use App\Pages\Setback\TellForm;
use App\Pages\Sheet\MeasurablePart;
use App\Pages\Shop\Option;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\MadeHere;
use Regimen\Route\OperationState;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;

/** What is asked where somebody tells that something is wrong. */
final readonly class TellForms
{
    private const AT_BENCH = 12;

    public function __construct(private Choices $choices)
    {
    }

    /** At the bench it is about the operation under the hand, if it is begun; otherwise about one before it, or none. */
    public static function atBench(Operation $now): TellForm
    {
        $begun = Operation::query()->where('build_id', $now->build_id)->where('state', '!=', OperationState::Open->value)
            ->orderByRaw('id = ? desc, started_at desc', [$now->id])->limit(self::AT_BENCH)->get();

        return new TellForm(
            self::mishaps(withDelays: false), array_values($begun->map(static fn (Operation $one): Option => new Option((string) $one->id, $one->name))->all()), [], [],
        );
    }

    /** @param  Build  $build  with its operations */
    public function of(Build $build): TellForm
    {
        $begun = $build->operations->reject(static fn (Operation $one): bool => $one->state === OperationState::Open);

        return new TellForm(
            self::mishaps(withDelays: true),
            array_values($begun->reverse()->map(static fn (Operation $one): Option => new Option((string) $one->id, $one->name))->all()),
            $this->choices->resources(),
            array_map(static fn (MadeHere $one): MeasurablePart => new MeasurablePart(
                $one->value, $one->value, array_map(static fn (string $field): Option => new Option($field, AsMeasured::label($field)), $one->measured()),
            ), MadeHere::cases()),
        );
    }

    /** @return list<MishapOption> */
    private static function mishaps(bool $withDelays): array
    {
        $options = [];
        foreach (Mishap::cases() as $one) {
            if ($one !== Mishap::OutOfTolerance && ($withDelays || ! $one->isDelay())) {
                $options[] = new MishapOption(
                    $one->value, $one->words(), array_map(static fn (PieceKind $kind): string => $kind->value, $one->pieces()), $one->isAtFret(), $one->isDelay(),
                );
            }
        }

        return $options;
    }
}
