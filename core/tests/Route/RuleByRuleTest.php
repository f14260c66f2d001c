<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/**
 * Each rule class alone: for which instrument and method it speaks, for which it is silent, and what it is there for.
 */
final class RuleByRuleTest extends TestCase
{
    private const LAYERS = [
        ['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '38'],
    ];

    /**
     * @return iterable<string, array{class-string<RouteRule>, array<string, mixed>, array<string, string>, array<string, mixed>, array<string, string>, string}> rule; instrument and methods for which it speaks; for which it is silent; what it adds
     */
    public static function rules(): iterable
    {
        yield from RuleCases::rules();
    }

    /**
     * @param  class-string<RouteRule>  $class
     * @param  array<string, mixed>  $speaks
     * @param  array<string, string>  $by
     * @param  array<string, mixed>  $silent
     * @param  array<string, string>  $otherwise
     */
    #[DataProvider('rules')]
    public function test_it_speaks_where_it_should_and_adds_what_it_is_there_for(
        string $class,
        array $speaks,
        array $by,
        array $silent,
        array $otherwise,
        string $adds,
    ): void {
        $rule = new $class;
        $specification = Specifications::sixString($speaks);
        $methods = Methods::of($by);
        self::assertTrue($rule->appliesTo($specification, $methods));
        self::assertFalse($rule->appliesTo(Specifications::sixString($silent), Methods::of($otherwise)));
        $route = RoutePlanner::withAllRules()->plan($specification, TradeStandards::all(), $methods);
        [$before, $after] = [...explode(' > ', $adds), null];
        if ($after === null) {
            self::assertSame($rule->name(), $route->find($before)?->rule);
            self::assertNotSame('', $route->find($before)->why);
        } else {
            self::assertSame($rule->name(), self::ruleOf($route, $before, $after));
        }
    }

    public function test_without_what_it_refers_to_a_rule_says_nothing_that_hangs_loose(): void
    {
        foreach (RoutePlanner::rules() as $rule) {
            $specification = Specifications::sixString(
                [
                    'laminations' => '3', 'volute' => 'yes', 'veneer' => '1', 'layers' => self::LAYERS,
                    'colour' => 'red', 'finish' => 'nitrocellulose',
                ],
            );
            $draft = new RouteDraft(TradeStandards::all(), $specification, Methods::usual());
            $draft->by($rule);
            $rule->contribute($draft, $specification, Methods::usual());
            $alone = $draft->route();
            $keys = array_map(static fn ($operation): string => $operation->key, $alone->operations);
            foreach ($alone->links as $link) {
                self::assertContains($link->before, $keys);
                self::assertContains($link->after, $keys);
            }
            self::assertSame([], $alone->clashes);
        }
    }

    private static function ruleOf(Route $route, string $before, string $after): ?string
    {
        foreach ($route->links as $link) {
            if ([$link->before, $link->after] === [$before, $after]) {
                return $link->rule;
            }
        }

        return null;
    }
}
