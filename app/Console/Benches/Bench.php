<?php

declare(strict_types=1);

namespace App\Console\Benches;

use App\Console\Benches\Calm\CalmBench;
use App\Console\Benches\Calm\HardShops;
use App\Console\Benches\Company\CompanyBench;
use App\Console\Benches\Forecast\ForecastBench;
use App\Console\Benches\Pages\PagesBench;
use Illuminate\Console\Command;
use Regimen\Drawing\Drawings;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;
use Symfony\Component\Process\Process;

/**
 * Times planning on generated shops against sorting a list of as many numbers, so that runs and machines can be
 * compared.
 */
final class Bench extends Command
{
    private const NOW = 29_558_000;

    private const OPERATIONS = 50;

    /** Ten plans of the same shop by the builder that made one plan in a request, as measured with PHP’s compiler. */
    private const TEN_PLANS_BEFORE = 3.5;

    protected $signature = 'regimen:bench {what? : route, plan, calm, company, cutting, forecast or pages alone} {--demo : pages of the demo shop only}';

    protected $description = 'How planning grows with the shop, and what a specification costs, as ratios';

    public function handle(RouteBench $route, CalmBench $calm, CompanyBench $company, PagesBench $pages, CuttingBench $cutting, ForecastBench $forecast): int
    {
        if ($this->argument('what') === 'forecast') {
            return $forecast->run(fn (string $line) => $this->line($line));
        }
        if ($this->argument('what') === 'pages') {
            return $pages->run(fn (string $line) => $this->line($line), ! $this->option('demo'));
        }
        if ($this->argument('what') === 'cutting') {
            return $cutting->run(fn (string $line) => $this->line($line));
        }
        if ($this->argument('what') === 'company') {
            return $company->run(fn (string $line) => $this->line($line));
        }
        if ($this->argument('what') === 'calm') {
            return $calm->run(fn (string $line) => $this->line($line));
        }
        if ($this->argument('what') === 'route') {
            return $route->run(fn (string $line) => $this->line($line));
        }
        $yardstick = $this->best(static function (): void {
            mt_srand(5);
            $numbers = array_map(static fn (): int => mt_rand(), range(1, 100_000));
            sort($numbers);
        });
        $base = null;
        foreach ([6, 12, 24, 48] as $builds) {
            $time = $this->best(fn () => Builder::plan($this->shop($builds)));
            $base ??= $time / $builds;
            $this->line(sprintf(
                '%2d builds, %4d operations: %5.2f × drawing and sorting 100,000 numbers; a build costs %4.2f × what '
                    .'it '
                    .'costs among 6',
                $builds, $builds * self::OPERATIONS, $time / $yardstick, $time / $builds / $base,
            ));
        }

        $this->inTheRequest($yardstick);
        $this->improved();
        $this->compiled();
        if ($this->argument('what') === 'plan') {
            return self::SUCCESS;
        }
        $this->specification($yardstick);
        $route->run(fn (string $line) => $this->line($line));

        return self::SUCCESS;
    }

    /** What a plan costs as a manager gets it, beside ten plans of the builder that there was before the search. */
    private function inTheRequest(float $yardstick): void
    {
        $problem = HardShops::drawn(12, 7);
        $time = $this->best(static fn () => Improver::improve($problem, new Budget(100))) / $yardstick;
        $this->line(sprintf(
            '12 builds, 600 operations, 100 schedules: %.2f × drawing and sorting 100,000 numbers; ten plans of the builder of '
                .'before took %.1f ×, this is %.1f times as much',
            $time, self::TEN_PLANS_BEFORE, $time / self::TEN_PLANS_BEFORE,
        ));
    }

    /** What longer looking brings, counted in plans so that machines can be compared. */
    private function improved(): void
    {
        $problem = $this->shop(12);
        $first = Improver::improve($problem, new Budget(1))->bestCost;
        foreach ([10, 40, 120] as $schedules) {
            $this->line(
                sprintf(
                    '12 builds, %3d plans tried: the objective falls to %.3f of the first plan’s',
                    $schedules,
                    Improver::improve($problem, new Budget($schedules))->bestCost / $first,
                ),
            );
        }
    }

    /** The same project solved by two processes, one of them with PHP's compiler. */
    private function compiled(): void
    {
        $time = static function (string ...$options): float {
            $start = hrtime(true);
            (
                new Process(
                    [
                        PHP_BINARY, ...$options, base_path('artisan'), 'regimen:solve',
                        base_path('core/tests/reference/ft06.sm'), '--schedules=60000',
                    ],
                )
            )->mustRun();

            return (hrtime(true) - $start) / 1e6;
        };
        $plain = $time('-d', 'opcache.enable_cli=0');
        $compiled = $time(
            '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit_buffer_size=64M', '-d', 'opcache.jit=tracing',
        );
        $this->line(
            sprintf(
                '60,000 schedules of a job shop: with the compiler in %.2f of the time without it',
                $compiled / $plain,
            ),
        );
    }

    /** What a keystroke in the specification costs the core. */
    private function specification(float $yardstick): void
    {
        $read = static fn (): Workings => Workings::from(SpecificationReader::read([]));
        foreach ([
            'read' => $read,
            'all figures' => static fn (): array => FigureBook::figures($read()),
            'all findings' => static fn (): array => RuleBook::judge($read()),
            'all drawings' => static fn (): array => Drawings::views($read()),
        ] as $what => $work) {
            $this->line(
                sprintf(
                    'a specification, %-12s: %5.3f × drawing and sorting 100,000 numbers', $what,
                    $this->best($work) / $yardstick,
                ),
            );
        }
    }

    private function best(callable $work): float
    {
        $best = INF;
        for ($run = 0; $run < 5; $run++) {
            $start = hrtime(true);
            $work();
            $best = min($best, (hrtime(true) - $start) / 1e6);
        }

        return $best;
    }

    private function shop(int $builds): Problem
    {
        mt_srand(3);
        $hours = WorkingHours::of(array_fill(1, 5, [[480, 720], [750, 1020]]), [], new \DateTimeZone('UTC'));
        $workers = array_map(
            static fn (int $id): Worker => new Worker($id, "W{$id}", ['a', 'b'], Calendar::from($hours, self::NOW)),
            range(1, 4),
        );
        $activities = $dues = [];
        $capacities = ['station' => 3, 'clamps' => 2, 'rail' => 8];
        for ($build = 1; $build <= $builds; $build++) {
            $dues["b{$build}"] = new Due(self::NOW + 9_000 * $build);
            $capacities["piece{$build}"] = 1;
            for ($step = 1; $step <= self::OPERATIONS; $step++) {
                $before = $step === 1 ? [] : [new Predecessor("b{$build}s".mt_rand(max(1, $step - 4), $step - 1))];
                $demands = [
                    new Demand("piece{$build}", 1, true),
                    [new Demand('station'), new Demand('clamps', 1, true), new Demand('rail', 1, true)][mt_rand(0, 2)],
                ];
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", mt_rand(20, 240), mt_rand(0, 3) === 0 ? 720 : 0,
                    ['a', 'b'][mt_rand(0, 1)], $before, $demands,
                );
            }
        }

        return new Problem(self::NOW, $activities, $workers, $capacities, $dues);
    }
}
