<?php

declare(strict_types=1);

namespace App\Actions\Gate;

use App\Actions\Recording;
use App\Models\Build\Operation;
use App\Models\Gate\Reading;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\ValidationException;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Inspection\Readings\UnlikelyReading;

/** A reading is written down at its place, with who read it, when, and the target of that moment. */
final readonly class TakeReading
{
    public function __construct(
        private Recording $recording, private GateDesk $desk, private House $house, private Clock $clock,
    ) {
    }

    /**
     * @param  string  $typed  as somebody or a plugged-in tool types it
     * @param  bool  $sure  whether a reading that is far from what is wanted was asked about and is so
     * @param  int|null  $seen  the last reading of this operation that the page knew of
     */
    public function __invoke(
        Person $by, Operation $operation, string $line, string $place, string $typed, bool $sure = false, ?int $seen = null,
        ?string $tool = null,
    ): Reading {
        return $this->recording->keep(function () use ($by, $operation, $line, $place, $typed, $sure, $seen, $tool): Reading {
            $target = GateDesk::line($this->desk->open($operation), $line)->target;
            if (! in_array($place, $target->places, true)) {
                throw Refused::because("“{$target->what}” is not measured at “{$place}”.", 'place');
            }
            $value = self::value($typed, $target, $sure);
            $this->nobodyElseMeanwhile($by, $operation, $line, $place, $seen);
            $reading = Reading::query()->create([
                'operation_id' => $operation->id, 'round' => $operation->gate_round, 'line' => $line, 'place' => $place,
                'value' => $value, 'unit' => $target->unit, 'tool' => $tool ?? $target->how, 'low' => $target->low, 'high' => $target->high,
                'mark' => $target->wanted(), 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log(
                $operation->build, $by, 'measured',
                "{$operation->name}, {$target->what}".($place === '' ? '' : ", {$place}").': '
                    .ReadingText::shown($value, $target->unit).', wanted '.$target->words.'.',
            );

            return $reading;
        });
    }

    /** @throws ValidationException with what was probably meant */
    private static function value(string $typed, \Regimen\Inspection\Target $target, bool $sure): float
    {
        try {
            $value = ReadingText::read($typed, $target);
            $sure || ReadingText::mustBeLikely($value, $target);

            return $value;
        } catch (UnlikelyReading $unlikely) {
            throw ValidationException::withMessages([
                'value' => $unlikely->getMessage(), ...($unlikely->canBe ? ['sure' => $unlikely->meant === '' ? 'Record it as it is.' : $unlikely->meant] : []),
            ]);
        }
    }

    /** Two people at one gate: whoever reads a place that another has read meanwhile is told first. */
    private function nobodyElseMeanwhile(Person $by, Operation $operation, string $line, string $place, ?int $seen): void
    {
        $other = $seen === null ? null : Reading::query()->counting()->with('person')
            ->where('operation_id', $operation->id)->where('round', $operation->gate_round)
            ->where('line', $line)->where('place', $place)->where('id', '>', $seen)->where('person_id', '!=', $by->id)
            ->first();
        if ($other !== null) {
            throw Refused::because(
                "Meanwhile {$other->person->name} read ".ReadingText::shown($other->value, $other->unit).' here, '
                    .Say::moment($other->at, $this->house->zone()).'. Yours was not recorded; if it is to stand beside it, read again.',
            );
        }
    }
}
