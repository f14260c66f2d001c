<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Inspection\Readings\LineState;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Entry\Rework;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\ClosingList;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Operations\Handling;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\Reworks;
use Regimen\Route\Operations\StepKey;
use Regimen\Tests\Specifications;

/** What an operation asks of whoever does it, what is looked at before it, and what is done over after it. */
final class HandlingTest extends TestCase
{
    /** TRADE section 8: routing, drilling and cutting to size cannot be undone; binding, sanding, wiring, masking are calm. */
    #[TestWith(['neck.channel', 'router-table', false, Handling::CannotBeUndone])]
    #[TestWith(['fretboard.glue', null, true, Handling::CannotBeUndone])]
    #[TestWith(['joint.pocket', null, false, Handling::CannotBeUndone])]
    #[TestWith(['body.binding', null, true, Handling::CalmHands])]
    #[TestWith(['finish.mask', null, false, Handling::CalmHands])]
    #[TestWith(['electronics.harness', 'electronics-bench', false, Handling::CalmHands])]
    #[TestWith(['body.sand', null, false, Handling::CanBeLeft])]
    #[TestWith(['neck.carve', 'neck-bench', false, Handling::CanBeLeft])]
    #[TestWith(['rework.3.joint.pocket', null, false, Handling::CannotBeUndone])]
    #[TestWith(['own.1', null, false, Handling::CanBeLeft])]
    public function test_what_can_be_undone_and_what_cannot(string $key, ?string $station, bool $oneSitting, Handling $handling): void
    {
        self::assertSame($handling, Handling::of($key, $station, $oneSitting));
        self::assertSame($handling !== Handling::CannotBeUndone, $handling->isGentle());
    }

    public function test_lists_before_closing_have_what_this_instrument_has(): void
    {
        $plain = Specifications::sixString(['pickups' => 0]);
        $full = Specifications::sixString(['pickups' => 2, 'battery' => 'yes', 'shielding' => 'foil']);
        $string = AssemblyOperation::StringUp->value;
        self::assertStringContainsString('battery', implode(' ', ClosingList::before($string, $full)));
        self::assertStringContainsString('shielding', implode(' ', ClosingList::before($string, $full)));
        self::assertStringNotContainsString('leads', implode(' ', ClosingList::before($string, $plain)));
        self::assertNotSame([], ClosingList::before(BodyOperation::GlueLayers->value, $full));
        self::assertNotSame([], ClosingList::before(FinishOperation::Seal->value, $full));
        self::assertSame([], ClosingList::before('neck.carve', $full));
    }

    public function test_each_line_of_each_gate_has_something_to_do_over_and_on_which_side_tells_what(): void
    {
        $gates = GateBook::for(Specifications::workings(), Tolerances::usual());
        foreach (Operations::all() as $operation) {
            foreach ($gates->after((string) $operation->value) as $target) {
                self::assertNotSame([], Reworks::for($target, 1e6), $target->what);
            }
        }
        $pocket = Target::around('pocket depth', 'depth gauge', 16.0, 0.2);
        $names = static fn (float $depth): array => array_map(static fn (Rework $one): string => $one->name, Reworks::for($pocket, $depth));
        self::assertSame('shim the pocket', $names(16.5)[0]);
        self::assertSame('deepen the pocket', $names(15.5)[0]);
        self::assertFalse(LineState::of($pocket, ['' => [16.5]])->passes());
    }

    public function test_what_is_done_over_ends_with_the_same_gate_however_often(): void
    {
        $once = StepKey::rework('joint.pocket', 1);
        self::assertSame('rework.1.joint.pocket', $once);
        self::assertSame('rework.2.joint.pocket', StepKey::rework($once, 2));
        self::assertSame('joint.pocket', StepKey::reworked('rework.2.joint.pocket'));
        self::assertNull(StepKey::reworked('joint.pocket'));
        self::assertSame(Operations::gateAfter('joint.pocket'), Operations::gateAfter($once));
        self::assertSame(Operations::viewOf('joint.pocket'), Operations::viewOf($once));
    }
}
