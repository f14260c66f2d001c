<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Actions\Parts\CameLine;
use App\Http\Requests\House\ShopRequest;
use App\Models\Parts\PartOrder;
use App\Models\Parts\PartOrderLine;
use App\Rules\Day;
use App\Rules\Typed;
use Regimen\Stores\Stock\Amount;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Money;
use Regimen\Units\Scalar;

/** What came with a parcel; who does not see money takes it in at what it was ordered for. */
final class ParcelRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $currency = $this->house()->shop()->currency;
        $none = static function (string $at, mixed $typed, \Closure $fail): void {
            try {
                $number = is_scalar($typed) ? Scalar::plain((string) $typed) : -1;
            } catch (InvalidQuantity) {
                $number = -1;
            }
            $number >= 0 && $number < 100_000 || $fail('Write how many: a number, 0 for none.');
        };

        return [
            'version' => ['required', 'integer'], 'freight' => ['nullable', Typed::money($currency)], 'all' => ['nullable', 'boolean'],
            'lines' => ['required', 'array', 'min:1', 'max:200'], 'lines.*' => ['array'],
            'lines.*.came' => ['nullable', $none], 'lines.*.wrong' => ['nullable', $none], 'lines.*.because' => ['nullable', 'string', 'max:200'],
            'lines.*.cost' => ['nullable', Typed::money($currency)], 'lines.*.best_before' => ['nullable', Day::any($this->clock(), $this->house()->zone())], 'lines.*.place' => ['nullable', 'string', 'max:60'],
            'measured' => ['nullable', 'array', 'max:200'], 'measured.*' => ['array', 'max:20'], 'measured.*.*' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<int, CameLine> by the line of the order */
    public function came(PartOrder $order): array
    {
        $currency = $this->house()->shop()->currency;
        $lines = $order->lines()->get()->keyBy('id');
        $came = [];
        foreach ((array) $this->input('lines', []) as $id => $said) {
            $text = static fn (string $field): string => trim(is_scalar(((array) $said)[$field] ?? '') ? (string) (((array) $said)[$field] ?? '') : '');
            $quantity = $text('came') === '' ? 0.0 : Scalar::plain($text('came'));
            $line = $lines->get((int) $id);
            $came[(int) $id] = new CameLine(
                $quantity, $text('cost') === '' || ! $this->person()->isManager() ? self::asOrdered($line, $quantity, $currency) : Money::parse($text('cost'), $currency), $text('wrong') === '' ? 0.0 : Scalar::plain($text('wrong')),
                $text('because'), $text('best_before') === '' ? null : $text('best_before'), $text('place'), $this->measured((int) $id),
            );
        }

        return $came;
    }

    /** @return array<string, string> */
    private function measured(int $line): array
    {
        $typed = (array) (((array) $this->input('measured', []))[$line] ?? []);

        return array_filter(array_map(static fn (mixed $one): string => is_string($one) ? trim($one) : '', $typed), static fn (string $one): bool => $one !== '');
    }

    private static function asOrdered(?PartOrderLine $line, float $quantity, string $currency): Money
    {
        return $line === null ? Money::zero($currency) : Money::ofMinor($line->cost_minor, $currency)->times(Amount::of($quantity) / $line->quantity);
    }

    public function freight(): Money
    {
        $zero = Money::zero($this->house()->shop()->currency);

        return $this->person()->isManager() ? $this->money('freight') ?? $zero : $zero;
    }
}
