<?php

declare(strict_types=1);

namespace Tests\Feature\Plan\Changes;

use App\Actions\Plan\Changes\Changes;
use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\House\HouseModel;
use App\Models\House\HouseVersion;
use App\Models\House\Resource;
use App\Models\People\ClosedDay;
use App\Models\People\DayOff;
use App\Models\Plan\PlanChange;
use App\Planning\Plan\BetterPlan;
use App\Planning\Plan\Standings;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Regimen\Route\Operations\NeckOperation;
use Tests\TestCase;

/** What was fixed is taken back in turn; what the shop has left behind stands in nobody's way. */
final class TakenBackTest extends TestCase
{
    use ChangedPlans;

    public function test_a_promise_that_was_moved_since_on_the_sheet_is_not_lost_by_undoing_an_older_one(): void
    {
        $first = (string) $this->build->refresh()->promised_on;
        $this->make(['kind' => 'promise', 'build' => 1, 'promised_on' => '2026-09-01', 'because' => 'the wood is late']);
        $older = PlanChange::query()->sole();
        $this->post('/builds/1/promise', [
            'version' => $this->build->refresh()->version, 'promised_on' => '2026-10-01', 'because' => 'agreed by letter',
        ])->assertSessionHasNoErrors();

        $this->post("/plan/changes/{$older->id}/undo")->assertSessionHasErrors('conflict');
        $this->assertSame('2026-10-01', $this->build->refresh()->promised_on, 'the client was told this day');
        $this->assertStringContainsString(
            'promise moved from Tue 1 Sep to Thu 1 Oct: agreed by letter',
            (string) $this->get('/horizon')->inertiaProps('undo.words'),
            'what was moved on the sheet can be taken back, too',
        );
        $this->undo();
        $this->assertSame('2026-09-01', $this->build->refresh()->promised_on);
        $this->undo();
        $this->assertSame($first, $this->build->refresh()->promised_on);
        $this->assertSame(
            ['promise', 'promise'],
            LogEntry::query()->where('kind', 'promise')->pluck('kind')->all(),
            'horizon and sheet write the same entry',
        );
    }

    public function test_a_promise_that_no_longer_is_what_was_given_is_left_alone(): void
    {
        $this->make(['kind' => 'promise', 'build' => 1, 'promised_on' => '2026-09-01', 'because' => 'the wood is late']);
        DB::table('builds')->update(['promised_on' => '2026-10-01']);
        $this->assertNull($this->get('/horizon')->inertiaProps('undo'));
        $this->post('/plan/changes/'.PlanChange::query()->sole()->id.'/undo')->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('was moved since', session('errors')->first('conflict'));
        $this->assertSame('2026-10-01', $this->build->refresh()->promised_on);
    }

    public function test_what_the_shop_has_left_behind_does_not_jam_what_was_fixed_before(): void
    {
        $neck = $this->operation($this->build, NeckOperation::Square->value);
        $line = $this->build->kit()->firstOrFail();
        $line->update(['state' => 'ordered', 'expected_on' => '2026-03-20']);
        $this->make(['kind' => 'hold', 'build' => 1, 'until' => '2026-04-01']);
        $this->make(['kind' => 'pin', 'operation' => $neck->id, 'day' => '2026-03-26']);
        $this->make(['kind' => 'part', 'line' => $line->id, 'expected_on' => '2026-04-10']);
        $this->make(['kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19']);
        $this->make(['kind' => 'skill', 'person' => $this->maker->id, 'skill' => 'finish']);
        $model = HouseModel::query()->create(['name' => 'Kite', 'type' => 'guitar', 'body' => []]);
        $this->make(['kind' => 'build', 'title' => 'Talked about', 'model' => $model->id]);
        [, $pin, $part, $away, $skill, $build] = PlanChange::query()->orderBy('id')->get()->all();

        DB::table('operations')->where('id', $neck->id)->update(['state' => 'started']);
        $line->update(['state' => 'arrived']);
        DayOff::query()->delete();
        DB::table('people')->where('id', $this->maker->id)->update(['skills' => '["bodies"]']);
        foreach ([
            [$build, 'It is a build by now.'],
            [$skill, "What {$this->maker->name} can do was changed since."],
            [$away, 'That was removed already.'],
            [$part, "“{$line->name}” is not on order any more."],
            [$pin, "“{$neck->name}” has begun."],
        ] as [$change, $why]) {
            $this->post("/plan/changes/{$change->id}/undo")->assertSessionHasErrors('conflict');
            $this->assertSame(
                "That cannot be undone any more. {$why}", session('errors')->first('conflict'),
            );
        }
        $this->assertStringContainsString('on hold until', (string) $this->get('/horizon')->inertiaProps('undo.words'));
        $this->undo();
        $this->assertNull($this->build->refresh()->held_until);
    }

