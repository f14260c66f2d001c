<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\CyclicRoute;
use Regimen\Route\Link;
use Regimen\Route\Operation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Tests\Specifications;
use Regimen\Timber\Species;

final class RoutePlannerTest extends TestCase
{
    #[DataProviderExternal(Specifications::class, 'all')]
    public function test_every_route_is_in_order_and_every_link_has_its_reason(Specification $specification): void
    {
        $route = self::route($specification);
        $position = array_flip(
            array_map(static fn (Operation $operation): string => $operation->key, $route->operations),
        );
        self::assertCount(count($route->operations), $position, 'no operation stands twice');
        foreach ($route->links as $link) {
            self::assertLessThan(
                $position[$link->after], $position[$link->before], "{$link->before} before {$link->after}",
            );
            self::assertGreaterThan(20, strlen($link->reason));
        }
        $linked = array_merge(
            ...array_map(static fn (Link $link): array => [$link->before, $link->after], $route->links),
        );
        self::assertSame([], array_diff(array_keys($position), $linked), 'no operation hangs loose');
    }

    #[DataProviderExternal(Specifications::class, 'all')]
    public function test_rule_two_frets_against_lacquer(Specification $specification): void
    {
        $lacquered = $specification->finishing->finish->isLacquer() && ! $specification->board->boardTimber->oily;
        $route = self::route($specification);
        if ($lacquered) {
            self::assertContains(
                FretboardOperation::Fret->value, self::behind($route, self::lastOfNeckFinish($specification)),
                'cleared before the frets go in',
            );
            self::assertNotContains(FinishOperation::Mask->value, self::keys($route));
        } else {
            self::assertContains(
                self::lastOfNeckFinish($specification), self::behind($route, FretboardOperation::Fret->value),
                'fretted before the finish',
            );
            self::assertContains(FinishOperation::Mask->value, self::behind($route, FretboardOperation::Fret->value));
            self::assertContains(
                self::lastOfNeckFinish($specification), self::behind($route, FinishOperation::Mask->value),
            );
        }
    }

    #[DataProviderExternal(Specifications::class, 'all')]
    public function test_rule_three_set_neck_against_colour(Specification $specification): void
    {
        $route = self::route($specification);
        $keys = self::keys($route);
        if (in_array($specification->joinery->joint, [NeckJoint::Set, NeckJoint::Dovetail], true)) {
            foreach (array_intersect(
                [FinishOperation::Colour->value, FinishOperation::Fill->value], $keys,
            ) as $before) {
                self::assertContains(JointOperation::GlueNeck->value, self::behind($route, $before));
            }
            self::assertContains('finish.coat-1', self::behind($route, JointOperation::GlueNeck->value));
            self::assertSame(
                [],
                array_filter($keys, static fn (string $key): bool => str_starts_with($key, 'finish.neck.')),
                'cleared together',
            );
        } elseif ($specification->joinery->joint->isGlued()) {
            self::assertContains(
                'finish.coat-1', self::behind($route, JointOperation::Wings->value),
                'a through neck is in from the start',
            );
        } else {
            self::assertNotContains(JointOperation::GlueNeck->value, $keys);
            self::assertContains(JointOperation::Screws->value, self::behind($route, NeckOperation::Sand->value));
            self::assertNotContains(
                CoatStep::NeckCure->value, self::behind($route, CoatStep::BodyCure->value), 'finished apart',
            );
        }
    }

    #[DataProviderExternal(Specifications::class, 'all')]
    public function test_nothing_is_cut_before_the_parts_are_measured_and_nothing_finished_before_the_dry_fit(
        Specification $specification,
    ): void {
        $route = self::route($specification);
        foreach ([
            NeckOperation::Square->value, FretboardOperation::Slots->value, BodyOperation::Outline->value,
            JointOperation::Bridge->value, BodyOperation::Cavities->value,
        ] as $cut) {
            self::assertContains($cut, self::behind($route, PreparationOperation::MeasureParts->value));
            self::assertContains($cut, self::behind($route, PreparationOperation::SelectTimber->value));
        }
        foreach (self::keys($route) as $key) {
            if (str_starts_with($key, 'finish.') && $key !== FinishOperation::Mask->value) {
                self::assertContains($key, self::behind($route, JointOperation::DryFit->value), $key);
            }
        }
    }

