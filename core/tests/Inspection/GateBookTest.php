<?php

declare(strict_types=1);

namespace Regimen\Tests\Inspection;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;
use Regimen\Units\Length;

/** Targets at gates, against the trade's table of what is measured and allowed (TRADE section 4, common practice). */
final class GateBookTest extends TestCase
{
    #[TestWith([NeckOperation::Channel->value, 'depth of the channel', 8.8, 9.2])]
    #[TestWith([FretboardOperation::Slots->value, 'nut to twelfth fret', 323.65, 324.05])]
    #[TestWith([NeckOperation::Outline->value, 'width at the nut', 42.8, 43.2])]
    #[TestWith([NeckOperation::Carve->value, 'thickness at the first fret, board included', 21.2, 21.8])]
    #[TestWith([NeckOperation::Carve->value, 'thickness at the twelfth', 22.2, 22.8])]
    #[TestWith([HeadstockOperation::Thickness->value, 'headstock thickness', 14.0, 16.0])]
    #[TestWith([FretboardOperation::Radius->value, 'light under the gauge', null, 0.05])]
    #[TestWith([JointOperation::Pocket->value, 'pocket gap each side', null, 0.15])]
    #[TestWith([JointOperation::Pocket->value, 'pocket depth', 15.8, 16.2])]
    #[TestWith([JointOperation::Pocket->value, 'centre line: difference at both edges and the far end', null, 0.25])]
    #[TestWith([BodyOperation::Cavities->value, 'timber left under each', 3.0, null])]
    #[TestWith([FretboardOperation::Fret->value, 'a fret rocks', null, 0.03])]
    #[TestWith([AssemblyOperation::StringUp->value, 'relief', 0.1, 0.3])]
    #[TestWith([AssemblyOperation::StringUp->value, 'intonation, open against twelfth', -2.0, 2.0])]
    // CALCULATIONS G15: 0.22 at the nut and 1.6 or 2.0 at the twelfth.
    #[TestWith([AssemblyOperation::Nut->value, 'string over the first fret, treble', 0.275, 0.475])]
    #[TestWith([AssemblyOperation::Nut->value, 'string over the first fret, bass', 0.32, 0.52])]
    // 647.7 and the compensation of a plain 10 (1.135) and a wound 46 (3.411).
    #[TestWith([JointOperation::Bridge->value, 'nut to saddle line, treble', 648.335, 649.335])]
    #[TestWith([JointOperation::Bridge->value, 'nut to saddle line, bass', 650.611, 651.611])]
    public function test_targets_come_from_the_specification_and_the_trade(
        string $operation,
        string $what,
        ?float $low,
        ?float $high,
    ): void {
        $target = self::target($operation, $what);
        self::assertSame([$low === null, $high === null], [$target->low === null, $target->high === null]);
        self::assertEqualsWithDelta([$low ?? 0.0, $high ?? 0.0], [$target->low ?? 0.0, $target->high ?? 0.0], 0.01);
        self::assertNotSame('', $target->how);
    }

    public function test_what_the_client_asked_for_moves_the_target(): void
    {
        self::assertEqualsWithDelta(
            1.2,
            self::target(
                AssemblyOperation::StringUp->value, 'action at the twelfth, treble', ['actionTreble' => '1.4'],
            )->low,
            0.001,
        );
        self::assertSame(
            3605.0,
            self::target(AssemblyOperation::Inspect->value, 'weight', ['targetWeight' => '3.5 kg'])->high,
        );
        self::assertSame(
            '8.1 kΩ ± 10 %',
            self::target(
                ElectronicsOperation::Install->value,
                'resistance, bridge',
                ['pickups' => [['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.1k']]],
            )->words,
        );
    }

    /**
     * @return iterable<string, array{string, string, string}> operation, what is measured, and the figure or field that
     *   is its target
     */
    public static function targets(): iterable
    {
        yield [PreparationOperation::SelectTimber->value, 'moisture', 'balanceMoisture'];
        yield [NeckOperation::Channel->value, 'depth of the channel', 'rodDepth'];
        yield [NeckOperation::Outline->value, 'width at the nut', 'nutWidth'];
        yield [NeckOperation::Outline->value, 'width at the heel', 'heelWidth'];
        yield [FretboardOperation::Slots->value, 'nut to twelfth fret', 'halfScale'];
        yield [NeckOperation::Carve->value, 'thickness at the first fret, board included', 'thicknessFirst'];
        yield [NeckOperation::Carve->value, 'thickness at the twelfth', 'thicknessTwelfth'];
        yield [JointOperation::Pocket->value, 'pocket depth', 'pocketDepth'];
        yield [JointOperation::Bridge->value, 'nut to saddle line, treble', 'saddle.0'];
        yield [JointOperation::Bridge->value, 'nut to saddle line, bass', 'saddle.last'];
        yield [BodyOperation::Cavities->value, 'pickup cavity, bridge', 'pickups.1.depth'];
        yield [BodyOperation::Cavities->value, 'cavity for control', 'cavities.0.depth'];
        yield [ElectronicsOperation::Install->value, 'resistance, bridge', 'pickups.1.resistance'];
        yield [ElectronicsOperation::Install->value, 'at the jack, position 2', 'jack.2'];
        yield [AssemblyOperation::Nut->value, 'string over the first fret, treble', 'overFirstTreble'];
        yield [AssemblyOperation::Nut->value, 'string over the first fret, bass', 'overFirstBass'];
        yield [AssemblyOperation::StringUp->value, 'action at the twelfth, treble', 'actionTreble'];
        yield [AssemblyOperation::StringUp->value, 'action at the twelfth, bass', 'actionBass'];
    }

