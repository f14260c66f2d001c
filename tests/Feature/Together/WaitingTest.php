<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use PDO;
use Tests\TestCase;

/** How long people wait for each other's plans, counted in plans: the machine's speed tells nothing of it. */
final class WaitingTest extends TestCase
{
    use Processes;
    use ShopWithEverything;

    private const PEOPLE = 6;

    private const TIMES = 4;

    public function test_nobody_waits_for_more_than_two_plans(): void
    {
        $file = $this->copy();
        // What was the latest plan when each was asked for, as the database saw it.
        (new PDO("sqlite:{$file}"))->exec(
            'CREATE TABLE asked_after (request_id integer primary key, plan_id integer);
            CREATE TRIGGER asked_after AFTER INSERT ON plan_requests
                BEGIN INSERT INTO asked_after SELECT new.id, coalesce(max(id), 0) FROM plans; END',
        );
        $hours = array_values(array_filter(
            WholeRequests::all(), static fn (string $key): bool => str_starts_with($key, 'POST operations/{operation}/hours'), ARRAY_FILTER_USE_KEY,
        ))[0];
        $children = [];
        for ($person = 0; $person < self::PEOPLE; $person++) {
            $children[] = $this->inProcess($file, "{$file}.{$person}", fn (): array => array_map(
                // Nobody works more than a day has: each on days of their own.
                fn (int $time): array => $this->answered('POST', new Whole(
                    $hours->path, [...$hours->input, 'hours' => '10 min', 'worked_on' => sprintf('2026-02-%02d', $person * self::TIMES + $time)],
                )),
                range(1, self::TIMES),
            ));
        }
        $answers = array_merge(...array_map(fn (int $child, int $at): array => $this->end($child, "{$file}.{$at}"), $children, array_keys($children)));
        self::assertSame([], array_filter(array_column($answers, 'said')));
        self::assertCount(self::PEOPLE * self::TIMES, $answers);
        $waits = (new PDO("sqlite:{$file}"))->query(
            'SELECT r.id, (SELECT count(*) FROM plans p WHERE p.id > a.plan_id AND p.id <= r.plan_id) AS waits
            FROM plan_requests r JOIN asked_after a ON a.request_id = r.id',
        )->fetchAll(PDO::FETCH_KEY_PAIR);
        self::assertCount(self::PEOPLE * self::TIMES, $waits);
        self::assertSame([], array_filter($waits, static fn (int $plans): bool => $plans < 1 || $plans > 2));
    }
}
