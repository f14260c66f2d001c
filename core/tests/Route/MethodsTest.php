<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Specification;
use Regimen\Route\Air\Climate;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Air\SprayLimits;
use Regimen\Route\Judge\ShopFit;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Route\Standards\Adhesive;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Driver;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Route\Standards\Tool;
use Regimen\Tests\Specifications;
use Regimen\Units\Duration;

/** How it is made: schools, tools, glue, air, what hours grow with, and what the shop has for it. */
final class MethodsTest extends TestCase
{
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

    /** @param  array<string, mixed>  $typed */
    #[TestWith([['frets' => '24'], FretboardOperation::Slots->value, Driver::Frets, 24.0])]
    #[TestWith([['strings' => '8', 'nutWidth' => '54'], AssemblyOperation::Nut->value, Driver::Strings, 8.0])]
    #[TestWith([['pickups' => 3], ElectronicsOperation::Harness->value, Driver::Pickups, 3.0])]
    #[TestWith([['markers' => 'block'], FretboardOperation::Markers->value, Driver::Markers, 27.0])]
    #[TestWith([['laminations' => '5'], NeckOperation::Laminate->value, Driver::Laminations, 5.0])]
    #[TestWith([['fasteners' => '6'], JointOperation::Screws->value, Driver::Fasteners, 6.0])]
    public function test_hours_grow_with_what_drives_them(
        array $typed,
        string $key,
        Driver $driver,
        float $amount,
    ): void {
        $specification = Specifications::sixString($typed);
        self::assertSame($amount, $driver->of($specification));
        $standard = TradeStandards::all()->operation($key);
        $expected = $standard->hours->likely->minutes * (
            $standard->fixedPercent / 100 + (1 - $standard->fixedPercent / 100) * $amount / $driver->usual()
        );
        $operation = self::route($typed)->find($key);
        self::assertEqualsWithDelta($expected, $operation?->hours->likely->minutes, 0.51);
        self::assertStringContainsString($driver->words(), $operation->drivenBy);
    }

    public function test_a_plain_six_string_takes_the_standards_as_they_are(): void
    {
        foreach ([
            FretboardOperation::Slots->value, AssemblyOperation::LevelFrets->value, AssemblyOperation::Nut->value,
            JointOperation::Screws->value,
        ] as $key) {
            self::assertSame(
                TradeStandards::all()->operation($key)->hours->likely->minutes,
                self::route([])->find($key)?->hours->likely->minutes,
            );
        }
    }

    public function test_holds_follow_the_glue(): void
    {
        $hold = static fn (string $glue): int => self::route([], ['marker-glue' => $glue])->find(
            FretboardOperation::Markers->value,
        )->hold->minutes
            ?? -1;
        self::assertSame([720, 22], [$hold('epoxy'), $hold('superglue')]);
        self::assertSame(
            2160,
            self::route([], ['joint-glue' => 'hide-glue'])->find(FretboardOperation::Glue->value)?->hold->minutes,
            'half as long again',
        );
        self::assertContains(
            Caution::Superglue,
            self::route([], ['marker-glue' => 'superglue'])->find(FretboardOperation::Markers->value)->cautions ?? [],
        );
        self::assertSame(
            Adhesive::HideGlue,
            Methods::usual()->with('joint-glue', 'hide-glue')->glue(Question::JointGlue),
        );
    }

    /** Half the drying speed for each 10 °C less (common practice), and nothing gained above the standard's 20 °C. */
    #[TestWith([20.0, 1.0])]
    #[TestWith([10.0, 2.0])]
    #[TestWith([0.0, 4.0])]
    #[TestWith([15.0, 1.4142])]
    #[TestWith([28.0, 1.0])]
    public function test_cold_makes_glue_and_finish_slow(float $temperature, float $factor): void
    {
        $climate = new Climate($temperature, 50);
        self::assertEqualsWithDelta($factor, $climate->factor(), 0.0001);
        self::assertSame(
            (int) round(600 * $factor), $climate->stretch(Duration::ofMinutes(600), HoldKind::Finish)->minutes,
        );
        self::assertSame(
            600, $climate->stretch(Duration::ofMinutes(600), HoldKind::Rest)->minutes,
            'timber does not wait for warmth',
        );
        self::assertSame(600, $climate->stretch(Duration::ofMinutes(600), null)->minutes);
    }