    public function test_chambers_are_closed_after_they_are_cut(): void
    {
        $route = self::route(self::chambered());
        self::assertContains(BodyOperation::GlueLayers->value, self::behind($route, BodyOperation::Chambers->value));
        self::assertContains(BodyOperation::Outline->value, self::behind($route, BodyOperation::GlueLayers->value));
        self::assertNotContains(BodyOperation::Chambers->value, self::keys(self::route(Specifications::sixString())));
    }

    public function test_coats_and_cure_follow_the_house_standard(): void
    {
        $route = self::route(Specifications::sixString(['finish' => FinishSystem::Nitrocellulose]));
        $holds = [];
        foreach ($route->operations as $operation) {
            if (preg_match('/^finish\.body\.(coat|cure)/', $operation->key) === 1) {
                $holds[] = $operation->hold->minutes / 60;
            }
        }
        self::assertSame(
            [2, 2, 14, 2, 2, 14, 2, 2, 14, 576], $holds, 'three coats a day, two hours apart, then 24 days of cure',
        );
    }

    public function test_totals_are_those_of_the_trade(): void
    {
        // Common practice: a plain build comes to about 60–75 labour hours, a fancy one to 90–120; set-ups add about a
        // tenth.
        $plain = self::route(Specifications::sixString());
        self::assertGreaterThan(60, $plain->hours()->likely->hours());
        self::assertLessThan(75, $plain->hours()->likely->hours());
        self::assertEqualsWithDelta(0.1, $plain->setUps()->hours() / $plain->hours()->likely->hours(), 0.03);
        $fancy = self::route(Specifications::sixString([
            'strings' => '7', 'nutWidth' => '48', 'frets' => '24', 'joint' => NeckJoint::Set,
            'body' => BodyConstruction::Chambered, 'layers' => self::chambered()->bodywork->layers,
            'finish' => FinishSystem::Nitrocellulose,
            'colour' => 'amber burst', 'markers' => 'block', 'boardBinding' => '1.5', 'bodyBinding' => '2',
            'laminations' => '5', 'stiffeningRods' => 'yes', 'veneer' => '2', 'volute' => 'yes', 'pickups' => 3,
            'shielding' => 'foil',
        ]));
        self::assertGreaterThan(90, $fancy->hours()->likely->hours());
        self::assertLessThan(120, $fancy->hours()->likely->hours());
        self::assertGreaterThan(70, count($fancy->operations));
        self::assertLessThan($fancy->hours()->worst->hours(), $fancy->hours()->best->hours());
    }

    public function test_a_missing_house_standard_is_named(): void
    {
        $this->expectException(UnknownStandard::class);
        $this->expectExceptionMessage(PreparationOperation::Agree->value);
        RoutePlanner::withAllRules()->plan(Specifications::sixString(), HouseStandards::of([], []));
    }

    public function test_links_in_a_circle_are_refused_by_name(): void
    {
        $operations = array_slice(self::route(Specifications::sixString())->operations, 0, 2);
        [$one, $two] = array_map(static fn (Operation $operation): string => $operation->key, $operations);
        $name = $operations[0]->name;
        $this->expectException(CyclicRoute::class);
        $this->expectExceptionMessage($name);
        Route::of($operations, [new Link($one, $two, ''), new Link($two, $one, '')]);
    }

    private static function chambered(): Specification
    {
        return Specifications::sixString(
            [
                'body' => BodyConstruction::Chambered,
                'layers' => [Specifications::layer('black walnut', 6), Specifications::layer('white ash', 39)],
                'boardTimber' => Species::named('sugar maple'),
            ],
        );
    }

    private static function route(Specification $specification): Route
    {
        return RoutePlanner::withAllRules()->plan($specification, TradeStandards::all());
    }

    private static function lastOfNeckFinish(Specification $specification): string
    {
        $prefix = $specification->joinery->joint->isGlued() ? 'finish' : 'finish.neck';

        return $prefix.($specification->finishing->finish->isLacquer() ? '.polish' : '.cure');
    }

    /** @return list<string> */
    private static function keys(Route $route): array
    {
        return array_map(static fn (Operation $operation): string => $operation->key, $route->operations);
    }

    /** @return list<string> everything that directly or indirectly comes after an operation */
    private static function behind(Route $route, string $key): array
    {
        $behind = [$key => true];
        foreach ($route->operations as $operation) {
            foreach ($route->links as $link) {
                if ($link->after === $operation->key && isset($behind[$link->before])) {
                    $behind[$operation->key] = true;
                }
            }
        }
        unset($behind[$key]);

        return array_keys($behind);
    }
}
