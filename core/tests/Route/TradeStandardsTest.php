<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\FinishSystem;
use Regimen\Route\Caution;
use Regimen\Route\FinishStandard;
use Regimen\Route\Gate;
use Regimen\Route\HouseStandards;
use Regimen\Route\OperationState;
use Regimen\Route\Piece;
use Regimen\Route\Skill;
use Regimen\Route\Stage;
use Regimen\Route\Standard;
use Regimen\Route\TradeStandards;
use Regimen\Route\UnknownStandard;
use Regimen\Units\Duration;

/** What a new shop starts from, against the trade's table of operations (common practice, no single source). */
final class TradeStandardsTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, float, string|null}> operation, set-up, labour, hold in hours, fixture */
    public static function table(): iterable
    {
        yield 'agree the specification' => ['brief.agree', 0, 3, 0, null];
        yield 'full-size drawing' => ['design.draw', 0, 4, 0, null];
        yield 'templates' => ['design.templates', 0, 2, 0, null];
        yield 'order parts' => ['parts.order', 0, 1, 0, null];
        yield 'measure parts' => ['parts.measure', 0, 1, 0, null];
        yield 'square the blank' => ['neck.square', 0.3, 1, 0, null];
        yield 'truss-rod channel' => ['neck.channel', 0.5, 0.5, 0, null];
        yield 'headstock' => ['neck.headstock', 0.3, 1.25, 12, 'headstock-clamps'];
        yield 'rough the shaft' => ['neck.rough', 0.2, 0.75, 0, null];
        yield 'neck outline' => ['neck.outline', 0.4, 1, 0, null];
        yield 'headstock thickness' => ['neck.headstock-thickness', 0.3, 0.5, 0, null];
        yield 'tuner holes' => ['neck.tuner-holes', 0.2, 0.5, 0, null];
        yield 'board thickness' => ['fretboard.thickness', 0.3, 0.5, 0, null];
        yield 'fret slots' => ['fretboard.slots', 0.3, 0.75, 0, null];
        yield 'taper' => ['fretboard.taper', 0.2, 0.5, 0, null];
        yield 'face markers' => ['fretboard.markers', 0.2, 1.25, 12, null];
        yield 'glue the board' => ['fretboard.glue', 0.2, 0.75, 24, 'flat-beam'];
        yield 'side markers' => ['fretboard.side-markers', 0.2, 0.75, 0, null];
        yield 'radius the board' => ['fretboard.radius', 0.3, 4, 0, null];
        yield 'fret, pressed' => ['fretboard.fret', 0.3, 2.5, 0, null];
        yield 'carve by hand' => ['neck.carve', 0.2, 4, 0, null];
        yield 'sand the neck' => ['neck.sand', 0, 1.5, 0, null];
        yield 'body halves' => ['body.joint', 0.3, 1, 24, 'body-clamps'];
        yield 'body thickness' => ['body.thickness', 0.3, 0.75, 0, null];
        yield 'top' => ['body.layers', 0.4, 1.25, 12, 'body-clamps'];
        yield 'chambers' => ['body.chambers', 0.3, 2, 0, null];
        yield 'glue the layers' => ['body.glue-layers', 0.2, 0.75, 24, 'body-clamps'];
        yield 'body outline' => ['body.outline', 0.4, 1.5, 0, null];
        yield 'neck pocket' => ['joint.pocket', 0.3, 1.5, 0, null];
        yield 'bridge' => ['joint.bridge', 0.2, 0.75, 0, null];
        yield 'cavities' => ['body.cavities', 0.4, 1.5, 0, null];
        yield 'edges' => ['body.edges', 0.2, 1.5, 0, null];
        yield 'sand the body' => ['body.sand', 0, 3, 0, null];
        yield 'neck screws' => ['joint.screws', 0.2, 0.75, 0, null];
        yield 'glue the neck in' => ['joint.glue-neck', 0.2, 1.5, 24, 'joint-clamp'];
        yield 'dry fit' => ['joint.dry-fit', 0, 1.5, 0, null];
        yield 'grain fill' => ['finish.fill', 0, 1, 24, 'hanging-rail'];
        yield 'stain' => ['finish.stain', 0, 0.5, 12, 'hanging-rail'];
        yield 'level' => ['finish.level', 0, 1.5, 0, null];
        yield 'polish' => ['finish.polish', 0, 2, 0, null];
        yield 'harness' => ['electronics.harness', 0.2, 2, 0, null];
        yield 'install' => ['electronics.install', 0, 0.75, 0, null];
        yield 'hardware' => ['assembly.hardware', 0, 1.5, 0, null];
        yield 'frets level' => ['set-up.frets', 0.2, 3, 0, null];
        yield 'nut' => ['set-up.nut', 0, 1.5, 0, null];
        yield 'string' => ['set-up.string', 0, 1.5, 48, 'settling-rack'];
        yield 'inspect' => ['delivery.inspect', 0, 1.25, 0, null];
        yield 'pack' => ['delivery.pack', 0, 0.5, 0, null];
    }

    #[DataProvider('table')]
    public function test_the_figures_are_those_of_the_trade(string $key, float $setUp, float $labour, float $hold, ?string $fixture): void
    {
        $standard = TradeStandards::all()->operation($key);
        self::assertEqualsWithDelta([$setUp, $labour, $hold], [$standard->setUp->hours(), $standard->hours->likely->hours(), $standard->hold->hours()], 0.01);
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
        self::assertSame([12.0, 16.0, 5.0, 120.0], array_map(static fn (int $coat): float => $house->holdAfter($coat, 4)->hours(), [1, 2, 3, 4]));
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
        self::assertSame([0, 1, 2], array_map(static fn (Piece $piece): ?int => Stage::from($piece->value)->ply(), Piece::cases()));
    }

    public function test_what_can_hurt_carries_its_caution_and_none_promises_safety(): void
    {
        foreach (TradeStandards::all()->operations() as $standard) {
            if (in_array($standard->station, ['saw-and-planer', 'router-table', 'drill-press', 'spray-booth', 'electronics-bench'], true)) {
                self::assertNotNull($standard->caution, $standard->name);
            }
        }
        foreach (Caution::cases() as $caution) {
            self::assertStringEndsWith('Follow the maker’s data sheet, local codes and licensed practice.', $caution->words());
            self::assertDoesNotMatchRegularExpression('/\b(is|are) (safe|legal)\b/', $caution->words());
        }
        self::assertSame(Caution::OilyRags, TradeStandards::all()->operation('finish.coat-wiping-oil')->caution);
    }

    public function test_gates_belong_to_operations_that_exist(): void
    {
        $keys = array_map(static fn (Standard $standard): string => $standard->key, TradeStandards::all()->operations());
        $gates = array_filter($keys, static fn (string $key): bool => Gate::after($key) !== null);
        self::assertGreaterThanOrEqual(15, count($gates));
        self::assertNull(Gate::after('design.draw'));
    }

    public function test_a_finish_without_standard_is_named(): void
    {
        $this->expectException(UnknownStandard::class);
        $this->expectExceptionMessage('nitrocellulose');
        HouseStandards::of(TradeStandards::all()->operations(), [])->finish(FinishSystem::Nitrocellulose);
    }

    public function test_labour_is_done_while_it_holds_and_after(): void
    {
        self::assertSame([false, false, true, true], array_map(static fn (OperationState $state): bool => $state->labourIsDone(), OperationState::cases()));
    }
}