    public function test_nothing_is_sprayed_below_15_degrees_or_above_70_percent(): void
    {
        $limits = new SprayLimits;
        self::assertNull($limits->against(new Climate(15.0, 70.0)));
        self::assertSame(
            'too cold to spray: 14.9 °C, the house’s limit is 15.0 °C', $limits->against(new Climate(14.9, 50.0)),
        );
        self::assertSame(
            'too damp to spray: 71 %, the house’s limit is 70 %', $limits->against(new Climate(20.0, 71.0)),
        );
        $sprayed = static fn (string $finish): bool => array_filter(
            self::route(['finish' => $finish])->operations,
            static fn (Operation $operation): bool => $operation->isSprayed(),
        ) !== [];
        self::assertSame([true, true, true], array_map($sprayed, ['nitrocellulose', 'water-borne', 'two-part']));
        self::assertSame([false, false], array_map($sprayed, ['wiping-oil', 'hard-wax-oil']));
    }

    public function test_recoat_windows_stand_on_the_links_between_coats(): void
    {
        $windows = static fn (string $finish): array => array_values(
            array_unique(
                array_filter(
                    array_map(
                        static fn ($link): ?int => $link->window?->minutes, self::route(['finish' => $finish])->links,
                    ),
                ),
            ),
        );
        self::assertSame([1440], $windows('two-part'));
        self::assertSame([], $windows('wiping-oil'));
    }

    public function test_three_points_by_the_published_weights(): void
    {
        // PERT (CALCULATIONS P5): 2, 4 and 6 give a mean of 4 and a deviation of 2/3.
        $hours = new ThreePoint(Duration::ofHours(2), Duration::ofHours(4), Duration::ofHours(6));
        self::assertEqualsWithDelta([4.0, 2 / 3], [$hours->mean(), $hours->deviation()], 1e-9);
        foreach (TradeStandards::all()->operations() as $standard) {
            self::assertLessThanOrEqual(
                $standard->hours->worst->minutes, $standard->hours->likely->minutes, $standard->name,
            );
        }
        $this->expectException(\InvalidArgumentException::class);
        new ThreePoint(Duration::ofHours(3), Duration::ofHours(2), Duration::ofHours(6));
    }

    public function test_the_same_set_up_serves_instruments_that_are_alike_in_what_it_is_set_to(): void
    {
        $key = static fn (
            array $typed, string $operation, array $methods = [],
        ): string => self::route($typed, $methods)->find($operation)->setUpKey
            ?? '';
        self::assertSame(
            $key([], FretboardOperation::Slots->value),
            $key(['joint' => 'set', 'finish' => 'shellac'], FretboardOperation::Slots->value),
        );
        self::assertNotSame(
            $key([], FretboardOperation::Slots->value), $key(['scale' => '24 3/4"'], FretboardOperation::Slots->value),
        );
        self::assertNotSame(
            $key([], FretboardOperation::Radius->value), $key(['radius' => '16"'], FretboardOperation::Radius->value),
        );
        self::assertNotSame(
            $key([], FretboardOperation::Radius->value),
            $key([], FretboardOperation::Radius->value, ['tool:'.FretboardOperation::Radius->value => 'template']),
        );
        self::assertSame('', $key([], NeckOperation::Sand->value), 'nothing is set up for it');
    }

