<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;
use Illuminate\Validation\Validator;

final class ResourceRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'capacity' => ['required', 'integer', 'between:0,99'],
            'own_hours' => ['boolean'],
            'hours' => ['array:1,2,3,4,5,6,7'],
            'hours.*' => ['nullable', Typed::hours()],
            'every_second_from' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            if ($this->boolean('own_hours') && PersonRequest::week((array) $this->input('hours', [])) === []) {
                $validator->errors()->add('hours', 'Give at least one weekday hours, or take its own hours away.');
            }
        }];
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        $own = $this->boolean('own_hours');

        return [
            'capacity' => $this->integer('capacity'),
            ...$this->has('own_hours') ? [
                'hours' => $own ? PersonRequest::week((array) $this->input('hours', [])) : null,
                'every_second_from' => $own && $this->filled('every_second_from')
                    ? $this->string('every_second_from')->toString()
                    : null,
            ] : [],
        ];
    }
}
