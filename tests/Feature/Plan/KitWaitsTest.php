<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\KitLine;
use App\Planning\Problem\KitWaits;
use App\Planning\Problem\UsualDelay;
use App\Support\Minutes;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Tests\TestCase;

/** The bridge between the records and the core. */
final class KitWaitsTest extends TestCase
{
    public function test_kit_waits(): void
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $waits = new KitWaits('2026-03-18', $zone, new UsualDelay);
        $waits->add(PartGroup::Bridge, 'bridge', KitState::Ordered, '2026-03-25', 12);
        $waits->add(PartGroup::Tuners, 'tuner', KitState::Ordered, '2026-03-20', 10);
        $waits->add(PartGroup::Pickups, 'pickup', KitState::Ordered, '2026-03-10', 18);
        $waits->add(PartGroup::Strings, 'set', KitState::Arrived, null, 3);
        $waits->add(PartGroup::Finish, 'lacquer', KitState::Needed, null, 6);
        $waits->add(PartGroup::NeckTimber, 'maple', KitState::Needed, null, 7);

        $release = $waits->release([PartGroup::Bridge, PartGroup::Tuners]);
        $this->assertSame(
            ['bridge, expected Wed 25 Mar', Minutes::ofDay('2026-03-26', $zone)],
            [$release?->cause, $release?->instant], 'the latest counts, from the next morning',
        );
        $overdue = $waits->release([PartGroup::Pickups, PartGroup::Strings]);
        // Lead time 18 days: a quarter of it is five; eight days are over, so that it is twice that: 20 March, from the
        // next morning.
        $this->assertSame(
            [
                'pickup, overdue since Tue 10 Mar; nothing is known of how late it comes, 5 days are taken, so that it '
                    .'is planned for Fri 20 Mar',
                Minutes::ofDay('2026-03-21', $zone),
            ],
            [$overdue?->cause, $overdue?->instant],
        );
        $this->assertNull($waits->release([PartGroup::Strings, PartGroup::Finish]));

        [$predecessors, $none] = $waits->leads(
            [PartGroup::Finish, PartGroup::NeckTimber], static fn (string $key): string => "o-{$key}",
        );
        $this->assertSame(
            [['o-parts.order', 8640], ['o-brief.agree', 10080]],
            array_map(static fn ($one): array => [$one->activity, $one->lag], $predecessors),
        );
        $this->assertNull($none);
        [$predecessors, $late] = $waits->leads([PartGroup::Finish], static fn (): ?string => null);
        $this->assertSame([], $predecessors);
        $this->assertSame(
            ['lacquer: 6 days from the order, which is not placed yet', Minutes::ofDay('2026-03-24', $zone)],
            [$late?->cause, $late?->instant],
        );
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
