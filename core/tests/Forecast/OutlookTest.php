<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Outlook;
use Regimen\Forecast\Verdict;
use Regimen\Schedule\Time\WorkingHours;

/** Promise on Friday 27 March 2026, Monday to Friday, at risk with two working days or fewer. */
final class OutlookTest extends TestCase
{
    #[TestWith(['2026-03-30', Verdict::Late, -1])]
    #[TestWith(['2026-03-28', Verdict::Late, 0])]
    #[TestWith(['2026-03-27', Verdict::Risk, 0])]
    #[TestWith(['2026-03-25', Verdict::Risk, 2])]
    #[TestWith(['2026-03-24', Verdict::Kept, 3])]
    public function test_a_finish_against_a_promise(string $finish, Verdict $verdict, int $slack): void
    {
        $outlook = Outlook::judge($finish, '2026-03-27', self::hours(), 2);
        self::assertSame([$verdict, $slack], [$outlook->verdict, $outlook->slackDays]);
        self::assertSame($verdict !== Verdict::Kept, $outlook->inDanger());
    }

    public function test_without_a_promise_or_without_a_finish(): void
    {
        self::assertSame(Verdict::NoPromise, Outlook::judge('2026-03-27', null, self::hours(), 2)->verdict);
        self::assertSame(Verdict::Unplanned, Outlook::judge(null, '2026-03-27', self::hours(), 2)->verdict);
        self::assertSame(Verdict::Unplanned, Outlook::judge(null, null, self::hours(), 2)->verdict);
        self::assertFalse(Outlook::judge('2026-03-27', null, self::hours(), 2)->inDanger());
    }

    /** Of a route that leaves parts out only lateness can be known. */
    public function test_a_finish_of_half_the_work_promises_nothing(): void
    {
        self::assertSame(
            [Verdict::Incomplete, null],
            [
                Outlook::judge('2026-03-20', '2026-03-27', self::hours(), 2, false)->verdict,
                Outlook::judge('2026-03-20', '2026-03-27', self::hours(), 2, false)->slackDays,
            ],
        );
        self::assertSame(
            Verdict::Incomplete,
            Outlook::judge('2026-03-27', '2026-03-27', self::hours(), 2, false)->verdict,
        );
        self::assertSame(Verdict::Late, Outlook::judge('2026-03-30', '2026-03-27', self::hours(), 2, false)->verdict);
        self::assertSame(Verdict::Incomplete, Outlook::judge('2026-03-30', null, self::hours(), 2, false)->verdict);
        self::assertFalse(Outlook::judge('2026-03-20', '2026-03-27', self::hours(), 2, false)->inDanger());
    }

    private static function hours(): WorkingHours
    {
        return WorkingHours::of(array_fill(1, 5, [[480, 1020]]), [], new \DateTimeZone('UTC'));
    }
}
