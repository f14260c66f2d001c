<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use Illuminate\Validation\Rule;
use Regimen\Schedule\Problem\Promise;

final class PromiseRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'promised_on' => [
                'required',
                Day::fromToday(
                    $this->clock(), $this->house()->zone(), 'That day is past. A promise is for today or later.',
                ),
            ],
            'promise_kind' => ['nullable', Rule::enum(Promise::class)],
            'because' => ['required', 'string', 'max:300'],
        ];
    }
}
