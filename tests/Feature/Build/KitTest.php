<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\House\OperationStandard;
use App\Models\Plan\PlanEntry;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\Forecast\LeadTime;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

final class KitTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->build();
        $this->actingAs($this->manager);
    }

    public function test_where_timber_is_enough_to_cut_a_late_part_holds_up_only_what_is_cut_for_it(): void
    {
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
        );
        KitLine::query()->update(['state' => 'arrived']);
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    [
                        'kind' => 'method', 'build' => $this->build->number, 'question' => 'cutting',
                        'answer' => 'timber',
                    ],
                ],
            ],
        )->assertSessionHasNoErrors();
        $this->finished(
            $this->build, PreparationOperation::SelectTimber->value.'.neck',
            PreparationOperation::SelectTimber->value.'.fretboard',
        );
        $this->line('tuner', 'ordered')->update(['ordered_on' => '2026-03-10', 'expected_on' => '2026-05-04']);
        $this->line('red alder for the body', 'ordered')->update(
            ['ordered_on' => '2026-03-10', 'expected_on' => '2026-06-01'],
        );
        app(\App\Planning\Plan\Planner::class)->replan('tuners and the body’s timber are late');
        $start = fn (string $key): string => (string) PlanEntry::query()->findOrFail(
            $this->operation($this->build, $key)->id,
        )->start?->format('Y-m-d');
        $this->assertSame(
            ['2026-05-05', '2026-05-05'],
            [
                $start(PreparationOperation::MeasureParts->value.'.tuners'),
                $start(HeadstockOperation::TunerHoles->value),
            ],
        );
        $this->assertSame(
            ['2026-06-02', true],
            [
                $start(PreparationOperation::SelectTimber->value.'.body'),
                $start(BodyOperation::Thickness->value) >= '2026-06-05',
            ],
            'it settles three days',
        );
        foreach ([
            NeckOperation::Square->value, FretboardOperation::Thickness->value, FretboardOperation::Slots->value,
            PreparationOperation::MeasureParts->value.'.truss-rod', NeckOperation::Channel->value,
            PreparationOperation::MeasureParts->value.'.bridge', PreparationOperation::MeasureParts->value.'.pickups',
        ] as $key) {
            $this->assertLessThan(
                '2026-05-04', $start($key), "{$key} waits neither for tuners nor for the body’s timber",
            );
        }
        $whole = array_sum(
            Operation::query()
                ->where('key', 'like', PreparationOperation::MeasureParts->value.'.%')
                ->pluck('labour_minutes')
                ->all(),
        );
        $this->assertEqualsWithDelta(
            OperationStandard::query()->where(
                'key', PreparationOperation::MeasureParts->value,
            )->value('labour_minutes'),
            $whole,
            5,
            'measured one by one it takes as long as all at once',
        );
    }

    /** Three orders of a supplier took a month each, where the house expects 12 days: what is overdue now is taken for that. */
    public function test_how_long_a_supplier_takes_is_learned_and_an_overdue_part_moves_by_what_is_likely(): void
    {
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::OrderParts->value,
        );
        KitLine::query()->update(['state' => 'arrived', 'supplier' => 'Hollow Lane', 'lead_days' => 12]);
        foreach (KitLine::query()->where('group', '!=', 'bridge')->orderBy('id')->limit(3)->get() as $line) {
            $line->update(['ordered_on' => '2026-01-01', 'arrived_on' => '2026-01-31']);
        }
        $this->line('bridge', 'ordered')->update(['ordered_on' => '2026-03-01', 'expected_on' => '2026-03-16']);
        app(\App\Planning\Plan\Planner::class)->replan('a test');
        // Four times 12 and three times 30 days are 17.8 in the middle (the mean of the logarithms).
        $time = LeadTime::of(12, 24, [30, 30, 30]);
        $this->assertEqualsWithDelta(12 ** (4 / 7) * 30 ** (3 / 7), $time->median(), 1e-9);
        $likely = (new \DateTimeImmutable('2026-03-01'))->modify('+'.(int) ceil($time->expectedAfter(17)).' days');
        $measure = fn (): PlanEntry => PlanEntry::query()->findOrFail($this->operation($this->build, PreparationOperation::MeasureParts->value)->id);
        $this->assertSame(
            "bridge, overdue since Mon 16 Mar; Hollow Lane takes 18 days in the middle, {$this->ninth($time)} for nine of ten (3 orders), so that it is likely on {$likely->format('D j M')}",
            $measure()->reason_text,
        );
        $this->assertGreaterThan($likely->format('Y-m-d'), $measure()->start?->format('Y-m-d'));
        $parts = $this->get('/parts');
        $this->assertSame(['name' => 'Hollow Lane', 'orders' => 3, 'median' => 18, 'ninth' => $this->ninth($time)], $parts->inertiaProps('suppliers.0'));
        $this->assertSame("likely {$likely->format('D j M')}", $parts->inertiaProps('expected.0.likely'));
        $first = $measure()->start;
        $this->at('2026-03-24 10:00');
        app(\App\Planning\Plan\Planner::class)->replan('six days on');
        $this->assertGreaterThan($first?->addDays(1), $measure()->start, 'the longer it is not there, the later it is likely');
        $this->assertLessThan($first?->addDays(6), $measure()->start, 'but not tomorrow on every day');
    }

    private function ninth(LeadTime $time): int
    {
        return (int) round($time->ninthDecile());
    }

    public function test_an_order_moves_the_plan_to_the_day_after_it_is_expected(): void
    {
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::OrderParts->value,
        );
        KitLine::query()->update(['state' => 'arrived']);
        $bridge = $this->line('bridge', 'needed');
        $this->post(
            "/kit/{$bridge->id}/order", ['version' => 1, 'expected_on' => '2026-04-09', 'cost' => '91.50'],
        )->assertSessionHasNoErrors();
        $measure = PlanEntry::query()->findOrFail(
            $this->operation($this->build, PreparationOperation::MeasureParts->value)->id,
        );
        $this->assertSame('2026-04-10 08:00', $measure->start?->setTimezone('Europe/Berlin')->format('Y-m-d H:i'));
        $this->assertSame('bridge, expected Thu 9 Apr', $measure->reason_text);
        $this->assertSame(9_150, $bridge->refresh()->cost_minor);

        $this->at('2026-04-14 10:00');
        $this->post(
            "/kit/{$bridge->id}/order", ['version' => 1, 'expected_on' => '2026-04-20', 'cost' => '1'],
        )->assertSessionHasErrors('conflict');
        app(\App\Planning\Plan\Planner::class)->replan('a test');
        $measure = PlanEntry::query()->findOrFail($measure->operation_id);
        $this->assertSame(
            [
                '2026-04-21',
                'bridge, overdue since Thu 9 Apr; no order of it has come yet, 12 days in the middle, 24 for nine of ten are taken, so that it is likely on Mon 20 Apr',
            ],
            [$measure->start?->format('Y-m-d'), $measure->reason_text],
        );

        $this->post("/kit/{$bridge->id}/arrival", ['version' => 2])->assertSessionHasNoErrors();
        $this->assertSame(
            '2026-04-14',
            PlanEntry::query()->findOrFail($measure->operation_id)->start?->format('Y-m-d'),
        );
    }

    public function test_a_part_arrives_once(): void
    {
        $bridge = $this->line('bridge', 'needed');
        $this->post("/kit/{$bridge->id}/arrival", ['version' => 1])->assertSessionHasNoErrors();
        $this->post("/kit/{$bridge->id}/arrival", ['version' => 1])->assertSessionHasErrors('arrival');
        $this->post("/kit/{$bridge->id}/arrival", ['version' => 2])->assertSessionHasErrors('arrival');
        $this->assertSame([2, '2026-03-18'], [$bridge->refresh()->version, $bridge->arrived_on]);
    }

    public function test_material_is_used_and_no_more_than_there_is(): void
    {
        $tuners = $this->line('tuner', 'needed');
        $this->post("/kit/{$tuners->id}/use", ['version' => 1, 'quantity' => '1'])->assertSessionHasErrors('quantity');
        $this->post("/kit/{$tuners->id}/arrival", ['version' => 1]);
        $this->post("/kit/{$tuners->id}/use", ['version' => 2, 'quantity' => '7'])->assertSessionHasErrors('quantity');
        $this->post("/kit/{$tuners->id}/use", ['version' => 2, 'quantity' => '2'])->assertSessionHasNoErrors();
        $this->post("/kit/{$tuners->id}/use", ['version' => 2, 'quantity' => '2'])->assertSessionHasErrors('conflict');
        $this->post("/kit/{$tuners->id}/use", ['version' => 3, 'quantity' => '4'])->assertSessionHasNoErrors();
        $this->assertSame([6.0, 'used'], [$tuners->refresh()->used, $tuners->state->value]);
    }

    public function test_what_is_spoiled_goes_to_the_loss_account_and_is_needed_again(): void
    {
        $board = KitLine::query()->where('name', 'like', '%fretboard blank')->sole();
        $this->post("/kit/{$board->id}/arrival", ['version' => 1]);
        $this->post(
            "/kit/{$board->id}/write-off", ['version' => 2, 'quantity' => '1', 'because' => ''],
        )->assertSessionHasErrors('because');
        $this->post(
            "/kit/{$board->id}/write-off",
            ['version' => 2, 'quantity' => '1', 'because' => 'slot in the wrong place'],
        )->assertSessionHasNoErrors();
        $again = KitLine::query()->where('name', "{$board->name}, again")->sole();
        $this->assertSame(['needed', $board->estimated_minor], [$again->state->value, $again->estimated_minor]);
        $sheet = $this->get("/builds/{$this->build->number}")->assertOk();
        $cost = collect($sheet->inertiaProps('progress.figures'))->firstWhere('key', 'cost');
        $this->assertStringContainsString('in the loss account', $cost['because']);
    }

    #[TestWith(['expected_on', '2026-03-17', 'past'])]
    #[TestWith(['expected_on', '', 'needed'])]
    #[TestWith(['cost', 'cheap', 'can\'t be read'])]
    #[TestWith(['cost', '-1', 'below zero'])]
    public function test_orders_that_cannot_be(string $field, string $value, string $says): void
    {
        $bridge = $this->line('bridge', 'needed');
        $this->post(
            "/kit/{$bridge->id}/order",
            [...['version' => 1, 'expected_on' => '2026-04-09', 'cost' => '90'], $field => $value],
        )->assertSessionHasErrors($field);
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame('needed', $bridge->refresh()->state->value);
    }

    public function test_a_maker_records_arrivals_but_neither_orders_nor_sees_money(): void
    {
        $bridge = $this->line('bridge', 'needed');
        $this->actingAs($this->maker)
            ->post("/kit/{$bridge->id}/order", ['version' => 1, 'expected_on' => '2026-04-09', 'cost' => '90'])
            ->assertForbidden();
        $this->post("/kit/{$bridge->id}/arrival", ['version' => 1])->assertSessionHasNoErrors();
        $sheet = $this->get("/builds/{$this->build->number}")->assertOk();
        $this->assertNull($sheet->inertiaProps('kit.0.cost'));
        $this->assertSame(['spi', 'cpi', 'eac'], array_column($sheet->inertiaProps('progress.figures'), 'key'));
    }

    private function line(string $name, string $state): KitLine
    {
        $line = KitLine::query()->where('name', $name)->sole();
        $line->update(['state' => $state]);

        return $line;
    }

    public function test_several_parts_are_ordered_together_and_arrive_with_one_parcel_or_none_of_them(): void
    {
        $lines = KitLine::query()->where('state', 'needed')->orderBy('id')->limit(3)->get();
        $versions = $lines->pluck('version', 'id')->all();
        $order = fn (array $lines, string $day): \Illuminate\Testing\TestResponse => $this->actingAs($this->manager)->post('/parts/orders', ['lines' => $lines, 'expected_on' => $day]);
        $order($versions, '2026-03-01')->assertSessionHasErrors('expected_on');
        $order([], '2026-04-09')->assertSessionHasErrors('lines');
        $stale = $versions;
        $stale[$lines[2]->id] = 99;
        $order($stale, '2026-04-09')->assertSessionHasErrors('conflict');
        $order($versions + [999_999 => 1], '2026-04-09')->assertSessionHasErrors('conflict');
        $this->assertSame(0, KitLine::query()->where('state', 'ordered')->count(), 'all of them or none');
        $this->actingAs($this->maker)->post('/parts/orders', ['lines' => $versions, 'expected_on' => '2026-04-09'])->assertForbidden();
        $order($versions, '2026-04-09')->assertSessionHasNoErrors();
        $this->assertSame([['2026-04-09', $lines[0]->estimated_minor]], KitLine::query()->whereKey($lines[0]->id)->get()->map(static fn (KitLine $one): array => [$one->expected_on, $one->cost_minor])->all());

        $now = KitLine::query()->whereKey(array_keys($versions))->pluck('version', 'id')->all();
        $this->actingAs($this->maker)->post('/parts/parcel', ['lines' => $now])->assertSessionHasNoErrors();
        $this->assertSame(3, KitLine::query()->whereKey(array_keys($versions))->where('state', 'arrived')->count());
        $this->post('/parts/parcel', ['lines' => $now])->assertSessionHasErrors('arrival');
        $this->assertStringContainsString('order by', json_encode(array_map(static fn (array $one): string => $one['orderBy'] === null ? '' : 'order by '.$one['orderBy'], $this->get('/parts')->inertiaProps('toOrder')), JSON_THROW_ON_ERROR));
    }

    public function test_what_things_cost_before_stands_beside_their_price_and_a_rise_says_what_it_does(): void
    {
        $price = \App\Models\House\Price::query()->where('key', 'timber:red alder')->sole();
        $line = KitLine::query()->where('build_id', $this->build->id)->where('name', 'red alder for the body')->sole();
        $this->assertSame('needed', $line->state->value);
        $was = $price->cost_minor;
        $put = fn (int $minor): \Illuminate\Testing\TestResponse => $this->actingAs($this->manager)->put("/house/prices/{$price->id}", [
            'version' => $price->refresh()->version, 'cost' => number_format($minor / 100, 2, '.', ''), 'lead_days' => (string) $price->lead_days, 'supplier' => $price->supplier,
        ])->assertSessionHasNoErrors();
        $more = number_format(round($line->quantity * 200) / 100, 2);
        $put($was + 200)->assertSessionHas('done', "Saved. Kits that have been made keep their prices. 1 build in the making still needs it: {$more} more than it was quoted at.");
        $put($was + 200)->assertSessionHas('done', 'Saved. Kits that have been made keep their prices.');
        $line = array_values(array_filter($this->get('/parts')->inertiaProps('prices'), static fn (array $one): bool => $one['id'] === $price->id))[0];
        $this->assertCount(1, $line['history'], 'a price that stays is no change');
        $this->assertStringContainsString(number_format($was / 100, 2).' until Wed 18 Mar 2026, +', $line['history'][0]);
    }
}
