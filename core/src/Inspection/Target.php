<?php

declare(strict_types=1);

namespace Regimen\Inspection;

use Regimen\Electronics\ElectricWords;

/** One thing to measure at a gate: with what, and within which limits. */
final readonly class Target
{
    /**
     * @param  float|null  $low  in the unit; null where there is no lower limit or nothing is measured in numbers
     */
    private function __construct(
        public string $what,
        public string $how,
        public string $words,
        public ?float $low,
        public ?float $high,
        public string $unit,
    ) {
    }

    public static function around(string $what, string $how, float $value, float $tolerance, string $unit = 'mm'): self
    {
        return new self(
            $what, $how, self::number($value).' ± '.self::number($tolerance)." {$unit}", $value - $tolerance,
            $value + $tolerance, $unit,
        );
    }

    /** A resistance in kΩ within so many per cent, said in the unit in which it is read. */
    public static function resistance(string $what, string $how, float $kilohms, float $percent): self
    {
        return new self(
            $what, $how, ElectricWords::resistance(round($kilohms, 4)).' ± '.self::number($percent).' %',
            $kilohms * (1 - $percent / 100), $kilohms * (1 + $percent / 100), 'kΩ',
        );
    }

    public static function atMost(string $what, string $how, float $high, string $unit = 'mm'): self
    {
        return new self($what, $how, 'at most '.self::number($high)." {$unit}", null, $high, $unit);
    }

    public static function atLeast(string $what, string $how, float $low, string $unit = 'mm'): self
    {
        return new self($what, $how, 'at least '.self::number($low)." {$unit}", $low, null, $unit);
    }

    public static function between(string $what, string $how, float $low, float $high, string $unit = 'mm'): self
    {
        return new self($what, $how, self::number($low).' to '.self::number($high)." {$unit}", $low, $high, $unit);
    }

    public static function seen(string $what, string $how, string $words): self
    {
        return new self($what, $how, $words, null, null, '');
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
