<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;
use Regimen\Units\Duration;

/** Figures in the words that the interface uses everywhere. */
final class Say
{
    private const COUNTED = ['piece', 'set', 'pair', 'share', 'sheet'];

    /** `Thu 26 Mar`, and its year where that is not this one */
    public static function day(string $date): string
    {
        return self::inItsYear(new \DateTimeImmutable($date));
    }

    /** `Thu 26 Mar 2026`, on paper, which is read in other years too */
    public static function dayAndYear(string $date): string
    {
        return (new \DateTimeImmutable($date))->format('D j M Y');
    }

    /** `Thu 26 Mar 16:10` in a zone */
    public static function moment(CarbonImmutable $instant, \DateTimeZone $zone): string
    {
        $there = $instant->setTimezone($zone);

        return self::inItsYear($there).$there->format(' H:i');
    }

    private static function inItsYear(\DateTimeInterface $day): string
    {
        return $day->format($day->format('Y') === app(Clock::class)->now()->format('Y') ? 'D j M' : 'D j M Y');
    }

    /** @param  int  $minutes  since 1970 UTC */
    public static function time(int $minutes, \DateTimeZone $zone): string
    {
        return (new \DateTimeImmutable('@'.$minutes * 60))->setTimezone($zone)->format('G:i');
    }

    /** Labour, in hours. */
    public static function duration(int $minutes): string
    {
        return (string) Duration::ofMinutes($minutes);
    }

    /** Holds, windows and lead times: days from two days on. */
    public static function clockTime(int $minutes): string
    {
        return Duration::ofMinutes($minutes)->byTheClock();
    }

    /** `4.5`, `12` — without trailing zeros */
    public static function figure(float $value, int $decimals = 2): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** `2 pieces`, `1 set`, `5.1 bd ft`: only what is counted has a plural. */
    public static function amount(float $quantity, string $unit): string
    {
        return self::figure($quantity, 3).' '.$unit.(
            $quantity !== 1.0 && in_array($unit, self::COUNTED, true) ? 's' : ''
        );
    }

    public static function count(int $number, string $one, ?string $many = null): string
    {
        return $number.' '.($number === 1 ? $one : $many ?? "{$one}s");
    }
}
