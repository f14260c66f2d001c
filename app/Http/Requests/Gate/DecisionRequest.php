<?php

declare(strict_types=1);

namespace App\Http\Requests\Gate;

use App\Http\Requests\House\ShopRequest;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Route\Standards\Piece;
use Regimen\Units\Duration;

/** What is done about a line outside of its tolerance. */
final class DecisionRequest extends ShopRequest
{
    private const MOST_LABOUR = 2_400;

    private const MOST_HOLD = 43_200;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $kind = $this->string('kind')->toString();
        $time = static fn (int $most, string $sentence): array => ['nullable', Typed::duration($most, $sentence)];

        return [
            'version' => ['required', 'integer'],
            'kind' => ['required', Rule::in(['accept', 'rework', 'scrap'])],
            'line' => [Rule::requiredIf($kind !== 'scrap'), 'nullable', 'string', 'max:120'],
            'because' => [Rule::requiredIf($kind !== 'rework'), 'nullable', 'string', 'max:300'],
            'name' => [Rule::requiredIf($kind === 'rework'), 'nullable', 'string', 'max:80'],
            'labour' => $time(self::MOST_LABOUR, 'Forty hours at the most; split what takes longer.'),
            'hold' => $time(self::MOST_HOLD, 'Thirty days at the most.'),
            'piece' => [Rule::requiredIf($kind === 'scrap'), 'nullable', Rule::enum(Piece::class)],
        ];
    }

    public function because(): string
    {
        return trim($this->string('because')->toString());
    }

    public function time(string $field): Duration
    {
        return $this->filled($field) ? $this->duration($field) : Duration::zero();
    }

    public function piece(): Piece
    {
        return Piece::from($this->string('piece')->toString());
    }
}
