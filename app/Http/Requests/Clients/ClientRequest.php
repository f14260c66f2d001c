<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;
use Regimen\Units\Countries;

/** What is known of a client. */
final class ClientRequest extends ManagerRequest
{
    private const TEXTS = ['name' => 80, 'contact' => 120, 'email' => 120, 'phone' => 60, 'address' => 400, 'hand' => 5, 'scale' => 80, 'neck' => 80, 'action' => 80, 'weight' => 80, 'instruments' => 1_000, 'locale' => 10, 'country' => 60, 'tax_id' => 40];

    /** In which dates and money are written for them. */
    private const LOCALES = ['', 'en-GB', 'en-US', 'de-DE', 'fr-FR', 'es-ES', 'it-IT', 'nl-NL', 'da-DK', 'sv-SE', 'nb-NO', 'pl-PL', 'pt-PT', 'cs-CZ', 'fi-FI', 'ja-JP'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = array_map(static fn (int $most): array => ['nullable', 'string', "max:{$most}"], self::TEXTS);

        return [
            ...$rules,
            'name' => ['required', 'string', 'max:80', 'regex:/\p{L}/u', 'not_regex:/^client \d+$/iu', 'not_regex:/[{}]/'],
            'email' => ['nullable', 'email', 'max:120'], 'hand' => ['nullable', Rule::in(['right', 'left'])], 'locale' => ['nullable', Rule::in(self::LOCALES)], 'version' => ['nullable', 'integer'],
            'country' => ['nullable', 'string', 'max:60', static function (string $attribute, mixed $value, callable $fail): void {
                is_string($value) && trim($value) !== '' && Countries::code($value) === null && $fail('That is no country that is known here. Write its English name, or its code of two letters.');
            }],
            'tax_id' => ['nullable', 'string', 'max:40', 'regex:/^[A-Z]{2}[A-Z0-9]{2,}$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'tax_id.regex' => 'An identifier for the tax begins with the two letters of its country, then letters and figures without spaces.',
            'name.regex' => 'A name has letters.', 'name.not_regex' => 'That is how the shop speaks of somebody whose name it does not know any more. Write the name without brackets, and not as “client 12”.',
        ];
    }

    /** @return array<string, string> */
    public function said(): array
    {
        $said = [];
        foreach (array_keys(self::TEXTS) as $field) {
            $said[$field] = trim($this->string($field)->toString());
        }

        $said['country'] = Countries::code($said['country']) ?? '';

        return $said;
    }
}
