<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\ManagerRequest;

/** Whether a photograph is for the client. */
final class ForClientRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'client' => ['required', 'boolean']];
    }
}
