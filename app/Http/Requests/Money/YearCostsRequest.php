<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;

/** What a year costs. */
final class YearCostsRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $money = Typed::money($this->house()->shop()->currency);

        return ['version' => ['required', 'integer'], 'wages' => ['required', $money], 'overhead' => ['required', $money]];
    }
}
