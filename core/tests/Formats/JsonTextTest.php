<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\TestCase;
use Regimen\Formats\Json\JsonText;
use Regimen\Units\UnreadableFile;

/** Compared with PHP's own reader of JSON (RFC 8259) on seeded random texts, sound ones and spoiled ones. */
final class JsonTextTest extends TestCase
{
    public function test_it_reads_what_the_language_reads_and_refuses_what_it_refuses(): void
    {
        mt_srand(11);
        $read = $refused = 0;
        for ($round = 0; $round < 1500; $round++) {
            $text = (string) json_encode(self::value(0), [0, JSON_PRETTY_PRINT, JSON_UNESCAPED_UNICODE][mt_rand(0, 2)]);
            if (mt_rand(0, 1) === 1) {
                $text = self::spoiled($text);
            }
            $expected = json_decode($text, true, 64);
            $sound = json_last_error() === JSON_ERROR_NONE;
            try {
                [$value] = JsonText::read($text);
                self::assertTrue($sound, "should be refused: {$text}");
                self::assertEquals($expected, $value, $text);
                $read++;
            } catch (UnreadableFile $wrong) {
                self::assertTrue(
                    ! $sound || str_contains($wrong->getMessage(), 'second time'), "{$wrong->getMessage()} {$text}",
                );
                self::assertMatchesRegularExpression('/^Line \d+ can\'t be read: /', $wrong->getMessage());
                $refused++;
            }
        }
        self::assertGreaterThan(600, $read);
        self::assertGreaterThan(200, $refused);
    }

    public function test_it_knows_on_which_line_everything_stands(): void
    {
        [, $lines] = JsonText::read("{\n  \"a\": [\n    1,\n    {\"b\": 2}\n  ],\n\n  \"c\": null}");
        self::assertSame(['' => 1, 'a' => 2, 'a.0' => 3, 'a.1' => 4, 'a.1.b' => 4, 'c' => 7], $lines);
    }

    public function test_it_says_where_it_stopped(): void
    {
        $said = [];
        foreach (['', '{', '{"a"', '{"a":', '[1,]', '[1 2]', '"open', '{"a":1,}', 'tru', '{"ä": x}'] as $text) {
            try {
                JsonText::read($text);
                self::fail("{$text} was taken");
            } catch (UnreadableFile $wrong) {
                $said[$text] = $wrong->getMessage();
            }
        }
        self::assertStringContainsString('column 7', $said['{"ä": x}'], 'columns are counted in characters');
        self::assertStringContainsString('column 4', $said['[1,]']);
        self::assertStringContainsString('“,” is expected', $said['[1 2]']);
    }

    private static function value(int $depth): mixed
    {
        return match (mt_rand(0, $depth > 3 ? 5 : 7)) {
            0 => null,
            1 => (bool) mt_rand(0, 1),
            2 => mt_rand(-9999, 9999),
            3 => mt_rand(-9999, 9999) / 64,
            4, 5 => ['', 'plain', "line\nbreak", 'quote " and \\', 'ümläut €', "\u{1F3B8}", '25 1/2"'][mt_rand(0, 6)],
            6 => array_map(static fn (): mixed => self::value($depth + 1), range(0, mt_rand(0, 3))),
            default => array_combine(
                array_map(static fn (int $key): string => "k{$key}", range(0, $count = mt_rand(0, 3))),
                array_map(static fn (): mixed => self::value($depth + 1), range(0, $count)),
            ),
        };
    }

    private static function spoiled(string $text): string
    {
        $at = mt_rand(0, strlen($text));
        $mark = ['{', '}', '[', ']', ',', ':', '"', 'x', '0', '.', '-', ' ', '\\'][mt_rand(0, 12)];

        return mt_rand(0, 1) === 0
            ? substr($text, 0, $at).$mark.substr($text, $at)
            : substr($text, 0, $at).substr($text, $at + 1);
    }
}
