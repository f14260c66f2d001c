<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Models\House\OperationStandard;
use App\Planning\House\StandardRecords;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\ThreePoint;

final class StandardRequest extends ManagerRequest
{
    use ShorterHolds;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        // Three points or the likely one alone.
        $both = Rule::requiredIf(fn (): bool => $this->hasAny(['best', 'worst']));

        return [
            'version' => ['required', 'integer'],
            'because' => ['nullable', 'string', 'max:300'],
            'set_up' => [
                'required',
                Typed::duration(14_400, 'A set-up of more than 240 hours is a mistake. Write hours, for example 0:20.'),
            ],
            'labour' => [
                'required',
                Typed::duration(
                    14_400,
                    'More than 240 hours for one operation is a mistake. Write hours, for example 1:30.',
                ),
            ],
            'best' => [
                $both,
                Typed::duration(
                    14_400,
                    'More than 240 hours for one operation is a mistake. Write hours, for example 1:30.',
                ),
            ],
            'worst' => [
                $both,
                Typed::duration(
                    14_400,
                    'More than 240 hours for one operation is a mistake. Write hours, for example 1:30.',
                ),
            ],
            'hands' => ['sometimes', 'required', Typed::duration(14_400, 'Write hours, for example 0:20.')],
            'alone' => ['sometimes', 'required', Typed::duration(14_400, 'Write hours, for example 0:40.')],
            'fixtures' => ['sometimes', 'required', 'integer', 'between:1,20'],
            'hold' => [
                'required',
                Typed::duration(259_200, 'A hold of more than 180 days is a mistake. Write for example 24 h or 3 d.'),
            ],
            'skill' => ['required', Rule::enum(Skill::class)],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [$this->holdIsLongEnough(...), function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty() || $this->onlyLabourDiffers()) {
                return;
            }
            if ($this->has('hands') && $this->duration('hands')->minutes > $this->duration('labour')->minutes) {
                $validator->errors()->add('hands', 'Nobody helps for longer than the labour takes.');
            }
            if (
                $this->duration('best')->minutes > $this->duration('labour')->minutes
                || $this->duration('labour')->minutes > $this->duration('worst')->minutes
            ) {
                $validator->errors()->add('best', 'At best is not more than usual, and usual not more than at worst.');
            }
        }];
    }

    private function holdIsLongEnough(Validator $validator): void
    {
        $kept = StandardRecords::standard($this->standard());
        if ($validator->errors()->isNotEmpty() || $kept->holdKind?->isSlowedByCold() !== true) {
            return;
        }
        $usual = TradeStandards::all()->operation($kept->key, $kept->tool)->hold;
        $this->askWhy(
            $validator,
            [
                'hold' => [
                    $kept->hold->minutes, $this->duration('hold')->minutes, $usual,
                    $kept->holdKind === HoldKind::Finish ? 'The finish' : 'The glue',
                ],
            ],
        );
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        return [
            'set_up_minutes' => $this->duration('set_up')->minutes,
            'labour_minutes' => $this->duration('labour')->minutes,
            ...$this->threePoints(),
            ...$this->has('hands') ? ['hands_minutes' => $this->duration('hands')->minutes] : [],
            ...$this->has('alone') ? ['alone_minutes' => $this->duration('alone')->minutes] : [],
            ...$this->has('fixtures') ? ['fixtures' => $this->integer('fixtures')] : [],
            'hold_minutes' => $this->duration('hold')->minutes,
            'skill' => $this->string('skill')->toString(),
        ];
    }

    /**
     * Who only writes another usual time means best and worst to go with it.
     *
     * @return array<string, int>
     */
    private function threePoints(): array
    {
        if (! $this->onlyLabourDiffers()) {
            return [
                'best_minutes' => $this->duration('best')->minutes,
                'worst_minutes' => $this->duration('worst')->minutes,
            ];
        }
        $kept = $this->standard();
        $hours = StandardRecords::standard($kept)->hours;
        $labour = $this->duration('labour');
        $scaled = $kept->labour_minutes === 0
            ? ThreePoint::around($labour)
            : $hours->times($labour->minutes / $kept->labour_minutes);

        return ['best_minutes' => $scaled->best->minutes, 'worst_minutes' => $scaled->worst->minutes];
    }

    private function onlyLabourDiffers(): bool
    {
        $kept = $this->standard();

        return ! $this->has('best') || (
            $this->duration('best')->minutes === $kept->best_minutes
                && $this->duration('worst')->minutes === $kept->worst_minutes
        );
    }

    private function standard(): OperationStandard
    {
        $standard = $this->route('standard');

        return $standard instanceof OperationStandard ? $standard : abort(404);
    }
}
