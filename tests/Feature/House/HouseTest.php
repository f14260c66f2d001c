<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\Build\Build;
use App\Models\House\OperationStandard;
use App\Models\House\Price;
use App\Models\House\Resource;
use App\Models\House\Shop;
use App\Models\People\ClosedDay;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

final class HouseTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_standards_are_changed_for_new_builds_and_kept_by_old_ones(): void
    {
        $old = $this->build();
        $standard = OperationStandard::query()
            ->where('key', FretboardOperation::Radius->value)
            ->where('usual', true)
            ->sole();
        $form = ['version' => 1, 'set_up' => '0:10', 'labour' => '1', 'hold' => '0', 'skill' => 'frets'];
        $this->put("/house/standards/{$standard->id}", [...$form, 'labour' => '-1'])->assertSessionHasErrors('labour');
        $this->put("/house/standards/{$standard->id}", [...$form, 'labour' => '999'])->assertSessionHasErrors('labour');
        $this->put("/house/standards/{$standard->id}", [...$form, 'skill' => 'magic'])->assertSessionHasErrors('skill');
        $this->put("/house/standards/{$standard->id}", $form)->assertSessionHasNoErrors();
        $this->put("/house/standards/{$standard->id}", $form)->assertSessionHasErrors('conflict');
        $new = $this->build();
        $this->assertSame(
            [240, 60],
            [
                $this->operation($old, FretboardOperation::Radius->value)->labour_minutes,
                $this->operation($new, FretboardOperation::Radius->value)->labour_minutes,
            ],
        );
    }

    public function test_a_fixture_the_shop_lacks_leaves_operations_unplanned_with_the_fix(): void
    {
        $build = $this->build();
        $beam = Resource::query()->where('key', 'flat-beam')->sole();
        $this->put("/house/resources/{$beam->id}", ['version' => 1, 'capacity' => '0'])->assertSessionHasNoErrors();
        $glue = PlanEntry::query()->findOrFail($this->operation($build, FretboardOperation::Glue->value)->id);
        $this->assertNull($glue->start);
        $this->assertStringContainsString('the shop has 0', $glue->reason_text);
        $this->assertNotNull(
            PlanEntry::query()->findOrFail($this->operation($build, PreparationOperation::Agree->value)->id)->start,
            'the rest is planned',
        );
        $this->get('/horizon')->assertOk();
        $this->get('/today')->assertOk();
        $this->assertSame('cannot be planned', $this->get('/builds/1')->inertiaProps('build.slackWords'));
    }

    public function test_a_skill_that_nobody_has_is_named(): void
    {
        $build = $this->build();
        $this->put(
            "/people/{$this->manager->id}", [...$this->person($this->manager), 'skills' => ['design']],
        )->assertSessionHasNoErrors();
        $this->assertStringContainsString(
            'Nobody who works in the shop has the skill “frets”',
            PlanEntry::query()->findOrFail(
                $this->operation($build, FretboardOperation::Thickness->value)->id,
            )->reason_text,
        );
    }

    public function test_days_off_and_closed_days_move_the_plan(): void
    {
        $build = $this->build();
        $start = fn (): ?string => PlanEntry::query()
            ->findOrFail($this->operation($build, PreparationOperation::Agree->value)->id)->start
            ?->setTimezone('Europe/Berlin')
            ->format('Y-m-d H:i');
        $this->post("/people/{$this->manager->id}/days-off", ['date' => '2026-03-18'])->assertSessionHasNoErrors();
        $this->assertSame('2026-03-19 08:00', $start());
        $this->post("/people/{$this->manager->id}/days-off", ['date' => '2026-03-18'])->assertSessionHasErrors('date');
        $this->post('/house/closed-days', ['date' => '2026-03-19', 'note' => 'trade fair'])->assertSessionHasNoErrors();
        $this->assertSame('2026-03-20 08:00', $start());
        $this->post('/house/closed-days', ['date' => '2026-03-01'])->assertSessionHasErrors('date');
        $this->delete('/house/closed-days/'.ClosedDay::query()->sole()->id)->assertSessionHasNoErrors();
        $this->delete('/days-off/'.DayOff::query()->sole()->id)->assertSessionHasNoErrors();
        $this->assertSame('2026-03-18 09:15', $start());
    }

    public function test_the_shops_hours_rule_the_plan_and_cannot_all_be_empty(): void
    {
        $build = $this->build();
        $form = [
            'version' => 1, 'name' => 'Test shop', 'timezone' => 'Europe/Berlin', 'labour_rate' => '50',
            'overhead_percent' => '10', 'margin_percent' => '20', 'deposit_percent' => '40', 'risk_days' => '3',
            'hours' => [1 => '', 2 => '', 3 => '', 4 => '13–18', 5 => '', 6 => '', 7 => ''],
        ];
        $this->put('/house', [...$form, 'hours' => array_fill(1, 7, '')])->assertSessionHasErrors('hours');
        $this->put('/house', [...$form, 'hours' => [1 => 'late']])->assertSessionHasErrors('hours.1');
        $this->put('/house', [...$form, 'hours' => [3 => [['8-12']]]])->assertSessionHasErrors('hours.3');
        $this->put(
            '/house', [...$form, 'timezone' => 'Mars', 'margin_percent' => '95'],
        )->assertSessionHasErrors(['timezone', 'margin_percent']);
        $this->put('/house', $form)->assertSessionHasNoErrors();
        $this->assertSame(5_000, Shop::current()->labour_rate_minor);
        $this->assertSame(
            '2026-03-19 13:00',
            PlanEntry::query()
                ->findOrFail($this->operation($build, PreparationOperation::Agree->value)->id)->start
                ?->setTimezone('Europe/Berlin')
                ->format('Y-m-d H:i'),
        );
    }

    public function test_prices_are_changed_for_new_kits(): void
    {
        $price = Price::query()->where('key', 'bridge')->sole();
        $this->put(
            "/house/prices/{$price->id}", ['version' => 1, 'cost' => 'x', 'lead_days' => '-1'],
        )->assertSessionHasErrors(['cost', 'lead_days']);
        $this->put(
            "/house/prices/{$price->id}",
            ['version' => 1, 'cost' => '120', 'lead_days' => '3', 'supplier' => 'the smith'],
        )->assertSessionHasNoErrors();
        $this->assertSame(12_000, $this->build()->kit()->where('name', 'bridge')->sole()->estimated_minor);
    }

    public function test_people_come_and_the_last_manager_stays(): void
    {
        $new = [
            'name' => 'Maren', 'email' => 'maren@example.org', 'password' => 'long enough by far', 'role' => 'maker',
            'skills' => ['finish'], 'rate' => '44', 'active' => true, 'own_hours' => true, 'hours' => [3 => '9-12'],
        ];
        $this->post(
            '/people',
            [...$new, 'name' => 'Ines', 'email' => 'no', 'password' => 'short', 'hours' => [3 => '12-9']],
        )->assertSessionHasErrors(['name', 'email', 'password', 'hours.3']);
        $this->post('/people', $new)->assertSessionHasNoErrors();
        $maren = Person::query()->where('name', 'Maren')->sole();
        $this->assertSame([4_400, [3 => [[540, 720]]]], [$maren->rate_minor, $maren->hours]);
        $this->put(
            "/people/{$this->manager->id}", [...$this->person($this->manager), 'role' => 'maker'],
        )->assertSessionHasErrors('role');
        $this->assertTrue($this->manager->refresh()->isManager());
    }

    public function test_a_shop_in_which_nobody_works_still_opens_every_page(): void
    {
        $this->build();
        Person::query()->update(['hours' => '{}']);
        app(\App\Planning\Plan\Planner::class)->replan('nobody works');
        foreach ([
            '/today', '/horizon', '/builds', '/builds/1', '/parts', '/people', '/house', '/commissions/new',
        ] as $page) {
            $this->get($page)->assertOk();
        }
        $this->assertSame(1, Build::query()->count());
    }

    /** @return array<string, mixed> */
    private function person(Person $person): array
    {
        return [
            'version' => $person->version ?? 1, 'name' => $person->name, 'email' => $person->email,
            'role' => $person->role->value, 'skills' => $person->skills, 'rate' => '', 'active' => true,
            'own_hours' => false,
        ];
    }
}
