<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;
use Regimen\Client\Wish;
use Regimen\Instrument\Brief\InstrumentType;

/** What a player says of how they play and what they miss. */
final class FeelRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['wishes' => ['present', 'array', 'max:20'], 'wishes.*' => [Rule::enum(Wish::class)], 'type' => ['nullable', Rule::enum(InstrumentType::class)]];
    }

    /** @return list<Wish> */
    public function wishes(): array
    {
        return array_values(array_map(static fn (mixed $one): Wish => Wish::from(is_string($one) ? $one : ''), array_unique((array) $this->input('wishes'))));
    }

    public function type(): string
    {
        return $this->filled('type') ? $this->string('type')->toString() : InstrumentType::Guitar->value;
    }
}
