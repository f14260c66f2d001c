<?php

declare(strict_types=1);

namespace App\Rules;

use App\Support\Clock;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\MomentText;

/** A day and its time as people say them, in the zone of the shop; kept as 2026-03-20T16:00. */
final readonly class Moment implements SaidInWords, ValidationRule
{
    public const KEPT = 'Y-m-d\TH:i';

    public function __construct(private Clock $clock, private \DateTimeZone $zone)
    {
    }

    public function read(mixed $typed): mixed
    {
        try {
            return is_string($typed) && trim($typed) !== '' ? $this->at($typed)->format(self::KEPT) : $typed;
        } catch (InvalidQuantity) {
            return $typed;
        }
    }

    /** @throws InvalidQuantity */
    public function at(string $typed): CarbonImmutable
    {
        return CarbonImmutable::instance(MomentText::parse($typed, $this->clock->now()->setTimezone($this->zone)));
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $this->at(is_string($value) ? $value : '');
        } catch (InvalidQuantity $wrong) {
            $fail($wrong->getMessage());
        }
    }
}
