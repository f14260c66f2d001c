<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;

/** How the bank names the columns of its file. */
final class ColumnsRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'], 'date' => ['required', 'string', 'max:60'], 'amount' => ['required', 'string', 'max:60'], 'words' => ['required', 'string', 'max:300'], 'currency' => ['nullable', 'string', 'max:60'],
            'day_first' => ['required', 'boolean'],
        ];
    }

    /** @return array{date: string, amount: string, words: list<string>, currency: string, dayFirst: bool} */
    public function columns(): array
    {
        $text = fn (string $key): string => trim($this->string($key)->toString());

        return ['date' => $text('date'), 'amount' => $text('amount'), 'words' => array_values(array_filter(array_map(trim(...), explode(',', $text('words'))))), 'currency' => $text('currency'), 'dayFirst' => $this->boolean('day_first')];
    }
}
