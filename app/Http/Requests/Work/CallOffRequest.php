<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\ManagerRequest;

final class CallOffRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'call_off_because' => ['required', 'string', 'max:300'],
        ];
    }
}
