<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Models\House\FinishStandard;
use App\Rules\Typed;
use Illuminate\Validation\Validator;
use Regimen\Route\Operations\TradeStandards;

final class FinishRequest extends ManagerRequest
{
    use ShorterHolds;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'because' => ['nullable', 'string', 'max:300'],
            'body_coats' => ['required', 'integer', 'between:1,30'],
            'neck_coats' => ['required', 'integer', 'between:1,30'],
            'coats_a_day' => ['required', 'integer', 'between:1,10'],
            'after_first' => ['required', Typed::duration(14_400, 'More than ten days between coats is a mistake.')],
            'between_coats' => ['required', Typed::duration(14_400, 'More than ten days between coats is a mistake.')],
            'overnight' => ['required', Typed::duration(14_400, 'More than ten days between coats is a mistake.')],
            'window' => [
                'nullable',
                Typed::duration(259_200, 'A recoat window of more than 180 days is none. Leave it empty.', false),
            ],
            'cure' => [
                'required',
                Typed::duration(259_200, 'A cure of more than 180 days is a mistake. Write for example 24 d.'),
            ],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $kept = $this->route('finish');
            if (! $kept instanceof FinishStandard) {
                return;
            }
            $usual = TradeStandards::all()->finish($kept->system);
            $this->askWhy($validator, [
                'after_first' => [
                    $kept->after_first_minutes, $this->duration('after_first')->minutes, $usual->afterFirst,
                    'The first coat',
                ],
                'between_coats' => [
                    $kept->between_coats_minutes, $this->duration('between_coats')->minutes, $usual->betweenCoats,
                    'A coat',
                ],
                'overnight' => [
                    $kept->overnight_minutes, $this->duration('overnight')->minutes, $usual->overnight,
                    'The last coat of a day',
                ],
                'cure' => [$kept->cure_minutes, $this->duration('cure')->minutes, $usual->cure, 'The finish'],
            ]);
        }];
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        return [
            'body_coats' => $this->integer('body_coats'),
            'neck_coats' => $this->integer('neck_coats'),
            'coats_a_day' => $this->integer('coats_a_day'),
            'after_first_minutes' => $this->duration('after_first')->minutes,
            'between_coats_minutes' => $this->duration('between_coats')->minutes,
            'overnight_minutes' => $this->duration('overnight')->minutes,
            'cure_minutes' => $this->duration('cure')->minutes,
            ...$this->has('window') ? [
                'window_minutes' => trim($this->string('window')->toString()) === ''
                    ? null
                    : $this->duration('window')->minutes,
            ] : [],
        ];
    }
}
