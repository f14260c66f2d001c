<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Learned;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Learned\Job;
use Regimen\Forecast\Learned\Outliers;
use Regimen\Forecast\Learned\Ratio;
use Regimen\Forecast\Learned\Ratios;

/** What is learned from hours (P5, P8). */
final class RatiosTest extends TestCase
{
    public function test_the_prior_weighs_as_so_many_jobs(): void
    {
        $three = Ratio::after(0.0, 0.2, 3.0, array_fill(0, 3, [log(2.0), 1.0]));
        $this->assertEqualsWithDelta(log(2) / 2, $three->log, 1e-12);
        $this->assertSame(3, $three->n);
        // Half of it lies log 2/2 to each side of the mean; the prior brings its own spread with it.
        $this->assertEqualsWithDelta(sqrt(0.5 * 0.2 ** 2 + (log(2) / 2) ** 2), $three->deviation, 1e-12);
        $this->assertEqualsWithDelta($three->deviation / sqrt(6), $three->unsure, 1e-12);
        $none = Ratio::after(0.1, 0.2, 3.0, []);
        $this->assertEqualsWithDelta([0.1, 0.2, 0], [$none->log, $none->deviation, $none->n], 1e-12);
    }

    public function test_an_interval_holds_as_many_as_it_says(): void
    {
        $ratio = new Ratio(0.0, 0.3, 0.4, 5);
        [$low, $high] = $ratio->interval(0.8);
        $this->assertEqualsWithDelta([exp(-1.2815515655446 * 0.5), exp(1.2815515655446 * 0.5)], [$low, $high], 1e-9);
        $this->assertEqualsWithDelta(0.8, $ratio->next()->below($high) - $ratio->next()->below($low), 1e-9);
    }

    public function test_what_is_recent_weighs_more(): void
    {
        $old = new Ratios([...$this->jobs(6, 2.0, age: 3), ...$this->jobs(6, 1.0)]);
        $new = new Ratios([...$this->jobs(6, 2.0), ...$this->jobs(6, 1.0, age: 3)]);
        $this->assertGreaterThan($old->of('fret', 'hand')->median() * 1.3, $new->of('fret', 'hand')->median());
        $this->assertSame([1.0, 0.5, 0.25], [$this->job(1, 0)->weight(), $this->job(1, 1)->weight(), $this->job(1, 2)->weight()]);
    }

    public function test_a_shop_without_a_past_has_the_houses_three_points(): void
    {
        $ratios = new Ratios([]);
        $points = new BetaPert(0.5, 1.0, 3.0);
        $spread = $points->spread();
        $of = $ratios->of('carve', 'hand', $points);
        $this->assertEqualsWithDelta([$spread->log, $spread->deviation, 0], [$of->log, $of->deviation, $of->n], 1e-12);
        $this->assertGreaterThan(0, $of->unsure);
        $this->assertEqualsWithDelta(Ratios::usual()->spread()->log, $ratios->shop()->log, 1e-12);
    }

    public function test_an_operation_without_jobs_is_as_the_shop_is(): void
    {
        $ratios = new Ratios($this->jobs(40, 1.5));
        $this->assertEqualsWithDelta(1.5, $ratios->of('never-done', 'hand')->median(), 0.06);
        $this->assertSame(0, $ratios->of('never-done', 'hand')->n);
        $this->assertEqualsWithDelta(1.5, $ratios->shop()->median(), 0.06);
    }

    public function test_a_way_begins_with_what_the_other_ways_say(): void
    {
        $byHand = new Ratios([...$this->jobs(30, 1.0, 'other'), ...$this->jobs(12, 2.0)]);
        $this->assertGreaterThan(1.6, $byHand->of('fret', 'machine')->median());
        $this->assertSame(0, $byHand->of('fret', 'machine')->n);
        $both = new Ratios([...$this->jobs(12, 2.0), ...$this->jobs(12, 1.0, way: 'machine')]);
        $this->assertEqualsWithDelta(2.0, $both->of('fret', 'hand')->median(), 0.25);
        $this->assertEqualsWithDelta(1.0, $both->of('fret', 'machine')->median(), 0.15);
    }

    public function test_a_person_is_told_apart_from_the_others(): void
    {
        $jobs = [...$this->jobs(40, 1.0, person: 1), ...$this->jobs(40, 1.3, person: 2)];
        $ratios = new Ratios($jobs);
        $this->assertEqualsWithDelta(1.3, $ratios->person(2)->median() / $ratios->person(1)->median(), 0.08);
        $this->assertEqualsWithDelta([1.0, 0], [$ratios->person(9)->median(), $ratios->person(9)->n], 1e-12);
    }

    public function test_the_third_of_a_model_is_quoted_by_its_own_curve(): void
    {
        $jobs = [];
        foreach ([1.6, 1.28, 1.12] as $at => $ratio) {
            $jobs[] = $this->job($ratio, 1 - $at / 10, model: 'Fenn');
        }
        $ratios = new Ratios([...$jobs, ...$this->jobs(10, 1.4)]);
        $of = $ratios->of('fret', 'hand');
        $this->assertEqualsWithDelta(1.12, $ratios->curve('fret', 'hand', 'Fenn')?->next()->median(), 1e-9);
        $this->assertLessThan($of->log, $ratios->repeated($of, 'fret', 'hand', 'Fenn')->log);
        $this->assertSame($of, $ratios->repeated($of, 'fret', 'hand', 'Tarn'));
        $this->assertSame($of, $ratios->repeated($of, 'fret', 'hand', ''));
    }

    public function test_a_bad_day_is_kept_out_and_told(): void
    {
        [$kept, $out] = Outliers::of([...$this->jobs(6, 1.0), $this->job(6.0, 0)]);
        $this->assertCount(6, $kept);
        $this->assertSame('6.0 × what was estimated, where others take 1.0 ×', $out[0]->because);
        $this->assertCount(1, (new Ratios([...$this->jobs(6, 1.0), $this->job(6.0, 0)]))->outliers);
        // Of four nobody can say which is the odd one.
        $this->assertSame([], Outliers::of([...$this->jobs(3, 1.0), $this->job(6.0, 0)])[1]);
    }

    public function test_no_hours_and_no_estimate_teach_nothing(): void
    {
        [$kept, $out] = Outliers::of([$this->job(0.0, 0), new Job('fret', 'hand', 1, '', 0, 0, 300), $this->job(1.0, 0)]);
        $this->assertCount(1, $kept);
        $this->assertSame(['no hours were recorded', 'it was estimated at nothing'], array_column($out, 'because'));
        $this->assertSame(1, (new Ratios([$this->job(1.0, 0)]))->of('fret', 'hand')->n);
    }

    public function test_a_shop_that_always_takes_as_long_is_not_without_spread(): void
    {
        $ratios = new Ratios($this->jobs(100, 1.0));
        $this->assertGreaterThan(0.0, $ratios->of('fret', 'hand')->deviation);
    }

    /** @return list<Job> */
    private function jobs(int $count, float $ratio, string $operation = 'fret', string $way = 'hand', float $age = 0, int $person = 1): array
    {
        $jobs = [];
        for ($at = 0; $at < $count; $at++) {
            // A wobble of four per cent, which evens out.
            $jobs[] = new Job($operation, $way, $person, '', $age, 600, (int) round(600 * $ratio * ($at % 2 === 0 ? 1.04 : 1 / 1.04)));
        }

        return $jobs;
    }

    private function job(float $ratio, float $age, string $model = ''): Job
    {
        return new Job('fret', 'hand', 1, $model, $age, 600, (int) round(600 * $ratio));
    }
}
