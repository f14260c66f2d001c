<?php

declare(strict_types=1);

namespace Regimen\Units;

/**
 * What somebody typed, in the digits and marks that every reader of quantities understands: decimal digits of any
 * script (full-width, Arabic, Devanagari, …) become 0 to 9, full-width marks and the decimal marks of other scripts
 * become ours, vulgar fractions are written out. A raised, lowered or circled digit is none: `10²` is not 102, and it
 * is refused.
 */
final class TypedText
{
    private const MARKS = [
        "\u{00A0}" => ' ', "\u{2007}" => ' ', "\u{2009}" => ' ', "\u{202F}" => ' ', "\u{3000}" => ' ',
        '−' => '-', '–' => '-', '‐' => '-', '‑' => '-', '﹣' => '-',
        '٫' => '.', '٬' => ',', '⁄' => '/', '∕' => '/',
    ];

    /** @throws InvalidQuantity if a character looks like a digit and is none, or the text is not UTF-8 */
    public static function of(string $typed): string
    {
        if (! mb_check_encoding($typed, 'UTF-8')) {
            throw InvalidQuantity::notText();
        }
        // ASCII, nearly always.
        if (preg_match('/[^\x00-\x7f]/', $typed) !== 1) {
            return trim($typed);
        }
        $text = (string) preg_replace_callback(
            '/[\p{Nd}\p{No}\p{Nl}\x{FF01}-\x{FF5E}]/u',
            static fn (array $found): string => self::character($found[0], $typed), $typed,
        );

        return trim(strtr($text, self::MARKS));
    }

    private static function character(string $character, string $typed): string
    {
        $digit = \IntlChar::charDigitValue($character);
        if ($digit >= 0 && \IntlChar::charType($character) === \IntlChar::CHAR_CATEGORY_DECIMAL_DIGIT_NUMBER) {
            return (string) $digit;
        }
        $plain = (string) \Normalizer::normalize($character, \Normalizer::FORM_KC);
        if (preg_match('/^\d{1,2}⁄\d{1,2}$/', $plain) === 1) {
            return ' '.str_replace('⁄', '/', $plain);
        }
        if (\IntlChar::ord($character) >= 0xFF01 && \IntlChar::ord($character) <= 0xFF5E) {
            return $plain;
        }
        throw InvalidQuantity::noDigit($character, trim($typed));
    }
}
