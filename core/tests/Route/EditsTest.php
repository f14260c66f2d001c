<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Findings\Severity;
use Regimen\Route\Edits\EditedRoute;
use Regimen\Route\Edits\Edits;
use Regimen\Route\Edits\ImpossibleEdit;
use Regimen\Route\Judge\Damage;
use Regimen\Route\Operation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/** Changes to a derived route: what they do, what they spoil, and what cannot be done. */
final class EditsTest extends TestCase
{
    private const INLAY = [
        'kind' => 'add', 'key' => 'own.1', 'name' => 'initials in the twelfth fret', 'stage' => 'fretboard',
        'pieces' => ['fretboard'], 'set_up' => 10, 'labour' => 180, 'hold' => 720, 'skill' => 'frets',
        'station' => null, 'fixture' => null, 'after' => [FretboardOperation::Taper->value],
        'before' => [FretboardOperation::Glue->value],
    ];

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
        $second = $edited->route->find('neck.carve.2');
        self::assertSame([90, 150], [$first?->hours->likely->minutes, $second?->hours->likely->minutes]);
        self::assertSame($edited->derived->hours()->worst->minutes, $edited->route->hours()->worst->minutes);
        self::assertArrayHasKey('neck.carve.2', $edited->route->ancestors()[NeckOperation::Sand->value]);
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

    /** @return iterable<string, array{0: array<string, mixed>, 1: string, 2?: list<array<string, mixed>>}> */
    public static function impossible(): iterable
    {
        yield 'a circle' => [
            [
                'kind' => 'link', 'before' => AssemblyOperation::Pack->value,
                'after' => PreparationOperation::Agree->value,
            ],
            'wait for each other in a circle',
        ];
        yield 'a circle of two' => [
            [
                'kind' => 'link', 'before' => FretboardOperation::Glue->value,
                'after' => FretboardOperation::Taper->value,
            ],
            'glue the fretboard to the neck, then taper and end of the board',
        ];
        yield 'after itself' => [
            ['kind' => 'link', 'before' => NeckOperation::Sand->value, 'after' => NeckOperation::Sand->value],
            'cannot come after itself',
        ];
        yield 'before itself' => [
            ['kind' => 'move', 'key' => NeckOperation::Sand->value, 'target' => NeckOperation::Sand->value],
            'cannot come before itself',
        ];
        yield 'already linked' => [
            ['kind' => 'link', 'before' => NeckOperation::Carve->value, 'after' => NeckOperation::Sand->value],
            'already',
        ];
        yield 'no such link' => [
            [
                'kind' => 'unlink', 'before' => PreparationOperation::Agree->value,
                'after' => AssemblyOperation::Pack->value,
            ],
            'does not wait',
        ];
        yield 'no such operation' => [['kind' => 'drop', 'key' => 'neck.polish'], 'no operation “neck.polish”'];
        yield 'twice the same' => [[...self::INLAY, 'key' => NeckOperation::Carve->value], 'on the route already'];
        yield 'behind something that is not there' => [
            [...self::INLAY, 'after' => ['fretboard.lamp']], 'no operation “fretboard.lamp”',
        ];
        yield 'between the wrong two' => [
            [
                ...self::INLAY, 'after' => [FretboardOperation::Glue->value],
                'before' => [FretboardOperation::Taper->value],
            ],
            'in a circle',
        ];
        yield 'a glue-up in two goes' => [
            ['kind' => 'split', 'key' => FretboardOperation::Glue->value, 'first' => 10],
            'in one sitting',
        ];
        yield 'all of it in the first part' => [
            ['kind' => 'split', 'key' => NeckOperation::Carve->value, 'first' => 240],
            'and leaves some',
        ];
        yield 'nothing in the first part' => [
            ['kind' => 'split', 'key' => NeckOperation::Carve->value, 'first' => 0],
            'and leaves some',
        ];
        yield 'split once more' => [
            ['kind' => 'split', 'key' => NeckOperation::Carve->value, 'first' => 30],
            'in two parts already',
            [['kind' => 'split', 'key' => NeckOperation::Carve->value, 'first' => 90]],
        ];
        yield 'no change at all' => [['kind' => 'polish'], 'no such change'];
        yield 'half a change' => [['kind' => 'move', 'key' => NeckOperation::Carve->value], 'lacks its “target”'];
    }

    /**
     * @param  array<string, mixed>  $kept
     * @param  list<array<string, mixed>>  $first  what was changed before
     */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_done_is_said_and_leaves_the_route_as_it_is(
        array $kept,
        string $sentence,
        array $first = [],
    ): void {
        $edited = self::edit(...[...$first, $kept]);
        self::assertStringContainsString($sentence, $edited->left[count($first)]);
        self::assertCount(count($first), $edited->words);
        self::assertEquals(self::edit(...$first)->route, $edited->route);
    }

