<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;

/** A length as it is typed, `1 3/4"` or `44.5`, within bounds in mm. */
final readonly class TypedLength implements ValidationRule
{
    public function __construct(private float $least, private float $most)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $mm = Length::parse(is_string($value) || is_int($value) || is_float($value) ? (string) $value : '')->mm;
            if ($mm < $this->least || $mm > $this->most) {
                $fail("Between {$this->least} and {$this->most} mm.");
            }
        } catch (InvalidQuantity $wrong) {
            $fail($wrong->getMessage());
        }
    }
}
