<?php

declare(strict_types=1);

namespace Regimen\Tests\Inspection;

use PHPUnit\Framework\TestCase;
use Regimen\Findings\Finding;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\MadeHere;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Parts\PartGroup;
use Regimen\Tests\Specifications;

final class AsMeasuredTest extends TestCase
{
    public function test_a_neck_wider_than_its_pocket_is_found_with_both_ways_out(): void
    {
        $drawn = Specifications::sixString()->joinery->pocketWidth->mm;
        $judged = AsMeasured::judge(
            [], HouseDefaults::ofTrade(InstrumentType::Guitar), ['heelWidth' => sprintf('%.2f', $drawn + 0.6)],
        );
        self::assertSame(
            ['pocket-fit'],
            array_map(static fn (Finding $finding): string => $finding->key, $judged->new),
        );
        self::assertStringContainsString('Pocket 0.6 mm too narrow for this neck', $judged->new[0]->title);
        self::assertStringContainsString('widen, or plane', $judged->new[0]->because);
        self::assertSame([], $judged->gone);
    }

    public function test_what_was_measured_can_also_do_away_with_a_finding_and_leaves_the_rest_alone(): void
    {
        $house = HouseDefaults::ofTrade(InstrumentType::Guitar);
        $judged = AsMeasured::judge(['bridgeMost' => '13', 'wishes' => 'Quiet.'], $house, ['bridgeMost' => '16.2']);
        self::assertSame(
            [[], ['bridge-range']],
            [
                array_map(static fn (Finding $one): string => $one->key, $judged->new),
                array_map(static fn (Finding $one): string => $one->key, $judged->gone),
            ],
        );
        self::assertSame([], AsMeasured::judge([], $house, ['boardThickness' => '6.0'])->new, 'as drawn');
        self::assertArrayHasKey('boardThickness', AsMeasured::judge([], $house, ['boardThickness' => '60'])->problems);
    }

    public function test_everything_that_can_be_measured_is_a_field_with_a_name(): void
    {
        $specification = Specifications::sixString();
        $offered = array_merge(...array_map(static fn (MadeHere $made): array => $made->measured(), MadeHere::cases()));
        foreach (PartGroup::cases() as $group) {
            $offered = [...$offered, ...$group->measured($specification)];
        }
        foreach (array_unique($offered) as $path) {
            self::assertNotNull(AsMeasured::field($path), $path);
            self::assertNotSame($path, AsMeasured::label($path));
        }
        self::assertSame('Resistance, maker’s, pickup 2', AsMeasured::label('pickups.1.resistance'));
        self::assertSame('45 mm', AsMeasured::drawn('layers.0.thickness', Specifications::read()));
        self::assertSame([], PartGroup::Consumables->measured($specification));
        self::assertSame(['neckMoisture'], PartGroup::NeckTimber->measured($specification));
    }
}
