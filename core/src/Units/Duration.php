<?php

declare(strict_types=1);

namespace Regimen\Units;

/** A length of time in whole minutes, zero or more: labour, set-up, hold. */
final readonly class Duration
{
    private const EXAMPLES = ['1.5', '1:30', '1 h 30', '90 min', '3 d'];

    /** Ten years: nothing on a bench takes longer. */
    private const LARGEST = 5_256_000;

    private const DAY = 1_440;

    private function __construct(public int $minutes)
    {
    }

    /** @throws InvalidQuantity below zero */
    public static function ofMinutes(int $minutes): self
    {
        if ($minutes < 0) {
            throw InvalidQuantity::negative("{$minutes} min");
        }

        return new self($minutes);
    }

    /**
     * @param  float  $hours  zero or more, rounded to the minute
     *
     * @throws InvalidQuantity below zero
     */
    public static function ofHours(float $hours): self
    {
        return self::ofMinutes((int) round($hours * 60));
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /**
     * Reads a duration as makers type it: `1.5` and `1,5` are hours, `1:30`, `1 h 30`, `1h30m`, `90 min`, `3 d`, `1/2
     * h`, `1 1/2`. A day is 24 hours.
     *
     * @throws InvalidQuantity if it is empty, unreadable, negative or over ten years
     */
    public static function parse(string $typed): self
    {
        $text = trim(strtolower(TypedText::of($typed)));
        if ($text === '') {
            throw InvalidQuantity::empty(...self::EXAMPLES);
        }
        if (str_starts_with($text, '-')) {
            throw InvalidQuantity::negative(trim($typed));
        }
        $minutes = self::minutesIn($text) ?? throw InvalidQuantity::unreadable(trim($typed), ...self::EXAMPLES);
        if ($minutes > self::LARGEST) {
            throw InvalidQuantity::tooLarge(trim($typed));
        }

        return new self((int) round($minutes));
    }

    private static function minutesIn(string $text): ?float
    {
        if (preg_match('/^(\d+):([0-5]\d)(?:\s*h)?$/', $text, $clock) === 1) {
            return (int) $clock[1] * 60 + (int) $clock[2];
        }
        if (preg_match('/^(?:(\d+)\s+)?(\d+)\/([1-9]\d*)\s*(?:h|hours?)?$/', $text, $part) === 1) {
            return 60 * ((int) $part[1] + (int) $part[2] / (int) $part[3]);
        }
        $number = '(\d+(?:[.,]\d+)?|[.,]\d+)';
        if (preg_match("/^{$number}$/", $text, $hours) === 1) {
            return 60 * self::decimal($hours[1]);
        }
        $pattern = "/^(?:{$number}\s*d(?:ays?)?)?\s*(?:{$number}\s*h(?:ours?|rs?)?)?"
            ."\s*(?:{$number}\s*(?:m|min|minutes?)?)?$/";
        if (preg_match($pattern, $text, $sum, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }

        return self::DAY * self::decimal($sum[1] ?? '0') + 60 * self::decimal($sum[2] ?? '0')
            + self::decimal($sum[3] ?? '0');
    }

    private static function decimal(string $digits): float
    {
        return (float) str_replace(',', '.', $digits);
    }

    public function hours(): float
    {
        return $this->minutes / 60;
    }

    public function plus(self $other): self
    {
        return new self($this->minutes + $other->minutes);
    }

    /** Labour, in hours however many: `45 min`, `1 h 30 min`, `75 h`; parses back to the same duration. */
    public function __toString(): string
    {
        return self::inWords(0, $this->minutes);
    }

    /**
     * Time by the clock, as holds and lead times are said: as labour up to two days, then `2 d`, `3 d 12 h`; a day is
     * 24 h. Parses back.
     */
    public function byTheClock(): string
    {
        $days = $this->minutes >= 2 * self::DAY ? intdiv($this->minutes, self::DAY) : 0;

        return self::inWords($days, $this->minutes - $days * self::DAY);
    }

    private static function inWords(int $days, int $minutes): string
    {
        $parts = array_filter([
            $days > 0 ? "{$days} d" : '',
            $minutes >= 60 ? intdiv($minutes, 60).' h' : '',
            $minutes % 60 > 0 ? ($minutes % 60).' min' : '',
        ]);

        return $parts === [] ? '0 min' : implode(' ', $parts);
    }
}
