<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\MomentText;

/** Said on Wednesday, 18 March 2026, at 09:40. */
final class MomentTextTest extends TestCase
{
    #[TestWith(['Fri 14:30', '2026-03-20 14:30'])]
    #[TestWith(['next Fri, 14.30', '2026-03-20 14:30'])]
    #[TestWith(['tomorrow at 9', '2026-03-19 09:00'])]
    #[TestWith(['tomorrow 9:05 am', '2026-03-19 09:05'])]
    #[TestWith(['20 Mar, 4 pm', '2026-03-20 16:00'])]
    #[TestWith(['20 Mar 12 am', '2026-03-20 00:00'])]
    #[TestWith(['Fri at 12 pm', '2026-03-20 12:00'])]
    #[TestWith(['in 3 weeks at 7:30', '2026-04-08 07:30'])]
    #[TestWith(['2026-03-20T16:00', '2026-03-20 16:00'])]
    #[TestWith(['2026-03-20 16:00:00', '2026-03-20 16:00'])]
    #[TestWith(['20.3. 16:00', '2026-03-20 16:00'])]
    #[TestWith(['16:00', '2026-03-18 16:00'])]
    #[TestWith(['at 9', '2026-03-19 09:00'])]
    #[TestWith(['9:40', '2026-03-19 09:40'])]
    #[TestWith(['29 March 2:30', '2026-03-29 03:30'])]
    public function test_a_day_and_its_time(string $typed, string $moment): void
    {
        self::assertSame($moment, MomentText::parse($typed, self::now())->format('Y-m-d H:i'));
    }

    #[TestWith(['', 'nothing was typed'])]
    #[TestWith(['Fri', 'has no time of the day'])]
    #[TestWith(['20 Mar', 'has no time of the day'])]
    #[TestWith(['March 20', 'has no time of the day'])]
    #[TestWith(['2026-03-20', 'has no time of the day'])]
    #[TestWith(['20.3.', 'has no time of the day'])]
    #[TestWith(['Fri 25:00', 'no time that a clock shows'])]
    #[TestWith(['Fri 9:75', 'no time that a clock shows'])]
    #[TestWith(['Fri 13 pm', 'no time that a clock shows'])]
    #[TestWith(['soon 9:00', 'soon'])]
    #[TestWith(['30 Feb 9:00', 'no day of the calendar'])]
    public function test_what_is_no_moment_is_refused_with_examples(string $typed, string $words): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'/i');
        MomentText::parse($typed, self::now());
    }

    private static function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-03-18 09:40', new \DateTimeZone('Europe/Berlin'));
    }
}
