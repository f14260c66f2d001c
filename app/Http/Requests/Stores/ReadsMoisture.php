<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use Regimen\Units\TypedText;

/** What a meter reads, in %, and what a scale reads, in kg. */
trait ReadsMoisture
{
    /** @return array<string, list<mixed>> */
    protected function moistureRules(): array
    {
        return ['moisture' => ['nullable', $this->between('moisture', 3, 60, '%')], 'weight' => ['nullable', $this->between('weight', 0.02, 200, 'kg')]];
    }

    public function moisture(): ?float
    {
        return $this->number('moisture');
    }

    public function grams(): ?int
    {
        $kilograms = $this->number('weight');

        return $kilograms === null ? null : (int) round($kilograms * 1000);
    }

    private function number(string $field): ?float
    {
        $typed = trim(str_replace(['%', 'kg', ','], ['', '', '.'], TypedText::of($this->string($field)->toString())));

        return is_numeric($typed) ? (float) $typed : null;
    }

    private function between(string $field, float $least, float $most, string $unit): \Closure
    {
        return function (string $attribute, mixed $value, \Closure $fail) use ($field, $least, $most, $unit): void {
            $number = $this->number($field);
            if ($number === null || $number < $least || $number > $most) {
                $fail("A number between {$least} and {$most} {$unit}, for example ".($unit === '%' ? '8.5' : '4.2').'.');
            }
        };
    }
}
