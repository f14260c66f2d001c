<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Tests\TestCase;

/** Every kind of change to a route, from the form to the bench: what it makes of operations, links and plan. */
final class RouteChangesTest extends TestCase
{
    use ChangedRoute;

    public function test_split_in_two(): void
    {
        $this->change(
            ['kind' => 'split', 'key' => BodyOperation::Sand->value, 'first' => '1:15'],
        )->assertSessionHasNoErrors();
        $first = $this->operation($this->build, BodyOperation::Sand->value);
        $second = $this->operation($this->build, BodyOperation::Sand->value.'.2');
        $this->assertSame(
            [75, 105, 'sand the body 80 to 220, first part'],
            [$first->labour_minutes, $second->labour_minutes, $first->name],
        );
        $this->assertTrue($this->linked(BodyOperation::Sand->value, BodyOperation::Sand->value.'.2'));
        $this->assertTrue($this->linked(BodyOperation::Sand->value.'.2', JointOperation::DryFit->value));
        $this->assertFalse($this->linked(BodyOperation::Sand->value, JointOperation::DryFit->value));
        $this->assertLessThanOrEqual($this->start($second), $this->start($first));
        $this->assertSame(
            180,
            (int) Operation::query()->whereIn(
                'key', [BodyOperation::Sand->value, BodyOperation::Sand->value.'.2'],
            )->sum('labour_minutes'),
        );
    }

    public function test_other_hours_and_another_hold(): void
    {
        $this->change(
            [
                'kind' => 'times', 'key' => FretboardOperation::Glue->value, 'set_up' => '0', 'labour' => '1:30',
                'hold' => '36 h',
            ],
        )->assertSessionHasNoErrors();
        $glue = $this->operation($this->build, FretboardOperation::Glue->value);
        $this->assertSame(
            [0, 90, 2160, 'glue'],
            [$glue->set_up_minutes, $glue->labour_minutes, $glue->hold_minutes, $glue->hold_kind?->value],
        );
        $this->assertSame(
            '“glue the fretboard to the neck”: set-up 0 min, labour 1 h 30 min, hold 36 h.',
            RouteChange::query()->sole()->words,
        );
    }

    public function test_a_hold_below_what_the_glue_needs_is_only_set_with_a_reason(): void
    {
        $hold = fn (): int => $this->operation($this->build, FretboardOperation::Glue->value)->hold_minutes;
        $before = $hold();
        $short = [
            'kind' => 'times', 'key' => FretboardOperation::Glue->value, 'set_up' => '', 'labour' => '',
            'hold' => '1 h',
        ];
        $this->change($short)->assertSessionHasErrors('reason');
        $this->assertStringContainsString('the glue needs 24 h', implode(' ', session('errors')->all()));
        $this->assertSame([$before, 0], [$hold(), RouteChange::query()->count()], 'nothing is changed');
        $this->change($short, 'hide glue, by its data sheet')->assertSessionHasNoErrors();
        $this->assertSame([60, 'hide glue, by its data sheet'], [$hold(), RouteChange::query()->sole()->reason]);
    }

    public function test_one_after_another_and_not_any_more(): void
    {
        $this->change(
            [
                'kind' => 'link', 'before' => BodyOperation::Sand->value, 'after' => NeckOperation::Carve->value,
                'link_reason' => 'one bench',
            ],
        )->assertSessionHasNoErrors();
        $this->assertTrue($this->linked(BodyOperation::Sand->value, NeckOperation::Carve->value));
        $this->assertSame('one bench', $this->reason(BodyOperation::Sand->value, NeckOperation::Carve->value));
        $this->assertGreaterThan(
            $this->start($this->operation($this->build, BodyOperation::Sand->value)),
            $this->start($this->operation($this->build, NeckOperation::Carve->value)),
        );
        $this->change(
            ['kind' => 'unlink', 'before' => BodyOperation::Sand->value, 'after' => NeckOperation::Carve->value],
        )->assertSessionHasNoErrors();
        $this->assertFalse($this->linked(BodyOperation::Sand->value, NeckOperation::Carve->value));
        $this->change(
            ['kind' => 'unlink', 'before' => BodyOperation::Sand->value, 'after' => NeckOperation::Carve->value],
        )->assertSessionHasErrors('change');
    }

    public function test_a_link_that_guards_something_is_only_cut_with_a_reason(): void
    {
        $this->change(
            [
                'kind' => 'unlink', 'before' => FretboardOperation::Sand->value,
                'after' => FretboardOperation::Fret->value,
            ],
        )->assertSessionHasErrors('reason');
        $this->assertStringContainsString(
            'the board between the frets stays rough', session('errors')->first('reason'),
        );
        $this->assertTrue($this->linked(FretboardOperation::Sand->value, FretboardOperation::Fret->value));
        $this->change(
            [
                'kind' => 'unlink', 'before' => FretboardOperation::Sand->value,
                'after' => FretboardOperation::Fret->value,
            ],
            'the board comes sanded',
        )->assertSessionHasNoErrors();
        $this->assertFalse($this->linked(FretboardOperation::Sand->value, FretboardOperation::Fret->value));
    }

    public function test_left_out_with_what_it_guarded_kept_in_order(): void
    {
        $this->change(['kind' => 'drop', 'key' => JointOperation::DryFit->value])->assertSessionHasErrors('reason');
        $this->change(
            ['kind' => 'drop', 'key' => JointOperation::DryFit->value], 'a copy of the last one',
        )->assertSessionHasNoErrors();
        $this->assertNull(Operation::query()->where('key', JointOperation::DryFit->value)->first());
        $this->assertTrue(
            $this->linked(JointOperation::Screws->value, 'finish.body.coat-1')
                || $this->linked(BodyOperation::Sand->value, 'finish.body.coat-1'),
            'what was before it stays before what was behind it',
        );
        $this->assertStringContainsString('Despite:', LogEntry::query()->latest('id')->firstOrFail()->text);
    }

    private function start(Operation $operation): string
    {
        return (string) DB::table('plan_entries')->where('operation_id', $operation->id)->value('start');
    }
}
