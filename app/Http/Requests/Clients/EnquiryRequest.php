<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;

/** What somebody would like. */
final class EnquiryRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'wishes' => ['required', 'string', 'max:4000'], 'budget' => ['nullable', Typed::money($this->house()->shop()->currency)], 'version' => ['nullable', 'integer'],
            'wanted_by' => ['nullable', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past.')],
        ];
    }

    public function wantedBy(): ?string
    {
        return $this->filled('wanted_by') ? $this->string('wanted_by')->toString() : null;
    }
}
