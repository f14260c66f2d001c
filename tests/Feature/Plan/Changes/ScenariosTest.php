<?php

declare(strict_types=1);

namespace Tests\Feature\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\DayOff;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\Scenario;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Scenarios: a copy with something changed, planned beside the plan, shown by build and person, applied or dropped. */
final class ScenariosTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build([], '2026-05-15');
        $this->actingAs($this->manager);
    }

    public function test_a_scenario_is_begun_filled_shown_and_applied(): void
    {
        $this->post('/plan/try', ['name' => ''])->assertSessionHasErrors('name');
        $this->post('/plan/try', ['name' => 'Ines ill for two weeks?'])->assertRedirect('/plan/try/1');
        $ill = [
            'kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-19', 'to' => '2026-04-17',
            'note' => 'ill',
        ];
        $before = PlanEntry::query()->orderBy('operation_id')->get()->toJson();
        $this->post('/plan/try/1/changes', ['changes' => [$ill]])->assertSessionHasNoErrors();
        $this->post(
            '/plan/try/1/changes',
            ['changes' => [['kind' => 'hold', 'build' => 1, 'until' => '2026-03-30']]],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            [$before, 0],
            [PlanEntry::query()->orderBy('operation_id')->get()->toJson(), DayOff::query()->count()],
        );
        $shown = $this->get('/plan/try/1')->assertOk()->inertiaProps();
        $this->assertSame(
            ['Ines: off from Thu 19 Mar to Fri 17 Apr (ill).', 'No. 1 on hold until Mon 30 Mar.'],
            array_column($shown['shown']['changes'], 'words'),
        );
        $second = $shown['shown']['changes'][1]['id'];
        $this->delete("/plan/try/1/changes/{$second}")->assertSessionHasNoErrors();
        $this->delete("/plan/try/1/changes/{$second}")->assertSessionHasErrors('conflict');
        $this->post('/plan/try/1/apply', ['version' => $shown['shown']['version']])->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('was changed by somebody else', session('errors')->first('conflict'), 'it is not what was shown any more');
        $difference = $this->difference(1);
        $this->assertSame(
            ['One promise would break', 1, true],
            [$difference['headline'], $difference['builds'][0]['number'], $difference['builds'][0]['broken']],
        );
        $this->assertStringContainsString('of slack', $difference['builds'][0]['before']['slack']);
        $this->assertStringContainsString('late by', $difference['builds'][0]['after']['slack']);
        $this->assertSame('Ines', $difference['people'][0]['person']);
        $this->assertNull($difference['people'][0]['moves'][0]['to'], 'not in the coming week any more');
        $seen = ['version' => $this->get('/plan/try/1')->inertiaProps('shown.version')];
        $this->post('/plan/try/1/apply', $seen)->assertRedirect('/plan/try');
        $this->assertSame('applied', Scenario::query()->sole()->state);
        $this->assertSame(
            $difference['builds'][0]['after']['finish'],
            PlanEntry::query()->get()->max('finish')->setTimezone('Europe/Berlin')->toDateString(),
            'it is what was shown',
        );
        $this->post('/plan/try/1/apply', $seen)->assertSessionHasErrors('conflict');
        $this->assertNull($this->get('/plan/try/1')->inertiaProps('shown'));
    }

    public function test_a_new_commission_is_planned_among_the_others_and_dropped_without_a_trace(): void
    {
        $model = DB::table('house_models')->value('id')
            ?? DB::table('house_models')->insertGetId(
                ['name' => 'Kite', 'type' => 'guitar', 'is_default' => false, 'body' => '{}'],
            );
        $this->post(
            '/plan/try/with',
            [
                'name' => 'One more for June',
                'changes' => [
                    ['kind' => 'build', 'title' => 'Talked about', 'model' => $model, 'promised_on' => '2026-06-30'],
                ],
            ],
        )->assertRedirect('/plan/try/1');
        $difference = $this->difference(1);
        $new = collect($difference['builds'])->firstWhere('isNew', true);
        $this->assertSame(
            ['Talked about', '2026-06-30', null], [$new['title'], $new['after']['promise'], $new['before']],
        );
        $this->assertNotNull($new['after']['finish']);
        $this->delete('/plan/try/1')->assertRedirect('/plan/try');
        $this->assertSame(
            [1, 'dropped', []],
            [
                Build::query()->count(), Scenario::query()->sole()->state,
                $this->get('/plan/try')->inertiaProps('scenarios'),
            ],
        );
    }

    public function test_what_is_impossible_is_refused_and_what_became_so_is_said(): void
    {
        $this->post(
            '/plan/try/with',
            ['name' => 'x', 'changes' => [['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-21']]],
        );
        $this->assertStringContainsString('does not work then anyway', $this->difference(1)['headline']);
        $this->post(
            '/plan/try/1/changes', ['changes' => [['kind' => 'hold', 'build' => 9]]],
        )->assertSessionHasErrors('changes.0.build');
        $this->post('/plan/try', ['name' => 'y']);
        $this->post(
            '/plan/try/2/changes',
            ['changes' => [['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-21']]],
        )->assertSessionHasErrors('from');
        $this->post('/plan/try/2/apply', ['version' => 1])->assertSessionHasErrors('conflict');
        $this->actingAs($this->maker)->get('/plan/try')->assertForbidden();
    }

    /** @return array<string, mixed> as the page asks for it after it has come */
    private function difference(int $scenario): array
    {
        $version = $this->get("/plan/try/{$scenario}")->inertiaPage()['version'];

        return $this->get(
            "/plan/try/{$scenario}",
            [
                'X-Inertia' => 'true', 'X-Inertia-Version' => $version, 'X-Inertia-Partial-Component' => 'plan/Try',
                'X-Inertia-Partial-Data' => 'difference',
            ],
        )->json('props.difference');
    }
}
