<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Rules\NewPassword;
use Regimen\Units\Money;

final class OpenShopRequest extends ShopRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'shop' => ['required', 'string', 'max:80'],
            'currency' => ['required', static function (string $attribute, mixed $value, callable $fail): void {
                if (! is_string($value) || ! Money::isCurrency($value)) {
                    $fail('Write the currency’s code, such as EUR, USD or GBP.');
                }
            }],
            'timezone' => ['required', 'timezone:all'],
            'name' => ['required', 'string', 'max:60'],
            'email' => ['required', 'email', 'max:120'],
            'password' => ['required', new NewPassword],
        ];
    }
}
