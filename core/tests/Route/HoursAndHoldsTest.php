<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Route\Air\Climate;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Air\SprayLimits;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Standards\Adhesive;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Driver;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Tests\Specifications;
use Regimen\Units\Duration;

/** How it is made: schools, tools, glue, air, what hours grow with, and what the shop has for it. */
final class HoursAndHoldsTest extends TestCase
{
    use RoutesByMethod;

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
}
