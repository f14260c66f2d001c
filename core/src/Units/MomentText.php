<?php

declare(strict_types=1);

namespace Regimen\Units;

use DateTimeImmutable;

/**
 * A day and the time of it, as people say them: `Fri 14:30`, `tomorrow at 9`, `20 Mar, 4 pm`, `2026-03-20T16:00`. A
 * time alone is the next one. A time that the clocks leave out in spring is the hour after it.
 */
final class MomentText
{
    private const EXAMPLES = ['Fri 14:30', 'tomorrow at 9:00', '20 Mar 16:00'];

    private const TIME = '/^(?:(.*?)[\s,t]*(?<=^|[\s,t]))(?:at )?(\d{1,2})(?:[:.](\d{2})(?::00)?)? ?([ap]\.?m\.?)?$/u';

    /**
     * @param  DateTimeImmutable  $now  in the zone of the shop
     *
     * @throws InvalidQuantity if it is no day with a time of it
     */
    public static function parse(string $typed, DateTimeImmutable $now): DateTimeImmutable
    {
        $text = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', TypedText::of($typed))));
        if ($text === '') {
            throw InvalidQuantity::empty(...self::EXAMPLES);
        }
        if (preg_match(self::TIME, $text, $found) !== 1 || (($found[3] ?? '') === '' && ! self::saysHour($text, $found))) {
            throw new InvalidQuantity(
                "“{$typed}” has no time of the day. Write for example ".implode(', ', self::EXAMPLES).'.', self::EXAMPLES,
            );
        }
        [$hour, $minute] = self::time($typed, (int) $found[2], (int) ($found[3] ?? 0), $found[4] ?? '');
        $day = trim($found[1]);
        if ($day === '') {
            $today = $now->setTime($hour, $minute);

            return $today > $now ? $today : $today->modify('+1 day')->setTime($hour, $minute);
        }

        return DayText::parse($day, $now->setTime(0, 0))->setTime($hour, $minute);
    }

    /**
     * A bare number is an hour only where it cannot be a part of the day.
     *
     * @param  array<int, string>  $found
     */
    private static function saysHour(string $text, array $found): bool
    {
        return ($found[4] ?? '') !== '' || preg_match('/(^|[\s,])at \d{1,2}$/', $text) === 1;
    }

    /** @return array{int, int} */
    private static function time(string $typed, int $hour, int $minute, string $half): array
    {
        $isWrong = $hour > 23 || $minute > 59 || ($half !== '' && ($hour < 1 || $hour > 12));
        if ($isWrong) {
            throw new InvalidQuantity("“{$typed}” has no time that a clock shows. Write for example 14:30.", self::EXAMPLES);
        }

        return [$half === '' ? $hour : $hour % 12 + ($half[0] === 'p' ? 12 : 0), $minute];
    }
}
