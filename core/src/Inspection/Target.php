<?php

declare(strict_types=1);

namespace Regimen\Inspection;

use Regimen\Electronics\ElectricWords;
use Regimen\Units\Length;
use Regimen\Units\Words;

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

    /** The limits in decimal inches, `0.075 to 0.083 in`; empty for what is no length. */
    public function inInches(): string
    {
        $limits = $this->unit === 'mm' ? array_filter([$this->low, $this->high], is_float(...)) : [];

        return $limits === [] ? '' : implode(' to ', array_map(
            static fn (float $mm): string => Words::number($mm / Length::MM_PER_INCH, 3), $limits,
        )).' in';
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
