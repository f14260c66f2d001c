<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Clients\AskDecision;
use App\Actions\Commission\TakeCommission;
use App\Actions\House\OpenShop;
use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\MakeChange;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\Purpose;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Models\Plan\Plan;
use App\Planning\Forecast\Backtest;
use App\Planning\Forecast\Forecasting;
use App\Planning\House\House;
use App\Planning\Plan\Outlooks;
use App\Planning\Plan\Planner;
use App\Planning\Plan\Standings;
use App\Support\Clock;
use App\Support\DemoSignIns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Schedule\Problem\Promise;

/**
 * An invented shop that has run for a year and a half: commissions are taken one by one on their days, and in between
 * the work is done as the plan says. Days are relative to now; draws are seeded.
 */
final class DemoShop extends Seeder
{
    public const ZONE = 'Europe/Berlin';

    /** What becomes of the promises: working days of slack by number; the rest keep theirs with more. */
    private const LATE = -4;

    private const TIGHT = 1;

    public function run(): void
    {
        $now = app(Clock::class)->now();
        mt_srand(1887);
        // In the years that are played nobody was told anything: every plan is made again.
        app()->bind(Standings::class, static fn (): Standings => new Standings(announces: false));
        DB::transaction(function () use ($now): void {
            $orders = DemoBuilds::all($now->setTimezone(self::ZONE));
            $this->open($orders[0]['at']->subDay());
            DemoSpecifications::models($this->manager());
            $money = new DemoMoney($this->manager(), $now);
            $money->open();
            $simulation = new WorkshopSimulation;
            foreach ($orders as $order) {
                $simulation->workUntil($order['at']);
                $this->moveTo($order['at']);
                $build = app(TakeCommission::class)($this->manager(), $order['commission']);
                $money->keepUp();
                $this->promise($build, $order['slack']);
                if ($build->title !== DemoBuilds::NOT_RELEASED) {
                    DemoSpecifications::release($this->manager(), $build);
                }
                if ($build->title === DemoBuilds::WAITS_FOR_PART) {
                    $simulation->parts->delayPickupsOf($build, $now);
                }
            }
            $simulation->workUntil($now);
            $this->moveTo($now);
            $money->keepUp(writes: false);
            (new DemoParts)->run($now);
            $this->finishingTouches($now);
            DemoSpecifications::finish(
                $this->manager(), $this->build(DemoBuilds::TIGHT), $this->build(DemoBuilds::WAITS_FOR_CLIENT),
            );
            $simulation->startClocks($now);
            $extras = new DemoExtras($this->manager());
            $extras->readTheAir($now);
            $extras->inlay();
            (new DemoBench)->run($now);
            (new DemoSetbacks)->run($now, $this->manager());
            (new DemoBoards)->run($now);
            app(Planner::class)->replan('the demo shop was filled');
        });
        app()->bind(Standings::class);
        $this->moveTo($now);
        (new DemoExtras($this->manager()))->budgets();
        // What would have been forecast of builds that are over, from what was known then; and the chances of the plan in force.
        app(Backtest::class)->run();
        (new DemoClients($this->manager(), $this->moveTo(...)))->run($now);
        (new DemoTemplates(Person::query()->where('role', Role::Maker->value)->orderBy('id')->firstOrFail(), $this->moveTo(...)))->run($now);
        app(Forecasting::class)->run(Plan::query()->latest('id')->firstOrFail());
    }

    private function open(CarbonImmutable $at): void
    {
        $this->moveTo($at);
        [$manager, $maker] = DemoSignIns::all();
        app(OpenShop::class)(
            'Tillmark Workshop', 'EUR', self::ZONE, $manager->name, $manager->email, $manager->password,
        );
        Person::query()->where('name', $manager->name)->update(
            ['skills' => json_encode(['design', 'necks', 'frets', 'set-up']), 'rate_minor' => 5_400],
        );
        $parts = [
            [$maker->name, $maker->email, $maker->password, ['bodies', 'joints', 'necks'], null, null],
            ['Maren Holt', null, null, ['finish', 'bodies', 'frets'], 4_600, null],
            [
                'Sela Adeyo', null, null, ['electronics', 'set-up', 'design'], 5_000,
                [3 => [[540, 720], [750, 1020]], 4 => [[540, 720], [750, 1020]]],
            ],
        ];
        foreach ($parts as [$name, $email, $password, $skills, $rate, $hours]) {
            Person::query()->create(
                [
                    'name' => $name, 'email' => $email, 'password' => $password, 'role' => Role::Maker,
                    'skills' => $skills, 'rate_minor' => $rate, 'hours' => $hours,
                ],
            );
        }
    }

    /** A promise that leaves room, as the commission page would have suggested it. */
    private function promise(Build $build, int $slack): void
    {
        $finish = Outlooks::finish($this->entries($build));
        if ($finish !== null && $build->purpose === Purpose::Commission) {
            $build->update(
                ['promised_on' => $this->workingDaysFrom($finish->setTimezone(self::ZONE)->format('Y-m-d'), $slack)],
            );
        }
    }

