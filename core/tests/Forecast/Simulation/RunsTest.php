<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Simulation;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Chance\Quantiles;
use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\Simulation\Arrival;
use Regimen\Forecast\Simulation\Away;
use Regimen\Forecast\Simulation\BuildOutcome;
use Regimen\Forecast\Simulation\Doubt;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Forecast\Simulation\Hang;
use Regimen\Forecast\Simulation\HangKind;
use Regimen\Forecast\Simulation\Outcome;
use Regimen\Forecast\Simulation\Rank;
use Regimen\Forecast\Simulation\Runs;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Tests\Schedule\Shops;

/** What is drawn beside hours, and what a finish hangs on. */
final class RunsTest extends TestCase
{
    use Shops;

    private const DAY = 1_440;

    public function test_with_nothing_to_doubt_a_run_is_the_plan(): void
    {
        foreach (range(1, 12) as $seed) {
            $problem = $this->randomShop($seed);
            $plan = Builder::plan($problem);
            $outcome = (new Runs($problem, Doubts::none(), Priority::keys($problem)))->outcome(1);
            foreach ($outcome->builds() as $build) {
                $this->assertSame($plan->finishOf($build, $problem), $outcome->of($build)->by(1.0), "shop {$seed}, {$build}");
            }
        }
    }

    public function test_the_same_seed_gives_the_same_answer_and_another_another(): void
    {
        $of = static fn (int $seed): array => DrawnShop::runs(['a' => [[], new BetaPert(1, 2, 6)], 'b' => [['a'], new BetaPert(1, 2, 6)]], 1, $seed)->outcome(60)->of('b')->finishes;
        $this->assertSame($of(4), $of(4));
        $this->assertNotSame($of(4), $of(5));
    }

    /** Common random numbers: what is otherwise moves, what is not stays run by run. */
    public function test_another_shop_is_drawn_alike(): void
    {
        $doubts = new Doubts(['a' => new Doubt((new Spread(0.0, 0.4))->quantiles()), 'b' => new Doubt((new Spread(0.0, 0.4))->quantiles())]);
        $finishes = static fn (int $second): array => (new Runs(new Problem(
            DrawnShop::NOW, [new Activity('a', 'x', 1_000, 0, 'a'), new Activity('b', 'y', $second, 0, 'a')], DrawnShop::people(2), [], ['x' => new Due(null), 'y' => new Due(null)],
        ), $doubts, ['a' => 0, 'b' => 1]))->outcome(40)->of('x')->finishes;
        $this->assertSame($finishes(1_000), $finishes(3_000));
    }

    public function test_work_under_way_is_drawn_as_longer_than_it_took_already(): void
    {
        $ratio = (new Spread(0.0, 0.5))->quantiles();
        $left = fn (int $begun): array => $this->one(
            new Activity('a', 'b', 1_000 - min(900, $begun), 0, 'a', worker: 1, startedAt: DrawnShop::NOW - 10),
            new Doubt($ratio, whole: 1_000, begun: $begun),
        )->finishes;
        $this->assertGreaterThan(0, min(array_map(static fn (int $one): int => $one - DrawnShop::NOW, $left(1_500))));
        // Half of those that take longer than 1,500 take longer than the median of what is left of the distribution.
        $sorted = $left(1_500);
        sort($sorted);
        $spread = new Spread(0.0, 0.5);
        $median = $spread->quantile($spread->below(1.5) + (1 - $spread->below(1.5)) / 2);
        $this->assertEqualsWithDelta($median * 1_000 - 1_500, $sorted[200] - DrawnShop::NOW, 60);
    }

    public function test_a_part_that_has_not_come_is_drawn_as_coming_later_than_today(): void
    {
        $days = (new Spread(log(14), 0.4))->quantiles();
        $activity = new Activity('a', 'b', 5, 0, 'a', release: new Release(DrawnShop::NOW + 4 * self::DAY, 'the bridge'));
        $came = $this->one($activity, new Doubt(Quantiles::certain(1.0)), ['the bridge' => new Arrival($days, 14, 10)]);
        $this->assertGreaterThanOrEqual(DrawnShop::NOW, $came->sorted[0]);
        $spread = new Spread(log(14), 0.4);
        $median = $spread->quantile($spread->below(10) + (1 - $spread->below(10)) / 2) - 10;
        $this->assertEqualsWithDelta($median, ($came->by(0.5) - DrawnShop::NOW) / self::DAY, 0.8);
        $this->assertEqualsWithDelta([HangKind::Part, 'the bridge'], [$came->hangs[1]->kind, $came->hangs[1]->key], 0);
    }

