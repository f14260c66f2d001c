<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Queries\Plan\FeedCalendar;
use App\Queries\Plan\Placement;
use App\Queries\Today\DayParts;
use App\Support\Minutes;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** Labour over breaks, nights and the clock change, as the hours in which somebody is really at it. */
final class DayPartsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        DB::table('shops')->update(['hours' => json_encode(array_fill(1, 7, [[480, 720], [750, 1020]]))]);
        $this->build();
    }

    public function test_labour_is_cut_at_breaks_and_nights(): void
    {
        $parts = $this->parts('2026-03-18 11:00', '2026-03-19 09:00');
        $this->assertSame(['03-18 11:00–12:00', '03-18 12:30–17:00', '03-19 08:00–09:00'], $parts);
        $this->assertSame(
            ['03-18 08:00–12:00'], $this->parts('2026-03-18 08:00', '2026-03-18 12:15'), 'a part of a break is none',
        );
        $this->assertSame([], $this->parts('2026-03-18 18:00', '2026-03-18 20:00'));
    }

    public function test_on_the_day_of_the_clock_change_the_hours_are_the_hours_of_the_clock(): void
    {
        // Sunday 29 March 2026: at two it is three.
        $this->assertSame(
            ['03-28 16:00–17:00', '03-29 08:00–12:00', '03-29 12:30–17:00', '03-30 08:00–08:30'],
            $this->parts('2026-03-28 16:00', '2026-03-30 08:30'),
        );
        $this->assertSame(
            '2026-03-29T06:00:00Z',
            Placement::iso(Minutes::of(new \DateTimeImmutable('2026-03-29 08:00', new \DateTimeZone('Europe/Berlin')))),
        );
    }

    public function test_a_feed_over_the_clock_change_has_the_minutes_that_are_worked(): void
    {
        $entry = PlanEntry::query()->where('person_id', $this->manager->id)->orderBy('start')->firstOrFail();
        DB::table('plan_entries')->where('operation_id', $entry->operation_id)->update(
            ['start' => '2026-03-28 15:00:00', 'work_end' => '2026-03-30 06:30:00', 'finish' => '2026-03-30 06:30:00'],
        );
        $this->actingAs($this->manager)->post('/plan/feeds', ['what' => 'person', 'person' => $this->manager->id]);
        app()->forgetScopedInstances();
        $text = str_replace(
            "\r\n ",
            '',
            app(FeedCalendar::class)->of(\App\Models\House\Feed::query()->with(['person', 'build'])->firstOrFail()),
        );
        preg_match_all(
            "/UID:labour-{$entry->operation_id}-.*?DTSTART:(\S+)\s+DTEND:(\S+)/s", $text, $found, PREG_SET_ORDER,
        );
        $this->assertSame([
            ['20260328T150000Z', '20260328T160000Z'], ['20260329T060000Z', '20260329T100000Z'],
            ['20260329T103000Z', '20260329T150000Z'], ['20260330T060000Z', '20260330T063000Z'],
        ], array_map(static fn (array $one): array => [$one[1], $one[2]], $found));
    }

    /** @return list<string> */
    private function parts(string $from, string $to): array
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $utc = static fn (string $local): string => (
            new \DateTimeImmutable($local, $zone)
        )->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
        $operation = Operation::query()->where('key', PreparationOperation::Draw->value)->firstOrFail();
        DB::table('plan_entries')->where('operation_id', $operation->id)->update(
            ['start' => $utc($from), 'work_end' => $utc($to), 'finish' => $utc($to)],
        );
        app()->forgetScopedInstances();
        $placement = Placement::of($operation->load('planned'));
        $local = static fn (int $minutes, string $format): string => (
            new \DateTimeImmutable('@'.$minutes * 60)
        )->setTimezone($zone)->format($format);

        return array_map(
            static fn (array $part): string => $local($part[0], 'm-d H:i').'–'.$local($part[1], 'H:i'),
            iterator_to_array(app(DayParts::class)->all($placement->sittings(), app(House::class)->hours()), false),
        );
    }
}
