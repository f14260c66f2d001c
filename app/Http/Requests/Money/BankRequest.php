<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;

/** The bank’s file, and for which invoices what came is taken. */
final class BankRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:2000'], 'chosen' => ['sometimes', 'array', 'max:2000'], 'chosen.*' => ['integer']];
    }

    public function bytes(): string
    {
        return (string) $this->file('file')?->getContent();
    }

    /** @return array<string, int> invoices by fingerprint */
    public function chosen(): array
    {
        return array_map(static fn (mixed $id): int => is_scalar($id) ? (int) $id : 0, (array) $this->input('chosen', []));
    }
}
