<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Actions\Commission\Commission;
use App\Actions\Commission\TakeCommission;
use App\Actions\House\OpenShop;
use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\MakeChange;
use App\Models\Build\Operation;
use App\Models\Build\Purpose;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Opis\JsonSchema\Validator;
use Regimen\Route\Operations\NeckOperation;
use Symfony\Component\Process\Process;

/** The entry script and the commands behind it, on databases of their own. */
final class PlanningConsoleTest extends FrameworkTestCase
{
    use EntryScript;

    public function test_a_project_is_solved_and_its_makespan_printed_last(): void
    {
        $solved = $this->script('solve', base_path('core/tests/reference/j301_1.sm'), '--seed=4');
        $this->assertSame(
            [0, 'makespan: 43'],
            [$solved->getExitCode(), last(explode("\n", trim($solved->getOutput())))],
            $solved->getErrorOutput(),
        );
        $told = json_decode(
            $this->script(
                'solve', base_path('core/tests/reference/ft06.sm'), '--json', '--schedules=3000',
            )->getOutput(),
            true,
            8,
            JSON_THROW_ON_ERROR,
        );
        $this->assertSame([38, 55, 55], [count($told['starts']), $told['makespan'], $told['starts']['38']]);
        $this->assertLessThanOrEqual(3000, $told['schedules']);
        $broken = "{$this->folder}/broken.sm";
        file_put_contents($broken, "PRECEDENCE RELATIONS:\n 1 1 1 9\n");
        foreach ([
            ['solve', $broken, 'Line 2'], ['solve', '/no/such/file', 'no file'],
            ['solve', base_path('core/tests/reference/ft06.sm'), 'takes a whole number', '--schedules=many'],
            ['solve', base_path('core/tests/reference/ft06.sm'), 'takes a whole number', '--seed=99999999999999999999'],
            ['solve', base_path('core/tests/reference/ft06.sm'), '"--quickly" option', '--quickly'],
            ['plan', base_path('docs/workshop.schema.json'), 'can\'t be read'],
        ] as $arguments) {
            $says = $arguments[2];
            unset($arguments[2]);
            $refused = $this->script(...array_values($arguments));
            $this->assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()]);
            $this->assertStringContainsString($says, $refused->getErrorOutput());
        }
    }

    public function test_where_no_shop_has_been_opened_there_is_none_to_export(): void
    {
        $refused = new Process(
            [base_path('regimen'), 'plan', '--export'], $this->folder, ['DB_DATABASE' => "{$this->folder}/none.sqlite"],
        );
        $refused->run();
        $this->assertSame(
            [2, '', "There is no shop of your own here yet; ./regimen start opens one.\n"],
            [$refused->getExitCode(), $refused->getOutput(), $refused->getErrorOutput()],
        );
    }

    public function test_the_running_shop_is_exported_planned_and_comes_out_as_it_was_planned(): void
    {
        $shop = app(OpenShop::class);
        config(['database.connections.sqlite.database' => "{$this->folder}/shop.sqlite"]);
        \DB::purge('sqlite');
        $manager = $shop('Test', 'EUR', 'Europe/Berlin', 'Ines', 'ines@example.org', 'a long password');
        foreach ([[], ['joint' => 'set', 'finish' => 'nitrocellulose']] as $change) {
            app(TakeCommission::class)(
                $manager,
                new Commission(Purpose::Stock, 'Stock', '', '', ['type' => 'guitar', ...$change], null, null, null),
            );
        }
        $neck = Operation::query()->where('key', NeckOperation::Carve->value)->firstOrFail();
        app(MakeChange::class)->make($manager, app(Changes::class)->all([
            [
                'kind' => 'pin', 'operation' => $neck->id,
                'day' => (new \DateTimeImmutable('+40 weekdays'))->format('Y-m-d'),
            ],
            ['kind' => 'push', 'build' => 2, 'days' => 30],
            [
                'kind' => 'longer', 'person' => $manager->id, 'from' => date('Y-m-d'),
                'to' => date('Y-m-d', time() + 864_000), 'minutes' => 60,
            ],
            [
                'kind' => 'away', 'person' => $manager->id,
                'from' => (new \DateTimeImmutable('+3 weekdays'))->format('Y-m-d'), 'part' => '9:00–11:00',
            ],
            [
                'kind' => 'down',
                'resource' => 3,
                'from' => date('Y-m-d').'T00:00',
                'to' => (new \DateTimeImmutable('+15 weekdays'))->format('Y-m-d').'T12:00',
            ],
        ]));
        $file = "{$this->folder}/shop.json";
        file_put_contents($file, $this->artisan('regimen:plan', ['--export'])->getOutput());
        $this->assertTrue(
            (new Validator)->validate(
                json_decode((string) file_get_contents($file)),
                (string) file_get_contents(base_path('docs/workshop.schema.json')),
            )->isValid(),
        );
        $planned = $this->script('plan', $file, '--schedules=1');
        $this->assertSame(0, $planned->getExitCode(), $planned->getErrorOutput());
        $told = json_decode($planned->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        $kept = \DB::table('plan_entries')->pluck('start', 'operation_id');
        $this->assertCount($kept->count(), $told['operations']);
        foreach ($told['operations'] as $operation) {
            $this->assertSame(
                $kept[(int) substr($operation['id'], 1)],
                (
                    new \DateTimeImmutable($operation['start'])
                )->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
                $operation['id'],
            );
            $this->assertNotSame('', $operation['because']['words']);
        }
        $better = json_decode(
            $this->script('plan', $file, '--schedules=30', '--seed=2')->getOutput(),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        $this->assertLessThanOrEqual($told['objective'], $better['objective']);
        file_put_contents($file, '{"format": "regimen-workshop/1"}');
        foreach ([['plan', $file], ['plan', '/no/such/file'], ['plan']] as $arguments) {
            $this->assertSame(2, $this->script(...$arguments)->getExitCode());
        }
    }

    public function test_two_plannings_at_once_wait_for_each_other_and_do_not_mix(): void
    {
        config(['database.connections.sqlite.database' => "{$this->folder}/shop.sqlite"]);
        \DB::purge('sqlite');
        $manager = app(OpenShop::class)('Test', 'EUR', 'Europe/Berlin', 'Ines', 'ines@example.org', 'a long password');
        foreach (range(1, 3) as $build) {
            app(TakeCommission::class)(
                $manager,
                new Commission(Purpose::Stock, "Stock {$build}", '', '', ['type' => 'guitar'], null, null, null),
            );
        }
        // One takes people away and plans, the other gives them back and plans, each eight times.
        $script = <<<'PHP'
            require $argv[1].'/vendor/autoload.php';
            $app = require $argv[1].'/bootstrap/app.php';
            $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            $by = App\Models\People\Person::query()->firstOrFail();
            for ($round = 0; $round < 8; $round++) {
                app()->forgetScopedInstances();
                app(App\Actions\Plan\MakeChange::class)->make($by, [new App\Actions\Plan\Changes\Kinds\PushBuild((int) $argv[2], $round + 1)]);
            }
            PHP;
        $processes = array_map(
            fn (int $build): Process => new Process(
                [PHP_BINARY, '-r', $script, '--', base_path(), (string) $build],
                base_path(),
                ['DB_DATABASE' => "{$this->folder}/shop.sqlite", 'APP_ENV' => 'testing'],
                timeout: 240,
            ),
            [1, 2],
        );
        array_map(static fn (Process $process) => $process->start(), $processes);
        foreach ($processes as $process) {
            $process->wait();
            $this->assertSame(0, $process->getExitCode(), $process->getOutput().$process->getErrorOutput());
        }
        $this->assertSame(
            [19, 0],
            [\DB::table('plan_requests')->count(), \DB::table('plan_requests')->whereNull('plan_id')->count()],
            'a plan holds each of three builds and sixteen changes',
        );
        $this->assertLessThanOrEqual(19, \DB::table('plans')->count(), 'one plan may hold what both asked for');
        $this->assertSame(
            [3],
            \DB::table('planned_finishes')
                ->where('plan_id', '>', 3)
                ->groupBy('plan_id')
                ->selectRaw('count(*) as builds')
                ->pluck('builds')
                ->unique()
                ->values()
                ->map(intval(...))
                ->all(),
            'every plan has every build',
        );
        $last = \DB::table('planned_finishes')
            ->where('plan_id', \DB::table('plans')->max('id'))
            ->pluck('finish', 'build_id')
            ->all();
        $this->assertSame(
            $last,
            \DB::table('plan_entries')
                ->groupBy('build_id')
                ->selectRaw('build_id, max(finish) as finish')
                ->pluck('finish', 'build_id')
                ->all(),
            'what is in force is the last plan, whole',
        );
        $this->assertSame(\DB::table('operations')->count(), \DB::table('plan_entries')->count());
    }
}
