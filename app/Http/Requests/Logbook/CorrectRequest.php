<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\House\ShopRequest;

/** What stands in the place of an earlier entry. */
final class CorrectRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:1000']];
    }
}