    public function test_an_operation_that_is_no_longer_on_the_route_takes_its_pin_along(): void
    {
        $square = $this->operation($this->build, NeckOperation::Square->value);
        $this->make(['kind' => 'push', 'build' => 1, 'days' => 3]);
        $this->make(['kind' => 'pin', 'operation' => $square->id, 'day' => '2026-03-26']);
        $this->post('/builds/1/route/changes', [
            'version' => $this->build->refresh()->route_version, 'kind' => 'drop', 'key' => $square->key,
            'reason' => 'it came square',
        ])->assertSessionHasNoErrors();
        $this->assertNull($square->fresh());
        $this->assertStringContainsString('given priority', (string) $this->get('/horizon')->inertiaProps('undo.words'));
        $this->post('/plan/changes/'.PlanChange::query()->latest('id')->value('id').'/undo')
            ->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('is not there any more', session('errors')->first('conflict'));
        $this->undo();
        $this->assertSame(0, $this->build->refresh()->push_days);
    }

    public function test_more_of_a_station_leaves_a_version_of_the_house_and_so_does_taking_it_back(): void
    {
        $station = Resource::query()->where('key', 'router-table')->firstOrFail();
        $this->post('/plan/try/with', [
            'name' => 'a second one', 'changes' => [['kind' => 'more', 'resource' => $station->id, 'by' => '1']],
        ])->assertSessionHasNoErrors();
        $this->assertSame(0, HouseVersion::query()->where('record', 'resources')->count(), 'it is only tried');
        $this->post('/plan/try/1/apply', ['version' => 1])->assertSessionHasNoErrors();
        $this->undo();

        $versions = HouseVersion::query()->where('record', 'resources')->orderBy('version')->get();
        $this->assertSame(
            [[1, 2, $this->manager->id], [2, 1, $this->manager->id]],
            $versions->map(
                static fn (HouseVersion $one): array => [
                    $one->before['capacity'], $one->after['capacity'], $one->getAttribute('person_id'),
                ],
            )->all(),
        );
        $this->assertSame($versions->last()?->getAttribute('version'), $station->refresh()->version);
    }

    public function test_a_better_plan_that_was_taken_is_taken_back_to_the_minute(): void
    {
        // A plan that was hardly looked for: then looking longer finds something.
        app()->bind(Standings::class, static fn (): Standings => new Standings(schedules: 2));
        DB::table('people')->update(['skills' => json_encode(
            ['design', 'necks', 'frets', 'bodies', 'joints', 'finish', 'electronics', 'set-up'],
        )]);
        foreach (['2026-04-24', '2026-04-22', '2026-04-17', '2026-04-28', '2026-04-21', '2026-04-30'] as $promise) {
            $this->build([], $promise);
        }
        $this->make(['kind' => 'push', 'build' => 3, 'days' => 2]);
        $before = $this->everything();
        $offer = app(BetterPlan::class)->look();
        $this->assertNotNull($offer);
        $this->post("/plan/offers/{$offer->id}/take")->assertSessionHasNoErrors();
        $this->assertNotSame($before, $this->everything());
        $this->assertSame(0, Build::query()->where('push_days', '!=', 0)->count(), 'what was pushed is in the new order');
        $this->assertStringStartsWith(
            'A better plan taken: ', (string) $this->get('/horizon')->inertiaProps('undo.words'),
        );
        $this->undo();
        $this->assertSame($before, $this->everything());
    }

