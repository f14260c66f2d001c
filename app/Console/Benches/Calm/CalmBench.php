<?php

declare(strict_types=1);

namespace App\Console\Benches\Calm;

use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Plan\Standings;
use App\Planning\Problem\PersonHours;
use App\Planning\Problem\ShopProblem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\WorkingHours;

/** How much of the next three days moves with ordinary events, in the demo shop and in generated ones. */
final class CalmBench
{
    private const EVENTS = 25;

    private const DAY = 1_440;

    /** @param  callable(string): void  $say */
    public function run(callable $say): int
    {
        $say('shop, day         events  calm  a promise won  other person: mean, worst  start moved: mean, worst');
        [$problem, $hours] = $this->demo();
        $this->table('the demo shop', $problem, $hours, [0, 1, 4], $say);
        foreach ([1, 2, 3] as $seed) {
            $this->table("8 builds, seed {$seed}", HardShops::drawn(8, $seed), HardShops::hoursOfAll(), [0, 2, 7], $say);
        }

        return 0;
    }

    /**
     * @param  array<int, WorkingHours>  $hours  by person
     * @param  list<int>  $days
     * @param  callable(string): void  $say
     */
    private function table(string $shop, Problem $problem, array $hours, array $days, callable $say): void
    {
        $first = Moment::first($problem);
        foreach ($days as $day) {
            $then = $first->later($problem->now + $day * self::DAY + 30);
            $moment = new Moment($then->problem, $then->planned($then->problem)->plan);
            $moved = [];
            foreach ((new Events($moment, $hours, $day + 1))->drawn(self::EVENTS) as $event) {
                $moved[] = Moved::by($event, $moment->plan, $moment->planned($event->problem)->plan);
            }
            $share = static fn (callable $of): array => array_map(
                static fn (Moved $one): float => 100 * $of($one) / max(1, $one->planned), $moved,
            );
            $people = $share(static fn (Moved $one): int => $one->person);
            $starts = $share(static fn (Moved $one): int => $one->start);
            $say(sprintf(
                '%-18s %d  %6d  %4d  %13d  %16.1f %% %5.0f %%  %15.1f %% %5.0f %%', $shop, $day, count($moved),
                count(array_filter($moved, static fn (Moved $one): bool => $one->isCalm())),
                count(array_filter($moved, static fn (Moved $one): bool => $one->wins)),
                array_sum($people) / max(1, count($people)), $people === [] ? 0 : max($people),
                array_sum($starts) / max(1, count($starts)), $starts === [] ? 0 : max($starts),
            ));
        }
    }

    /** @return array{Problem, array<int, WorkingHours>} */
    private function demo(): array
    {
        config(['database.connections.bench' => [
            'driver' => 'sqlite', 'database' => ':memory:', 'foreign_key_constraints' => true,
        ], 'database.default' => 'bench']);
        DB::purge('bench');
        Artisan::call('migrate', ['--force' => true]);
        Artisan::call('db:seed', ['--class' => 'DemoShop', '--force' => true]);
        $problem = (new PlanOrder(app(ShopProblem::class)->assemble(), app(Standings::class)->read()))->planned()->problem;
        $hours = [];
        foreach (Person::query()->with(PersonHours::days())->get() as $person) {
            $hours[$person->id] = app(House::class)->hoursOf($person);
        }

        return [$problem, $hours];
    }
}
