<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\Plan\Scenario;
use App\Support\Clock;
use App\Support\Refused;

/** Scenarios: begun, added to, applied as a whole or dropped. */
final readonly class TryScenario
{
    private const MOST = 12;

    public function __construct(private Recording $recording, private MakeChange $makeChange, private Trial $trial, private Clock $clock)
    {
    }

    /** @param  list<array<string, mixed>>  $bodies */
    public function begin(Person $by, string $name, array $bodies = []): Scenario
    {
        return $this->recording->keep(
            fn (): Scenario => Scenario::query()->create(
                ['name' => $name, 'changes' => $bodies, 'person_id' => $by->id, 'at' => $this->clock->now()],
            ),
        );
    }

    /** @param  list<array<string, mixed>>  $bodies */
    public function add(Scenario $scenario, array $bodies): void
    {
        $this->change($scenario, function () use ($scenario, $bodies): void {
            if (count($scenario->changes) + count($bodies) > self::MOST) {
                throw Refused::because(
                    'A scenario has at most '.self::MOST.' changes; more is a decision by now.',
                    'kind',
                );
            }
            // It has to be possible beside what is there already.
            $this->trial->fit([...$scenario->changes, ...$bodies]);
            $scenario->update(['changes' => [...$scenario->changes, ...$bodies]]);
        });
    }

    public function remove(Scenario $scenario, int $index): void
    {
        $this->change($scenario, static function () use ($scenario, $index): void {
            $changes = $scenario->changes;
            array_splice($changes, $index, 1);
            $scenario->update(['changes' => $changes]);
        });
    }

    public function apply(Person $by, Scenario $scenario): string
    {
        return $this->change($scenario, function () use ($by, $scenario): string {
            if ($scenario->changes === []) {
                throw Refused::because('There is nothing in it yet.');
            }
            $scenario->update(['state' => 'applied']);

            return $this->makeChange->make($by, $scenario->changes);
        });
    }

    public function drop(Scenario $scenario): void
    {
        $this->change($scenario, static fn (): bool => $scenario->update(['state' => 'dropped']));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function change(Scenario $scenario, callable $work): mixed
    {
        return $this->recording->keep(static function () use ($scenario, $work): mixed {
            $scenario->refresh();
            if ($scenario->getAttribute('state') !== 'open') {
                throw Refused::because('That scenario was applied or dropped already.');
            }

            return $work();
        });
    }
}
