<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\TestCase;
use Regimen\Findings\Severity;
use Regimen\Route\Edits\EditedRoute;
use Regimen\Route\Judge\Damage;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Route;

/** Changes to a derived route: what they do, what they spoil, and what cannot be done. */
final class EditsTest extends TestCase
{
    use EditedRoutes;

    public function test_an_operation_of_ones_own_stands_where_it_was_put(): void
    {
        $edited = self::edit(self::INLAY);
        $position = self::positions($edited->route);
        self::assertGreaterThan($position[FretboardOperation::Taper->value], $position['own.1']);
        self::assertLessThan($position[FretboardOperation::Glue->value], $position['own.1']);
        self::assertSame(
            [190, 720, 'rest'],
            [
                $edited->route->find('own.1')?->work()->minutes, $edited->route->find('own.1')->hold->minutes,
                $edited->route->find('own.1')->holdKind?->value,
            ],
        );
        self::assertSame([], $edited->damage());
        self::assertSame(
            '“initials in the twelfth fret” added, 3.17 h, after “taper and end of the board”, before “glue the '
                .'fretboard to the neck”.',
            $edited->words[0],
        );
        self::assertSame($edited->derived->work()->minutes + 190, $edited->route->work()->minutes);
    }

    public function test_what_is_left_out_lets_the_rest_keep_its_order_and_is_judged(): void
    {
        $edited = self::edit(['kind' => 'drop', 'key' => FretboardOperation::Radius->value]);
        self::assertNull($edited->route->find(FretboardOperation::Radius->value));
        self::assertArrayHasKey(
            FretboardOperation::Glue->value, $edited->route->ancestors()[NeckOperation::Carve->value],
        );
        $stops = self::stops($edited);
        self::assertSame(
            [
                '“carve the neck” without “radius the board”',
                '“fret, trim and bevel the ends” without “radius the board”',
            ],
            array_map(static fn (Damage $broken): string => $broken->title(), $stops),
        );
        self::assertStringContainsString(
            'When “carve the neck” is done: a carved neck does not lie flat', $stops[0]->words(),
        );
    }

    public function test_moving_the_bridge_before_the_pocket_names_what_is_spoiled_and_when(): void
    {
        $edited = self::edit(
            ['kind' => 'move', 'key' => JointOperation::Bridge->value, 'target' => JointOperation::Pocket->value],
        );
        $position = self::positions($edited->route);
        self::assertLessThan($position[JointOperation::Pocket->value], $position[JointOperation::Bridge->value]);
        $stop = self::stops($edited)[0];
        self::assertSame('“bridge position and holes” before “neck pocket, fitted to its own neck”', $stop->title());
        self::assertStringContainsString(
            'is still to come: a bridge set from the outline stands beside the strings',
            $stop->words(),
        );
        self::assertStringContainsString('h of work are in it by then', $stop->words());
        self::assertSame('The fitted neck gives the centre line', $stop->link->rule);
    }

    public function test_moving_far_ahead_loosens_everything_that_asked_for_the_opposite(): void
    {
        $edited = self::edit(
            ['kind' => 'move', 'key' => NeckOperation::Carve->value, 'target' => NeckOperation::Channel->value],
        );
        $position = self::positions($edited->route);
        self::assertLessThan($position[NeckOperation::Channel->value], $position[NeckOperation::Carve->value]);
        $titles = array_map(static fn (Damage $broken): string => $broken->title(), self::stops($edited));
        self::assertContains('“carve the neck” before “truss-rod channel”', $titles);
        self::assertContains('“carve the neck” before “radius the board”', $titles);
    }

    public function test_fretting_before_the_radius_names_what_that_ruins(): void
    {
        $edited = self::edit(
            ['kind' => 'move', 'key' => FretboardOperation::Fret->value, 'target' => FretboardOperation::Radius->value],
        );
        $own = array_values(
            array_filter(
                self::stops($edited),
                static fn (Damage $one): bool => $one->title() === '“fret, trim and bevel the ends” before “radius the board”',
            ),
        );
        self::assertCount(1, $own);
        self::assertMatchesRegularExpression('/frets? /', $own[0]->words());
        self::assertStringContainsString('radius', $own[0]->words());
    }

