<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Models\Client\LetterKind;
use Illuminate\Validation\Rule;

/** A letter as it is to be sent. */
final class LetterRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(LetterKind::class)], 'to' => ['required', 'email', 'max:120'], 'subject' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'], 'body' => ['required', 'string', 'max:20000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.required' => 'Nobody is written to without an address. Write it down with the client.'];
    }

    public function kind(): LetterKind
    {
        return LetterKind::from($this->string('kind')->toString());
    }
}
