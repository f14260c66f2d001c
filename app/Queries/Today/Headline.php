<?php

declare(strict_types=1);

namespace App\Queries\Today;

use Regimen\Forecast\Outlook;
use Regimen\Forecast\Verdict;

/** What is the matter with the promises, in one sentence. */
final class Headline
{
    private const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'];

    /** @param  iterable<Outlook>  $outlooks */
    public static function about(iterable $outlooks): string
    {
        $late = $tight = $lost = $all = 0;
        foreach ($outlooks as $outlook) {
            $all++;
            $late += $outlook->verdict === Verdict::Late ? 1 : 0;
            $tight += $outlook->verdict === Verdict::Risk ? 1 : 0;
            $lost += $outlook->verdict === Verdict::Unplanned ? 1 : 0;
        }
        $parts = array_filter([
            $late > 0 ? self::count($late).' will break' : '',
            $tight > 0 ? self::count($tight).($tight === 1 ? ' is tight' : ' are tight') : '',
            $lost > 0 ? self::count($lost).' cannot be planned' : '',
        ]);
        if ($parts === []) {
            return $all === 0 ? 'Nothing on the bench yet' : 'Every promise can be kept';
        }
        $sentence = implode(', ', $parts);
        $first = $late > 0 ? $late : ($tight > 0 ? $tight : $lost);
        $words = preg_replace('/^(\S+)/', '$1 '.($first === 1 ? 'promise' : 'promises'), $sentence) ?? $sentence;

        return ucfirst(mb_strtolower($words));
    }

    private static function count(int $number): string
    {
        return self::NUMBERS[$number] ?? (string) $number;
    }
}
