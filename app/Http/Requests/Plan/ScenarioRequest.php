<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\ManagerRequest;

final class ScenarioRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80']];
    }
}
