<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Build;
use App\Models\People\TimeEntry;
use App\Planning\Plan\BuildProgress;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** The bridge between the records and the core. */
final class PlannedValueTest extends TestCase
{
    public function test_planned_value_follows_the_first_plan_through_working_hours(): void
    {
        $this->openShop();
        $build = $this->build();
        $value = function (string $at) use ($build): float {
            $this->at($at);
            $fresh = Build::query()->with(
                [
                    'kit',
                    'operations' => static fn ($query) => $query->with('runningClocks')->withSum(
                        'timeEntries as worked_minutes', 'minutes',
                    ),
                ],
            )->findOrFail($build->id);

            return app(BuildProgress::class)->earnedValue($fresh)->planned;
        };
        // Agreed from 9:15 for 3 h of labour, with half an hour of break: half of it is over at 10:45, all at 12:45.
        $this->assertEqualsWithDelta(0.0, $value('2026-03-18 09:12'), 0.001);
        $this->assertEqualsWithDelta(1.5, $value('2026-03-18 10:45'), 0.001);
        $this->assertEqualsWithDelta(
            $value('2026-03-18 12:00'), $value('2026-03-18 12:25'), 0.001, 'nothing is planned in the break',
        );
        $this->assertEqualsWithDelta($value('2026-03-18 17:00'), $value('2026-03-19 07:59'), 0.001, 'nor in the night');
        $this->assertEqualsWithDelta(72.7, $value('2027-03-18 09:00'), 0.05, 'in the end everything');
    }

    public function test_each_persons_hours_cost_their_own_rate_and_a_later_rate_changes_nothing_recorded(): void
    {
        $this->openShop();
        $build = $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::OrderParts->value, PreparationOperation::MeasureParts->value,
            PreparationOperation::SelectTimber->value,
        );
        $url = '/operations/'.$this->operation($build, NeckOperation::Square->value)->id.'/hours';
        $this->actingAs($this->manager)
            ->post($url, ['hours' => '1', 'worked_on' => '2026-03-17', 'sure' => true])
            ->assertSessionHasNoErrors();
        $this->actingAs($this->maker)
            ->post($url, ['hours' => '2', 'worked_on' => '2026-03-17', 'sure' => true])
            ->assertSessionHasNoErrors();
        $cost = fn (): string => collect(
            $this->actingAs($this->manager)->get('/builds/1')->inertiaProps('progress.figures'),
        )->firstWhere('key', 'cost')['value'];
        $this->assertSame('108.00', $cost(), 'an hour at the shop’s 48 and two at 30');
        $this->maker->update(['rate_minor' => 9_900]);
        $this->assertSame('108.00', $cost());
        $this->assertSame([4_800, 3_000], TimeEntry::query()->orderBy('id')->pluck('rate_minor')->all());
    }
}
