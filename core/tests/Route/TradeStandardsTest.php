<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatOperation;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\FinishStandard;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Units\Duration;

/** What a new shop starts from, against the trade's table of operations (common practice, no single source). */
final class TradeStandardsTest extends TestCase
{
    /**
     * @return iterable<string, array{string, float, float, float, string|null}> operation, set-up, labour, hold in
     *   hours, fixture
     */
    public static function table(): iterable
    {
        yield 'agree the specification' => [PreparationOperation::Agree->value, 0, 3, 0, null];
        yield 'full-size drawing' => [PreparationOperation::Draw->value, 0, 4, 0, null];
        yield 'templates' => [PreparationOperation::MakeTemplates->value, 0, 2, 0, null];
        yield 'order parts' => [PreparationOperation::OrderParts->value, 0, 1, 0, null];
        yield 'measure parts' => [PreparationOperation::MeasureParts->value, 0, 1, 0, null];
        yield 'square the blank' => [NeckOperation::Square->value, 0.3, 1, 0, null];
        yield 'truss-rod channel' => [NeckOperation::Channel->value, 0.5, 0.5, 0, null];
        yield 'headstock' => [HeadstockOperation::Construct->value, 0.3, 1.25, 12, 'headstock-clamps'];
        yield 'rough the shaft' => [NeckOperation::Rough->value, 0.2, 0.75, 0, null];
        yield 'neck outline' => [NeckOperation::Outline->value, 0.4, 1, 0, null];
        yield 'headstock thickness' => [HeadstockOperation::Thickness->value, 0.3, 0.5, 0, null];
        yield 'tuner holes' => [HeadstockOperation::TunerHoles->value, 0.2, 0.5, 0, null];
        yield 'board thickness' => [FretboardOperation::Thickness->value, 0.3, 0.5, 0, null];
        yield 'fret slots' => [FretboardOperation::Slots->value, 0.3, 0.75, 0, null];
        yield 'taper' => [FretboardOperation::Taper->value, 0.2, 0.5, 0, null];
        yield 'face markers' => [FretboardOperation::Markers->value, 0.2, 1.25, 12, null];
        yield 'glue the board' => [FretboardOperation::Glue->value, 0.2, 0.75, 24, 'flat-beam'];
        yield 'side markers' => [FretboardOperation::SideMarkers->value, 0.2, 0.75, 0, null];
        yield 'radius the board' => [FretboardOperation::Radius->value, 0.3, 4, 0, null];
        yield 'fret, pressed' => [FretboardOperation::Fret->value, 0.3, 2.5, 0, null];
        yield 'carve by hand' => [NeckOperation::Carve->value, 0.2, 4, 0, null];
        yield 'sand the neck' => [NeckOperation::Sand->value, 0, 1.5, 0, null];
        yield 'body halves' => [BodyOperation::Joint->value, 0.3, 1, 24, 'body-clamps'];
        yield 'body thickness' => [BodyOperation::Thickness->value, 0.3, 0.75, 0, null];
        yield 'top' => [BodyOperation::Layers->value, 0.4, 1.25, 12, 'body-clamps'];
        yield 'chambers' => [BodyOperation::Chambers->value, 0.3, 2, 0, null];
        yield 'glue the layers' => [BodyOperation::GlueLayers->value, 0.2, 0.75, 24, 'body-clamps'];
        yield 'body outline' => [BodyOperation::Outline->value, 0.4, 1.5, 0, null];
        yield 'neck pocket' => [JointOperation::Pocket->value, 0.3, 1.5, 0, null];
        yield 'bridge' => [JointOperation::Bridge->value, 0.2, 0.75, 0, null];
        yield 'cavities' => [BodyOperation::Cavities->value, 0.4, 1.5, 0, null];
        yield 'edges' => [BodyOperation::Edges->value, 0.2, 1.5, 0, null];
        yield 'sand the body' => [BodyOperation::Sand->value, 0, 3, 0, null];
        yield 'neck screws' => [JointOperation::Screws->value, 0.2, 0.75, 0, null];
        yield 'glue the neck in' => [JointOperation::GlueNeck->value, 0.2, 1.5, 24, 'joint-clamp'];
        yield 'dry fit' => [JointOperation::DryFit->value, 0, 1.5, 0, null];
        yield 'grain fill' => [FinishOperation::Fill->value, 0, 1, 24, 'hanging-rail'];
        yield 'stain' => [FinishOperation::Stain->value, 0, 0.5, 12, 'hanging-rail'];
        yield 'level' => [FinishOperation::Level->value, 0, 1.5, 0, null];
        yield 'polish' => [FinishOperation::Polish->value, 0, 2, 0, null];
        yield 'harness' => [ElectronicsOperation::Harness->value, 0.2, 2, 0, null];
        yield 'install' => [ElectronicsOperation::Install->value, 0, 0.75, 0, null];
        yield 'hardware' => [AssemblyOperation::Hardware->value, 0, 1.5, 0, null];
        yield 'frets level' => [AssemblyOperation::LevelFrets->value, 0.2, 3, 0, null];
        yield 'nut' => [AssemblyOperation::Nut->value, 0, 1.5, 0, null];
        yield 'string' => [AssemblyOperation::StringUp->value, 0, 1.5, 48, 'settling-rack'];
        yield 'inspect' => [AssemblyOperation::Inspect->value, 0, 1.25, 0, null];
        yield 'pack' => [AssemblyOperation::Pack->value, 0, 0.5, 0, null];
    }

