<?php

declare(strict_types=1);

namespace App\Http\Requests\Route;

use App\Http\Requests\ManagerRequest;

final class PatternRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }
}
