<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Costing\Kit;
use Regimen\Costing\StarterPrices;
use Regimen\Parts\PartGroup;
use Regimen\Route\Link;
use Regimen\Route\Operation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Piece;
use Regimen\Tests\Specifications;

/**
 * What only some instruments need (TRADE section 2): hours, holds and order come in with it, and the reason stands
 * beside it.
 */
final class OptionalOperationsTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, string, list<string>, list<string>}> typed, operation, what
     *   comes before it, what after
     */
    public static function options(): iterable
    {
        yield 'stiffening rods' => [
            ['stiffeningRods' => 'yes'], NeckOperation::Rods->value, [NeckOperation::Channel->value],
            [FretboardOperation::Glue->value, NeckOperation::Carve->value],
        ];
        yield 'laminations' => [
            ['laminations' => '5'], NeckOperation::Laminate->value, [PreparationOperation::SelectTimber->value],
            [NeckOperation::Square->value, NeckOperation::Channel->value],
        ];
        yield 'the rest of a laminated shaft' => [
            ['laminations' => '3'], NeckOperation::Recheck->value, [NeckOperation::Rough->value],
            [NeckOperation::Outline->value, FretboardOperation::Glue->value],
        ];
        yield 'a bound board' => [
            ['boardBinding' => '1.5'], FretboardOperation::Binding->value,
            [FretboardOperation::Slots->value, FretboardOperation::Taper->value],
            [FretboardOperation::Glue->value, FretboardOperation::Radius->value],
        ];
        yield 'a bound body' => [
            ['bodyBinding' => '2', 'edgeRadius' => '1'], BodyOperation::Binding->value, [BodyOperation::Outline->value],
            [BodyOperation::Edges->value, BodyOperation::Sand->value],
        ];
        yield 'pickups of the house' => [
            ['pickupsWound' => 'yes'], ElectronicsOperation::Wind->value, [PreparationOperation::OrderParts->value],
            [ElectronicsOperation::Install->value, AssemblyOperation::StringUp->value],
        ];
        yield 'an aged finish' => [
            ['aged' => 'yes', 'finish' => 'nitrocellulose'], FinishOperation::Age->value,
            [CoatStep::BodyCure->value, CoatStep::NeckCure->value, CoatStep::BodyPolish->value],
            [AssemblyOperation::Hardware->value, ElectronicsOperation::Install->value],
        ];
        yield 'an aged oil finish on a set neck' => [
            ['aged' => 'yes', 'joint' => 'set'], FinishOperation::Age->value, [CoatStep::Cure->value],
            [AssemblyOperation::Hardware->value],
        ];
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<string>  $before
     * @param  list<string>  $after
     */
    #[DataProvider('options')]
    public function test_it_is_on_the_route_in_its_place_and_only_when_it_is_asked_for(
        array $typed,
        string $key,
        array $before,
        array $after,
    ): void {
        $plain = self::position(self::route([]));
        self::assertArrayNotHasKey($key, $plain);
        $route = self::route($typed);
        $position = self::position($route);
        self::assertArrayHasKey($key, $position);
        foreach ($before as $earlier) {
            self::assertTrue(self::follows($route, $earlier, $key), "{$earlier} before {$key}");
        }
        foreach ($after as $later) {
            self::assertTrue(self::follows($route, $key, $later), "{$later} after {$key}");
        }
        self::assertGreaterThan(self::route([])->work()->minutes, $route->work()->minutes);
    }

    public function test_a_laminated_shaft_rests_for_ten_days_and_a_plain_one_does_not(): void
    {
        $hold = static fn (Route $route): int => $route->operations[self::position($route)[NeckOperation::Rough->value]]->hold->minutes;
        self::assertSame([0, 14_400], [$hold(self::route([])), $hold(self::route(['laminations' => '3']))]);
    }

    public function test_ageing_is_six_hours_of_chemicals_on_everything(): void
    {
        $ageing = self::route(['aged' => 'yes'])->find(FinishOperation::Age->value);
        self::assertSame([6.0, 0, ''], [$ageing?->work()->hours(), $ageing?->hold->minutes, $ageing?->setUpKey]);
        self::assertSame([[Caution::Chemicals], Piece::cases()], [$ageing?->cautions, $ageing?->pieces]);
        self::assertSame('A finish is aged when it has cured', $ageing?->rule);
    }

    /** Two and a half hours each, and two hours for the wax. */
    #[TestWith([1, 2.5])]
    #[TestWith([2, 5.0])]
    #[TestWith([3, 7.5])]
    public function test_a_pickup_takes_two_and_a_half_hours_to_wind(int $pickups, float $hours): void
    {
        $winding = self::route(
            ['pickupsWound' => 'yes', 'pickups' => $pickups],
        )->find(ElectronicsOperation::Wind->value);
        self::assertSame([$hours, 120], [$winding?->work()->hours(), $winding?->hold->minutes]);
        self::assertSame([PartGroup::Pickups], $winding?->needs);
        self::assertContains(Caution::HotWax, $winding->cautions);
        self::assertSame('resistance of each pickup', Operations::gateAfter($winding->key)?->words);
    }

    public function test_nobody_winds_what_is_not_there(): void
    {
        $acoustic = self::route(['pickupsWound' => 'yes', 'pickups' => 0]);
        self::assertNull($acoustic->find(ElectronicsOperation::Wind->value));
    }

    public function test_a_board_without_markers_is_spared_them(): void
    {
        $position = self::position(self::route(['markers' => 'none', 'sideMarkers' => '0']));
        self::assertArrayNotHasKey(FretboardOperation::Markers->value, $position);
        self::assertArrayNotHasKey(FretboardOperation::SideMarkers->value, $position);
        self::assertTrue(
            self::follows(
                self::route(['markers' => 'none', 'sideMarkers' => '0']), FretboardOperation::Taper->value,
                FretboardOperation::Radius->value,
            ),
        );
    }

    public function test_what_it_takes_is_in_the_kit(): void
    {
        $names = static fn (array $typed): array => array_column(
            array_map(
                static fn ($line): array => [$line->name, $line->quantity],
                Kit::for(Specifications::sixString($typed), StarterPrices::in('EUR'))->lines,
            ),
            1,
            0,
        );
        self::assertArrayNotHasKey('binding', $names([]));
        self::assertSame(1.0, (float) $names(['stiffeningRods' => 'yes'])['stiffening rods, pair']);
        // Two sides and the end of a board of 474 by 55 mm, and a tenth: 1.104 m.
        self::assertSame(1.2, $names(['boardBinding' => '1.5'])['binding']);
        self::assertGreaterThan(1.4, $names(['bodyBinding' => '2', 'edgeRadius' => '1'])['binding']);
        self::assertArrayNotHasKey('two-way truss rod', $names(['rodLength' => '0']));
    }

    /** @param  array<string, mixed>  $typed */
    private static function route(array $typed): Route
    {
        return RoutePlanner::withAllRules()->plan(Specifications::sixString($typed), TradeStandards::all());
    }

    /** @return array<string, int> */
    private static function position(Route $route): array
    {
        return array_flip(array_map(static fn (Operation $operation): string => $operation->key, $route->operations));
    }

    /** Whether links lead from the one to the other. */
    private static function follows(Route $route, string $from, string $to): bool
    {
        $reached = [$from => true];
        do {
            $before = count($reached);
            foreach ($route->links as $link) {
                if (isset($reached[$link->before])) {
                    $reached[$link->after] = true;
                }
            }
        } while (count($reached) > $before);

        return isset($reached[$to])
            && array_filter($route->links, static fn (Link $link): bool => $link->reason === '') === [];
    }
}
