<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Illuminate\Support\Facades\DB;
use PDO;
use Tests\TestCase;

/** A process that is killed in the middle of any action leaves all of it or nothing, and a shop that goes on. */
final class KilledTest extends TestCase
{
    use Processes;
    use ShopWithEverything;

    /** Of the actions, one in so many; and so often each is killed. */
    private const EVERY = 24;

    private const TIMES = 2;

    public function test_whatever_is_killed_is_done_or_not_and_the_next_action_works(): void
    {
        mt_srand(20_260_318);
        $isLong = getenv('REGIMEN_LONG') === '1';
        $wrong = [];
        $killed = 0;
        $at = 0;
        foreach (WholeRequests::all() as $key => $request) {
            if (! $request->writes || $request->fails !== '' || (! $isLong && $at++ % self::EVERY !== 0)) {
                continue;
            }
            $one = [[explode(' ', $key)[0], $request]];
            $whole = $this->copy();
            $this->inTurn($whole, $one, fn () => self::killAt(0, "{$whole}.statements"));
            $statements = strlen((string) file_get_contents("{$whole}.statements"));
            for ($time = 0; $time < ($isLong ? 6 * self::TIMES : self::TIMES); $time++) {
                $point = mt_rand(1, $statements);
                $file = $this->copy();
                $answers = $this->inTurn($file, $one, fn () => self::killAt($point, "{$file}.statements"));
                $killed += $answers === [] ? 1 : 0;
                foreach ($this->faults($file, $whole) as $fault) {
                    $wrong[] = "{$key}, killed at statement {$point} of {$statements}: {$fault}";
                }
            }
        }
        self::assertSame([], $wrong, implode("\n", $wrong));
        self::assertGreaterThan(10, $killed, 'they were killed');
    }

    /** Each statement is noted with a stroke; before the one that is meant the process is killed. */
    private static function killAt(int $point, string $strokes): void
    {
        DB::connection()->beforeExecuting(static function () use ($point, $strokes): void {
            file_put_contents($strokes, '|', FILE_APPEND);
            if (filesize($strokes) === $point) {
                posix_kill(posix_getpid(), SIGKILL);
            }
            clearstatcache();
        });
    }

    /** @return list<string> */
    private function faults(string $file, string $whole): array
    {
        $found = self::damages($file);
        $records = self::records($file);
        if ($records !== self::records($this->template()) && $records !== self::records($whole)) {
            $found[] = 'half of it is there';
        }
        foreach ($this->inTurn($file, [['POST', new Whole('/climate', ['temperature' => '19', 'humidity' => '44'])], ['GET', new Whole('/today', [])]]) as $next) {
            if ($next['status'] >= 400 || $next['said'] !== '') {
                $found[] = "the next action: {$next['status']} {$next['said']}";
            }
        }
        if ((new PDO("sqlite:{$file}"))->query('select count(*) from plan_requests where plan_id is null')->fetchColumn() > 0) {
            $found[] = 'something that was asked for is never planned';
        }

        return $found;
    }
}
