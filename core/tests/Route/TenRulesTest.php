<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\RouteRule;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/**
 * The ten rules of order on instruments and methods drawn at random; without any one rule class they are broken
 * somewhere.
 */
final class TenRulesTest extends TestCase
{
    private const DRAWN = 2500;

    /** @var list<array{Specification, Methods}>|null */
    private static ?array $some = null;

    public function test_no_rule_of_order_is_broken_on_thousands_of_routes(): void
    {
        $standards = TradeStandards::all();
        $planner = RoutePlanner::withAllRules();
        $clashes = 0;
        foreach (Specifications::drawn(self::DRAWN, 71) as $number => [$specification, $methods]) {
            $route = $planner->plan($specification, $standards, $methods);
            $position = array_flip(array_map(static fn ($operation): string => $operation->key, $route->operations));
            foreach ($route->links as $link) {
                self::assertLessThan($position[$link->after], $position[$link->before]);
                self::assertNotSame('', $link->rule);
                self::assertGreaterThan(18, strlen($link->reason));
            }
            self::assertSame(
                $specification->head->headstock === HeadstockKind::Headless ? null : OrderOfWork::headstock($specification),
                $route->find(HeadstockOperation::Construct->value)?->standard->key,
            );
            if ($route->clashes === []) {
                self::assertSame(
                    [],
                    OrderOfWork::wrongs($route, $specification, $methods),
                    "number {$number}: {$specification->inOneLine()}, ".json_encode($methods->answers),
                );
            } else {
                $clashes++;
            }
        }
        self::assertGreaterThan(100, $clashes, 'among methods drawn at random some contradict each other');
        self::assertLessThan(self::DRAWN / 2, $clashes);
    }

    public function test_with_the_trades_usual_methods_nothing_ever_clashes(): void
    {
        foreach (Specifications::drawn(400, 73) as [$specification]) {
            self::assertSame([], RoutePlanner::withAllRules()->plan($specification, TradeStandards::all())->clashes);
        }
    }

    /** Both schools of every question are supported: alone, none of them contradicts the usual way of the rest. */
    public function test_any_one_school_fits_with_the_usual_way_of_the_others(): void
    {
        foreach (Specifications::drawn(60, 77) as [$specification]) {
            foreach (Question::cases() as $question) {
                foreach ($question->choices() as $choice) {
                    $clashes = RoutePlanner::withAllRules()->plan(
                        $specification, TradeStandards::all(), Methods::of([$question->value => $choice->key]),
                    )->clashes;
                    // Only this one is impossible: what is lacquered on the neck cannot be fretted before it is on the
                    // neck.
                    $impossible = $question === Question::Frets && $choice->key === 'off'
                        && $specification->boardIsLacquered();
                    self::assertSame($impossible, $clashes !== [], "{$question->value} {$choice->key}");
                }
            }
        }
    }

    /** @return iterable<string, array{int}> by their names */
    public static function rules(): iterable
    {
        foreach (RoutePlanner::rules() as $index => $rule) {
            yield $rule->name() => [$index];
        }
    }

    #[DataProvider('rules')]
    public function test_without_it_a_rule_of_order_is_broken(int $without): void
    {
        $rest = RoutePlanner::rules();
        [$rule] = array_splice($rest, $without, 1);
        $rest = new RoutePlanner($rest);
        $standards = TradeStandards::all();
        $tried = 0;
        foreach (self::some() as [$specification, $methods]) {
            if (! $rule->appliesTo($specification, $methods)) {
                continue;
            }
            $tried++;
            if (OrderOfWork::wrongs(
                $rest->plan($specification, $standards, $methods), $specification, $methods,
            ) !== []) {
                self::assertNotSame('', $rule->name());

                return;
            }
        }
        self::fail("{$rule->name()}: {$tried} instruments do not miss it");
    }

    public function test_every_rule_has_a_name_of_its_own(): void
    {
        $names = array_map(static fn (RouteRule $rule): string => $rule->name(), RoutePlanner::rules());
        self::assertSame($names, array_values(array_unique($names)));
    }

    /** @return list<array{Specification, Methods}> whose routes are in order */
    private static function some(): array
    {
        if (self::$some === null) {
            self::$some = [];
            foreach (Specifications::drawn(160, 79) as $pair) {
                if (RoutePlanner::withAllRules()->plan($pair[0], TradeStandards::all(), $pair[1])->clashes === []) {
                    self::$some[] = $pair;
                }
            }
            foreach ([[], ['bodyBinding' => '1.5'], ['bodyBinding' => '1.5', 'joint' => 'dovetail'], ['joint' => 'bolted_mortise']] as $at => $box) {
                self::$some[] = [Specifications::sixString(['type' => 'flat-top', 'body' => 'flat-top', 'joint' => 'set', 'pickups' => [], 'layers' => [['timber' => 'Sitka spruce', 'thickness' => '2.8'], ['timber' => 'sapele', 'thickness' => '98']], ...$box]), $at === 2 ? Methods::of(['box-binding' => 'after', 'glued-bridge' => 'before']) : Methods::usual()];
            }
            self::$some[] = [Specifications::sixString(['headstock' => 'headless', 'bridge' => 'single_bridges', 'bridgeRecess' => '3']), Methods::usual()];
            // Wings are for wide headstocks only: a bass with its tuners on both sides.
            self::$some[] = [
                Specifications::sixString(
                    [
                        'type' => 'bass', 'scale' => '34"', 'strings' => '6', 'nutWidth' => '54',
                        'headstock' => 'angled', 'tunerLayout' => 'both_sides', 'tunerWidth' => '34',
                        'tunerHole' => '17.5', 'posts' => '55/-45, 95/-48, 135/-50, 55/45, 95/48, 135/50',
                    ],
                ),
                Methods::usual(),
            ];
        }

        return self::$some;
    }
}