    public function test_two_that_wait_for_the_same_part_get_it_on_the_same_day(): void
    {
        $release = new Release(DrawnShop::NOW + 4 * self::DAY, 'the bridge');
        $problem = new Problem(
            DrawnShop::NOW, [new Activity('a', 'x', 5, 0, 'a', release: $release), new Activity('b', 'y', 5, 0, 'a', release: $release)], DrawnShop::people(2), [],
            ['x' => new Due(null), 'y' => new Due(null)],
        );
        $doubt = new Doubt(Quantiles::certain(1.0));
        $outcome = (new Runs($problem, new Doubts(['a' => $doubt, 'b' => $doubt], ['the bridge' => new Arrival((new Spread(log(9), 0.6))->quantiles(), 4)]), ['a' => 0, 'b' => 0]))->outcome(50);
        $this->assertSame($outcome->of('x')->finishes, $outcome->of('y')->finishes);
        $this->assertGreaterThan(10, count(array_unique($outcome->of('x')->finishes)));
    }

    public function test_whoever_waits_for_several_waits_for_the_last_of_them(): void
    {
        $spread = static fn (): Quantiles => (new Spread(log(10), 0.5))->quantiles();
        $in = DrawnShop::NOW + 10 * self::DAY;
        $activity = (new Activity('a', 'b', 5, 0, 'a'))->waitingFor([new Release($in - 5, 'the tuners'), new Release($in, 'the bridge'), new Release($in - 10, 'the nut')]);
        $this->assertSame('the bridge', $activity->release?->cause);
        $came = $this->one($activity, new Doubt(Quantiles::certain(1.0)), ['the bridge' => new Arrival($spread(), 10), 'the tuners' => new Arrival($spread(), 10), 'the nut' => new Arrival($spread(), 10)], runs: 2_000);
        // Order statistics: all of three have come with the chance p where each has with its cube root.
        foreach ([0.2, 0.5, 0.8] as $share) {
            $this->assertEqualsWithDelta((new Spread(log(10), 0.5))->quantile($share ** (1 / 3)), ($came->by($share) - DrawnShop::NOW) / self::DAY, 0.6);
        }
        $shares = [];
        foreach ($came->hangs as $hang) {
            $shares[$hang->key] = $hang->share;
        }
        $this->assertEqualsWithDelta(['the bridge' => 1 / 3, 'the tuners' => 1 / 3, 'the nut' => 1 / 3], array_diff_key($shares, ['a' => 1]), 0.08);
    }

    public function test_what_is_sent_out_comes_back_sooner_or_later(): void
    {
        $back = DrawnShop::NOW + 6 * self::DAY;
        $sent = new Activity('plating', 'b', 0, release: new Release($back, 'plating from the foundry'), holdUntil: $back);
        $fit = new Activity('fit', 'b', 60, 0, 'a', [new Predecessor('plating')]);
        $problem = new Problem(DrawnShop::NOW, [$sent, $fit], DrawnShop::people(1), [], ['b' => new Due(null)]);
        $arrival = new Arrival((new Spread(log(14), 0.4))->quantiles(), 14, 8);
        $outcome = (new Runs($problem, new Doubts([], ['plating from the foundry' => $arrival]), ['plating' => 0, 'fit' => 1]))->outcome(400)->of('b');
        $spread = new Spread(log(14), 0.4);
        $median = $spread->quantile($spread->below(8) + (1 - $spread->below(8)) / 2) - 8;
        $this->assertEqualsWithDelta($median, ($outcome->by(0.5) - DrawnShop::NOW) / self::DAY, 1.0);
        $this->assertContains('plating from the foundry', array_map(static fn (Hang $hang): string => $hang->key, $outcome->hangs));
    }

    public function test_a_lead_time_behind_an_order_is_drawn(): void
    {
        $problem = new Problem(DrawnShop::NOW, [
            new Activity('order', 'b', 30, 0, 'a'),
            new Activity('fit', 'b', 60, 0, 'a', [new Predecessor('order', 10 * self::DAY, 'the bridge')]),
        ], DrawnShop::people(1), [], ['b' => new Due(null)]);
        $doubts = new Doubts([], ['the bridge' => new Arrival((new Spread(log(10), 0.5))->quantiles(), 10)]);
        $outcome = (new Runs($problem, $doubts, ['order' => 0, 'fit' => 1]))->outcome(400)->of('b');
        $this->assertEqualsWithDelta(10.5, ($outcome->by(0.5) - DrawnShop::NOW) / self::DAY, 0.8);
        $this->assertEqualsWithDelta(10 * exp(0.5 * 1.2816), ($outcome->by(0.9) - DrawnShop::NOW) / self::DAY, 2.0);
        $this->assertContains('the bridge', array_map(static fn (Hang $hang): string => $hang->key, $outcome->hangs));
    }

