<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Tests\TestCase;

/** What an action records, it records in one transaction; what the shop works out from it afterwards has one of its own. */
final class OneTransactionTest extends TestCase
{
    use Processes;
    use ShopWithEverything;

    /** Worked out from what is recorded, or of the machine's own; never what somebody told the application. */
    private const WORKED_OUT = '/^(?:plan|plans|plan_.*|forecasts|\w+_forecasts|scenarios?|scenario_.*|jobs|cache|cache_locks|rate_limits|sign_ins|logbook_index.*)$/';

    /** Of the actions, one in so many, unless all are asked for. */
    private const EVERY = 6;

    public function test_whatever_an_action_records_is_in_one_transaction(): void
    {
        $wrong = [];
        foreach (WholeRequests::all() as $key => $request) {
            if (! $request->writes || (getenv('REGIMEN_LONG') !== '1' && crc32($key) % self::EVERY !== 0)) {
                continue;
            }
            $file = $this->copy();
            $this->inTurn($file, [[explode(' ', $key)[0], $request]], static fn () => self::noting("{$file}.notes"));
            $in = [];
            foreach (is_file("{$file}.notes") ? (array) file("{$file}.notes", FILE_IGNORE_NEW_LINES) : [] as $note) {
                [$transaction, $table] = explode(' ', (string) $note);
                if (preg_match(self::WORKED_OUT, $table) !== 1) {
                    $in[$transaction][$table] = $table;
                }
            }
            // The plan has a transaction of its own, and so has what a decided setback turned out to move in it.
            $recorded = array_filter($in, static fn (array $tables, int|string $at): bool => ! isset($tables['planned_finishes'])
                && ! (array_keys($tables) === ['setbacks'] && isset($in[(int) $at - 1]['planned_finishes'])), ARRAY_FILTER_USE_BOTH);
            if (count($recorded) > 1 || isset($in['0'])) {
                $wrong[] = "{$key}: ".json_encode(array_map(array_keys(...), $in));
            }
        }
        self::assertSame([], $wrong, implode("\n", $wrong));
    }

    /** Each table that is written to, with the number of the transaction (0: outside of any). */
    private static function noting(string $file): void
    {
        $count = 0;
        $shop = DB::connection()->getPdo();
        Event::listen(TransactionBeginning::class, static function () use (&$count): void {
            DB::transactionLevel() <= 1 && $count++;
        });
        DB::listen(static function (QueryExecuted $query) use ($file, &$count, $shop): void {
            // What is tried in a copy of the shop is recorded nowhere.
            if ($query->connection->getPdo() === $shop && preg_match('/^\s*(?:insert(?: or \w+)? into|update|delete from) "?(\w+)"?/i', $query->sql, $found) === 1) {
                file_put_contents($file, (DB::transactionLevel() === 0 ? 0 : $count)." {$found[1]}\n", FILE_APPEND);
            }
        });
    }
}
