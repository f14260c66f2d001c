<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Time;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Time\HoursText;
use Regimen\Units\InvalidQuantity;

final class HoursTextTest extends TestCase
{
    public function test_it_reads_and_prints(): void
    {
        self::assertSame([[480, 720], [750, 1020]], HoursText::parse('8-12, 12:30 to 17'));
        self::assertSame([], HoursText::parse(' '));
        self::assertSame('8:00–12:00, 12:30–17:00', HoursText::print([[480, 720], [750, 1020]]));
        self::assertSame([[480, 720]], HoursText::parse(HoursText::print([[480, 720]])));
    }

    #[TestWith(['late'])]
    #[TestWith(['17-8'])]
    #[TestWith(['8-12, 11-14'])]
    #[TestWith(['8-25'])]
    #[TestWith(['8:70-9'])]
    public function test_it_refuses(string $typed): void
    {
        $this->expectException(InvalidQuantity::class);
        HoursText::parse($typed);
    }
}
