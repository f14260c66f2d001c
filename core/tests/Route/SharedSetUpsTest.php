<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\TestCase;
use Regimen\Route\Judge\ShopFit;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Standard;
use Regimen\Tests\Specifications;

/** How it is made: schools, tools, glue, air, what hours grow with, and what the shop has for it. */
final class SharedSetUpsTest extends TestCase
{
    use RoutesByMethod;

    public function test_the_same_set_up_serves_instruments_that_are_alike_in_what_it_is_set_to(): void
    {
        $key = static fn (
            array $typed, string $operation, array $methods = [],
        ): string => self::route($typed, $methods)->find($operation)->setUpKey
            ?? '';
        self::assertSame(
            $key([], FretboardOperation::Slots->value),
            $key(['joint' => 'set', 'finish' => 'shellac'], FretboardOperation::Slots->value),
        );
        self::assertNotSame(
            $key([], FretboardOperation::Slots->value), $key(['scale' => '24 3/4"'], FretboardOperation::Slots->value),
        );
        self::assertNotSame(
            $key([], FretboardOperation::Radius->value), $key(['radius' => '16"'], FretboardOperation::Radius->value),
        );
        self::assertNotSame(
            $key([], FretboardOperation::Radius->value),
            $key([], FretboardOperation::Radius->value, ['tool:'.FretboardOperation::Radius->value => 'template']),
        );
        self::assertSame('', $key([], NeckOperation::Sand->value), 'nothing is set up for it');
    }

    /**
     * The template is what the router runs along: another outline, width or hand, and another drawing that was
     * imported, is another one.
     */
    public function test_two_outlines_are_two_templates(): void
    {
        $drawn = static fn (int $width): string => 'M0 50 C0 -20 400 -20 '.$width.' 50 C400 120 0 120 0 50 Z';
        $instruments = [
            [], ['outline' => 'heron'], ['bodyWidth' => '310'], ['hand' => 'left'],
            ['outline' => 'imported', 'outlineSvg' => $drawn(400)],
            ['outline' => 'imported', 'outlineSvg' => $drawn(410)],
        ];
        foreach ([BodyOperation::Outline->value, BodyOperation::Cavities->value] as $operation) {
            $keys = array_map(
                static fn (array $typed): string => self::route($typed)->find($operation)->setUpKey ?? '',
                $instruments,
            );
            self::assertSame($keys, array_values(array_unique($keys)), $operation);
            self::assertSame(
                $keys,
                array_map(
                    static fn (array $typed): string => self::route(
                        [...$typed, 'finish' => 'shellac'],
                    )->find($operation)->setUpKey
                        ?? '',
                    $instruments,
                ),
            );
        }
        $cavities = static fn (string $kind): string => self::route(
            ['pickups' => [['place' => 'bridge', 'kind' => $kind]]],
        )->find(BodyOperation::Cavities->value)->setUpKey
            ?? '';
        self::assertNotSame($cavities('humbucker'), $cavities('single-coil'), 'another pickup, another hole');
    }

    public function test_what_the_shop_lacks_is_named_with_its_fix(): void
    {
        $names = ['machine-router' => 'machine router', 'body-clamps' => 'body clamps'];
        $owned = array_fill_keys(
            array_filter(
                array_merge(
                    ...array_map(
                        static fn (Standard $standard): array => [$standard->station, $standard->fixture],
                        TradeStandards::all()->operations(),
                    ),
                ),
            ),
            2,
        );
        $skills = array_values(
            array_unique(
                array_map(
                    static fn (Standard $standard): string => $standard->skill->value,
                    TradeStandards::all()->operations(),
                ),
            ),
        );
        $fit = new ShopFit([...$owned, 'machine-router' => 0], $names, $skills);
        self::assertSame([], $fit->problems(self::route([])));
        $machine = $fit->problems(self::route([], ['tool:'.NeckOperation::Carve->value => 'machine']));
        self::assertSame([NeckOperation::Carve->value], array_keys($machine));
        self::assertSame(
            '“carve the neck” wants the machine router, which the shop does not have. Choose another way, or enter it '
                .'under House.',
            $machine[NeckOperation::Carve->value],
        );
        $layered = self::route(
            [
                'body' => 'chambered',
                'layers' => [Specifications::layer('bigleaf maple', 6), Specifications::layer('white ash', 38)],
            ],
        );
        self::assertStringContainsString(
            'wants 2 of the body clamps; the shop has 1',
            (
                new ShopFit([...$owned, 'body-clamps' => 1], $names, $skills)
            )->problems($layered)[BodyOperation::GlueLayers->value],
        );
        self::assertStringContainsString(
            'wants the skill “finish”, which nobody in the shop has',
            (
                new ShopFit($owned, $names, array_values(array_diff($skills, ['finish'])))
            )->problems(self::route(['finish' => 'shellac']))[CoatStep::BodySeal->value],
        );
    }

    public function test_cautions_come_with_what_the_instrument_is_made_of(): void
    {
        $cautions = static fn (array $typed, string $key): array => self::route($typed)->find($key)->cautions ?? [];
        self::assertContains(
            Caution::Sensitising,
            $cautions(['boardTimber' => 'Indian rosewood'], FretboardOperation::Radius->value),
        );
        self::assertNotContains(
            Caution::Sensitising,
            $cautions(['boardTimber' => 'sugar maple'], FretboardOperation::Radius->value),
        );
        self::assertContains(Caution::Shell, $cautions([], FretboardOperation::Markers->value));
        self::assertContains(Caution::Lifting, $cautions([], BodyOperation::Joint->value));
        self::assertContains(Caution::Tired, $cautions([], NeckOperation::Square->value));
        self::assertContains(
            Caution::Chemicals, $cautions(['colour' => 'walnut stain'], FinishOperation::Stain->value),
        );
    }
}