    /**
     * The template is what the router runs along: another outline, width or hand, and another drawing that was
     * imported, is another one.
     */
    public function test_two_outlines_are_two_templates(): void
    {
        $drawn = static fn (int $width): string => 'M0 50 C0 -20 400 -20 '.$width.' 50 C400 120 0 120 0 50 Z';
        $instruments = [
            [], ['outline' => 'heron'], ['bodyWidth' => '310'], ['hand' => 'left'],
            ['outline' => 'imported', 'outlineSvg' => $drawn(400)],
            ['outline' => 'imported', 'outlineSvg' => $drawn(410)],
        ];
        foreach ([BodyOperation::Outline->value, BodyOperation::Cavities->value] as $operation) {
            $keys = array_map(
                static fn (array $typed): string => self::route($typed)->find($operation)->setUpKey ?? '',
                $instruments,
            );
            self::assertSame($keys, array_values(array_unique($keys)), $operation);
            self::assertSame(
                $keys,
                array_map(
                    static fn (array $typed): string => self::route(
                        [...$typed, 'finish' => 'shellac'],
                    )->find($operation)->setUpKey
                        ?? '',
                    $instruments,
                ),
            );
        }
        $cavities = static fn (string $kind): string => self::route(
            ['pickups' => [['place' => 'bridge', 'kind' => $kind]]],
        )->find(BodyOperation::Cavities->value)->setUpKey
            ?? '';
        self::assertNotSame($cavities('humbucker'), $cavities('single-coil'), 'another pickup, another hole');
    }

    public function test_what_the_shop_lacks_is_named_with_its_mend(): void
    {
        $names = ['machine-router' => 'machine router', 'body-clamps' => 'body clamps'];
        $owned = array_fill_keys(
            array_filter(
                array_merge(
                    ...array_map(
                        static fn (Standard $standard): array => [$standard->station, $standard->fixture],
                        TradeStandards::all()->operations(),
                    ),
                ),
            ),
            2,
        );
        $skills = array_values(
            array_unique(
                array_map(
                    static fn (Standard $standard): string => $standard->skill->value,
                    TradeStandards::all()->operations(),
                ),
            ),
        );
        $fit = new ShopFit([...$owned, 'machine-router' => 0], $names, $skills);
        self::assertSame([], $fit->problems(self::route([])));
        $machine = $fit->problems(self::route([], ['tool:'.NeckOperation::Carve->value => 'machine']));
        self::assertSame([NeckOperation::Carve->value], array_keys($machine));
        self::assertSame(
            '“carve the neck” wants the machine router, which the shop does not have. Choose another way, or enter it '
                .'under House.',
            $machine[NeckOperation::Carve->value],
        );
        $layered = self::route(
            [
                'body' => 'chambered',
                'layers' => [Specifications::layer('bigleaf maple', 6), Specifications::layer('white ash', 38)],
            ],
        );
        self::assertStringContainsString(
            'wants 2 of the body clamps; the shop has 1',
            (
                new ShopFit([...$owned, 'body-clamps' => 1], $names, $skills)
            )->problems($layered)[BodyOperation::GlueLayers->value],
        );
        self::assertStringContainsString(
            'wants the skill “finish”, which nobody in the shop has',
            (
                new ShopFit($owned, $names, array_values(array_diff($skills, ['finish'])))
            )->problems(self::route(['finish' => 'shellac']))[CoatStep::BodySeal->value],
        );
    }

    public function test_cautions_come_with_what_the_instrument_is_made_of(): void
    {
        $cautions = static fn (array $typed, string $key): array => self::route($typed)->find($key)->cautions ?? [];
        self::assertContains(
            Caution::Sensitising,
            $cautions(['boardTimber' => 'Indian rosewood'], FretboardOperation::Radius->value),
        );
        self::assertNotContains(
            Caution::Sensitising,
            $cautions(['boardTimber' => 'sugar maple'], FretboardOperation::Radius->value),
        );
        self::assertContains(Caution::Shell, $cautions([], FretboardOperation::Markers->value));
        self::assertContains(Caution::Lifting, $cautions([], BodyOperation::Joint->value));
        self::assertContains(Caution::Tired, $cautions([], NeckOperation::Square->value));
        self::assertContains(
            Caution::Chemicals, $cautions(['colour' => 'walnut stain'], FinishOperation::Stain->value),
        );
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  array<string, string>  $answers
     */
    private static function route(array $typed, array $answers = []): Route
    {
        return RoutePlanner::withAllRules()->plan(
            self::specification($typed), TradeStandards::all(), Methods::of($answers),
        );
    }

    /** @param  array<string, mixed>  $typed */
    private static function specification(array $typed): Specification
    {
        return Specifications::sixString($typed);
    }
}
