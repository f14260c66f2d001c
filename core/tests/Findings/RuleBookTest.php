<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Checks\TriedFixes;
use Regimen\Findings\Finding;
use Regimen\Findings\Fix;
use Regimen\Findings\Severity;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Neck\TunerLayout;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Units\Money;

/**
 * Every check is made to speak, and every fix that it proposes is tried. Limits are common practice unless a source is
 * named beside the check.
 */
final class RuleBookTest extends TestCase
{
    /** What no figure fixes: timber has to settle. */
    private const FOR_PEOPLE = ['settled.neckMoisture'];

    /**
     * @return iterable<string, array{string, Severity, array<string, mixed>}> the finding's key, how bad, what is
     *   typed
     */
    public static function faults(): iterable
    {
        yield from NeckFaults::faults();
        yield from BodyFaults::faults();
        yield from BoxFaults::faults();
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('faults')]
    public function test_a_fault_is_found_and_each_fix_fixes_it(string $key, Severity $severity, array $typed): void
    {
        $house = HouseDefaults::ofTrade(SpecificationReader::typeOf($typed));
        $finding = self::find($typed, $house, $key);
        self::assertNotNull($finding, "{$key} is found");
        self::assertSame($severity, $finding->severity);
        foreach ([$finding->title, $finding->figures, $finding->because, $finding->source] as $words) {
            self::assertNotSame('', $words);
            self::assertDoesNotMatchRegularExpression('/NAN|INF|-0\.0 /i', $words);
        }
        foreach ($finding->fixes as $fix) {
            $after = self::find($fix->appliedTo($typed, $house), $house, $finding->key);
            self::assertNull(
                $after,
                "“{$fix->words}” does away with {$key}; ".($after === null ? '' : $after->figures),
            );
        }
        self::assertSame(
            $severity !== Severity::Note && ! in_array($key, self::FOR_PEOPLE, true),
            $finding->fixes !== [] && $severity !== Severity::Note,
            "{$key} offers what fixes it: {$finding->unfixed}",
        );
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  array<string, mixed>  $house
     */
    private static function find(array $typed, array $house, string $key): ?Finding
    {
        $read = SpecificationReader::read($typed, $house);
        self::assertSame([], $read->problems);
        foreach (RuleBook::judge(Workings::from($read, Money::parse('640', 'EUR'))) as $finding) {
            if ($finding->key === $key || str_starts_with($finding->key, "{$key}.")) {
                return $finding;
            }
        }

        return null;
    }

    public function test_the_rule_book_has_at_least_forty_checks_and_each_of_them_speaks(): void
    {
        self::assertGreaterThanOrEqual(40, count(RuleBook::checks()));
        $silent = [];
        foreach (RuleBook::checks() as $check) {
            $silent[$check::class] = true;
        }
        foreach (self::faults() as [, , $typed]) {
            $workings = Workings::from(SpecificationReader::read($typed), Money::parse('640', 'EUR'));
            foreach (RuleBook::checks() as $check) {
                if (isset($silent[$check::class]) && iterator_to_array($check->judge($workings), false) !== []) {
                    unset($silent[$check::class]);
                }
            }
        }
        self::assertSame([], array_keys($silent));
    }

    /**
     * Every string count that the house has a set for, flat and angled heads, any binding, up to 24 frets, both hands.
     */
    public function test_what_the_trade_takes_when_nothing_is_said_has_neither_stops_nor_warnings(): void
    {
        $judged = 0;
        foreach ([
            'guitar' => [4, 5, 6, 7, 8, 9, 10, 12], 'bass' => [4, 5, 6, 8, 10, 12],
            'flat-top' => [4, 5, 6, 7, 8, 9, 10, 12],
        ] as $type => $counts) {
            foreach ($counts as $strings) {
                foreach (['angled', 'flat'] as $head) {
                    foreach ([['0', '0'], ['1', '1'], ['6', '2']] as [$body, $board]) {
                        foreach (['20', '24'] as $frets) {
                            $typed = [
                                'type' => $type, 'strings' => (string) $strings, 'headstock' => $head,
                                'bodyBinding' => $body, 'boardBinding' => $board, 'frets' => $frets,
                                'hand' => $judged++ % 2 === 0 ? 'right' : 'left',
                            ];
                            $read = SpecificationReader::read($typed);
                            self::assertSame([], $read->problems, json_encode($typed, JSON_THROW_ON_ERROR));
                            $bad = array_filter(
                                RuleBook::findings(Workings::from($read)),
                                static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
                            );
                            self::assertSame(
                                [],
                                array_map(
                                    static fn (Finding $finding): string => "{$finding->key}: {$finding->figures}",
                                    $bad,
                                ),
                                json_encode($typed, JSON_THROW_ON_ERROR),
                            );
                        }
                    }
                }
            }
        }
    }

    public function test_twelve_strings_have_their_posts_on_both_sides(): void
    {
        $twelve = SpecificationReader::read(['strings' => '12'])->orFail();
        self::assertSame(TunerLayout::BothSides, $twelve->head->tunerLayout);
        self::assertLessThan(250.0, $twelve->head->headLength->mm);
        self::assertTrue($twelve->neck->stiffeningRods);
        self::assertSame(TunerLayout::InLine, SpecificationReader::read([])->orFail()->head->tunerLayout);
    }

    public function test_the_worst_comes_first(): void
    {
        $ranks = array_map(
            static fn (Finding $finding): int => $finding->severity->rank(),
            RuleBook::judge(
                Workings::from(SpecificationReader::read(['neckAngle' => '2', 'relief' => '0.6', 'capacitors' => '22'])),
            ),
        );
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertGreaterThanOrEqual(4, count($ranks));
    }

    public function test_a_wish_is_answered_by_what_the_client_has_said(): void
    {
        $house = HouseDefaults::ofTrade(InstrumentType::Guitar);
        self::assertNotNull(self::find(['wishes' => 'Light on the shoulder'], $house, 'wish'));
        self::assertNull(self::find(['wishes' => 'Light on the shoulder', 'targetWeight' => '3.3 kg'], $house, 'wish'));
        $unheard = self::find(['wishes' => 'My initials on the back plate'], $house, 'wish');
        self::assertSame([], $unheard?->fixes);
        self::assertStringContainsString('initials', (string) $unheard?->figures);
    }

    public function test_a_wish_is_not_cut_at_its_decimal_point(): void
    {
        $house = HouseDefaults::ofTrade(InstrumentType::Guitar);
        $wish = self::find(['wishes' => 'Under 3.6 kg. My initials'], $house, 'wish');
        self::assertStringContainsString('“Under 3.6 kg”', (string) $wish?->figures);
        self::assertSame(['targetWeight' => '3.6 kg'], $wish->fixes[0]->changes, 'what was said is what is promised');
    }

    public function test_what_nothing_fixes_says_why(): void
    {
        // Nine posts in a row that are wider than any headstock holds: no spacing of these tuners fits.
        $finding = self::find(
            ['tunerWidth' => '60', 'tunerSpacing' => '', 'strings' => '9', 'headLength' => '120', 'firstPost' => '60'],
            HouseDefaults::ofTrade(InstrumentType::Guitar),
            'tuner-spacing',
        );
        self::assertNotNull($finding);
        foreach ($finding->fixes as $fix) {
            self::assertNull(
                self::find(
                    $fix->appliedTo(
                        ['tunerWidth' => '60', 'strings' => '9', 'headLength' => '120', 'firstPost' => '60'],
                        HouseDefaults::ofTrade(InstrumentType::Guitar),
                    ),
                    HouseDefaults::ofTrade(InstrumentType::Guitar),
                    'tuner-spacing',
                ),
            );
        }
        $workings = Workings::from(SpecificationReader::read([]));
        $never = Finding::stop('always', 'Always')
            ->says('x')
            ->because('y')
            ->fix('a channel of 14', ['rodDepth' => '14'])->fix(
                'a rod in fathoms', ['rodLength' => 'two fathoms'],
            );
        $tried = TriedFixes::tried($workings, [$never])[0];
        self::assertSame([], $tried->fixes);
        self::assertStringContainsString('“a channel of 14”: then “Too little timber under the rod”', $tried->unfixed);
        self::assertStringContainsString('“a rod in fathoms”: “two fathoms” can\'t be read', $tried->unfixed);
    }

    public function test_the_next_way_is_taken_where_the_first_does_not_do(): void
    {
        $workings = Workings::from(SpecificationReader::read(['rodDepth' => '14']));
        $finding = Finding::stop('under-rod', 'x')
            ->says('y')
            ->because('z')
            ->fixBy(
                [
                    ['not enough', ['rodDepth' => '13.9']], ['impossible', null], ['enough', ['rodDepth' => '12']],
                    ['more than enough', ['rodDepth' => '9']],
                ],
            );
        $tried = TriedFixes::tried($workings, [...RuleBook::findings($workings), $finding]);
        $fixes = $tried[count($tried) - 1]->fixes;
        self::assertSame(['enough'], array_map(static fn (Fix $fix): string => $fix->words, $fixes));
        self::assertSame([], $fixes[0]->otherwise);
    }

    public function test_a_fix_may_add_a_row_behind_the_last(): void
    {
        $house = ['cavities' => [['kind' => 'control', 'depth' => '38']]];
        $fix = new Fix(
            'a battery',
            ['cavities.1.kind' => 'battery', 'cavities.1.depth' => '20', 'cavities.3.depth' => '9'],
        );
        self::assertSame(
            ['cavities' => [['kind' => 'control', 'depth' => '38'], ['kind' => 'battery', 'depth' => '20']]],
            $fix->appliedTo([], $house),
        );
    }
}
