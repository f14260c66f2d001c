<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class BecauseRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer'],
            'because' => ['required', 'string', 'max:300'],
        ];
    }
}