    /** The middle of a gate is the figure on the page, whatever the instrument. */
    #[DataProvider('targets')]
    public function test_a_gate_aims_at_the_figure_of_the_same_name(string $operation, string $what, string $aim): void
    {
        foreach ([
            ['strings' => '6'], ['strings' => '4'], ['strings' => '7', 'hand' => 'left'],
            ['strings' => '12', 'tunerLayout' => 'both_sides'], ['type' => 'bass', 'strings' => '5'],
        ] as $typed) {
            $read = SpecificationReader::read([...$typed, 'actionTreble' => '1.7', 'actionBass' => '2.2', 'pickups' => [
                ['place' => 'neck', 'kind' => 'humbucker', 'resistance' => '7.6k', 'depth' => '19'],
                ['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.4k', 'depth' => '21'],
            ]]);
            $workings = Workings::from($read);
            $wanted = self::aim(
                $read,
                $workings,
                str_replace('last', (string) ($workings->specification->brief->strings - 1), $aim),
            );
            foreach (GateBook::for($workings, Tolerances::usual())->after($operation) as $target) {
                if ($target->what === $what) {
                    self::assertEqualsWithDelta($wanted, ($target->low + $target->high) / 2, 0.051, $what);

                    continue 2;
                }
            }
            self::fail("{$operation} measures no {$what}");
        }
    }

    private static function aim(ReadSpecification $read, Workings $workings, string $aim): float
    {
        foreach (FigureBook::figures($workings) as $figure) {
            if ($figure->key === $aim) {
                return $figure->value;
            }
        }
        [$field, $row, $column] = [...explode('.', $aim), null, null];
        $value = $row === null ? $read->values[$field] : $read->values[$field][(int) $row]->{$column};

        return $value instanceof Length ? $value->mm : (float) $value;
    }

    public function test_a_part_made_as_drawn_passes_its_gate(): void
    {
        $thin = self::target(HeadstockOperation::Thickness->value, 'headstock thickness', ['headThickness' => '12.5']);
        self::assertTrue($thin->low <= 12.5 && $thin->high >= 12.5);
        $odd = self::target(
            HeadstockOperation::Thickness->value, 'headstock thickness', ['tunerLeast' => '18', 'tunerMost' => '13'],
        );
        self::assertLessThanOrEqual(
            $odd->high, $odd->low, 'limits stand the right way round even where the tuners’ do not',
        );
        $bowed = self::target(AssemblyOperation::StringUp->value, 'relief', ['relief' => '0.35']);
        self::assertSame([0.1, 0.35], [$bowed->low, $bowed->high]);
        $tiny = self::target(
            ElectronicsOperation::Install->value,
            'resistance, bridge',
            ['pickups' => [['place' => 'bridge', 'kind' => 'piezo', 'resistance' => '0.3k']]],
        );
        self::assertSame('300 Ω ± 10 %', $tiny->words);
    }

    public function test_a_zero_fret_asks_for_no_height_at_the_nut(): void
    {
        self::assertSame(
            [],
            GateBook::for(
                Specifications::workings(['zeroFret' => 'yes']), Tolerances::usual(),
            )->after(AssemblyOperation::Nut->value),
        );
    }

    public function test_the_house_can_be_stricter(): void
    {
        $strict = Tolerances::of(['half-scale' => 0.1, 'lamp' => 3.0]);
        self::assertSame(
            '323.85 ± 0.1 mm',
            self::target(FretboardOperation::Slots->value, 'nut to twelfth fret', [], $strict)->words,
        );
        self::assertSame([true, false], [$strict->isOwn('half-scale'), $strict->isOwn('lamp')]);
        self::assertCount(count(Tolerances::usual()->all()), $strict->all());
        $this->expectException(\OutOfBoundsException::class);
        $strict->value('lamp');
    }

    public function test_every_gate_that_is_told_has_its_targets_and_no_other(): void
    {
        $workings = Specifications::workings(['joint' => 'through', 'laminations' => '3']);
        $book = GateBook::for($workings, Tolerances::usual());
        $bolted = GateBook::for(Specifications::workings(), Tolerances::usual());
        foreach ([[$workings, $book], [Specifications::workings(), $bolted]] as [$one, $gates]) {
            foreach (RoutePlanner::withAllRules()->plan(
                $one->specification, TradeStandards::all(),
            )->operations as $operation) {
                self::assertSame(
                    Operations::gateAfter($operation->key)?->words !== null, $gates->after($operation->key) !== [],
                    $operation->key,
                );
            }
        }
    }

    /** @param  array<string, mixed>  $typed */
    private static function target(
        string $operation,
        string $what,
        array $typed = [],
        ?Tolerances $tolerances = null,
    ): Target {
        foreach (GateBook::for(
            Specifications::workings($typed), $tolerances ?? Tolerances::usual(),
        )->after($operation) as $target) {
            if ($target->what === $what) {
                return $target;
            }
        }
        self::fail("{$operation} measures no {$what}");
    }
}
