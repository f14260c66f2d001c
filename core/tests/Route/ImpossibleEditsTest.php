<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Route\Edits\Edits;
use Regimen\Route\Edits\ImpossibleEdit;
use Regimen\Route\Judge\Damage;
use Regimen\Route\Operation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Tests\Specifications;

/** Changes to a derived route: what they do, what they spoil, and what cannot be done. */
final class ImpossibleEditsTest extends TestCase
{
    use EditedRoutes;

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
}
