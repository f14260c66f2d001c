<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Standards\Tool;
use Regimen\Tests\Specifications;

/** How it is made: schools, tools, glue, air, what hours grow with, and what the shop has for it. */
final class MethodsTest extends TestCase
{
    use RoutesByMethod;

    public function test_the_build_over_the_house_over_the_trade_and_nonsense_is_passed_over(): void
    {
        $methods = Methods::of(
            [
                'slots' => 'after', 'frets' => 'sideways', 'tool:'.NeckOperation::Carve->value => 'machine',
                'lamp' => 'on',
            ],
            ['slots' => 'before', 'carve' => 'before', 'tool:'.NeckOperation::Carve->value => 'teeth'],
        );
        self::assertSame(
            ['slots' => 'before', 'tool:'.NeckOperation::Carve->value => 'machine', 'carve' => 'before'],
            $methods->answers,
        );
        self::assertSame('on', $methods->answer(Question::Frets));
        self::assertTrue($methods->isUsual(Question::Slots));
        self::assertFalse($methods->isUsual(Question::Carve));
        self::assertSame(
            [Tool::Machine, null],
            [$methods->tool(NeckOperation::Carve->value), $methods->tool(NeckOperation::Sand->value)],
        );
        self::assertSame(
            'hand',
            Methods::usual()->with(
                'tool:'.NeckOperation::Outline->value, 'hand',
            )->tool(NeckOperation::Outline->value)?->value,
        );
    }

    public function test_every_question_of_the_trade_has_two_schools_and_what_follows(): void
    {
        foreach (Question::cases() as $question) {
            self::assertGreaterThanOrEqual(2, count($question->choices()), $question->value);
            foreach ($question->choices() as $choice) {
                self::assertGreaterThan(20, strlen($choice->follows));
                self::assertEquals($choice, $question->choice($choice->key));
            }
            self::assertNull($question->choice('neither'));
        }
        self::assertTrue(
            Question::LacqueredBoard->arisesFor(
                Specifications::sixString(['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple']),
            ),
        );
        self::assertFalse(Question::LacqueredBoard->arisesFor(Specifications::sixString()));
        self::assertFalse(Question::BoltHoles->arisesFor(Specifications::sixString(['joint' => 'set'])));
    }

    /**
     * Hours of the trade: radius 4 by block and 1 by jig or machine, carving 4 by hand and 0.75 after a machine, frets
     * 2.5 pressed and 3.5 hammered.
     */
    #[TestWith([FretboardOperation::Radius->value, 'template', 1.0])]
    #[TestWith([FretboardOperation::Radius->value, 'machine', 1.0])]
    #[TestWith([NeckOperation::Carve->value, 'machine', 0.75])]
    #[TestWith([FretboardOperation::Fret->value, 'hand', 3.5])]
    public function test_other_tools_have_the_trades_hours(string $key, string $tool, float $hours): void
    {
        self::assertSame($hours, TradeStandards::all()->operation($key, Tool::from($tool))->hours->likely->hours());
        $route = self::route([], ["tool:{$key}" => $tool]);
        self::assertSame(Tool::from($tool), $route->find($key)?->standard->tool);
        self::assertNotSame('', $route->find($key)->standard->risk);
    }

    public function test_a_tool_that_the_house_does_not_know_is_the_usual_one(): void
    {
        self::assertSame(
            Tool::Hand,
            self::route(
                [], ['tool:'.NeckOperation::Carve->value => 'template'],
            )->find(NeckOperation::Carve->value)?->standard->tool,
        );
    }

    public function test_masking_every_frets_costs_about_an_hour_and_a_half_more(): void
    {
        $lacquered = ['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple'];
        $more = self::route($lacquered, ['lacquered-board' => 'masked'])
            ->work()
            ->hours() - self::route($lacquered)
            ->work()
            ->hours();
        self::assertEqualsWithDelta(1.75, $more, 0.3);
    }

    public function test_a_board_fretted_off_the_neck_cannot_be_cleared_on_it_and_both_rules_are_named(): void
    {
        $route = self::route(['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple'], ['frets' => 'off']);
        self::assertCount(1, $route->clashes);
        self::assertSame(
            '“The board is fretted before it is glued” and “A lacquered board is cleared before the frets go in” '
                .'cannot '
                .'both be kept.',
            $route->clashes[0]->words(),
        );
        self::assertStringContainsString('Change one of the methods', $route->clashes[0]->finding()->because);
        self::assertSame(
            [],
            self::route(
                ['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple'],
                ['frets' => 'off', 'lacquered-board' => 'masked'],
            )->clashes,
        );
    }
}
