<?php

declare(strict_types=1);

namespace Regimen\Inspection\Readings;

use Regimen\Inspection\Target;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;
use Regimen\Units\Words;

/**
 * A reading as it is typed, or as a caliper, depth gauge or scale types it: `21.5`, `+0021.50 mm`, `0.846 in`, `1 3/4"`,
 * `7,2 kΩ`, `3460 g`, `yes`.
 */
final class ReadingText
{
    /** What counts as the target's unit, and by how much it is multiplied. */
    private const UNITS = [
        'cents' => ['cents' => 1.0, 'cent' => 1.0, 'ct' => 1.0, 'c' => 1.0],
        '%' => ['%' => 1.0],
        'kΩ' => ['kω' => 1.0, 'kohm' => 1.0, 'k' => 1.0, 'ω' => 0.001, 'ohm' => 0.001, 'mω' => 1000.0, 'mohm' => 1000.0],
        'kg' => ['kg' => 1.0, 'g' => 0.001, 'lb' => 0.45359237, 'lbs' => 0.45359237],
        'g' => ['g' => 1.0, 'kg' => 1000.0],
        '°' => ['°' => 1.0, 'deg' => 1.0],
    ];

    private const SEEN = ['yes' => 1.0, 'y' => 1.0, 'ok' => 1.0, '1' => 1.0, 'no' => 0.0, 'n' => 0.0, '0' => 0.0];

    /** Times that people are wrong by: a point in the wrong place, an inch taken for a millimetre. */
    private const SLIPS = [0.1, 10.0, 0.01, 100.0];

    /** So far from what is wanted nothing is made by mistake: it has been misread. Common practice, no source. */
    private const FAR = 0.4;

    /**
     * @return float in the target's unit
     *
     * @throws UnlikelyReading
     */
    public static function read(string $typed, Target $target): float
    {
        $text = self::bare($typed);
        if ($target->unit === '') {
            return self::SEEN[strtolower($text)] ?? throw UnlikelyReading::unreadable($typed, '');
        }
        if ($target->unit === 'mm') {
            return self::length($text, $typed);
        }
        if (preg_match('/^([-+]?\d{1,6}(?:[.,]\d{1,6})?)\s*(\S{0,6})$/u', $text, $parts) !== 1) {
            throw UnlikelyReading::unreadable($typed, $target->unit);
        }
        $unit = mb_strtolower($parts[2]);
        $times = $unit === '' ? 1.0 : self::UNITS[$target->unit][$unit] ?? throw UnlikelyReading::inAnotherUnit($text, $target->unit);

        return (float) str_replace(',', '.', $parts[1]) * $times;
    }

    /** @throws UnlikelyReading where it is far from what is wanted, with what was probably meant */
    public static function mustBeLikely(float $value, Target $target): void
    {
        $wanted = $target->wanted();
        if ($wanted === null || $target->unit === '' || self::isNear($value, $wanted, $target)) {
            return;
        }
        $slips = $target->unit === 'mm' ? [...self::SLIPS, Length::MM_PER_INCH] : self::SLIPS;
        foreach ($slips as $times) {
            if (self::isMeant($value * $times, $wanted, $target)) {
                throw UnlikelyReading::farOff(
                    self::shown($value, $target->unit), $target->words, self::shown($value * $times, $target->unit),
                );
            }
        }
        throw UnlikelyReading::farOff(self::shown($value, $target->unit), $target->words, '');
    }

    private static function isNear(float $value, float $wanted, Target $target): bool
    {
        if ($target->low === null) {
            return $value >= 0 && $value <= max(10 * $wanted, $wanted + 1.0);
        }
        if ($target->high === null) {
            return $value >= 0 && $value <= max(20 * $wanted, $wanted + 60.0);
        }
        // Something small is wanted within limits that are as large as itself.
        $room = max(self::FAR * abs($wanted), 5 * ($target->high - $target->low));

        return abs($value - $wanted) <= $room && ($value >= 0 || $target->low < 0);
    }

    /** Whether it is so near that it was probably meant. */
    private static function isMeant(float $value, float $wanted, Target $target): bool
    {
        return $target->low === null || $target->high === null
            ? $value > 0.2 * $wanted && $value <= 2 * $wanted
            : abs($value - $wanted) <= 0.15 * abs($wanted);
    }

    private static function length(string $text, string $typed): float
    {
        if (preg_match('/(Ω|ohm|cents?|kg|g|%|°)$/iu', $text) === 1) {
            throw UnlikelyReading::inAnotherUnit($text, 'mm');
        }
        try {
            // A caliper fills its figures up with noughts.
            return Length::parseSigned((string) preg_replace('/^([-+]?)0+(?=\d)/', '$1', ltrim($text, '+')))->mm;
        } catch (InvalidQuantity) {
            throw UnlikelyReading::unreadable($typed, 'mm');
        }
    }

    /** Without what a plugged-in tool sends around its figures. */
    private static function bare(string $typed): string
    {
        $text = mb_scrub($typed);

        $text = trim((string) preg_replace(['/[\x00-\x1f\x7f]+/', '/\s+/u'], ' ', $text));

        return (string) preg_replace('/^[A-Z]{2}(?=[-+]\d)/', '', $text);
    }

    public static function shown(float $value, string $unit): string
    {
        return $unit === '' ? ($value > 0 ? 'yes' : 'no') : Words::plain($value, $unit === 'mm' ? 2 : 3)." {$unit}";
    }
}
