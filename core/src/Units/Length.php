<?php

declare(strict_types=1);

namespace Regimen\Units;

/**
 * A length, kept in millimetres without rounding.
 *
 * One inch is 25.4 mm exactly (international yard and pound agreement of 1959).
 */
final readonly class Length
{
    public const MM_PER_INCH = 25.4;

    private const EXAMPLES = ['43', '43 mm', '1 3/4"', '0.9 in', '2 ft 1 1/2 in'];

    /** Longer than this nothing in a workshop is measured: 100 m. */
    private const LARGEST_MM = 100_000.0;

    private const UNITS_MM = [
        'mm' => 1.0, 'millimetre' => 1.0, 'millimetres' => 1.0, 'millimeter' => 1.0, 'millimeters' => 1.0,
        'cm' => 10.0, 'm' => 1000.0,
        '"' => 25.4, "''" => 25.4, 'in' => 25.4, 'inch' => 25.4, 'inches' => 25.4,
        "'" => 304.8, 'ft' => 304.8, 'foot' => 304.8, 'feet' => 304.8,
    ];

    private const QUOTES = [
        '″' => '"', '”' => '"', '“' => '"', '′' => "'", '’' => "'",
    ];

    private function __construct(public float $mm)
    {
    }

    public static function ofMillimetres(float $mm): self
    {
        return new self($mm);
    }

    public static function ofInches(float $inches): self
    {
        return new self($inches * self::MM_PER_INCH);
    }

    /**
     * Reads a length as makers type it: `43`, `44.5`, `44,5`, `0.9 in`, `1 3/4"`, `1-3/4"`, `9/16`, `2' 1 1/2"`, `1½"`.
     *
     * A fraction without a unit is in inches; any other number without a unit is in millimetres.
     *
     * @throws InvalidQuantity if it is empty, unreadable, negative or longer than 100 m
     */
    public static function parse(string $typed): self
    {
        $text = trim(strtolower(strtr(TypedText::of($typed), self::QUOTES)));
        if ($text === '') {
            throw InvalidQuantity::empty(...self::EXAMPLES);
        }
        if (str_starts_with($text, '-')) {
            throw InvalidQuantity::negative(trim($typed));
        }

        return new self(self::sum($text, trim($typed)));
    }

    /**
     * As `parse`, with a sign: `-2`, `+1/8"`.
     *
     * @throws InvalidQuantity if it is empty, unreadable or longer than 100 m
     */
    public static function parseSigned(string $typed): self
    {
        $text = TypedText::of($typed);
        if (preg_match('/^[-+]/', $text, $sign) !== 1) {
            return self::parse($text);
        }
        $length = self::parse(substr($text, strlen($sign[0])));

        return $sign[0] === '+' ? $length : new self(-$length->mm);
    }

    private static function sum(string $text, string $typed): float
    {
        $term = '(?:(?<whole>\d+)[\s-]+)?(?<over>\d+)\s*\/\s*(?<under>\d+)|(?<decimal>\d+(?:[.,]\d+)?|[.,]\d+)';
        $unit = "mm|millimet(?:re|er)s?|cm|m|inches|inch|in|feet|foot|ft|''|\"|'";
        $mm = 0.0;
        $smallest = INF;
        $rest = $text;
        do {
            if (preg_match(
                "/^(?:{$term})\s*(?<unit>{$unit})?\.?[\s,+-]*/u", $rest, $found, PREG_UNMATCHED_AS_NULL,
            ) !== 1) {
                throw InvalidQuantity::unreadable($typed, ...self::EXAMPLES);
            }
            $fraction = $found['over'] !== null;
            $scale = self::UNITS_MM[$found['unit'] ?? ($fraction ? 'in' : 'mm')];
            if ($scale >= $smallest) {
                throw InvalidQuantity::unreadable($typed, ...self::EXAMPLES);
            }
            $smallest = $scale;
            $mm += $scale * self::number($found, $typed);
            $rest = substr($rest, strlen((string) $found[0]));
        } while ($rest !== '');
        if ($mm > self::LARGEST_MM) {
            throw InvalidQuantity::tooLarge($typed);
        }

        return $mm;
    }

    /** @param  array<int|string, string|null>  $found */
    private static function number(array $found, string $typed): float
    {
        if ($found['over'] === null) {
            return (float) str_replace(',', '.', (string) $found['decimal']);
        }
        if ((int) $found['under'] === 0) {
            throw InvalidQuantity::zeroDenominator($typed);
        }

        return (int) ($found['whole'] ?? 0) + (int) $found['over'] / (int) $found['under'];
    }

    public function inches(): float
    {
        return $this->mm / self::MM_PER_INCH;
    }

    public function plus(self $other): self
    {
        return new self($this->mm + $other->mm);
    }

    /** `43.0 mm`; parses back to the same length within half of the last digit. */
    public function inMillimetres(int $decimals = 1): string
    {
        return number_format($this->mm, $decimals, '.', '').' mm';
    }

    /** `1.693 in` */
    public function inInches(int $decimals = 3): string
    {
        return number_format($this->inches(), $decimals, '.', '').' in';
    }

    /**
     * The nearest inch fraction, `1 11/16"`, reduced.
     *
     * @param  int  $denominator  the finest division, a power of two; 64 unless said otherwise
     */
    public function inFraction(int $denominator = 64): string
    {
        $parts = (int) round($this->inches() * $denominator);
        $whole = intdiv($parts, $denominator);
        $over = $parts % $denominator;
        $under = $denominator;
        while ($over !== 0 && $over % 2 === 0) {
            $over = intdiv($over, 2);
            $under = intdiv($under, 2);
        }
        $fraction = $over === 0 ? '' : "{$over}/{$under}";

        return trim(($whole !== 0 || $fraction === '' ? (string) $whole : '').' '.$fraction).'"';
    }

    /** The shortest text that parses back to exactly this length. */
    public function __toString(): string
    {
        return json_encode($this->mm, JSON_THROW_ON_ERROR).' mm';
    }
}
