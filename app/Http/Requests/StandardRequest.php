<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Route\Skill;

final class StandardRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'set_up' => ['required', Typed::duration(14_400, 'A set-up of more than 240 hours is a mistake. Write hours, for example 0:20.')],
            'labour' => ['required', Typed::duration(14_400, 'More than 240 hours for one operation is a mistake. Write hours, for example 1:30.')],
            'hold' => ['required', Typed::duration(259_200, 'A hold of more than 180 days is a mistake. Write for example 24 h or 3 d.')],
            'skill' => ['required', Rule::enum(Skill::class)],
        ];
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        return [
            'set_up_minutes' => $this->duration('set_up')->minutes,
            'labour_minutes' => $this->duration('labour')->minutes,
            'hold_minutes' => $this->duration('hold')->minutes,
            'skill' => $this->string('skill')->toString(),
        ];
    }
}
