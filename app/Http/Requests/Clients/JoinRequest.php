<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Models\Client\Client;

/** Another entry of the same person. */
final class JoinRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['other' => ['required', 'integer', 'exists:clients,id'], 'seen' => ['required', 'integer'], 'version' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['other.exists' => 'There is no such client.'];
    }

    public function other(): Client
    {
        return Client::query()->findOrFail($this->integer('other'));
    }
}
