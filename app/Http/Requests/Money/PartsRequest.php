<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Invoicing\PaymentWhen;
use Regimen\Route\Standards\Stage;
use Regimen\Units\Money;

/** In which parts what is not invoiced yet is paid. */
final class PartsRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'], 'parts' => ['present', 'array', 'max:20'], 'parts.*.when' => ['required', Rule::enum(PaymentWhen::class)], 'parts.*.stage' => ['nullable', Rule::enum(Stage::class)],
            'parts.*.amount' => ['required', Typed::money($this->house()->shop()->currency)],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->parts() as $at => $part) {
                $part['when'] === PaymentWhen::Stage && $part['stage'] === null && $validator->errors()->add("parts.{$at}.stage", 'Say after which stage.');
                $part['minor'] === 0 && $validator->errors()->add("parts.{$at}.amount", 'A part of nothing is none; take it out.');
            }
        }];
    }

    /** @return list<array{when: PaymentWhen, stage: Stage|null, minor: int}> */
    public function parts(): array
    {
        return array_values(array_map(fn (mixed $one): array => [
            'when' => $when = PaymentWhen::from($this->text($one, 'when')), 'stage' => $when === PaymentWhen::Stage ? Stage::tryFrom($this->text($one, 'stage')) : null, 'minor' => Money::parse($this->text($one, 'amount'), $this->house()->shop()->currency)->minor,
        ], (array) $this->input('parts')));
    }

    private function text(mixed $of, string $key): string
    {
        $value = is_array($of) ? $of[$key] ?? '' : '';

        return is_scalar($value) ? (string) $value : '';
    }
}
