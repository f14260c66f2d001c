<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\House\Resource;
use App\Models\Plan\PlanEntry;
use App\Planning\Export\WorkshopExport;
use Illuminate\Support\Facades\DB;
use Regimen\Formats\Workshop\WorkshopFile;
use Regimen\Schedule\Time\WorkingHours;
use Tests\TestCase;

/** Stations and fixtures with hours of their own: a machine that is hired on Saturdays, another workshop every other week. */
final class OpenHoursTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_what_is_worked_at_a_station_with_hours_lies_in_them_and_says_why(): void
    {
        $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $booth = Resource::query()->where('key', 'router')->first() ?? Resource::query()->firstOrFail();
        $this->put("/house/resources/{$booth->id}", [
            'version' => $booth->version, 'capacity' => '1', 'own_hours' => true, 'hours' => [4 => '8–12', 5 => '8:00–12:00'],
            'every_second_from' => '2026-03-19',
        ])->assertSessionHasNoErrors();
        $entries = PlanEntry::query()->with('operation')->get()
            ->filter(static fn (PlanEntry $one): bool => $one->operation->station === $booth->key);
        $this->assertNotEmpty($entries);
        foreach ($entries as $entry) {
            $parts = $entry->sittings === []
                ? [[(int) $entry->start?->timestamp / 60, (int) $entry->work_end?->timestamp / 60]]
                : $entry->sittings;
            foreach ($parts as [$from, $to]) {
                $at = (new \DateTimeImmutable('@'.$from * 60))->setTimezone(new \DateTimeZone('Europe/Berlin'));
                $until = (new \DateTimeImmutable('@'.$to * 60))->setTimezone(new \DateTimeZone('Europe/Berlin'));
                $this->assertContains($at->format('D'), ['Thu', 'Fri']);
                $this->assertGreaterThanOrEqual('08:00', $at->format('H:i'));
                $this->assertLessThanOrEqual('12:00', $until->format('H:i'));
                $this->assertSame(12 % 2, (int) $at->format('W') % 2, 'only in every second week from the twelfth on');
            }
        }
        $because = collect($this->get('/builds/1')->inertiaProps('operations'))->pluck('because')->implode(' ');
        $this->assertStringContainsString(' opens Thu ', $because);
        $this->assertStringContainsString(
            'every second week', implode(' ', $this->get('/plan/calendar')->inertiaProps('open')),
        );
        $line = collect($this->get('/house')->inertiaProps('resources'))->firstWhere('id', $booth->id);
        $this->assertSame([true, '8:00–12:00', '2026-03-19'], [$line['ownHours'], $line['hours'][4], $line['everySecondFrom']]);
        $file = WorkshopFile::read(app(WorkshopExport::class)->json());
        $this->assertArrayHasKey("r:{$booth->key}", $file->problem->hours);
    }

    public function test_hours_that_cannot_be_read_or_are_none_change_nothing(): void
    {
        $one = Resource::query()->firstOrFail();
        $send = fn (array $with) => $this->put("/house/resources/{$one->id}", [
            'version' => $one->version, 'capacity' => '1', 'own_hours' => true, ...$with,
        ]);
        $send(['hours' => [1 => '17–8']])->assertSessionHasErrors('hours.1');
        $send(['hours' => [1 => '']])->assertSessionHasErrors('hours');
        $send(['hours' => [8 => '8–12']])->assertSessionHasErrors('hours');
        $send(['hours' => [1 => '8–12'], 'every_second_from' => 'next week'])->assertSessionHasErrors('every_second_from');
        $this->assertNull($one->refresh()->hours);
        $this->actingAs($this->maker)->put("/house/resources/{$one->id}", ['version' => 1, 'capacity' => '1'])
            ->assertForbidden();
    }

    public function test_every_second_week_counts_from_the_week_of_a_day_through_the_turn_of_the_year(): void
    {
        $hours = WorkingHours::of([6 => [[480, 720]]], [], new \DateTimeZone('Europe/Berlin'))
            ->everySecondWeek('2026-03-18', intdiv((int) strtotime('2026-03-01T00:00:00Z'), 60));
        $open = [];
        for ($day = new \DateTimeImmutable('2026-03-07'); $day->format('Y') < '2028'; $day = $day->modify('+7 days')) {
            if ($hours->on($day->format('Y-m-d')) !== []) {
                $open[] = $day;
            }
        }
        $this->assertSame(['2026-03-07', '2026-03-21'], [$open[0]->format('Y-m-d'), $open[1]->format('Y-m-d')]);
        for ($at = 1; $at < count($open); $at++) {
            $this->assertSame(14, (int) $open[$at - 1]->diff($open[$at])->days);
        }
    }
}