    public function test_setbacks_cost_their_mean_as_often_as_they_come(): void
    {
        $outcome = $this->one(new Activity('a', 'b', 1_000, 0, 'a'), new Doubt(Quantiles::certain(1.0), setback: 0.25, lost: 2_000), runs: 3_000);
        $extra = array_map(static fn (int $one): int => $one - DrawnShop::NOW - 1_000, $outcome->finishes);
        $this->assertEqualsWithDelta(0.25, count(array_filter($extra)) / 3_000, 0.03);
        $this->assertEqualsWithDelta(0.25 * 2_000, array_sum($extra) / 3_000, 60);
    }

    public function test_holds_are_drawn(): void
    {
        $outcome = $this->one(new Activity('a', 'b', 5, 10_000, 'a'), new Doubt(Quantiles::certain(1.0), hold: (new Spread(log(1.2), 0.1))->quantiles()));
        $this->assertEqualsWithDelta(12_000, $outcome->by(0.5) - DrawnShop::NOW, 250);
    }

    public function test_people_stay_away_as_often_as_they_do(): void
    {
        $activity = new Activity('a', 'b', 60_000, 0, 'a');
        $people = [1 => new Away(1 / 20, 3)];
        $outcome = $this->one($activity, new Doubt(Quantiles::certain(1.0)), people: $people, runs: 600);
        $took = array_map(static fn (int $one): float => ($one - DrawnShop::NOW) / self::DAY, $outcome->finishes);
        // 41.7 days of work: a spell of three days for each twenty that they are there.
        $this->assertEqualsWithDelta(60_000 / self::DAY * (1 + 3 / 20), array_sum($took) / 600, 1.2);
        $lost = $this->one($activity, new Doubt(Quantiles::certain(1.0)), people: [1 => new Away(lost: 0.2, pace: 1.1)], runs: 1);
        $this->assertEqualsWithDelta(60_000 * 1.1 / 0.8, $lost->sorted[0] - DrawnShop::NOW, 10);
    }

    public function test_how_little_is_known_about_a_mean_does_not_even_out(): void
    {
        $network = [];
        foreach (range(1, 40) as $at) {
            $network[] = new Activity("a{$at}", 'b', 1_000, 0, 'a');
        }
        $deviation = function (string $kind, float $unsure, float $shop) use ($network): float {
            $doubts = [];
            foreach ($network as $one) {
                $doubts[$one->id] = new Doubt(Quantiles::certain(1.0), kind: $kind === '' ? (string) $one->id : $kind, unsure: $unsure);
            }
            $outcome = (new Runs(new Problem(DrawnShop::NOW, $network, DrawnShop::people(1), [], ['b' => new Due(null)]), new Doubts($doubts, unsure: $shop), array_fill_keys(array_keys($doubts), 0)))->outcome(800, false);

            return sqrt(DrawnShop::moments(array_map(static fn (int $one): float => ($one - DrawnShop::NOW) / 40_000, $outcome->of('b')->finishes))[1]);
        };
        $this->assertEqualsWithDelta(0.1, $deviation('one', 0.1, 0.0), 0.012);
        $this->assertEqualsWithDelta(0.1, $deviation('one', 0.0, 0.1), 0.012);
        $this->assertEqualsWithDelta(0.1 / sqrt(40), $deviation('', 0.1, 0.0), 0.003);
    }

    public function test_a_finish_hangs_on_what_decides_it(): void
    {
        $problem = new Problem(DrawnShop::NOW, [
            new Activity('long', 'b', 3_000, 0, 'a'), new Activity('short', 'b', 300, 0, 'a'), new Activity('end', 'b', 600, 0, 'a', [new Predecessor('long'), new Predecessor('short')]),
        ], DrawnShop::people(2), [], ['b' => new Due(null)]);
        $ratio = (new Spread(0.0, 0.2))->quantiles();
        $outcome = (new Runs($problem, new Doubts(array_fill_keys(['long', 'short', 'end'], new Doubt($ratio))), ['long' => 0, 'short' => 1, 'end' => 2]))->outcome(200)->of('b');
        $shares = array_column(array_map(static fn (Hang $hang): array => [$hang->key, $hang->share], $outcome->hangs), 1, 0);
        $this->assertSame([1.0, 1.0], [$shares['end'], $shares['long']]);
        $this->assertArrayNotHasKey('short', $shares);
        $of = array_column(array_map(static fn (Hang $hang): array => [$hang->key, $hang->cruciality], $outcome->hangs), 1, 0);
        $this->assertGreaterThan(0.9, $of['long']);
        $this->assertLessThan(0.5, $of['end']);
    }

