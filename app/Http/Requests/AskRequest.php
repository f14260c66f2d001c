<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\House\ShopRequest;

/** What only asks, with what it asks by in its address: whatever cannot be read there counts as nothing. */
final class AskRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }
}
