<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use Database\Seeders\DemoShop;
use Tests\TestCase;

final class DemoShopTest extends TestCase
{
    /** A Saturday in autumn, across a clock change from the other tests' day. */
    public function test_the_demo_shop_shows_everything_on_any_day(): void
    {
        $this->at('2026-10-31 15:00');
        $this->seed(DemoShop::class);

        $this->assertSame(
            [11, 30, 4],
            [
                Build::query()->open()->count(), Build::query()->where('status', 'finished')->count(),
                Person::query()->count(),
            ],
        );
        $this->assertSame(
            [10, 9],
            [
                Resource::query()->where('kind', 'station')->where('capacity', '>', 0)->count(),
                Resource::query()->where('kind', 'fixture')->count(),
            ],
        );
        $this->assertSame(0, PlanEntry::query()->whereNull('start')->count(), 'everything can be planned');
        $this->assertGreaterThan(1500, TimeEntry::query()->count());
        $this->assertTrue(
            KitLine::query()->where('state', 'ordered')->where('expected_on', '<', '2026-10-31')->exists(),
            'one part is overdue',
        );
        $this->assertSame(1, Operation::query()->where('waits_for', '!=', '')->count(), 'one client has to decide');

        $this->actingAs(Person::query()->where('role', 'manager')->sole());
        $verdicts = array_count_values(
            array_column($this->get('/horizon')->assertOk()->inertiaProps('builds'), 'verdict'),
        );
        $this->assertSame([1, 1], [$verdicts['late'] ?? 0, $verdicts['risk'] ?? 0]);
        $builds = $this->get('/builds')->assertOk();
        $this->assertCount(30, $builds->inertiaProps('finished'));
        $this->assertGreaterThan(3000, $builds->inertiaProps('finished.0.workedMinutes'));
        foreach (Build::query()->pluck('number') as $number) {
            $this->get("/builds/{$number}")->assertOk();
        }
    }

    /** On some days the build that waits for its client is nearly done; there is still something to decide. */
    public function test_somebody_waits_for_the_client_however_far_the_build_has_come(): void
    {
        $this->at('2026-11-25 16:20');
        $this->seed(DemoShop::class);
        $this->assertSame(1, Operation::query()->where('waits_for', '!=', '')->count());
        $this->assertSame(11, Build::query()->open()->count());
    }
}