    /** One promise breaks, one is tight, the others have room; one build waits for its client. */
    private function finishingTouches(CarbonImmutable $now): void
    {
        $this->settle($now->setTimezone(self::ZONE)->format('Y-m-d'));
        $open = Build::query()->open()->orderBy('number')->get();
        $waiting = $this->build(DemoBuilds::WAITS_FOR_CLIENT);
        $undecided = $this->undecided($waiting);
        $isLate = str_starts_with($undecided->key, 'set-up') || str_starts_with($undecided->key, 'delivery');
        app(AskDecision::class)->ask(
            $this->manager(), $waiting, $undecided, $isLate ? 'The gauge of the strings?' : 'Pickup covers: open or closed?', $isLate ? ['9 to 42', '10 to 46'] : ['open', 'closed'],
            $now->setTimezone(self::ZONE)->addDays(3)->format('Y-m-d'),
        );
        for ($round = 0; $round < 5; $round++) {
            app()->forgetScopedInstances();
            foreach ($open as $build) {
                $finish = Outlooks::finish($this->entries($build))?->setTimezone(self::ZONE)->format('Y-m-d');
                if ($finish === null || $build->purpose === Purpose::Stock) {
                    continue;
                }
                $slack = match ($build->number) {
                    $this->build(DemoBuilds::LATE)->number => self::LATE,
                    $this->build(DemoBuilds::TIGHT)->number => self::TIGHT,
                    default => 4 + ($build->number * 5) % 11,
                };
                $today = $now->setTimezone(self::ZONE)->format('Y-m-d');
                $build->update(['promised_on' => max($today, $this->workingDaysFrom($finish, $slack))]);
            }
            app(Planner::class)->replan('promises of the demo shop');
        }
    }

    /** Leave that is agreed, an errand, a station that is serviced, and one date that nothing can move. */
    private function settle(string $today): void
    {
        $person = static fn (string $name): int => (int) Person::query()->where('name', $name)->value('id');
        $soon = $this->workingDaysFrom($today, 1);
        $leave = $this->workingDaysFrom($today, 16);
        $service = $this->workingDaysFrom($today, 6);
        app(MakeChange::class)->make($this->manager(), app(Changes::class)->all([
            [
                'kind' => 'away', 'person' => $person('Maren Holt'), 'from' => $leave,
                'to' => $this->workingDaysFrom($leave, 4), 'what' => 'off', 'note' => 'leave',
            ],
            [
                'kind' => 'away', 'person' => $person(DemoSignIns::all()[1]->name), 'from' => $soon,
                'part' => '13:00–14:30', 'what' => 'errand', 'note' => 'fetch timber',
            ],
            [
                'kind' => 'down',
                'resource' => (int) Resource::query()->where('key', 'router-table')->value('id'),
                'from' => "{$service}T13:00",
                'to' => "{$service}T17:00",
                'note' => 'new bearings',
            ],
        ]));
        Build::query()->where('title', DemoBuilds::IMMOVABLE)->update(['promise_kind' => Promise::Immovable->value]);
    }

    /** What the client still has to decide, as far as the build has come on this day. */
    private function undecided(Build $build): Operation
    {
        $open = Operation::query()
            ->with('build')
            ->where('build_id', $build->id)
            ->where('state', 'open')
            ->orderBy('position')
            ->get();
        foreach ([
            BodyOperation::Cavities->value, BodyOperation::Sand->value, ElectronicsOperation::Install->value,
            AssemblyOperation::Hardware->value, AssemblyOperation::Nut->value, AssemblyOperation::StringUp->value,
            AssemblyOperation::Inspect->value,
        ] as $key) {
            $found = $open->firstWhere('key', $key);
            if ($found !== null) {
                return $found;
            }
        }

        return $open->firstOrFail();
    }

    private function build(string $title): Build
    {
        return Build::query()->where('title', $title)->firstOrFail();
    }

    /** @return \Illuminate\Support\Collection<int, \App\Models\Plan\PlanEntry> */
    private function entries(Build $build): \Illuminate\Support\Collection
    {
        return \App\Models\Plan\PlanEntry::query()->where('build_id', $build->id)->get();
    }

    private function workingDaysFrom(string $date, int $days): string
    {
        $hours = app(House::class)->hours();
        $day = new \DateTimeImmutable($date);
        $step = $days < 0 ? '-1 day' : '+1 day';
        for ($left = abs($days); $left > 0;) {
            $day = $day->modify($step);
            $left -= $hours->on($day->format('Y-m-d')) === [] ? 0 : 1;
        }

        return $day->format('Y-m-d');
    }

    private function manager(): Person
    {
        return Person::query()->where('role', Role::Manager->value)->firstOrFail();
    }

    private function moveTo(CarbonImmutable $at): void
    {
        app()->instance(Clock::class, Clock::from($at->toIso8601ZuluString()));
        app()->forgetScopedInstances();
    }
}
