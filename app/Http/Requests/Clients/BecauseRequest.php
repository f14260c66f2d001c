<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;

/** Why something is closed or withdrawn. */
final class BecauseRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['because' => ['required', 'string', 'max:200'], 'version' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['because.required' => 'Say why in a few words: the next enquiry like it will be glad of it.'];
    }

    public function because(): string
    {
        return rtrim(trim($this->string('because')->toString()), '.');
    }
}
