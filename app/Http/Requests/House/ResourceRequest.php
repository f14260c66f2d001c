<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;

final class ResourceRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'capacity' => ['required', 'integer', 'between:0,99'],
        ];
    }
}