    public function test_changes_are_kept_as_they_were_written(): void
    {
        $changes = [
            self::INLAY, ['kind' => 'drop', 'key' => NeckOperation::Sand->value],
            ['kind' => 'split', 'key' => NeckOperation::Carve->value, 'first' => 90],
            ['kind' => 'times', 'key' => BodyOperation::Sand->value, 'set_up' => 5, 'labour' => null, 'hold' => 0],
            [
                'kind' => 'link', 'before' => BodyOperation::Sand->value, 'after' => NeckOperation::Carve->value,
                'reason' => 'one bench',
            ],
            ['kind' => 'unlink', 'before' => 'a', 'after' => 'b'], ['kind' => 'move', 'key' => 'a', 'target' => 'b'],
        ];
        foreach ($changes as $kept) {
            self::assertEquals($kept, Edits::read($kept)->toArray());
        }
    }

    public function test_what_does_not_fit_another_instrument_is_left_and_the_rest_carried_over(): void
    {
        $noMarkers = RoutePlanner::withAllRules()->plan(
            Specifications::sixString(['markers' => 'none']), TradeStandards::all(),
        );
        $edited = Edits::apply(
            $noMarkers,
            [
                7 => [
                    'kind' => 'times', 'key' => FretboardOperation::Markers->value, 'set_up' => null, 'labour' => 60,
                    'hold' => null,
                ],
                8 => self::INLAY,
            ],
        );
        self::assertSame([7], array_keys($edited->left));
        self::assertSame([8], array_keys($edited->words));
    }

    /** Many changes at random: the route always keeps an order, and every derived link is kept or named. */
    public function test_whatever_is_changed_there_is_an_order_and_every_broken_link_is_named(): void
    {
        mt_srand(83);
        $derived = RoutePlanner::withAllRules()->plan(
            Specifications::sixString(['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple']),
            TradeStandards::all(),
        );
        $keys = array_map(static fn (Operation $operation): string => $operation->key, $derived->operations);
        for ($round = 0; $round < 150; $round++) {
            $changes = [];
            for ($i = mt_rand(1, 5); $i > 0; $i--) {
                [$a, $b] = [$keys[mt_rand(0, count($keys) - 1)], $keys[mt_rand(0, count($keys) - 1)]];
                $changes[] = [
                    ['kind' => 'drop', 'key' => $a], ['kind' => 'move', 'key' => $a, 'target' => $b],
                    ['kind' => 'link', 'before' => $a, 'after' => $b], ['kind' => 'split', 'key' => $a, 'first' => 12],
                ][mt_rand(0, 3)];
            }
            $edited = Edits::apply($derived, $changes);
            $position = self::positions($edited->route);
            $named = array_map(static fn (Damage $broken): string => $broken->key(), $edited->damage());
            foreach ($derived->links as $link) {
                if (
                    isset($position[$link->after])
                    && (! isset($position[$link->before]) || $position[$link->before] > $position[$link->after])
                ) {
                    self::assertContains("{$link->before} {$link->after}", $named);
                }
            }
            self::assertCount(count($changes), $edited->words + $edited->left);
        }
    }

    public function test_what_is_at_stake_grows_along_the_route(): void
    {
        $route = self::edit()->route;
        $stake = $route->atStake();
        self::assertSame(0, $stake[PreparationOperation::Agree->value]->minutes);
        foreach ($route->links as $link) {
            $before = $route->find($link->before);
            $after = $route->find($link->after);
            if ($before !== null && $after !== null && $before->pieces === $after->pieces && $before->pieces !== []) {
                self::assertGreaterThanOrEqual(
                    $stake[$link->before]->minutes + $before->work()->minutes, $stake[$link->after]->minutes,
                );
            }
        }
    }

    public function test_an_edit_applied_alone_throws_its_sentence(): void
    {
        $this->expectException(ImpossibleEdit::class);
        Edits::read(['kind' => 'drop'])->words(new \Regimen\Route\Edits\Workbench(self::edit()->route));
    }

    /** @param  array<string, mixed>  ...$changes */
    private static function edit(array ...$changes): EditedRoute
    {
        return Edits::apply(
            RoutePlanner::withAllRules()->plan(Specifications::sixString(), TradeStandards::all()),
            array_values($changes),
        );
    }

    /** @return array<string, int> */
    private static function positions(Route $route): array
    {
        return array_flip(array_map(static fn (Operation $operation): string => $operation->key, $route->operations));
    }

    /** @return list<Damage> */
    private static function stops(EditedRoute $edited): array
    {
        return array_values(
            array_filter($edited->damage(), static fn (Damage $broken): bool => $broken->severity() === Severity::Stop),
        );
    }
}
