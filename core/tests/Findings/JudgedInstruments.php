<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Instrument\Reading\SpecificationReader;

/** What the tests of this subject share. */
trait JudgedInstruments
{
    /**
     * @param  array<string, mixed>  $typed
     * @return list<Finding>
     */
    private static function judge(array $typed): array
    {
        $read = SpecificationReader::read($typed);
        self::assertSame([], $read->problems);

        return RuleBook::judge(Workings::from($read));
    }
}
