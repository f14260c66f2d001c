<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Regimen\Schedule\Time\HoursText;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Money;
use Regimen\Units\Scalar;
use Regimen\Units\TypedText;

/** A quantity as it is typed, judged by the parser of the core, whose sentence is shown at the field. */
final readonly class Typed implements ValidationRule
{
    /** @param  Closure(string): ?string  $problem  what is wrong, or null; may throw InvalidQuantity */
    private function __construct(private Closure $problem)
    {
    }

    /** @param  int|null  $atMost  minutes, with the sentence for more */
    public static function duration(?int $atMost = null, string $sentence = '', bool $zero = true): self
    {
        return new self(static function (string $typed) use ($atMost, $sentence, $zero): ?string {
            $minutes = Duration::parse($typed)->minutes;

            return match (true) {
                $minutes === 0 && ! $zero => 'Zero is nothing to record. Write for example 1:30.',
                $atMost !== null && $minutes > $atMost => $sentence,
                default => null,
            };
        });
    }

    public static function money(string $currency): self
    {
        return new self(static function (string $typed) use ($currency): ?string {
            Money::parse($typed, $currency);

            return null;
        });
    }

    public static function hours(): self
    {
        return new self(static function (string $typed): ?string {
            HoursText::parse($typed);

            return null;
        });
    }

    /** A number above zero such as 2 or 1.5. */
    public static function quantity(): self
    {
        return new self(static function (string $typed): ?string {
            $isNumber = preg_match('/^\d{1,5}([.,]\d{1,3})?$/', TypedText::of($typed)) === 1;

            return $isNumber && Scalar::plain($typed) > 0
                ? null
                : "“{$typed}” is no amount. Write a number above zero such as 2 or 1.5.";
        });
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_scalar($value)) {
            // A list is not nothing: it is no text, whatever an empty one would mean here.
            $fail('This is read as text; something else was sent.');

            return;
        }
        try {
            $problem = ($this->problem)((string) $value);
        } catch (InvalidQuantity $wrong) {
            $problem = $wrong->getMessage();
        }
        if ($problem !== null) {
            $fail($problem);
        }
    }
}