    #[DataProvider('table')]
    public function test_the_figures_are_those_of_the_trade(
        string $key,
        float $setUp,
        float $labour,
        float $hold,
        ?string $fixture,
    ): void {
        $standard = TradeStandards::all()->operation($key);
        self::assertEqualsWithDelta(
            [$setUp, $labour, $hold],
            [$standard->setUp->hours(), $standard->hours->likely->hours(), $standard->hold->hours()],
            0.01,
        );
        self::assertSame($fixture, $standard->fixture);
    }

    public function test_coats_and_cures_are_within_the_trades_ranges(): void
    {
        $oil = TradeStandards::all()->finish(FinishSystem::WipingOil);
        self::assertContains($oil->bodyCoats, [3, 4, 5]);
        self::assertSame(12.0, $oil->afterFirst->hours());
        self::assertGreaterThanOrEqual(4, $oil->betweenCoats->hours());
        self::assertLessThanOrEqual(6, $oil->betweenCoats->hours());
        self::assertLessThanOrEqual(7, $oil->cure->hours() / 24);
        $lacquer = TradeStandards::all()->finish(FinishSystem::Nitrocellulose);
        self::assertGreaterThanOrEqual(8, $lacquer->neckCoats);
        self::assertLessThanOrEqual(12, $lacquer->bodyCoats);
        self::assertSame([2.0, 3], [$lacquer->betweenCoats->hours(), $lacquer->coatsADay]);
        self::assertGreaterThanOrEqual(21, $lacquer->cure->hours() / 24);
        self::assertLessThanOrEqual(30, $lacquer->cure->hours() / 24);
    }

    public function test_holds_after_coats(): void
    {
        $h = Duration::ofHours(...);
        $house = new FinishStandard(FinishSystem::WipingOil, 4, 3, 2, $h(12), $h(5), $h(16), $h(120));
        self::assertSame(
            [12.0, 16.0, 5.0, 120.0],
            array_map(static fn (int $coat): float => $house->holdAfter($coat, 4)->hours(), [1, 2, 3, 4]),
        );
        self::assertSame(120.0, $house->holdAfter(1, 1)->hours(), 'a single coat cures at once');
    }

    public function test_glue_ups_and_coats_are_done_in_one_sitting(): void
    {
        foreach (TradeStandards::all()->operations() as $standard) {
            $sets = $standard->fixture !== null && $standard->fixture !== 'settling-rack';
            self::assertTrue(! $sets || $standard->oneSitting, "{$standard->name} sets while it is being done");
        }
    }

    public function test_every_operation_belongs_to_its_stage_and_is_told_shortly(): void
    {
        $standards = TradeStandards::all()->operations();
        foreach ($standards as $standard) {
            self::assertSame($standard->stage->value, explode('.', $standard->key)[0]);
            self::assertLessThanOrEqual(60, strlen($standard->name));
        }
        self::assertSame(array_map(static fn (Skill $skill): string => $skill->value, Skill::cases()), array_values(array_intersect(
            array_map(static fn (Skill $skill): string => $skill->value, Skill::cases()),
            array_map(static fn (Standard $standard): string => $standard->skill->value, $standards),
        )), 'every skill is asked for somewhere');
        self::assertCount(12, Stage::cases());
        self::assertSame(
            [0, 1, 2],
            array_map(static fn (Piece $piece): ?int => Stage::from($piece->value)->ply(), Piece::cases()),
        );
    }

    public function test_what_can_hurt_carries_its_caution_and_none_promises_safety(): void
    {
        foreach (TradeStandards::all()->operations() as $standard) {
            if (in_array(
                $standard->station,
                ['saw-and-planer', 'router-table', 'drill-press', 'spray-booth', 'electronics-bench'],
                true,
            )) {
                self::assertNotNull($standard->caution, $standard->name);
            }
        }
        foreach (Caution::cases() as $caution) {
            self::assertStringEndsWith(
                'Follow the maker’s data sheet, local codes and licensed practice.', $caution->words(),
            );
            self::assertDoesNotMatchRegularExpression('/\b(is|are) (safe|legal)\b/', $caution->words());
        }
        self::assertSame(Caution::OilyRags, TradeStandards::all()->operation(CoatOperation::WipingOil->value)->caution);
    }

    public function test_gates_belong_to_operations_that_exist(): void
    {
        $keys = array_map(
            static fn (Standard $standard): string => $standard->key, TradeStandards::all()->operations(),
        );
        $gates = array_filter($keys, static fn (string $key): bool => Operations::gateAfter($key)?->words !== null);
        self::assertGreaterThanOrEqual(15, count($gates));
        self::assertNull(Operations::gateAfter(PreparationOperation::Draw->value)?->words);
    }

    public function test_a_finish_without_standard_is_named(): void
    {
        $this->expectException(UnknownStandard::class);
        $this->expectExceptionMessage('nitrocellulose');
        HouseStandards::of(TradeStandards::all()->operations(), [])->finish(FinishSystem::Nitrocellulose);
    }

    public function test_labour_is_done_while_it_holds_and_after(): void
    {
        self::assertSame(
            [false, false, true, true],
            array_map(static fn (OperationState $state): bool => $state->labourIsDone(), OperationState::cases()),
        );
    }
}
