<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\House\OperationStandard;
use App\Models\People\Person;
use App\Pages\LookingBack\BiasGroup;
use App\Pages\LookingBack\BiasLine;
use App\Planning\Forecast\PastJobs;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Forecast\Learned\Job;
use Regimen\Forecast\Learned\Outliers;
use Regimen\Forecast\Learned\Ratio;

/** Estimates against what was worked: by stage, by model, by maker, by operation, each with its number of jobs. */
final class Biases
{
    private const FEWEST = 5;

    /** So far off is worth a word. */
    private const OFF = 0.12;

    private const SHOWN = 12;

    /** @var list<Job>|null without those that are kept out */
    private ?array $jobs = null;

    public function __construct(private readonly PastJobs $past, private readonly Clock $clock)
    {
    }

    /** @return list<BiasGroup> */
    public function groups(): array
    {
        $standards = OperationStandard::query()->get(['key', 'name', 'stage'])->keyBy('key');
        $people = Person::query()->pluck('name', 'id');
        $groups = [];
        foreach ([
            'stage' => static fn (Job $job): string => (string) $standards->get($job->operation)?->stage->words(),
            'model' => static fn (Job $job): string => $job->model,
            'maker' => static fn (Job $job): string => (string) $people->get($job->person, ''),
            'operation' => static fn (Job $job): string => (string) ($standards->get($job->operation)->name ?? ''),
        ] as $by => $of) {
            $lines = $this->lines($of);
            if ($by === 'operation') {
                usort($lines, static fn (array $a, array $b): int => abs($b[1]->log) <=> abs($a[1]->log));
                $lines = array_slice($lines, 0, self::SHOWN);
            }
            $lines === [] || $groups[] = new BiasGroup($by, array_column($lines, 0));
        }

        return $groups;
    }

    /** Whether the last year is another than those before. */
    public function drift(): string
    {
        $jobs = $this->jobs();
        $new = array_filter($jobs, static fn (Job $one): bool => $one->age < 1);
        $old = array_filter($jobs, static fn (Job $one): bool => $one->age >= 1);
        if (count($new) < self::FEWEST || count($old) < self::FEWEST) {
            return 'The records do not reach back far enough to say whether work has become quicker or slower.';
        }
        [$now, $before] = [self::ratio(array_values($new))->median(), self::ratio(array_values($old))->median()];

        return 'In the last year work took '.number_format($now, 2).' × what was estimated ('.Say::count(count($new), 'job').'), before that '.number_format($before, 2).' × ('.Say::count(count($old), 'job').'). What is a year old counts half.';
    }

    /** @return list<string> what to change */
    public function change(): array
    {
        $standards = OperationStandard::query()->get(['key', 'name'])->keyBy('key');
        $off = [];
        foreach ($this->lines(static fn (Job $job): string => (string) ($standards->get($job->operation)->name ?? '')) as [$line, $ratio]) {
            if ($line->isOff) {
                $off[$line->name] = $ratio->log;
            }
        }
        if ($off === []) {
            return [];
        }
        uasort($off, static fn (float $a, float $b): int => abs($b) <=> abs($a));
        $first = (string) array_key_first($off);

        return [
            ucfirst($first).' takes '.number_format(exp($off[$first]), 2).' × what is estimated'.(count($off) > 1 ? ', and '.Say::count(count($off) - 1, 'other operation is', 'other operations are').' as far off' : '')
                .'. The chances know that; quotes do not before the learned hours are taken under House standards.',
        ];
    }

    /**
     * @param  callable(Job): string  $of
     * @return list<array{BiasLine, Ratio}>
     */
    private function lines(callable $of): array
    {
        $by = [];
        foreach ($this->jobs() as $job) {
            $by[$of($job)][] = $job;
        }
        unset($by['']);
        $lines = [];
        foreach ($by as $name => $jobs) {
            $ratio = self::ratio($jobs);
            [$low, $high] = $ratio->interval(0.8);
            $sure = abs($ratio->log) > 2 * $ratio->unsure;
            $lines[] = [new BiasLine(
                (string) $name, YearHours::words(array_sum(array_map(static fn (Job $one): int => $one->estimated, $jobs))), YearHours::words(array_sum(array_map(static fn (Job $one): int => $one->worked, $jobs))),
                number_format($ratio->median(), 2).' ×', number_format($low, 2).'–'.number_format($high, 2), count($jobs), count($jobs) >= self::FEWEST && $sure && abs($ratio->log) > self::OFF,
            ), $ratio];
        }
        usort($lines, static fn (array $a, array $b): int => $b[0]->n <=> $a[0]->n);

        return $lines;
    }

    /** @param  list<Job>  $jobs */
    private static function ratio(array $jobs): Ratio
    {
        return Ratio::after(0.0, 0.2, 1.0, array_map(static fn (Job $one): array => [(float) $one->log(), $one->weight()], $jobs));
    }

    /** @return list<Job> */
    private function jobs(): array
    {
        if ($this->jobs === null) {
            $like = $kept = [];
            foreach ($this->past->all($this->clock->now()) as $job) {
                $like["{$job->operation} {$job->way}"][] = $job;
            }
            foreach ($like as $same) {
                array_push($kept, ...Outliers::of($same)[0]);
            }
            $this->jobs = $kept;
        }

        return $this->jobs;
    }
}
