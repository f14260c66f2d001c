<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\LongestChain;
use Regimen\Formats\Json\RouteFile;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/** A route as JSON says everything that the route knows. */
final class RouteFileTest extends TestCase
{
    public function test_every_operation_and_every_link_is_told(): void
    {
        foreach ([
            [],
            ['joint' => 'set', 'finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple'],
            ['joint' => 'through', 'laminations' => '5'],
        ] as $typed) {
            $workings = Specifications::workings($typed);
            $route = RoutePlanner::withAllRules()->plan($workings->specification, TradeStandards::all());
            $told = json_decode(RouteFile::write($route, $workings, Tolerances::usual()), true, 16, JSON_THROW_ON_ERROR);
            self::assertSame(count($route->operations), count($told['operations']));
            self::assertSame(count($route->links), count($told['links']));
            self::assertSame(
                $route->setUps()->minutes + $route->hours()->likely->minutes,
                $told['totals']['setUpMinutes'] + $told['totals']['labourMinutes']['likely'],
            );
            self::assertSame(
                $route->work()->minutes,
                $told['totals']['setUpMinutes'] + $told['totals']['labourMinutes']['likely'],
            );
            self::assertSame(LongestChain::through($route)->length, $told['totals']['longestChainMinutes']);
            $byKey = array_column($told['operations'], null, 'key');
            foreach ($told['totals']['longestChain'] as $key) {
                self::assertSame(0, $byKey[$key]['slackMinutes']);
            }
            foreach ($told['operations'] as $operation) {
                self::assertNotSame('', $operation['why'], $operation['key']);
                self::assertNotSame('', $operation['rule']);
                self::assertLessThanOrEqual($operation['labourMinutes']['worst'], $operation['labourMinutes']['best']);
                self::assertSame($operation['holdMinutes'] > 0, $operation['holdKind'] !== null, $operation['key']);
            }
        }
    }

    public function test_rules_that_clash_are_told_and_the_rest_still_has_an_order(): void
    {
        $workings = Specifications::workings(['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple']);
        $route = RoutePlanner::withAllRules()->plan(
            $workings->specification, TradeStandards::all(), Methods::of(['frets' => 'off']),
        );
        $told = json_decode(RouteFile::write($route, $workings, Tolerances::usual()), true, 16, JSON_THROW_ON_ERROR);
        self::assertCount(1, $told['clashes']);
        $place = array_flip(array_column($told['operations'], 'key'));
        foreach ($told['links'] as $link) {
            self::assertLessThan($place[$link['after']], $place[$link['before']]);
        }
    }
}
