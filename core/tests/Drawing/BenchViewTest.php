<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use PHPUnit\Framework\TestCase;
use Regimen\Drawing\Bench\BenchDrawing;
use Regimen\Drawing\Bench\BenchView;
use Regimen\Drawing\Shape;
use Regimen\Figures\Circuit;
use Regimen\Figures\Workings;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Operations;
use Regimen\Tests\DrawnSpecifications;
use Regimen\Tests\Specifications;

/** What is drawn for an operation at the bench. */
final class BenchViewTest extends TestCase
{
    /** Lines that are read where nothing of the drawing is: on a meter, a scale, or by looking. */
    private const ELSEWHERE = '/^(moisture|weight|resistance|at-the-jack|tap-test|everything|every-part|the-part|timber-under|intonation|relative-humidity|height-of-the-main-braces|straight-edge-on-the-board|depth-of-a-recess|bridge-of-string|sides-out-of-square|plate)/';

    public function test_every_piece_of_every_instrument_is_drawn_and_its_letters_can_be_read_on_a_telephone(): void
    {
        foreach (self::instruments() as $w) {
            foreach (BenchView::cases() as $view) {
                $drawing = $view->draw($w);
                self::assertGreaterThan(0, count($drawing->view->shapes), $view->value);
                // Wider than the screen by a third at the most: letters have 12 pixels at the least wherever they are shown.
                self::assertLessThan(480.0, self::width($drawing), $view->value);
            }
        }
    }

    public function test_each_place_of_a_gate_is_marked_on_what_is_drawn_for_it(): void
    {
        $lacking = [];
        foreach ([Specifications::workings(), Specifications::workings(['type' => 'bass', 'strings' => '4', 'scale' => '34 in'])] as $w) {
            $gates = GateBook::for($w, Tolerances::usual());
            foreach (Operations::all() as $operation) {
                $drawing = Operations::viewOf((string) $operation->value)->draw($w);
                foreach ($gates->after((string) $operation->value) as $target) {
                    $lacking = [...$lacking, ...self::lacking($drawing, $target, (string) $operation->value)];
                }
            }
        }
        self::assertSame([], array_unique($lacking));
    }

    /** Read off by hand: 6 mm and 9 mm are drawn as the specification has them, in both units. */
    public function test_the_channel_is_drawn_with_the_three_figures_that_it_needs(): void
    {
        $words = self::words(Operations::viewOf(NeckOperation::Channel->value)->draw(Specifications::workings()));
        foreach (['6.0 · 15/64" wide', '9.0 · 23/64" deep'] as $figure) {
            self::assertContains($figure, $words);
        }
        self::assertStringContainsString('left', implode(' ', $words));
    }

    public function test_every_wire_of_the_circuit_is_a_joint_and_every_part_is_grounded(): void
    {
        $read = SpecificationReader::read([
            'pickups' => [['place' => 'Neck', 'kind' => 'humbucker'], ['place' => 'Bridge', 'kind' => 'humbucker']],
            'switch' => 'bridge, neck + bridge, neck split', 'pots' => '500k, 250k', 'capacitors' => '22 nF',
        ], HouseDefaults::ofTrade(InstrumentType::Guitar));
        $circuit = Circuit::of($read->orFail());
        $joints = implode("\n", $circuit->joints());
        foreach ([
            'Neck hot to switch, lug 1', 'Bridge hot to switch, lug 2', 'Neck, coils’ middle to switch, second pole, lug 1',
            'switch, common to volume 500 kΩ, lug 3', 'volume 500 kΩ, lug 2 to jack, tip', 'tone 250 kΩ, lug 2 to capacitor 22 nF',
            'ground: Neck ground and shield', 'ground: Bridge ground and shield', 'ground: bridge and strings', 'ground: jack, sleeve',
            'ground: back of tone 250 kΩ', 'ground: volume 500 kΩ, lug 1 to its own back',
        ] as $joint) {
            self::assertStringContainsString($joint, $joints);
        }
        // The table begins with the bridge; the lever points at the neck first, where the neck sounds.
        self::assertSame([[3, 'neck split'], [2, 'neck + bridge'], [1, 'bridge']], $circuit->lever());
    }

    public function test_one_pickup_needs_no_switch_and_none_no_wire_but_the_jack_s(): void
    {
        $one = implode("\n", Circuit::of(Specifications::sixString(['pickups' => 1, 'switch' => '', 'pots' => '250k']))->joints());
        self::assertStringNotContainsString('switch', $one);
        self::assertStringContainsString('number 1 hot to volume 250 kΩ, lug 3', $one);
        $four = implode("\n", Circuit::of(Specifications::sixString(['pickups' => 2, 'pots' => '500k, 500k, 500k, 500k']))->joints());
        self::assertStringContainsString('number 1 hot to volume 1 500 kΩ, lug 3', $four);
        self::assertStringContainsString('volume 2 500 kΩ, lug 2 to switch, lug 2', $four);
        self::assertStringContainsString('switch, common to jack, tip', $four);
    }

    /** @return iterable<Workings> */
    private static function instruments(): iterable
    {
        yield Specifications::workings();
        yield Specifications::workings(['type' => 'bass', 'strings' => '5', 'hand' => 'left', 'scale' => '34 in']);
        yield Workings::from(SpecificationReader::read([], HouseDefaults::ofTrade(InstrumentType::FlatTop)));
        foreach (DrawnSpecifications::of(12, 5) as [, $read]) {
            yield Workings::from($read);
        }
    }

    private static function width(BenchDrawing $drawing): float
    {
        return $drawing->view->along()->length();
    }

    /** @return list<string> */
    private static function words(BenchDrawing $drawing): array
    {
        return array_values(array_filter(array_map(static fn (Shape $shape): string => $shape->words, $drawing->view->shapes)));
    }

    /** @return list<string> */
    private static function lacking(BenchDrawing $drawing, Target $target, string $operation): array
    {
        $lacking = [];
        foreach (preg_match(self::ELSEWHERE, $target->key()) === 1 ? [] : $target->places as $place) {
            if (! isset($drawing->marks["{$target->key()}|{$place}"])) {
                $lacking[] = "{$operation}: {$target->key()}|{$place}";
            }
        }

        return $lacking;
    }
}
