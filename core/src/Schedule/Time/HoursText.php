<?php

declare(strict_types=1);

namespace Regimen\Schedule\Time;

use Regimen\Units\InvalidQuantity;
use Regimen\Units\TypedText;

/** The working hours of a day as people write them: `8–12, 12:30–17`; empty for a day without work. */
final class HoursText
{
    private const EXAMPLES = ['8:00–12:00, 12:30–17:00'];

    /**
     * @return list<array{int, int}> stretches in minutes after midnight
     *
     * @throws InvalidQuantity if it can't be read, runs backwards or overlaps
     */
    public static function parse(string $typed): array
    {
        $text = TypedText::of($typed);
        $stretches = [];
        $last = 0;
        foreach ($text === '' ? [] : (preg_split('/\s*[,;+]\s*|\s+and\s+/', $text) ?: []) as $part) {
            if (preg_match(
                '/^(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|—|to)\s*(\d{1,2})(?:[:.](\d{2}))?$/u',
                $part,
                $found,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1) {
                throw InvalidQuantity::unreadable($text, ...self::EXAMPLES)->explained('or nothing for a free day');
            }
            $from = 60 * (int) $found[1] + (int) $found[2];
            $to = 60 * (int) $found[3] + (int) ($found[4] ?? 0);
            if ($from < $last || $to <= $from || $to > 1440 || (int) $found[2] > 59 || (int) ($found[4] ?? 0) > 59) {
                throw InvalidQuantity::unreadable($text, ...self::EXAMPLES)->explained('or nothing for a free day');
            }
            $stretches[] = [$from, $to];
            $last = $to;
        }

        return $stretches;
    }

    /** @param  list<array{int, int}>  $stretches */
    public static function print(array $stretches): string
    {
        $clock = static fn (int $minutes): string => sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);

        return implode(
            ', ',
            array_map(static fn (array $stretch): string => $clock($stretch[0]).'–'.$clock($stretch[1]), $stretches),
        );
    }
}
