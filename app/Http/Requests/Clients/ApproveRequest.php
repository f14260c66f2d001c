<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;

/** By whom and how something was approved or accepted. */
final class ApproveRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['approved_by' => ['required', 'string', 'max:80'], 'how' => ['required', 'string', 'max:120'], 'revision' => ['nullable', 'integer'], 'version' => ['nullable', 'integer']];
    }

    public function by(): string
    {
        return trim($this->string('approved_by')->toString());
    }

    public function how(): string
    {
        return trim($this->string('how')->toString());
    }
}
