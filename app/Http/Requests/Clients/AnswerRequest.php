<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;

/** What the client said, written down in the shop. */
final class AnswerRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['answer' => ['required', 'string', 'max:300']];
    }
}