    public function test_a_hold_below_what_glue_or_finish_needs_is_damage_and_a_longer_one_is_not(): void
    {
        $hold = static fn (int $minutes, string $key): array => self::edit(
            ['kind' => 'times', 'key' => $key, 'set_up' => null, 'labour' => null, 'hold' => $minutes],
        )->damage();
        $needed = self::edit()->route->find(FretboardOperation::Glue->value)->hold->minutes ?? 0;
        self::assertSame([], $hold($needed, FretboardOperation::Glue->value));
        self::assertSame([], $hold($needed + 5, FretboardOperation::Glue->value));
        [$short] = $hold($needed - 5, FretboardOperation::Glue->value);
        self::assertSame(
            [Severity::Stop, '“glue the fretboard to the neck” is left alone too short'],
            [$short->severity(), $short->title()],
        );
        self::assertStringContainsString('the glue needs 24 h', $short->words());
        self::assertStringContainsString('the finish needs', $hold(0, CoatStep::BodyCure->value)[0]->words());
        self::assertSame([], $hold(0, NeckOperation::Rough->value), 'wood that only rests is not glue');
        $split = self::edit(
            [
                'kind' => 'times', 'key' => FretboardOperation::Glue->value, 'set_up' => null, 'labour' => null,
                'hold' => 60,
            ],
            ['kind' => 'drop', 'key' => FretboardOperation::Glue->value],
        )->damage();
        self::assertNotContains(
            '“glue the fretboard to the neck” is left alone too short',
            array_map(static fn (Damage $one): string => $one->title(), $split), 'what is left out holds nothing',
        );
    }

    public function test_a_split_shares_the_hours_and_keeps_hold_and_gate_with_the_second_part(): void
    {
        $edited = self::edit(['kind' => 'split', 'key' => NeckOperation::Carve->value, 'first' => 90]);
        $first = $edited->route->find(NeckOperation::Carve->value);
        $second = $edited->route->find(NeckOperation::Carve->value.'.2');
        self::assertSame([90, 150], [$first?->hours->likely->minutes, $second?->hours->likely->minutes]);
        self::assertSame($edited->derived->hours()->worst->minutes, $edited->route->hours()->worst->minutes);
        self::assertArrayHasKey(
            NeckOperation::Carve->value.'.2', $edited->route->ancestors()[NeckOperation::Sand->value],
        );
        self::assertSame([], $edited->damage());
    }

    public function test_hours_and_hold_can_be_ones_own(): void
    {
        $edited = self::edit(
            [
                'kind' => 'times', 'key' => FretboardOperation::Radius->value, 'set_up' => null, 'labour' => 120,
                'hold' => 60,
            ],
        );
        $radius = $edited->route->find(FretboardOperation::Radius->value);
        self::assertSame(
            [18, 120, 60],
            [$radius?->setUp->minutes, $radius?->hours->likely->minutes, $radius?->hold->minutes],
        );
        self::assertLessThanOrEqual(120, $radius->hours->best->minutes);
        self::assertGreaterThanOrEqual(120, $radius->hours->worst->minutes);
    }

    public function test_a_link_taken_away_is_only_broken_where_no_other_way_leads(): void
    {
        self::assertSame(
            [],
            self::edit(
                [
                    'kind' => 'unlink', 'before' => FretboardOperation::Taper->value,
                    'after' => FretboardOperation::Radius->value,
                ],
            )->damage(),
            'the glueing stands between them',
        );
        $broken = self::edit(
            ['kind' => 'unlink', 'before' => BodyOperation::Outline->value, 'after' => BodyOperation::Edges->value],
        )->damage();
        self::assertSame([Severity::Warn], array_map(static fn (Damage $one): Severity => $one->severity(), $broken));
        self::assertStringContainsString('nothing is lost for good', $broken[0]->words());
    }

    /** @return list<Damage> */
    private static function stops(EditedRoute $edited): array
    {
        return array_values(
            array_filter($edited->damage(), static fn (Damage $broken): bool => $broken->severity() === Severity::Stop),
        );
    }
}
