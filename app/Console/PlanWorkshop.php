<?php

declare(strict_types=1);

namespace App\Console;

use App\Planning\Export\WorkshopExport;
use Illuminate\Console\Command;
use Regimen\Formats\Workshop\PlannedFile;
use Regimen\Formats\Workshop\WorkshopFile;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Units\UnreadableFile;

final class PlanWorkshop extends Command
{
    use Options;

    protected $signature = 'regimen:plan {file? : a workshop} {--schedules= : plan at most so many times} '
        .'{--seconds= : and stop after so many} {--seed=1} {--export : print the running shop as such a file}';

    protected $description = 'Plans a whole workshop from a file and prints the plan with its reasons as JSON';

    public function handle(WorkshopExport $export): int
    {
        if ($this->option('export') === true) {
            $this->output->write($export->json(), false, 16);

            return self::SUCCESS;
        }
        $file = (string) $this->argument('file');
        if (! is_file($file) || ! is_readable($file)) {
            return $this->refuse("There is no file {$file} that can be read.");
        }
        try {
            [$schedules, $seconds, $seed] = [
                $this->whole('schedules', 1), $this->whole('seconds', 0), $this->whole('seed', 0) ?? 1,
            ];
            $workshop = WorkshopFile::read((string) file_get_contents($file));
        } catch (UnreadableFile|\InvalidArgumentException $wrong) {
            return $this->refuse($wrong->getMessage());
        }
        $objective = new Objective;
        $budget = new Budget($schedules ?? Standing::schedulesFor($workshop->problem), self::until($seconds));
        $improved = $workshop->inForce === null
            ? Improver::improve($workshop->problem, $budget, $seed, $objective)
            : Improver::goOn($workshop->problem, $budget, $workshop->inForce, $seed, $objective);
        $this->output->write(PlannedFile::write($improved, $workshop, $objective, $seed), false, 16);

        return self::SUCCESS;
    }
}
