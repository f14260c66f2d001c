<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\KitLine;
use App\Planning\Problem\KitWaits;
use App\Planning\Problem\LeadTimes;
use App\Support\Minutes;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Release;
use Tests\TestCase;

/** The bridge between the records and the core. */
final class KitWaitsTest extends TestCase
{
    public function test_kit_waits(): void
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $waits = new KitWaits('2026-03-18', $zone, new LeadTimes);
        $waits->add(PartGroup::Bridge, 'bridge', KitState::Ordered, '2026-03-25', 12);
        $waits->add(PartGroup::Tuners, 'tuner', KitState::Ordered, '2026-03-20', 10);
        $waits->add(PartGroup::Pickups, 'pickup', KitState::Ordered, '2026-03-10', 18);
        $waits->add(PartGroup::Strings, 'set', KitState::Arrived, null, 3);
        $waits->add(PartGroup::Finish, 'lacquer', KitState::Needed, null, 6);
        $waits->add(PartGroup::NeckTimber, 'maple', KitState::Needed, null, 7);

        $release = self::latest($waits->releases([PartGroup::Bridge, PartGroup::Tuners]));
        $this->assertSame(
            ['bridge, expected Wed 25 Mar', Minutes::ofDay('2026-03-26', $zone)],
            [$release?->cause, $release?->instant], 'the latest counts, from the next morning',
        );
        $overdue = self::latest($waits->releases([PartGroup::Pickups, PartGroup::Strings]));
        // Ordered 18 days before its day, 20 February, and 26 days are over: with 18 in the middle and 36 for nine of ten half of those that
        // had not come by then come within 33.7 (CALCULATIONS I5, as in LeadTimeTest): 26 March, from the next morning.
        $this->assertSame(
            [
                'pickup, overdue since Tue 10 Mar; no order of it has come yet, 18 days in the middle, 36 for nine of ten are taken, so that it is likely on Thu 26 Mar',
                Minutes::ofDay('2026-03-27', $zone),
            ],
            [$overdue?->cause, $overdue?->instant],
        );
        $this->assertSame([], $waits->releases([PartGroup::Strings, PartGroup::Finish]));
        $this->assertCount(2, $waits->releases([PartGroup::Bridge, PartGroup::Tuners]), 'what comes sooner may come later');

        [$predecessors, $none] = $waits->leads(
            [PartGroup::Finish, PartGroup::NeckTimber], static fn (string $key): string => "o-{$key}",
        );
        $this->assertSame(
            [['o-parts.order', 8640], ['o-brief.agree', 10080]],
            array_map(static fn ($one): array => [$one->activity, $one->lag], $predecessors),
        );
        $this->assertSame([], $none);
        [$predecessors, $late] = $waits->leads([PartGroup::Finish], static fn (): ?string => null);
        $this->assertSame([], $predecessors);
        $this->assertSame(
            ['lacquer: 6 days from the order, which is not placed yet', Minutes::ofDay('2026-03-24', $zone)],
            [$late[0]->cause, $late[0]->instant],
        );
    }

    /** @param  list<Release>  $releases */
    private static function latest(array $releases): ?Release
    {
        return (new Activity('a', 'b', 0))->waitingFor($releases)->release;
    }

    public function test_consumables_are_there_and_everything_else_is_needed_at_first(): void
    {
        $this->openShop();
        $this->build();
        $this->assertSame(
            [PartGroup::Consumables],
            KitLine::query()
                ->where('state', 'arrived')
                ->get()
                ->map(static fn (KitLine $line): PartGroup => $line->group)
                ->all(),
        );
        $this->assertSame(0, KitLine::query()->whereNotIn('state', ['arrived', 'needed'])->count());
    }
}
