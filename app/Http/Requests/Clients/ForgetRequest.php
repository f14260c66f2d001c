<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;

/** A client who wants to be deleted: said by typing who it is. */
final class ForgetRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'forget' => ['required', 'accepted']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['forget.required' => 'Say that they asked for it: it cannot be taken back.', 'forget.accepted' => 'Say that they asked for it: it cannot be taken back.'];
    }
}
