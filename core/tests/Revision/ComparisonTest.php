<?php

declare(strict_types=1);

namespace Regimen\Tests\Revision;

use PHPUnit\Framework\TestCase;
use Regimen\Costing\Kit;
use Regimen\Costing\StarterPrices;
use Regimen\Findings\Finding;
use Regimen\Revision\Comparison;
use Regimen\Revision\RevisedValue;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

final class ComparisonTest extends TestCase
{
    public function test_values_that_differ_are_told_in_words_and_nothing_else(): void
    {
        self::assertSame(
            [],
            Comparison::values(Specifications::read(), Specifications::read(['scale' => '647.7 mm'])),
            'the same length in other words',
        );
        $changes = self::byName(
            Comparison::values(
                Specifications::read(),
                Specifications::read(['scale' => '25"', 'joint' => 'set', 'wishes' => 'Warm.']),
            ),
        );
        self::assertSame(['647.7 mm', '635 mm'], $changes['Scale']);
        self::assertSame(['bolt-on', 'set'], $changes['Neck joint']);
        self::assertSame(['', 'Warm.'], $changes['Wishes, in the client’s words']);
        self::assertArrayHasKey('Board length', $changes, 'what is worked out follows');
    }

    public function test_figures_findings_parts_and_operations_follow(): void
    {
        $before = Specifications::read();
        $after = Specifications::read(
            ['neckAngle' => '2', 'joint' => 'set', 'finish' => 'nitrocellulose', 'colour' => 'black'],
        );
        $one = Specifications::workings();
        $other = Specifications::workings(
            ['neckAngle' => '2', 'joint' => 'set', 'finish' => 'nitrocellulose', 'colour' => 'black'],
        );
        self::assertSame(
            ['12.6 mm', '21.6 mm'],
            self::byName(Comparison::figures($one, $other))['Saddle above the top'],
        );
        $findings = Comparison::findings($one, $other);
        self::assertContains(
            'bridge-range',
            array_map(static fn (Finding $finding): string => $finding->key, $findings['new']),
        );
        $kit = self::byName(
            Comparison::kit(
                Kit::for($before->orFail(), StarterPrices::in('EUR')),
                Kit::for($after->orFail(), StarterPrices::in('EUR')),
            ),
        );
        self::assertSame(['1 set', ''], $kit['neck screws and plate']);
        self::assertSame(['', '1 share'], $kit['lacquer, sealer, thinner, colour']);
        $plan = static fn ($read) => RoutePlanner::withAllRules()->plan($read->orFail(), TradeStandards::all());
        $operations = self::byName(Comparison::operations($plan($before), $plan($after)));
        self::assertSame(['', '1.7 h'], $operations['glue the neck in, blend the heel']);
        self::assertSame(['0.95 h', ''], $operations['drill and fit the neck screws']);
    }

    /**
     * @param  list<RevisedValue>  $changes
     * @return array<string, array{string, string}>
     */
    private static function byName(array $changes): array
    {
        $named = [];
        foreach ($changes as $change) {
            $named[$change->name] = [$change->before, $change->after];
        }

        return $named;
    }
}
