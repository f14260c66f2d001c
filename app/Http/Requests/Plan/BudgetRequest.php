<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;

/** The hours that a build may take and the money that it may cost; an empty field takes them away. */
final class BudgetRequest extends ManagerRequest
{
    private const MOST = 120_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'budget' => ['nullable', Typed::duration(self::MOST, 'Two thousand hours are more than any instrument takes.', false)],
            'money' => ['nullable', Typed::money($this->house()->shop()->currency)],
        ];
    }

    public function minutes(): ?int
    {
        return trim($this->string('budget')->toString()) === '' ? null : $this->duration('budget')->minutes;
    }
}
