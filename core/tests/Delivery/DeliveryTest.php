<?php

declare(strict_types=1);

namespace Regimen\Tests\Delivery;

use PHPUnit\Framework\TestCase;
use Regimen\Delivery\CareSheet;
use Regimen\Delivery\Fact;
use Regimen\Delivery\FactSheet;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Tests\Specifications;

/** What is told of a finished instrument (TRADE section 10), and how it is looked after (common practice). */
final class DeliveryTest extends TestCase
{
    /**
     * @param  list<string>  $measured
     * @param  array<string, mixed>  $change
     * @return array<string, Fact> by what they tell
     */
    private static function facts(array $measured = [], array $change = []): array
    {
        $facts = [];
        foreach (FactSheet::of(Specifications::read($change), $measured) as $group) {
            foreach ($group->facts as $fact) {
                $facts["{$group->name}: {$fact->what}"] = $fact;
            }
        }

        return $facts;
    }

    public function test_what_nobody_has_measured_is_told_as_drawn(): void
    {
        $facts = self::facts(['nutWidth', 'pickups.0.resistance'], ['pickups' => [['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.1k']]]);
        $this->assertSame(['43 mm (1 11/16")', Fact::MEASURED], [$facts['Neck: Nut width']->value, $facts['Neck: Nut width']->known]);
        $this->assertSame(Fact::DRAWN, $facts['Neck: Thickness at twelfth']->known);
        $this->assertSame(Fact::MEASURED, $facts['Pickups and electronics: Pickup, bridge']->known);
        $this->assertStringContainsString('8.1', $facts['Pickups and electronics: Pickup, bridge']->value);
        $this->assertSame('red alder, 45.0 mm', $facts['Timbers: Body']->value);
    }

    public function test_it_tells_all_that_the_trade_asks_for(): void
    {
        $told = implode(' ', array_keys(self::facts(change: ['pickups' => 1])));
        foreach (['Timbers: Neck', 'Timbers: Fretboard', 'Scale', 'Fret crown, width', 'Frets', 'Profile', 'Pickup, number', 'Pots', 'Tone capacitors', 'Tuners', 'Gauges', 'Tuning', 'Action', 'Relief', 'Finish'] as $wanted) {
            $this->assertStringContainsString($wanted, $told);
        }
        $this->assertStringNotContainsString('Zero fret', $told, 'what it has not is not told');
    }

    public function test_each_finish_is_looked_after_in_its_own_way(): void
    {
        $said = [];
        foreach (FinishSystem::cases() as $finish) {
            $said[$finish->value] = CareSheet::for(Specifications::sixString(['finish' => $finish->value]))['Finish'][0];
        }
        $this->assertCount(count(FinishSystem::cases()), array_unique($said));
        $this->assertStringContainsString('vinyl', $said['nitrocellulose']);
        $oil = implode(' ', CareSheet::for(Specifications::sixString(['finish' => 'wiping-oil']))['Finish']);
        $this->assertStringContainsString('heat up by themselves', $oil, 'cloths with oil');
    }

    public function test_a_lacquered_board_is_never_oiled_and_a_protected_timber_is_left_to_the_authority(): void
    {
        $maple = CareSheet::for(Specifications::sixString(['boardTimber' => 'sugar maple', 'finish' => 'nitrocellulose']));
        $this->assertStringContainsString('never oil it', $maple['Fretboard'][0]);
        $rosewood = CareSheet::for(Specifications::sixString(['finish' => 'nitrocellulose']));
        $this->assertStringContainsString('rub in a few drops', $rosewood['Fretboard'][0]);
        $this->assertStringContainsString('ask the authority', implode(' ', $rosewood['On the way']));
        $plain = CareSheet::for(Specifications::sixString(['boardTimber' => 'sugar maple', 'neckTimber' => 'sugar maple']));
        $this->assertStringNotContainsString('authority', implode(' ', $plain['On the way']));
        $this->assertStringContainsString('crack along the grain', implode(' ', CareSheet::for(Specifications::sixString(['body' => 'chambered', 'layers' => [['timber' => 'red alder', 'thickness' => '6'], ['timber' => 'red alder', 'thickness' => '39']]]))['Air']));
    }
}
