<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Actions\Parts\AskedLine;
use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Units\Money;
use Regimen\Units\Scalar;

/** An order with one supplier. */
final class PlaceOrderRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'supplier' => ['required', 'integer', Rule::exists('suppliers', 'id')],
            'expected_on' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. Choose the day on which the order is expected.')],
            'express' => ['nullable', 'boolean'], 'note' => ['nullable', 'string', 'max:1000'],
            'lines' => ['required', 'array', 'min:1', 'max:200'], 'lines.*' => ['array'],
            'lines.*.line' => ['nullable', 'integer'], 'lines.*.version' => ['nullable', 'integer'], 'lines.*.part' => ['nullable', 'integer', 'required_without:lines.*.line'],
            'lines.*.quantity' => ['required', Typed::quantity()], 'lines.*.cost' => ['required', Typed::money($this->house()->shop()->currency)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lines.required' => 'Choose at least one line first.'];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $lines = array_filter(array_map(static fn (AskedLine $one): ?int => $one->kitLine, $this->asked()));
            if (count($lines) !== count(array_unique($lines))) {
                $validator->errors()->add('lines', 'One part of a kit stands there twice. It is ordered once.');
            }
        }];
    }

    /** @return list<AskedLine> */
    public function asked(): array
    {
        $whole = static fn (mixed $value): ?int => is_numeric($value) ? (int) $value : null;

        return array_values(array_map(fn (mixed $line): AskedLine => new AskedLine(
            $whole(((array) $line)['line'] ?? null), $whole(((array) $line)['version'] ?? null) ?? 0, $whole(((array) $line)['part'] ?? null),
            Scalar::plain((string) (((array) $line)['quantity'] ?? '')), Money::parse((string) (((array) $line)['cost'] ?? ''), $this->house()->shop()->currency),
        ), (array) $this->input('lines')));
    }
}