    public function test_one_person_for_all_is_what_it_hangs_on(): void
    {
        $problem = new Problem(DrawnShop::NOW, [new Activity('a', 'x', 600, 0, 'a'), new Activity('b', 'y', 600, 0, 'a')], DrawnShop::people(1), [], ['x' => new Due(null), 'y' => new Due(null)]);
        $outcome = (new Runs($problem, Doubts::none(), ['a' => 0, 'b' => 1]))->outcome(5);
        $this->assertContainsEquals(new Hang(HangKind::Person, '1', 1.0), $outcome->of('y')->hangs);
        $this->assertNotContainsEquals(new Hang(HangKind::Person, '1', 1.0), $outcome->of('x')->hangs);
        $this->assertSame([1.0, 0.0], [$outcome->allKept(['x' => DrawnShop::NOW + 600]), $outcome->allKept(['x' => DrawnShop::NOW + 600, 'y' => DrawnShop::NOW + 600])]);
    }

    public function test_chances_and_dates_are_counted(): void
    {
        $build = new BuildOutcome([50, 10, 40, 20, 30]);
        $this->assertSame([30, 40, 50], [$build->by(0.5), $build->by(0.8), $build->by(0.95)]);
        $this->assertEqualsWithDelta([0.0, 0.6, 1.0], [$build->chance(9), $build->chance(39), $build->chance(50)], 1e-12);
        $this->assertEqualsWithDelta(sqrt(0.6 * 0.4 / 5), $build->error(30), 1e-12);
        $never = new BuildOutcome([10, Outcome::NEVER, Outcome::NEVER]);
        $this->assertSame([10, null, true], [$never->by(0.3), $never->by(0.5), $never->isKnown()]);
        $this->assertFalse((new BuildOutcome([]))->isKnown());
    }

    /** Wikipedia’s worked example of Spearman’s ρ (hours of television, −29/165), from memory; equal ones share their rank. */
    public function test_a_rank_correlation_is_the_published_one(): void
    {
        $iq = [106, 100, 86, 101, 99, 103, 97, 113, 112, 110];
        $hours = [7, 27, 2, 50, 28, 29, 20, 12, 6, 17];
        $this->assertEqualsWithDelta(-29 / 165, Rank::correlation($iq, $hours), 1e-12);
        $this->assertEqualsWithDelta([1.0, -1.0, 0.0], [Rank::correlation([1, 5, 9], [2, 3, 4]), Rank::correlation([1, 5, 9], [4, 3, 2]), Rank::correlation([1, 1, 1], [4, 3, 2])], 1e-12);
    }

    /** An estimate of nothing, and a skill that nobody has: said, not guessed. */
    public function test_what_nobody_can_do_is_never_over(): void
    {
        $outcome = $this->one(new Activity('a', 'b', 60, 0, 'unknown'), new Doubt(Quantiles::certain(1.0)));
        $this->assertSame([null, false, 0.0], [$outcome->by(0.5), $outcome->isKnown(), $outcome->chance(PHP_INT_MAX - 1)]);
        $this->assertSame([], $outcome->hangs);
        $nothing = $this->one(new Activity('a', 'b', 0, 0, 'a'), new Doubt((new Spread(0.0, 0.5))->quantiles(), setback: 1.0, lost: 500));
        $this->assertSame(DrawnShop::NOW, $nothing->by(1.0));
    }

    /**
     * @param  array<string, Arrival>  $arrivals
     * @param  array<int, Away>  $people
     */
    private function one(Activity $activity, Doubt $doubt, array $arrivals = [], array $people = [], int $runs = 400): BuildOutcome
    {
        $problem = new Problem(DrawnShop::NOW, [$activity], DrawnShop::people(1), [], ['b' => new Due(null)]);

        return (new Runs($problem, new Doubts([$activity->id => $doubt], $arrivals, $people), [$activity->id => 0]))->outcome($runs)->of('b');
    }
}
