<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use Regimen\Route\Air\Climate;

/** What the thermometer and the hygrometer say. */
final class ReadingRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'temperature' => [
                'bail',
                'required',
                'string',
                'regex:/^-?\d{1,2}([.,]\d)?$/',
                $this->between(
                    'temperature',
                    -30,
                    60,
                    'No shop is that cold or that warm. Write degrees Celsius, for example 19.5.',
                ),
            ],
            'humidity' => [
                'bail',
                'required',
                'string',
                'regex:/^\d{1,3}([.,]\d)?$/',
                $this->between('humidity', 0, 100, 'Relative humidity runs from 0 to 100 %.'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'temperature.regex' => 'Write degrees Celsius, for example 19.5.',
            'humidity.regex' => 'Write percent, for example 48.',
        ];
    }

    public function air(): Climate
    {
        return new Climate($this->quantity('temperature'), $this->quantity('humidity'));
    }

    private function between(string $field, float $least, float $most, string $sentence): \Closure
    {
        return function (string $attribute, mixed $value, \Closure $fail) use ($field, $least, $most, $sentence): void {
            if ($this->quantity($field) < $least || $this->quantity($field) > $most) {
                $fail($sentence);
            }
        };
    }
}
