<?php

declare(strict_types=1);

namespace Regimen\Units;

/** A day in one line, as people say it: `1.5 h 38 carve, 40 min customer, rest errands`. */
final class DayLine
{
    private const EXAMPLES = ['1.5 h 38 carve, rest errands', '40 min customer'];

    /**
     * @return non-empty-list<array{Duration|null, string}> how long, null for what is left of the day, and on what
     *
     * @throws InvalidQuantity
     */
    public static function read(string $typed): array
    {
        $parts = [];
        $rests = 0;
        foreach (preg_split('/\s*(?:;|,(?=\s)|\band\b)\s*/u', TypedText::of($typed), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            if (preg_match('/^(?:the\s+)?rest\s+(.+)$/iu', $part, $found) === 1) {
                $rests++;
                $parts[] = [null, trim($found[1])];
            } elseif (preg_match('/^(\d+(?:[.,:]\d+)?\s*(?:h|hours?|min|minutes?|m)?)\s+(?!(?:h|hours?|min|minutes?|m)$)(\S.*)$/iu', $part, $found) === 1) {
                $parts[] = [self::duration($found[1]), trim($found[2])];
            } else {
                throw InvalidQuantity::unreadable($part, ...self::EXAMPLES);
            }
        }
        if ($parts === []) {
            throw InvalidQuantity::empty(...self::EXAMPLES);
        }
        if ($rests > 1) {
            throw InvalidQuantity::unreadable($typed, ...self::EXAMPLES)->explained('with one “rest” at the most');
        }

        return $parts;
    }

    /** A bare number is hours, as makers count their work. */
    private static function duration(string $typed): Duration
    {
        $typed = trim($typed);
        $typed = (string) preg_replace('/\s*(?:minutes?|mins?|m)$/i', ' min', $typed);

        return Duration::parse((string) preg_replace('/\s*hours?$/i', ' h', $typed));
    }
}
