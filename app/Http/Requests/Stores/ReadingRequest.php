<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\House\ShopRequest;

/** What a board is read or weighed at. */
final class ReadingRequest extends ShopRequest
{
    use ReadsMoisture;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->moistureRules();
    }
}
