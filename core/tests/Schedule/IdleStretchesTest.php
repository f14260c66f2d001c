<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Policy\Standing;

/** Ten generated shops: nobody is idle for over an hour without a cause that is true. */
final class IdleStretchesTest extends TestCase
{
    use ImprovedShops;
    use Shops;

    public function test_every_idle_stretch_has_a_cause_without_which_the_work_comes_sooner(): void
    {
        $count = 0;
        for ($seed = 1; $seed <= 20; $seed++) {
            $problem = $this->shop($seed);
            $plan = (new PlanOrder($problem, new Standing))->planned()->plan;
            $count += IdleStretches::judge($problem, $plan, "shop {$seed}");
        }
        self::assertGreaterThan(10, $count, 'there are idle stretches to be led back');
    }
}
