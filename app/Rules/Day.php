<?php

declare(strict_types=1);

namespace App\Rules;

use App\Support\Clock;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A calendar day, YYYY-MM-DD, within reach of the workshop. */
final readonly class Day implements ValidationRule
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

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $day = is_string($value) ? \DateTimeImmutable::createFromFormat('!Y-m-d', $value) : false;
        if ($day === false || $day->format('Y-m-d') !== $value) {
            $fail('This is no day of the calendar. Write it as year-month-day, for example '.$this->today.'.');

            return;
        }
        $years = abs((int) $day->format('Y') - (int) substr($this->today, 0, 4));
        if ($years > self::FARTHEST_YEARS) {
            $fail('That is more than '.self::FARTHEST_YEARS.' years away. Check the year.');
        } elseif ($value < ($this->notBefore ?? $value) || $value > ($this->notAfter ?? $value)) {
            $fail($this->sentence);
        }
    }
}
