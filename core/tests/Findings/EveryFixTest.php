<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use PHPUnit\Framework\TestCase;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Findings\Severity;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Tests\DrawnSpecifications;
use Regimen\Units\Money;

/**
 * Over specifications drawn at random, what is offered does what it says; written down here again, without the class
 * that tries it.
 */
final class EveryFixTest extends TestCase
{
    /** Of the whole; a slice of them otherwise. */
    private const DRAWN = 4000;

    public function test_every_fix_that_is_offered_fixes(): void
    {
        $count = getenv('REGIMEN_LONG') === '1' ? self::DRAWN : intdiv(self::DRAWN, 40);
        $offered = $silent = 0;
        foreach (DrawnSpecifications::of($count, 8081) as [$typed, $read]) {
            $parts = Money::parse('640', 'EUR');
            $findings = RuleBook::findings(Workings::from($read, $parts));
            $judged = RuleBook::judge(Workings::from($read, $parts));
            $stops = self::stops($findings);
            foreach ($judged as $index => $finding) {
                self::assertSame($findings[$index]->key, $finding->key);
                foreach ($finding->fixes as $fix) {
                    $after = SpecificationReader::read($fix->appliedTo($typed, $read->house), $read->house);
                    $case = json_encode(
                        [$typed, $finding->key, $fix->changes], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
                    );
                    self::assertSame([], $after->problems, "accepted: {$case}");
                    $left = RuleBook::findings(Workings::from($after, $parts));
                    self::assertNotContains(
                        $finding->key, array_map(static fn (Finding $one): string => $one->key, $left),
                        "ends its finding: {$case}",
                    );
                    self::assertSame(
                        [], array_values(array_diff(self::stops($left), $stops)), "raises no stop: {$case}",
                    );
                    $offered++;
                }
                // What usually has a fix and has none here says why.
                self::assertSame(
                    $findings[$index]->fixes !== [] && $finding->fixes === [], $finding->unfixed !== '', $finding->key,
                );
                $silent += $finding->unfixed === '' ? 0 : 1;
            }
        }
        self::assertGreaterThan(5 * $count, $offered);
        self::assertLessThan($offered / 100, $silent, 'hardly anything has no fix');
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function stops(array $findings): array
    {
        return array_values(
            array_map(
                static fn (Finding $finding): string => $finding->key,
                array_filter($findings, static fn (Finding $finding): bool => $finding->severity === Severity::Stop),
            ),
        );
    }
}