    public function test_days_without_work_are_taken_back_wherever_they_were_entered(): void
    {
        $before = $this->everything();
        $this->post('/house/closed-days', ['date' => '2026-03-19', 'note' => 'stocktaking'])->assertSessionHasNoErrors();
        $this->post("/people/{$this->maker->id}/days-off", ['date' => '2026-03-20', 'note' => ''])
            ->assertSessionHasNoErrors();
        $this->post('/plan/calendar/import', ['file' => UploadedFile::fake()->createWithContent('days.ics', implode("\r\n", [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Example//EN', 'BEGIN:VEVENT', 'UID:1@example.org',
            'DTSTART;VALUE=DATE:20260403', 'DTEND;VALUE=DATE:20260405', 'SUMMARY:Spring', 'END:VEVENT', 'END:VCALENDAR',
            '',
        ]))])->assertSessionHasNoErrors();
        $this->assertSame(
            ['2026-03-19', '2026-04-03', '2026-04-04'],
            ClosedDay::query()->orderBy('date')->pluck('date')->map(strval(...))->all(),
        );
        $this->assertSame(
            'The shop: no work on 2 days, Fri 3 Apr to Sat 4 Apr.',
            $this->get('/horizon')->inertiaProps('undo.words'),
        );
        $this->delete('/house/closed-days/'.ClosedDay::query()->where('date', '2026-03-19')->value('id'))
            ->assertSessionHasNoErrors();
        $this->assertSame(
            '1 closed day removed: Thu 19 Mar.', $this->get('/horizon')->inertiaProps('undo.words'),
        );
        foreach (range(1, 4) as $_) {
            $this->undo();
        }
        $this->assertSame([$before, 0], [$this->everything(), ClosedDay::query()->count()]);
    }

    public function test_a_skill_that_was_ticked_on_the_page_of_people_is_the_same_change_as_on_the_plan(): void
    {
        $this->put("/people/{$this->maker->id}", [
            'version' => $this->maker->refresh()->version, 'name' => 'Tobias', 'email' => 'tobias@example.org',
            'role' => 'maker', 'skills' => ['bodies', 'necks', 'frets', 'finish'], 'rate' => '', 'active' => true,
            'own_hours' => false, 'hours' => [],
        ])->assertSessionHasNoErrors();
        $this->assertEqualsCanonicalizing(['bodies', 'necks', 'frets', 'finish'], $this->maker->refresh()->skills);
        $this->assertSame(
            ['Tobias also does finish.', 'Tobias no longer does joints.'],
            PlanChange::query()->orderBy('id')->pluck('words')->all(),
        );
        $this->undo();
        $this->undo();
        $this->assertEqualsCanonicalizing(['bodies', 'necks', 'frets', 'joints'], $this->maker->refresh()->skills);
    }

    public function test_a_method_that_was_chosen_on_the_route_is_the_same_change_as_on_the_plan(): void
    {
        $before = $this->everything();
        $this->make(['kind' => 'method', 'build' => 1, 'question' => 'frets', 'answer' => 'off']);
        $older = PlanChange::query()->sole();
        $this->post('/builds/1/route/method', [
            'version' => $this->build->refresh()->route_version, 'key' => 'frets', 'answer' => 'on',
        ])->assertSessionHasNoErrors();
        $this->post("/plan/changes/{$older->id}/undo")->assertSessionHasErrors('conflict');
        $this->undo();
        $this->assertSame(['frets' => 'off'], $this->build->refresh()->methods);
        $this->undo();
        $this->assertSame($before, $this->everything());
        $this->post('/plan/changes', ['changes' => [
            ['kind' => 'method', 'build' => 1, 'question' => 'frets', 'answer' => 'by-magic'],
        ]])->assertSessionHasErrors('answer');
    }

    public function test_a_kind_of_change_that_nobody_knows_is_refused(): void
    {
        foreach (['order', 'close', 'magic', ''] as $kind) {
            $this->post('/plan/changes', ['changes' => [['kind' => $kind, 'offer' => 1]]])
                ->assertSessionHasErrors('changes.0.kind');
        }
        $this->assertSame(0, PlanChange::query()->count());
        $this->expectException(ValidationException::class);
        app(Changes::class)->of(['kind' => 'magic', 'table' => 'outages', 'remove' => []]);
    }

    private function undo(): void
    {
        $id = $this->get('/horizon')->inertiaProps('undo.id');
        $this->post("/plan/changes/{$id}/undo")->assertSessionHasNoErrors();
    }
}
