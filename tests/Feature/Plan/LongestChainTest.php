<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\LongestChain;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;
use Symfony\Component\Process\Process;

/**
 * Critical path and slack of routes drawn at random against a general-purpose solver of linear programs (the npm
 * package javascript-lp-solver): the shortest length, and how far each start can be pushed without making it longer.
 */
final class LongestChainTest extends TestCase
{
    private const SOLVE = <<<'JS'
        const solver = require('javascript-lp-solver');
        let text = '';
        process.stdin.on('data', (part) => (text += part)).on('end', () => {
            console.log(JSON.stringify(JSON.parse(text).map(({ durations, links, asked }) => {
                const model = (optimize, opType, length) => {
                    const constraints = {}, variables = { length: { [optimize]: optimize === 'length' ? 1 : 0 } };
                    for (const key in durations) variables['s:' + key] = optimize === 's:' + key ? { [optimize]: 1 } : {};
                    links.forEach(([before, after], i) => {
                        constraints['l' + i] = { min: durations[before] };
                        variables['s:' + after]['l' + i] = 1;
                        variables['s:' + before]['l' + i] = -1;
                    });
                    Object.keys(durations).forEach((key, i) => {
                        constraints['e' + i] = { min: durations[key] };
                        variables.length['e' + i] = 1;
                        variables['s:' + key]['e' + i] = -1;
                    });
                    if (length !== null) { constraints.cap = { max: length }; variables.length.cap = 1; }
                    return solver.Solve({ optimize, opType, constraints, variables });
                };
                const length = model('length', 'min', null).result;
                return { length, latest: asked.map((key) => model('s:' + key, 'max', length).result), earliest: asked.map((key) => model('s:' + key, 'min', null).result) };
            })));
        });
        JS;

    public function test_length_and_slack_are_those_of_a_linear_program(): void
    {
        $problems = $chains = $asked = [];
        foreach (Specifications::drawn(8, 89) as $number => [$specification, $methods]) {
            $route = RoutePlanner::withAllRules()->plan($specification, TradeStandards::all(), $methods);
            $chains[$number] = LongestChain::through($route);
            $asked[$number] = array_map(
                static fn (int $index): string => $route->operations[$index * 7 % count($route->operations)]->key,
                range(1, 4),
            );
            $problems[] = self::problem($route, $asked[$number]);
        }
        $process = new Process(
            ['node', '-e', self::SOLVE], dirname(__DIR__, 2), input: json_encode($problems, JSON_THROW_ON_ERROR),
            timeout: 240,
        );
        $answers = json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        foreach ($answers as $number => $answer) {
            self::assertEqualsWithDelta($answer['length'], $chains[$number]->length, 0.01);
            foreach ($asked[$number] as $index => $key) {
                self::assertEqualsWithDelta(
                    $answer['latest'][$index] - $answer['earliest'][$index], $chains[$number]->totalFloat($key), 0.01,
                    $key,
                );
            }
        }
        self::assertCount(8, $answers);
    }

    public function test_a_cold_shop_has_a_longer_chain(): void
    {
        $route = RoutePlanner::withAllRules()->plan(
            Specifications::sixString(), TradeStandards::all(), Methods::usual(),
        );
        self::assertGreaterThan(
            LongestChain::through($route)->length,
            LongestChain::through($route, new \Regimen\Route\Air\Climate(12, 50))->length,
        );
    }

    /**
     * @param  list<string>  $asked
     * @return array<string, mixed>
     */
    private static function problem(Route $route, array $asked): array
    {
        $durations = [];
        foreach ($route->operations as $operation) {
            $durations[$operation->key] = $operation->work()->minutes + $operation->hold->minutes;
        }

        return [
            'durations' => $durations,
            'links' => array_map(static fn ($link): array => [$link->before, $link->after], $route->links),
            'asked' => $asked,
        ];
    }
}
