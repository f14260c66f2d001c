<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;
use Illuminate\Validation\Rule;

/** Work of the shop's own that comes again. */
final class ChoreRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'], 'person' => ['required', 'integer', Rule::exists('people', 'id')->where('active', true)], 'every_days' => ['required', 'integer', 'min:1', 'max:730'],
            'takes' => ['required', Typed::duration(240, 'More than four hours is no chore. Enter it under Calendar as upkeep.', false)],
            'due_on' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. Choose the day on which it is due first.')],
        ];
    }

    /** @return array{name: string, person_id: int, every_days: int, minutes: int, due_on: string} */
    public function said(): array
    {
        return [
            'name' => trim($this->string('name')->toString()), 'person_id' => $this->integer('person'), 'every_days' => $this->integer('every_days'), 'minutes' => $this->duration('takes')->minutes,
            'due_on' => $this->string('due_on')->toString(),
        ];
    }
}
