<?php

declare(strict_types=1);

namespace App\Http\Requests\Setback;

use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;
use Regimen\Setback\Cause;
use Regimen\Setback\PieceKind;

/** On which piece it happened, and why. */
final class SayRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'piece' => ['nullable', Rule::enum(PieceKind::class)],
            'cause' => ['required', Rule::enum(Cause::class)],
        ];
    }

    public function piece(): ?PieceKind
    {
        return PieceKind::tryFrom($this->string('piece')->toString());
    }

    public function cause(): Cause
    {
        return Cause::from($this->string('cause')->toString());
    }
}
