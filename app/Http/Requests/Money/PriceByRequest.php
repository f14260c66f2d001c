<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;

/** Whether a price is fixed or goes by effort. */
final class PriceByRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'way' => ['required', Rule::in(['fixed', 'effort'])]];
    }
}
