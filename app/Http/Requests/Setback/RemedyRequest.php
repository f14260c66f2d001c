<?php

declare(strict_types=1);

namespace App\Http\Requests\Setback;

use App\Http\Requests\ManagerRequest;
use App\Planning\Setback\RemedyAsked;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Setback\RemedyKind;

/** Which remedy is tried or chosen. */
final class RemedyRequest extends ManagerRequest
{
    private const MOST = 6_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer'],
            'do' => ['required', Rule::enum(RemedyKind::class)],
            'option' => ['nullable', 'string', 'max:40'],
            'name' => ['nullable', 'string', 'max:80'],
            'labour' => ['nullable', 'required_with:name', Typed::duration(self::MOST, 'That is more than 100 hours. Make a plan of it, not a mend.')],
            'hold' => ['nullable', Typed::duration(14_400, 'That is more than ten days of holding.')],
            'old' => ['nullable', Rule::in(['keep', 'write-off'])],
            'place' => ['nullable', 'string', 'max:80'],
            'because' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function asked(): RemedyAsked
    {
        return RemedyAsked::read([
            ...$this->safe()->only(['do', 'option', 'name', 'old', 'place', 'because']),
            'labour' => $this->filled('labour') ? $this->duration('labour')->minutes : 0, 'hold' => $this->filled('hold') ? $this->duration('hold')->minutes : 0,
        ]);
    }
}
