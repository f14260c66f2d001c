<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\ManagerRequest;

final class HolidaysRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:2000']];
    }
}
