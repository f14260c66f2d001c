<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;

/** What clients see on their pages, as the house decides. */
final class SeesRequest extends ManagerRequest
{
    public const ALL = ['stages', 'photographs', 'payments'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['sees' => ['present', 'array', 'max:3'], 'sees.*' => ['string', Rule::in(self::ALL)]];
    }

    /** @return list<string> */
    public function sees(): array
    {
        $sees = (array) $this->input('sees');

        return array_values(array_filter(self::ALL, static fn (string $one): bool => in_array($one, $sees, true)));
    }
}
