<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Actions\Plan\Changes\Changes;
use App\Models\Build\Build;
use App\Pages\Trying\Effect;
use App\Pages\Trying\MovedOperation;
use App\Queries\Plan\Difference;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/**
 * What changes would do, beside the plan in force: promises gained and broken, finishes, whose week, and what cannot be
 * done as asked.
 */
final class DifferenceTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->build([], '2026-05-15');
    }

    public function test_nothing_that_changes_nothing_is_shown(): void
    {
        $difference = $this->difference([]);
        $this->assertSame(
            ['No build would finish on another day', [], [], []],
            [$difference->headline, $difference->builds, $difference->people, $difference->troubles],
        );
        $same = $this->difference(
            [['kind' => 'promise', 'build' => 1, 'promised_on' => '2026-05-15', 'promise_kind' => 'promised']],
        );
        $this->assertSame([], $same->builds);
    }

    public function test_a_promise_that_is_moved_later_is_gained_and_one_that_is_moved_sooner_is_broken(): void
    {
        $broken = $this->difference(
            [['kind' => 'promise', 'build' => 1, 'promised_on' => '2026-03-25', 'promise_kind' => 'promised']],
        );
        $this->assertSame(
            ['One promise would break', true, false],
            [$broken->headline, $broken->builds[0]->broken, $broken->builds[0]->gained],
        );
        $this->assertSame(
            ['2026-05-15', '2026-03-25'],
            [$broken->builds[0]->before->promise, $broken->builds[0]->after->promise],
        );
        $this->assertSame(
            $broken->builds[0]->before->finish, $broken->builds[0]->after->finish,
            'it is alone in the shop: sooner it cannot be',
        );
        DB::table('builds')->update(['promised_on' => '2026-03-25']);
        app()->forgetScopedInstances();
        $gained = $this->difference(
            [['kind' => 'promise', 'build' => 1, 'promised_on' => '2026-06-30', 'promise_kind' => 'wished']],
        );
        $this->assertSame(
            ['One promise more would be kept', true], [$gained->headline, $gained->builds[0]->gained],
        );
        $this->assertStringContainsString('late by', $gained->builds[0]->before->slack);
    }

    public function test_whose_week_it_moves_is_told_with_what_goes_and_what_comes(): void
    {
        $difference = $this->difference(
            [['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-18', 'to' => '2026-03-18']],
        );
        $ines = collect($difference->people)->firstWhere('person', 'Ines');
        $this->assertSame('1 agree the specification', $ines->moves[0]->words);
        $this->assertSame(
            ['2026-03-18T08:15:00Z', '2026-03-19T07:00:00Z'], [$ines->moves[0]->from, $ines->moves[0]->to],
        );
        $this->assertLessThanOrEqual(12, count($ines->moves));
        $this->assertSame(
            [],
            array_filter(
                $ines->moves,
                static fn (MovedOperation $move): bool => $move->from === null && $move->to === null,
            ),
        );
        $taken = $this->difference(
            [
                [
                    'kind' => 'pin',
                    'operation' => $this->operation($this->build, PreparationOperation::Draw->value)->id,
                    'day' => '2026-04-20',
                ],
            ],
        );
        $gone = collect(
            collect($taken->people)->firstWhere('person', 'Ines')->moves,
        )->firstWhere('words', '1 full-size drawing and check');
        $this->assertNull($gone->to, 'not in the coming week any more');
    }

    public function test_what_could_not_be_done_as_asked_is_told_before_it_is_done(): void
    {
        $difference = $this->difference(
            [
                [
                    'kind' => 'pin',
                    'operation' => $this->operation($this->build, AssemblyOperation::StringUp->value)->id,
                    'day' => '2026-03-19',
                ],
            ],
        );
        $this->assertStringContainsString('cannot be begun on the day it is pinned to', $difference->troubles[0]);
        $this->assertSame(0, DB::table('pins')->count());
        $both = $this->difference([
            [
                'kind' => 'pin',
                'operation' => $this->operation($this->build, PreparationOperation::Draw->value)->id,
                'after' => $this->operation($this->build, AssemblyOperation::StringUp->value)->id,
            ],
        ]);
        $this->assertStringContainsString(
            'pinned behind something that itself has to wait for it', $both->troubles[0],
        );
    }

    public function test_a_scenario_has_an_end_and_what_is_not_there_is_not_taken_out(): void
    {
        $this->actingAs($this->manager)->post('/plan/try', ['name' => 'Too much']);
        $change = ['kind' => 'push', 'build' => 1, 'days' => 1];
        $this->post('/plan/try/1/changes', ['changes' => array_fill(0, 12, $change)])->assertSessionHasNoErrors();
        $this->post('/plan/try/1/changes', ['changes' => [$change]])->assertSessionHasErrors('kind');
        $this->post(
            '/plan/try/1/changes', ['changes' => array_fill(0, 13, $change)],
        )->assertSessionHasErrors('changes');
        $this->delete('/plan/try/1/changes/400')->assertSessionHasErrors('conflict');
        $this->assertCount(12, json_decode((string) DB::table('scenarios')->value('changes'), true));
        $this->post('/plan/try/9/apply', ['version' => 1])->assertNotFound();
        $this->get('/plan/try/9')->assertNotFound();
    }

    /** @param  list<array<string, mixed>>  $bodies */
    private function difference(array $bodies): Effect
    {
        return app(Difference::class)->of(app(Changes::class)->all($bodies));
    }
}
