<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Proven;

use Regimen\Schedule\Problem\Problem;
use Symfony\Component\Process\Process;

/**
 * The least that a small shop can cost, proven by a general-purpose solver of integer programs: CBC of the COIN-OR
 * project, from Debian's package coinor-cbc. A variable for every operation, person and hour; lateness first.
 */
final class Optimum
{
    private const HOUR = SmallShops::HOUR;

    /** @var array<string, array<string, array{person: int, start: int, finish: int, works: list<int>, end: int}>> */
    private array $choices = [];

    public function __construct(private readonly Problem $problem, private readonly int $days = 8)
    {
        foreach ($problem->activities as $id => $activity) {
            foreach ($problem->workers as $worker) {
                $there = in_array($activity->skill, $worker->skills, true) ? $this->there($worker->id) : [];
                foreach (array_keys($there) as $index) {
                    $works = array_slice($there, $index, intdiv($activity->work, self::HOUR));
                    if (count($works) * self::HOUR === $activity->work) {
                        $end = self::HOUR * (end($works) + 1);
                        $this->choices[$id]["x_{$id}_{$worker->id}_{$there[$index]}"] = [
                            'person' => $worker->id, 'start' => self::HOUR * $there[$index],
                            'finish' => $end + $activity->hold, 'works' => $works, 'end' => $end,
                        ];
                    }
                }
            }
        }
    }

    /** @return int|null null if it could not be proven in that time */
    public function cost(int $seconds): ?int
    {
        $file = tempnam(sys_get_temp_dir(), 'shop').'.lp';
        file_put_contents($file, implode("\n", $this->program())."\n");
        $answer = (new Process(['cbc', $file, 'sec', (string) $seconds, 'solve'], timeout: $seconds + 60))
            ->mustRun()
            ->getOutput();
        unlink($file);
        $isProven = str_contains($answer, 'Optimal solution found')
            && preg_match('/Objective value:\s+([\d.]+)/', $answer, $found) === 1;

        return $isProven ? (int) round((float) $found[1]) : null;
    }

    /** @return list<string> */
    private function program(): array
    {
        $problem = $this->problem;
        $lines = [
            'Minimize',
            ' obj: '.implode(' + ', array_map(
                static fn (string $build): string => $problem->weights->inTheShop." f_{$build} + "
                    .$problem->weights->late * $problem->weights->of($problem->dues[$build]->promise)." l_{$build}",
                array_keys($problem->dues),
            )),
            'Subject To',
        ];
        foreach ($problem->activities as $id => $activity) {
            $lines[] = " one_{$id}: ".implode(' + ', array_keys($this->choices[$id])).' = 1';
            $lines[] = " over_{$id}: f_{$activity->build} - ".$this->sum((string) $id, 'finish', ' - ').' >= 0';
            foreach ($activity->predecessors as $before) {
                $lines[] = " after_{$id}: ".$this->sum((string) $id, 'start', ' + ').' - '
                    .$this->sum((string) $before->activity, 'finish', ' - ').' >= 0';
            }
        }
        foreach ($problem->dues as $build => $due) {
            $lines[] = " late_{$build}: l_{$build} - f_{$build} >= ".-($due->instant - $problem->now);
        }
        foreach ($this->rooms() as $room => [$terms, $capacity]) {
            $lines[] = " {$room}: ".implode(' + ', $terms)." <= {$capacity}";
        }

        return [
            ...$lines, 'Binaries',
            ...array_map(static fn (array $of): string => ' '.implode(' ', array_keys($of)), $this->choices), 'End',
        ];
    }

    private function sum(string $activity, string $what, string $sign): string
    {
        return implode($sign, array_map(
            static fn (array $one, string $name): string => "{$one[$what]} {$name}",
            $this->choices[$activity],
            array_keys($this->choices[$activity]),
        ));
    }

    /** @return list<int> the hours since now in which a person works */
    private function there(int $person): array
    {
        $there = [];
        for ($hour = 0; $hour < 24 * $this->days; $hour++) {
            $isWeekend = intdiv(8 + $hour, 24) % 7 > 4;
            if (! $isWeekend && in_array((8 + $hour) % 24, SmallShops::HOURS[$person], true)) {
                $there[] = $hour;
            }
        }

        return $there;
    }

    /** @return array<string, array{list<string>, int}> what shares an hour of a person or a resource, and its capacity */
    private function rooms(): array
    {
        $rooms = [];
        foreach ($this->choices as $id => $of) {
            foreach ($of as $name => $one) {
                foreach ($one['works'] as $hour) {
                    $rooms["person{$one['person']}_{$hour}"][0][] = $name;
                    $rooms["person{$one['person']}_{$hour}"][1] = 1;
                }
                foreach ($this->problem->activities[$id]->demands as $demand) {
                    $until = intdiv($demand->throughHold ? $one['finish'] : $one['end'], self::HOUR);
                    for ($hour = intdiv($one['start'], self::HOUR); $hour < $until; $hour++) {
                        $rooms["{$demand->resource}_{$hour}"][0][] = $demand->quantity === 1
                            ? $name
                            : "{$demand->quantity} {$name}";
                        $rooms["{$demand->resource}_{$hour}"][1] = $this->problem->capacities[$demand->resource];
                    }
                }
            }
        }

        return $rooms;
    }
}
