<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\TestCase;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Air\SprayLimits;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Route\Standards\Adhesive;
use Regimen\Route\Standards\HouseRules;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\Tool;
use Regimen\Tests\Specifications;

/** The standards of a shop, in each way an operation is done. */
final class HouseStandardsTest extends TestCase
{
    public function test_the_usual_way_is_the_first_in_whatever_order_they_come(): void
    {
        $ways = array_values(
            array_filter(
                TradeStandards::all()->operations(),
                static fn (Standard $standard): bool => $standard->key === FretboardOperation::Radius->value,
            ),
        );
        self::assertCount(3, $ways);
        foreach ([$ways, array_reverse($ways)] as $order) {
            $house = HouseStandards::of($order, []);
            self::assertSame('by block', $house->operation(FretboardOperation::Radius->value)->way);
            self::assertSame(Tool::Hand, $house->ways(FretboardOperation::Radius->value)[0]->tool);
            self::assertSame('by jig', $house->operation(FretboardOperation::Radius->value, Tool::Template)->way);
        }
        self::assertSame([], TradeStandards::all()->ways('fretboard.lamp'));
    }

    public function test_every_other_way_keeps_stage_skill_and_hold_and_says_what_it_risks(): void
    {
        $house = TradeStandards::all();
        foreach ($house->operations() as $standard) {
            $usual = $house->operation($standard->key);
            self::assertSame(
                [$usual->stage, $usual->skill, $usual->hold->minutes, $usual->fixture],
                [$standard->stage, $standard->skill, $standard->hold->minutes, $standard->fixture],
            );
            self::assertSame($standard->usual, $standard->risk === '', $standard->key);
            self::assertSame($standard->hold->minutes > 0, $standard->holdKind !== null, $standard->key);
        }
    }

    public function test_the_houses_own_glue_takes_the_place_of_the_trades(): void
    {
        $rules = new HouseRules(new SprayLimits, Tolerances::usual(), ['hide-glue' => 2.0]);
        self::assertSame(
            [2.0, 1.0, 1.5],
            [
                $rules->glueShare(Adhesive::HideGlue), $rules->glueShare(Adhesive::Epoxy),
                HouseRules::usual()->glueShare(Adhesive::HideGlue),
            ],
        );
        $house = HouseStandards::of(TradeStandards::all()->operations(), TradeStandards::all()->finishes(), $rules);
        $route = RoutePlanner::withAllRules()->plan(
            Specifications::sixString(), $house, Methods::of(['joint-glue' => 'hide-glue']),
        );
        self::assertSame(2 * 1440, $route->find(FretboardOperation::Glue->value)?->hold->minutes);
    }

    public function test_only_chemistry_is_slowed_by_the_cold(): void
    {
        self::assertSame(
            [true, true, false, false],
            array_map(static fn (HoldKind $kind): bool => $kind->isSlowedByCold(), HoldKind::cases()),
        );
        foreach (HoldKind::cases() as $kind) {
            self::assertNotSame('', $kind->words());
        }
    }

    public function test_own_limits_of_the_air_are_the_houses(): void
    {
        $strict = new SprayLimits(18.0, 60.0);
        self::assertNotNull($strict->against(new \Regimen\Route\Air\Climate(17.0, 50.0)));
        self::assertNotNull($strict->against(new \Regimen\Route\Air\Climate(19.0, 61.0)));
        self::assertNull($strict->against(new \Regimen\Route\Air\Climate(19.0, 60.0)));
    }
}
