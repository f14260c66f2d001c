<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\ManagerRequest;

final class TabletRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }
}
