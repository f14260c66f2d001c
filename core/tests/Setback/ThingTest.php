<?php

declare(strict_types=1);

namespace Regimen\Tests\Setback;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\Operations;
use Regimen\Setback\Mends;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;
use Regimen\Setback\WhatIsLeft;
use Regimen\Tests\Specifications;

/** What goes together: glue joins for good, screws do not (common practice). Every way on is planned again. */
final class ThingTest extends TestCase
{
    private const NECK = ['neck.outline', 'neck.channel', 'neck.square'];

    /**
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function keys(array $steps): array
    {
        return array_map(static fn (Step $step): string => $step->key, $steps);
    }

    public function test_a_board_that_is_not_glued_yet_is_a_thing_of_its_own(): void
    {
        $thing = Thing::of(PieceKind::Fretboard, BuildSoFar::upTo([], 'fretboard.slots')->steps());
        $this->assertSame([PieceKind::Fretboard], $thing->kinds);
        $this->assertSame(['fretboard.thickness', 'fretboard.slots'], self::keys($thing->begun()));
        $this->assertSame(['the fretboard', 'Nothing is glued to it yet.', 120], [$thing->words(), $thing->joined(), $thing->worked()->minutes]);
        $this->assertContains(PartGroup::FretboardTimber, $thing->usedUp());
        $this->assertNotContains(PartGroup::NeckTimber, $thing->usedUp());
    }

    public function test_what_is_glued_goes_together_and_what_is_screwed_does_not(): void
    {
        $glued = Thing::of(PieceKind::Fretboard, BuildSoFar::upTo([], 'fretboard.glue')->steps());
        $this->assertSame(['the fretboard with its neck', 'The neck is glued to it.'], [$glued->words(), $glued->joined()]);
        $this->assertSame([], array_diff(self::NECK, self::keys($glued->begun())));
        $this->assertContains(PartGroup::TrussRod, $glued->usedUp(), 'the rod lies under the board');

        $bolted = Thing::of(PieceKind::Neck, BuildSoFar::upTo([], 'joint.screws')->steps());
        $this->assertFalse($bolted->has(PieceKind::Body));
        $this->assertContains('joint.pocket', self::keys($bolted->fitted()));
        $this->assertNotContains('joint.pocket', self::keys($bolted->begun()), 'the pocket is not a part of the neck');
        $this->assertContains('joint.pocket', self::keys($bolted->again()), 'but it is fitted again');
        $this->assertNotContains('body.outline', self::keys($bolted->again()));

        $set = Thing::of(PieceKind::Neck, BuildSoFar::upTo(['joint' => 'set'], 'joint.glue-neck')->steps());
        $this->assertSame(3, count($set->kinds));
        $this->assertStringContainsString('and the body are glued to it', str_replace('The fretboard and the body', 'The fretboard and the body', $set->joined()));
    }

    public function test_a_top_is_a_thing_until_it_is_on_its_body(): void
    {
        $layered = ['layers' => [['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'black walnut', 'thickness' => '38']]];
        $top = Thing::of(PieceKind::Top, BuildSoFar::upTo($layered, 'body.layers')->steps());
        $this->assertSame([['body.layers'], [PieceKind::Top]], [self::keys($top->begun()), $top->kinds]);
        $on = Thing::of(PieceKind::Body, BuildSoFar::upTo($layered, 'body.glue-layers')->steps());
        $this->assertTrue($on->has(PieceKind::Top));
        $this->assertContains('body.layers', self::keys($on->again()));
        $this->assertFalse(Thing::of(PieceKind::Body, BuildSoFar::upTo($layered, 'body.layers', 'body.thickness')->steps())->has(PieceKind::Top));
    }

    public function test_of_what_is_not_begun_nothing_is_lost(): void
    {
        $thing = Thing::of(PieceKind::Body, BuildSoFar::upTo([], 'neck.outline')->steps());
        $this->assertFalse($thing->isBegun());
        $this->assertSame([[], [], 0, 'Nothing is cut yet.'], [$thing->again(), $thing->usedUp(), $thing->worked()->minutes, $thing->joined()]);
    }

    public function test_what_was_agreed_drawn_and_ordered_is_never_done_again(): void
    {
        foreach (PieceKind::cases() as $kind) {
            foreach (Thing::of($kind, BuildSoFar::upTo([], 'set-up.string')->steps())->again() as $step) {
                $this->assertFalse($step->stage->isBeforeTheCut(), $step->key);
            }
        }
    }

    /** @return iterable<string, array{PieceKind, string}> */
    public static function spoiled(): iterable
    {
        yield 'a board' => [PieceKind::Fretboard, 'fretboard.slots'];
        yield 'a glued board' => [PieceKind::Fretboard, 'fretboard.radius'];
        yield 'a neck' => [PieceKind::Neck, 'neck.outline'];
        yield 'a fitted neck' => [PieceKind::Neck, 'joint.pocket'];
        yield 'a body' => [PieceKind::Body, 'body.cavities'];
    }

