<?php

declare(strict_types=1);

namespace Regimen\Tests\Inspection;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Inspection\GateBook;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Gate;
use Regimen\Route\RoutePlanner;
use Regimen\Route\TradeStandards;
use Regimen\Tests\Specifications;

/** Targets at gates, against the trade's table of what is measured and allowed (TRADE section 4, common practice). */
final class GateBookTest extends TestCase
{
    #[TestWith(['neck.channel', 'depth of the channel', 8.8, 9.2])]
    #[TestWith(['fretboard.slots', 'nut to twelfth fret', 323.65, 324.05])]
    #[TestWith(['neck.outline', 'width at the nut', 42.8, 43.2])]
    #[TestWith(['neck.carve', 'thickness at the first fret, board included', 21.2, 21.8])]
    #[TestWith(['neck.carve', 'thickness at the twelfth', 22.2, 22.8])]
    #[TestWith(['neck.headstock-thickness', 'headstock thickness', 14.0, 16.0])]
    #[TestWith(['fretboard.radius', 'light under the gauge', null, 0.05])]
    #[TestWith(['joint.pocket', 'pocket gap each side', null, 0.15])]
    #[TestWith(['joint.pocket', 'pocket depth', 15.8, 16.2])]
    #[TestWith(['joint.pocket', 'centre line: difference at both edges and the far end', null, 0.25])]
    #[TestWith(['body.cavities', 'timber left under each', 3.0, null])]
    #[TestWith(['fretboard.fret', 'a fret rocks', null, 0.03])]
    #[TestWith(['set-up.string', 'relief', 0.1, 0.3])]
    #[TestWith(['set-up.string', 'intonation, open against twelfth', -2.0, 2.0])]
    #[TestWith(['set-up.nut', 'nut height over the first fret', 0.3, 0.5])]
    public function test_targets_come_from_the_specification_and_the_trade(string $operation, string $what, ?float $low, ?float $high): void
    {
        $target = self::target($operation, $what);
        self::assertSame([$low === null, $high === null], [$target->low === null, $target->high === null]);
        self::assertEqualsWithDelta([$low ?? 0.0, $high ?? 0.0], [$target->low ?? 0.0, $target->high ?? 0.0], 0.01);
        self::assertNotSame('', $target->how);
    }

    public function test_what_the_client_asked_for_moves_the_target(): void
    {
        self::assertEqualsWithDelta(1.2, self::target('set-up.string', 'action at the twelfth, treble', ['actionTreble' => '1.4'])->low, 0.001);
        self::assertSame(3605.0, self::target('delivery.inspect', 'weight', ['targetWeight' => '3.5 kg'])->high);
        self::assertSame('8.1 ± 0.81 kΩ', self::target('electronics.install', 'resistance, bridge', ['pickups' => [['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.1k']]])->words);
    }

    public function test_the_house_can_be_stricter(): void
    {
        $strict = Tolerances::of(['half-scale' => 0.1, 'lamp' => 3.0]);
        self::assertSame('323.85 ± 0.1 mm', self::target('fretboard.slots', 'nut to twelfth fret', [], $strict)->words);
        self::assertSame([true, false], [$strict->isOwn('half-scale'), $strict->isOwn('lamp')]);
        self::assertCount(count(Tolerances::usual()->all()), $strict->all());
        $this->expectException(\OutOfBoundsException::class);
        $strict->value('lamp');
    }

    public function test_every_gate_that_is_told_has_its_targets_and_no_other(): void
    {
        $workings = Specifications::workings(['joint' => 'through', 'laminations' => '3']);
        $book = GateBook::of($workings, Tolerances::usual());
        $bolted = GateBook::of(Specifications::workings(), Tolerances::usual());
        foreach ([[$workings, $book], [Specifications::workings(), $bolted]] as [$one, $gates]) {
            foreach (RoutePlanner::withAllRules()->plan($one->specification, TradeStandards::all())->operations as $operation) {
                self::assertSame(Gate::after($operation->key) !== null, $gates->after($operation->key) !== [], $operation->key);
            }
        }
    }

    /** @param  array<string, mixed>  $typed */
    private static function target(string $operation, string $what, array $typed = [], ?Tolerances $tolerances = null): Target
    {
        foreach (GateBook::of(Specifications::workings($typed), $tolerances ?? Tolerances::usual())->after($operation) as $target) {
            if ($target->what === $what) {
                return $target;
            }
        }
        self::fail("{$operation} measures no {$what}");
    }
}
