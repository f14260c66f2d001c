<?php

declare(strict_types=1);

namespace App\Rules;

use App\Support\Clock;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Regimen\Units\DayText;
use Regimen\Units\InvalidQuantity;

/** A calendar day as people say it, within reach of the workshop; requests turn it into YYYY-MM-DD before they look at it. */
final readonly class Day implements SaidInWords, ValidationRule
{
    private const FARTHEST_YEARS = 10;

    private function __construct(
        private string $today,
        private ?string $notBefore,
        private ?string $notAfter,
        private string $sentence,
    ) {
    }

    public static function fromToday(Clock $clock, \DateTimeZone $zone, string $sentence): self
    {
        $today = $clock->today($zone);

        return new self($today, $today, null, $sentence);
    }

    public static function untilToday(Clock $clock, \DateTimeZone $zone, string $sentence): self
    {
        $today = $clock->today($zone);

        return new self($today, null, $today, $sentence);
    }

    public static function any(Clock $clock, \DateTimeZone $zone): self
    {
        return new self($clock->today($zone), null, null, '');
    }

    public function read(mixed $typed): mixed
    {
        try {
            return is_string($typed) && trim($typed) !== '' ? $this->parsed($typed)->format('Y-m-d') : $typed;
        } catch (InvalidQuantity) {
            return $typed;
        }
    }

    private function parsed(string $typed): \DateTimeImmutable
    {
        return DayText::parse($typed, new \DateTimeImmutable($this->today), $this->notAfter !== null);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $day = $this->parsed(is_string($value) ? $value : '');
        } catch (InvalidQuantity $wrong) {
            $fail($wrong->getMessage());

            return;
        }
        $value = $day->format('Y-m-d');
        $years = abs((int) $day->format('Y') - (int) substr($this->today, 0, 4));
        if ($years > self::FARTHEST_YEARS) {
            $fail('That is more than '.self::FARTHEST_YEARS.' years away. Check the year.');
        } elseif ($value < ($this->notBefore ?? $value) || $value > ($this->notAfter ?? $value)) {
            $fail($this->sentence);
        }
    }
}
