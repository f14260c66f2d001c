<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Regimen\Formats\PsplibProject;
use Regimen\Schedule\Problem\ImpossibleProblem;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Solver\Solver;
use Regimen\Units\UnreadableFile;

final class Solve extends Command
{
    use Options;

    protected $signature = 'regimen:solve {file : a project in the single-mode format of PSPLIB} {--schedules=5000 : '
        .'generate at most so many} {--seconds= : and stop after so many} {--seed=1} {--json : every start time}';

    protected $description = 'Finds a short schedule for a project with limited resources and prints its makespan last';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (! is_file($file) || ! is_readable($file)) {
            return $this->refuse("There is no file {$file} that can be read.");
        }
        try {
            [$schedules, $seconds, $seed] = [
                $this->whole('schedules', 1) ?? 5000, $this->whole('seconds', 0), $this->whole('seed', 0) ?? 1,
            ];
            $project = PsplibProject::parse((string) file_get_contents($file))->project();
        } catch (UnreadableFile|ImpossibleProblem|\InvalidArgumentException $wrong) {
            return $this->refuse($wrong->getMessage());
        }
        $budget = new Budget($schedules, self::until($seconds));
        $solution = Solver::solve($project, $budget, $seed);
        if ($this->option('json') === true) {
            $starts = array_combine(range(1, count($solution->starts)), $solution->starts);
            $this->output->writeln(
                json_encode(
                    [
                        'schedules' => $budget->spent, 'seed' => $seed, 'lowerBound' => $project->lowerBound(),
                        'starts' => $starts, 'makespan' => $solution->makespan,
                    ],
                    JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
                ),
                16,
            );
        } else {
            $this->line("schedules: {$budget->spent}");
            $this->line("lower bound: {$project->lowerBound()}");
            $this->line("makespan: {$solution->makespan}");
        }

        return self::SUCCESS;
    }
}
