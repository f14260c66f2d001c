<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PDO;
use Tests\TestCase;

/** Each action, asked for twice at once from two processes, comes out as if one had come after the other. */
final class TwiceAtOnceTest extends TestCase
{
    use Processes;
    use ShopWithEverything;

    /** Those that were undone or lost before; of the others a slice, unless all are asked for. */
    private const ALWAYS = '#payment-parts/|invoices/|operations/|clocks/|hours/|kit/|plan/changes|plan/try/|plan/feeds|people/|revisions|taking-in#';

    private const EVERY = 20;

    public function test_there_is_a_whole_request_for_each_action(): void
    {
        $known = array_map(static fn (string $key): string => explode(' (', $key)[0], array_keys(WholeRequests::all()));
        $wrong = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $method = array_values(array_diff($route->methods(), ['GET', 'HEAD', 'OPTIONS', 'PATCH']))[0] ?? null;
            if ($method !== null && ! in_array('GET', $route->methods(), true) && ! in_array("{$method} {$route->uri()}", $known, true)) {
                $wrong[] = "{$method} {$route->uri()}";
            }
        }
        self::assertSame([], $wrong, 'tried nowhere');
    }

    public function test_each_comes_out_as_if_one_had_come_after_the_other(): void
    {
        $wrong = [];
        $count = 0;
        foreach (WholeRequests::all() as $key => $request) {
            $isTried = getenv('REGIMEN_LONG') === '1' || preg_match(self::ALWAYS, $key) === 1 || $count++ % self::EVERY === 0;
            if (! $request->writes || ! $isTried) {
                continue;
            }
            $twice = array_fill(0, 2, [explode(' ', $key)[0], $request]);
            $one = $this->copy();
            $inTurn = $this->inTurn($one, $twice);
            $both = $this->copy();
            $atOnce = $this->atOnce($both, $twice);
            foreach ([...$inTurn, ...$atOnce] as $answer) {
                if ($answer['status'] >= 500) {
                    $wrong[] = "{$key}: {$answer['status']} {$answer['said']}";
                }
            }
            $isDone = $inTurn[0]['status'] < 400 && $inTurn[0]['said'] === '';
            if ($request->fails === '' ? ! $isDone : ! str_contains($inTurn[0]['said'], $request->fails)) {
                $wrong[] = "{$key}: {$inTurn[0]['status']} {$inTurn[0]['said']}";
            }
            foreach (self::differences(self::records($one), self::records($both)) as $difference) {
                $wrong[] = "{$key}: {$difference}";
            }
            if (self::refusals($inTurn) !== self::refusals($atOnce)) {
                $wrong[] = "{$key}: ".json_encode($inTurn).' in turn and '.json_encode($atOnce).' at once';
            }
            if ((new PDO("sqlite:{$both}"))->query('select count(*) from plan_requests where plan_id is null')->fetchColumn() > 0) {
                $wrong[] = "{$key}: something that was asked for is not planned";
            }
        }
        self::assertSame([], $wrong, implode("\n", $wrong));
    }

    /** @return list<array{string, string}> what two people may do to the same thing at once */
    private static function pairs(): array
    {
        return [
            ['POST operations/{operation}/finish', 'POST operations/{operation}/clock'],
            ['POST operations/{operation}/finish', 'POST operations/{operation}/wait'],
            ['POST operations/{operation}/reopen', 'POST operations/{operation}/end-hold'],
            ['POST kit/{line}/use', 'POST kit/{line}/write-off'],
            ['DELETE plan/try/{scenario}/changes/{change}', 'POST plan/try/{scenario}/apply'],
            ['POST plan/try/{scenario}/changes', 'POST plan/try/{scenario}/apply'],
            ['DELETE plan/try/{scenario}', 'POST plan/try/{scenario}/apply'],
            ['POST plan/changes', 'POST builds/{build}/promise'],
            ['POST plan/changes (hold)', 'POST builds/{build}/call-off'],
            ['POST plan/changes/{change}/undo', 'POST plan/changes'],
            ['POST plan/changes (rows)', 'DELETE house/closed-days/{closedDay}'],
            ['POST builds/{build}/specification/release', 'PUT builds/{build}/specification'],
            ['POST builds/{build}/specification/release', 'POST builds/{build}/taking-in'],
            ['POST builds/{build}/route/changes', 'POST builds/{build}/route/reset'],
            ['PUT people/{person}', 'POST clocks/{entry}/stop'],
            ['PUT house', 'PUT house/rules'],
            ['POST plan/offers/{offer}/take', 'POST plan/offers/{offer}/leave'],
        ];
    }

    public function test_two_that_act_on_the_same_at_once_come_out_as_one_after_the_other(): void
    {
        $all = WholeRequests::all();
        $wrong = [];
        foreach (self::pairs() as $at => [$first, $second]) {
            if (getenv('REGIMEN_LONG') !== '1' && $at % 2 === 1) {
                continue;
            }
            $pair = [[explode(' ', $first)[0], $all[$first]], [explode(' ', $second)[0], $all[$second]]];
            $orders = [];
            foreach ([$pair, array_reverse($pair)] as $order) {
                $file = $this->copy();
                $this->inTurn($file, $order);
                $orders[] = self::records($file);
            }
            $both = $this->copy();
            $answers = $this->atOnce($both, $pair);
            $now = self::records($both);
            if (! in_array($now, $orders, true)) {
                $wrong[] = "{$first} and {$second}: ".implode('; ', self::differences($orders[0], $now))
                    .' — or '.implode('; ', self::differences($orders[1], $now));
            }
            foreach ($answers as $answer) {
                if ($answer['status'] >= 500) {
                    $wrong[] = "{$first} and {$second}: {$answer['status']} {$answer['said']}";
                }
            }
        }
        self::assertSame([], $wrong, implode("\n", $wrong));
    }

    public function test_two_who_open_the_shop_at_once_open_one(): void
    {
        DB::purge('sqlite');
        unlink($this->template());
        touch($this->template());
        $this->connect($this->template());
        $this->artisan('migrate');
        DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        $open = static fn (string $name): array => ['POST', new Whole('/new-shop', [
            'shop' => 'Ours', 'currency' => 'EUR', 'timezone' => 'Europe/Berlin', 'name' => $name, 'email' => 'jo@example.org',
            'password' => 'long enough by far',
        ], by: 0)];
        $file = $this->copy();
        $answers = $this->atOnce($file, [$open('Jo'), $open('Kim')]);
        self::assertCount(1, array_filter($answers, static fn (array $one): bool => str_contains($one['said'], 'has a manager already')));
        self::assertSame([1, 1], [count(self::records($file)['people']), count(self::records($file)['shops'])]);
    }

    /**
     * @param  list<array{status: int, said: string, path: string}>  $answers
     * @return int how many were refused; whoever is signed out by the first is asked to sign in again
     */
    private static function refusals(array $answers): int
    {
        return count(array_filter($answers, static fn (array $one): bool => $one['said'] !== '' || $one['path'] === '/sign-in'));
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $in
     * @param  array<string, list<array<string, mixed>>>  $at
     * @return list<string>
     */
    private static function differences(array $in, array $at): array
    {
        $found = [];
        foreach ($in as $table => $rows) {
            if ($rows !== $at[$table]) {
                $row = static fn (array $only): string => substr((string) json_encode(array_values($only)), 0, 300);
                $found[] = "{$table}: in turn ".$row(array_udiff($rows, $at[$table], static fn ($a, $b): int => $a <=> $b))
                    .', at once '.$row(array_udiff($at[$table], $rows, static fn ($a, $b): int => $a <=> $b));
            }
        }

        return $found;
    }
}