    #[DataProvider('spoiled')]
    public function test_made_again_it_is_planned_again_with_all_that_it_takes(PieceKind $kind, string $at): void
    {
        $build = BuildSoFar::upTo([], $at);
        $thing = Thing::of($kind, $build->steps());
        $again = $build->reopened($thing->again());
        // What is made again while other things hold anyway need not make it later; it never makes it sooner.
        $this->assertGreaterThanOrEqual($build->finish(), $again->finish());
        $this->assertSame($build->left() + $thing->workAgain()->minutes, $again->left(), 'all of it is in the plan again');
        $this->assertFalse(Thing::of($kind, $again->steps())->isBegun());
        $this->assertSame($thing->workAgain()->minutes, array_sum(array_map(static fn (Step $step): int => $step->work->minutes, $thing->again())));
    }

    public function test_mended_it_is_later_by_the_mend_alone(): void
    {
        $build = BuildSoFar::upTo([], 'fretboard.slots');
        $mend = Mends::for(Mishap::SlotOff, PieceKind::Fretboard)[0];
        $edits = [];
        foreach ($mend->steps as $number => $step) {
            $edits[] = [
                'kind' => 'add', 'key' => "mend.1.{$number}", 'name' => $step->name, 'stage' => 'fretboard', 'pieces' => ['fretboard'], 'set_up' => 0, 'labour' => $step->labour->minutes,
                'hold' => $step->hold->minutes, 'skill' => 'frets', 'after' => $number === 0 ? [] : ['mend.1.'.($number - 1)], 'before' => $number === 1 ? ['fretboard.taper'] : [],
            ];
        }
        $mended = $build->edited($edits);
        $this->assertGreaterThanOrEqual($build->finish(), $mended->finish());
        $this->assertLessThan(Thing::of(PieceKind::Fretboard, $build->steps())->workAgain()->minutes, $mend->labour()->minutes + 30);
        $this->assertLessThanOrEqual($build->reopened(Thing::of(PieceKind::Fretboard, $build->steps())->again())->finish(), $mended->finish());
    }

    public function test_taken_from_elsewhere_only_what_that_piece_lacks_is_done_again(): void
    {
        $build = BuildSoFar::upTo([], 'fretboard.taper');
        $again = Thing::of(PieceKind::Fretboard, $build->steps())->again();
        $piece = ['fretboard.thickness', 'fretboard.slots'];
        $lacks = array_values(array_filter($again, static fn (Step $step): bool => ! in_array($step->key, $piece, true)));
        $taken = $build->reopened($lacks);
        $this->assertSame(['fretboard.taper'], self::keys($lacks));
        $this->assertSame($build->left() + $lacks[0]->work->minutes, $taken->left());
        $this->assertLessThanOrEqual($build->reopened($again)->finish(), $taken->finish());
        $this->assertGreaterThanOrEqual($build->finish(), $taken->finish());
    }

    public function test_with_what_is_left_of_a_board_there_are_fewer_frets_to_set_and_it_is_over_no_later(): void
    {
        $left = WhatIsLeft::ofBoard(Specifications::workings(), 20, [])[0];
        $this->assertSame(['frets' => '19'], $left->changes);
        $before = BuildSoFar::upTo([], 'fretboard.slots');
        $after = BuildSoFar::upTo($left->changes, 'fretboard.slots');
        $this->assertLessThan($before->left(), $after->left());
        $this->assertLessThanOrEqual($before->finish(), $after->finish());
    }

    public function test_every_mishap_says_where_it_happens_why_it_usually_does_and_every_mend_what_it_takes(): void
    {
        foreach (Mishap::cases() as $mishap) {
            $this->assertNotSame('', $mishap->words().$mishap->usualCause()->words());
            $this->assertSame($mishap->isDelay(), $mishap->pieces() === [], $mishap->value);
            foreach ($mishap->pieces() as $piece) {
                foreach (Mends::for($mishap, $piece) as $mend) {
                    $this->assertGreaterThan(0, $mend->labour()->minutes, $mend->name);
                }
            }
        }
        // TRADE section 6 names these.
        foreach ([Mishap::AccessHole, Mishap::TearOut, Mishap::TemplateDip, Mishap::SandedThrough, Mishap::WireForgotten, Mishap::WrongNeck, Mishap::BridgeTravel, Mishap::Pickups, Mishap::TunerHoles, Mishap::Water] as $named) {
            $this->assertNotSame([], Mends::for($named, $named->pieces()[0]), $named->value);
        }
        $this->assertContains('raise it', array_map(static fn ($mend): string => $mend->name, Mends::for(Mishap::BridgeTravel, PieceKind::Body)));
    }

    public function test_every_operation_that_glues_two_pieces_joins_them(): void
    {
        foreach (['fretboard.glue', 'joint.glue-neck'] as $key) {
            $this->assertNotNull(Operations::find($key));
        }
        foreach ([[], ['joint' => 'set'], ['joint' => 'through']] as $specification) {
            $route = BuildSoFar::upTo($specification, 'set-up.string');
            $kinds = Thing::of(PieceKind::Neck, $route->steps())->kinds;
            $this->assertSame($specification === [] ? 2 : 3, count($kinds), $specification['joint'] ?? 'bolted');
        }
    }
}
