<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\Changes;
use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\Plan\Scenario;
use App\Support\Clock;
use App\Support\Refused;

/** Scenarios: begun, added to, applied as a whole or dropped. */
final readonly class TryScenario
{
    private const MOST = 12;

    public function __construct(private Recording $recording, private MakeChange $makeChange, private Changes $changes, private Trial $trial, private Clock $clock)
    {
    }

    /** @param  list<Change>  $changes */
    public function begin(Person $by, string $name, array $changes = []): Scenario
    {
        return $this->recording->keep(
            fn (): Scenario => Scenario::query()->create(
                ['name' => $name, 'changes' => self::bodies($changes, 1), 'person_id' => $by->id, 'at' => $this->clock->now()],
            ),
        );
    }

    /** @param  list<Change>  $changes */
    public function add(Scenario $scenario, array $changes): void
    {
        $this->change($scenario, function () use ($scenario, $changes): void {
            if (count($scenario->changes) + count($changes) > self::MOST) {
                throw Refused::because(
                    'A scenario has at most '.self::MOST.' changes. Begin another for the rest.',
                    'kind',
                );
            }
            // It has to be possible beside what is there already.
            $this->trial->fit([...$this->changes->all($scenario->changes), ...$changes]);
            $scenario->update([
                'changes' => [...$scenario->changes, ...self::bodies($changes, $scenario->version + 1)],
                'version' => $scenario->version + 1,
            ]);
        });
    }

    /** @param  int  $id  of the change within it */
    public function remove(Scenario $scenario, int $id): void
    {
        $this->change($scenario, static function () use ($scenario, $id): void {
            $left = array_values(array_filter($scenario->changes, static fn (array $change): bool => $change['id'] !== $id));
            if (count($left) === count($scenario->changes)) {
                throw Refused::because('That was taken out of the scenario before. Nothing was changed.');
            }
            $scenario->update(['changes' => $left, 'version' => $scenario->version + 1]);
        });
    }

    /** @param  int  $version  of the scenario as it was seen: nobody applies what they were not shown */
    public function apply(Person $by, Scenario $scenario, int $version): string
    {
        return $this->change($scenario, function () use ($by, $scenario, $version): string {
            Refused::ifStale($scenario->version, $version, "“{$scenario->name}”");
            if ($scenario->changes === []) {
                throw Refused::because('There is nothing in it yet.');
            }
            $scenario->update(['state' => 'applied']);

            return $this->makeChange->make($by, $this->changes->all($scenario->changes));
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
            if ($scenario->getAttribute('state') !== 'open') {
                throw Refused::because('That scenario was applied or discarded already.');
            }

            return $work();
        });
    }

    /**
     * @param  list<Change>  $changes
     * @param  int  $version  of the scenario that they come in with
     * @return list<array<string, mixed>> as they are kept, each with a number that no other of the scenario ever has
     */
    private static function bodies(array $changes, int $version): array
    {
        return array_map(
            static fn (Change $change, int $at): array => ['id' => self::MOST * $version + $at, ...$change->body()], $changes, array_keys($changes),
        );
    }
}
