<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;

/** What is missing of a day, in one line; nothing where it is left open. */
final class DayLineRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['day' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.$this->clock()->today($this->house()->zone())], 'line' => ['nullable', 'string', 'max:200']];
    }
}
