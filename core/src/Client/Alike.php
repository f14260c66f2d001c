<?php

declare(strict_types=1);

namespace Regimen\Client;

/**
 * Which entries are likely of one person: the same mail or telephone, or a name that is written nearly alike. Nothing is joined by
 * itself.
 */
final class Alike
{
    /** Of a telephone number the last digits tell who it is; before them stand codes that are written or not. */
    private const DIGITS = 8;

    /** So many letters may differ, of names that are longer than short. */
    private const LETTERS = 1;

    private const SHORT = 6;

    /**
     * @param  array<int, array{name: string, email: string, phone: string}>  $people  by number
     * @return list<array{int, int, string}> two numbers, the lower first, and why
     */
    public static function pairs(array $people): array
    {
        $by = $pairs = [];
        foreach ($people as $number => $one) {
            foreach (self::marks($one) as $mark => $why) {
                $by[$mark][] = [$number, $why];
            }
        }
        ksort($by);
        foreach ($by as $same) {
            for ($at = 1, $count = min(20, count($same)); $at < $count; $at++) {
                [$low, $high] = [min($same[0][0], $same[$at][0]), max($same[0][0], $same[$at][0])];
                $isOne = $same[0][1] !== 'name' || self::isNearly($people[$low]['name'], $people[$high]['name']);
                $isOne && $pairs["{$low} {$high}"] ??= [$low, $high, match ($same[0][1]) {
                    'mail' => 'the same mail', 'telephone' => 'the same telephone', default => 'nearly the same name',
                }];
            }
        }
        usort($pairs, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return $pairs;
    }

    /**
     * What two entries of one person have in common; of names every one that lacks a letter, so that one letter more, less or
     * otherwise is found without comparing each with each.
     *
     * @param  array{name: string, email: string, phone: string}  $one
     * @return array<string, string> why, by mark
     */
    private static function marks(array $one): array
    {
        $marks = [];
        $email = mb_strtolower(trim($one['email']));
        $digits = preg_replace('/\D/', '', $one['phone']) ?? '';
        $email === '' || $marks["m {$email}"] = 'mail';
        strlen($digits) < self::DIGITS || $marks['t '.substr($digits, -self::DIGITS)] = 'telephone';
        $name = self::plain($one['name']);
        $marks["n {$name}"] = 'name';
        for ($at = 0, $length = strlen($name); $length > self::SHORT && $at < $length; $at++) {
            $marks['n '.substr($name, 0, $at).substr($name, $at + 1)] = 'name';
        }

        return $marks;
    }

    public static function isNearly(string $one, string $other): bool
    {
        [$one, $other] = [self::plain($one), self::plain($other)];

        return $one === $other || (min(strlen($one), strlen($other)) > self::SHORT && levenshtein($one, $other) <= self::LETTERS);
    }

    /** Letters alone, without accents, the family’s name last: `Müller, Ana` and `Ana Muller` are one. */
    private static function plain(string $name): string
    {
        $parts = explode(',', $name, 2);
        $plain = mb_strtolower(strtr(count($parts) === 2 ? "{$parts[1]} {$parts[0]}" : $name, ['ß' => 'ss', 'ø' => 'o', 'Ø' => 'o', 'ł' => 'l', 'Ł' => 'l', 'æ' => 'ae', 'Æ' => 'ae', 'œ' => 'oe', 'đ' => 'd']));
        $bare = \Normalizer::normalize($plain, \Normalizer::FORM_D);
        preg_match_all('/[\p{L}\p{N}]+/u', preg_replace('/\p{Mn}+/u', '', $bare === false ? $plain : $bare) ?? $plain, $found);

        return implode(' ', $found[0]);
    }
}
