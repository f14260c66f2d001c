<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Scalar;

/** A stocktake: what was counted of each part, and the last movement that the page knew of. */
final class CountRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'counted' => ['required', 'array', 'min:1', 'max:500'], 'seen' => ['required', 'array'], 'seen.*' => ['required', 'integer'], 'because' => ['nullable', 'string', 'max:200'],
            'counted.*' => ['required', static function (string $at, mixed $typed, \Closure $fail): void {
                try {
                    $number = is_scalar($typed) ? Scalar::plain((string) $typed) : -1;
                } catch (InvalidQuantity) {
                    $number = -1;
                }
                $number >= 0 && $number < 1_000_000 || $fail('Write how many lie there: a number, 0 or more.');
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['counted.required' => 'Nothing was counted yet.'];
    }

    /** @return array<int, array{counted: float, seen: int}> */
    public function counts(): array
    {
        $counts = [];
        $seen = (array) $this->input('seen', []);
        foreach ((array) $this->input('counted', []) as $part => $typed) {
            $counts[(int) $part] = ['counted' => Scalar::plain(is_scalar($typed) ? (string) $typed : ''), 'seen' => is_numeric($seen[$part] ?? null) ? (int) $seen[$part] : 0];
        }

        return $counts;
    }
}
