<?php

declare(strict_types=1);

namespace Tests\Feature\Plan\Changes;

use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Models\Plan\PlanChange;
use App\Planning\House\House;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Leave, part days, blocks that come every week, longer days: what each makes of somebody's hours. */
final class AbsencesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_a_block_that_comes_every_week_comes_on_its_weekday_only(): void
    {
        $this->settle(
            [
                'kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'to' => '2026-04-09', 'part' => '15:00–17:00',
                'every' => 'week', 'what' => 'teaching',
            ],
        );
        $this->assertSame(['2026-03-19', '2026-03-26', '2026-04-02', '2026-04-09'], $this->days());
        $this->assertSame([[480, 720], [750, 900]], $this->hours('2026-03-26'));
        $this->assertSame([[480, 720], [750, 1020]], $this->hours('2026-03-27'));
    }

    public function test_leave_over_a_weekend_and_a_closed_day_takes_working_days_only(): void
    {
        $this->post('/house/closed-days', ['date' => '2026-03-20', 'note' => 'stocktaking']);
        $this->settle(
            ['kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'to' => '2026-03-24', 'note' => 'leave'],
        );
        $this->assertSame(['2026-03-19', '2026-03-23', '2026-03-24'], $this->days());
    }

    public function test_leave_that_overlaps_is_entered_once_a_day(): void
    {
        $this->settle(['kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'to' => '2026-03-20']);
        $this->settle(['kind' => 'away', 'person' => 2, 'from' => '2026-03-20', 'to' => '2026-03-23']);
        $this->assertSame(['2026-03-19', '2026-03-20', '2026-03-23'], $this->days());
        $this->post(
            '/plan/changes',
            ['changes' => [['kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'to' => '2026-03-23']]],
        )->assertSessionHasErrors('from');
        $this->post(
            '/plan/changes/'.PlanChange::query()->latest('id')->value('id').'/undo',
        )->assertSessionHasNoErrors();
        $this->assertSame(['2026-03-19', '2026-03-20'], $this->days(), 'taking back the second leaves the first');
    }

    #[TestWith(['8:00–12:00', [[750, 1020]]])]
    #[TestWith(['10:00–11:00', [[480, 600], [660, 720], [750, 1020]]])]
    #[TestWith(['11:30–13:00', [[480, 690], [780, 1020]]])]
    #[TestWith(['6:00–7:00', [[480, 720], [750, 1020]]])]
    #[TestWith(['0:00–24:00', []])]
    public function test_a_part_of_a_day_leaves_the_rest(string $part, array $left): void
    {
        $this->settle(['kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'part' => $part]);
        $this->assertSame($left, $this->hours('2026-03-19'));
    }

    public function test_two_parts_of_the_same_day_add_up_and_a_longer_day_is_cut_by_them(): void
    {
        $this->settle(
            ['kind' => 'longer', 'person' => 2, 'from' => '2026-03-19', 'to' => '2026-03-20', 'minutes' => 120],
        );
        $this->settle(
            ['kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'part' => '9:00–10:00', 'what' => 'errand'],
        );
        $this->settle(
            ['kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'part' => '18:00–19:00', 'what' => 'supervision'],
        );
        $this->assertSame([[480, 540], [600, 720], [750, 1080]], $this->hours('2026-03-19'));
        $this->assertSame([[480, 720], [750, 1140]], $this->hours('2026-03-20'));
        $this->assertSame([[480, 720], [750, 1020]], $this->hours('2026-03-23'));
    }

    public function test_what_was_taken_away_from_the_calendar_can_be_put_back(): void
    {
        $this->settle(['kind' => 'away', 'person' => 2, 'from' => '2026-03-19', 'note' => 'leave']);
        $before = DB::table('days_off')->get()->toJson();
        $this->settle(['kind' => 'rows', 'table' => 'days_off', 'remove' => [DayOff::query()->sole()->id]]);
        $this->assertSame(0, DayOff::query()->count());
        $this->post(
            '/plan/changes/'.PlanChange::query()->latest('id')->value('id').'/undo',
        )->assertSessionHasNoErrors();
        $this->assertSame($before, DB::table('days_off')->get()->toJson(), 'as it was, to the number');
        $this->assertStringContainsString('Undone: 1 absence removed: Thu 19 Mar.', (string) session('done'));
    }

    public function test_somebody_who_has_left_takes_no_leave(): void
    {
        DB::table('people')->where('id', 2)->update(['active' => false]);
        $this->post(
            '/plan/changes',
            ['changes' => [['kind' => 'away', 'person' => 2, 'from' => '2026-03-19']]],
        )->assertSessionHasErrors('changes.0.person');
    }

    /** @param  array<string, mixed>  $body */
    private function settle(array $body): void
    {
        $this->post('/plan/changes', ['changes' => [$body]])->assertSessionHasNoErrors();
    }

    /** @return list<string> */
    private function days(): array
    {
        return array_values(
            DayOff::query()
                ->where('person_id', 2)
                ->orderBy('date')
                ->pluck('date')
                ->map(static fn (mixed $date): string => (string) $date)
                ->all(),
        );
    }

    /** @return list<array{int, int}> */
    private function hours(string $date): array
    {
        app()->forgetScopedInstances();

        return app(House::class)->hoursOf(Person::query()->findOrFail(2))->on($date);
    }
}
