<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Planning\House\House;
use App\Planning\Problem\Air;
use App\Planning\Problem\AwayWork;
use App\Planning\Problem\LeadTimes;
use App\Planning\Problem\PaymentWaits;
use App\Planning\Problem\TimberWaits;
use App\Support\OneAtATime;
use Illuminate\Database\Connection;
use Illuminate\Database\Connectors\SQLiteConnector;
use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;
use SQLite3;

/** The shop's records as one database file: read as they stand at one moment, copied to try things, planned one at a time. */
final class ShopDatabase
{
    private bool $isCopy = false;

    private bool $isAlone = false;

    public function __construct(
        private readonly House $house,
        private readonly Air $air,
        private readonly LeadTimes $leads,
        private readonly TimberWaits $timber, private readonly PaymentWaits $payments, private readonly AwayWork $away,
    ) {
    }

    /**
     * Reads everything as it stood when the reading began, whatever is written meanwhile, and holds up no writer.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    public function steady(callable $read): mixed
    {
        $connection = DB::connection();
        if ($connection->transactionLevel() > 0) {
            return $read();
        }
        $pdo = $connection->getPdo();
        $pdo->beginTransaction();
        try {
            return $read();
        } finally {
            $pdo->rollBack();
        }
    }

    /**
     * One after the other, also between processes; for what must not be done twice at once and would hold up everybody
     * inside a transaction.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @param  (callable(): bool)|null  $isDone  whether another has done it while it was waited for
     * @return T|null
     */
    public function alone(callable $work, ?callable $isDone = null): mixed
    {
        $file = $this->file();
        if ($file === null || $this->isAlone || $this->isCopy) {
            return $work();
        }

        return OneAtATime::do("{$file}-turn", function () use ($work): mixed {
            $this->isAlone = true;
            try {
                return $work();
            } finally {
                $this->isAlone = false;
            }
        }, $isDone);
    }

    /**
     * Whatever the work writes is written to a copy of the shop and gone after it. Nobody waits for it. Where there is
     * no file to copy, it is taken back instead.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function aside(callable $work): mixed
    {
        $connection = DB::connection();
        $file = $this->isCopy || $connection->transactionLevel() > 0 ? null : $this->file();
        try {
            return $file === null ? $this->takenBack($work) : $this->onCopy($connection, $file, $work);
        } finally {
            $this->house->forget();
            $this->air->forget();
            $this->leads->forget();
            $this->timber->forget();
            $this->payments->forget();
            $this->away->forget();
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function takenBack(callable $work): mixed
    {
        DB::beginTransaction();
        try {
            return $work();
        } finally {
            DB::rollBack();
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function onCopy(Connection $connection, string $file, callable $work): mixed
    {
        $shop = $connection->getPdo();
        $connection->setPdo($this->copy($connection, $file));
        $this->isCopy = true;
        try {
            return $work();
        } finally {
            $this->isCopy = false;
            $connection->setPdo($shop);
        }
    }

    /** The copy has no name any more once it is open, so that nothing is left of it however the work ends. */
    private function copy(Connection $connection, string $file): PDO
    {
        $name = (string) tempnam(sys_get_temp_dir(), 'regimen-');
        try {
            $source = new SQLite3($file, SQLITE3_OPEN_READONLY);
            $source->busyTimeout((int) $connection->getConfig('busy_timeout'));
            $copy = new SQLite3($name);
            if (! $source->backup($copy)) {
                throw new RuntimeException('The shop could not be copied.');
            }
            $copy->close();
            $source->close();

            return (new SQLiteConnector)->connect([
                ...$connection->getConfig(), 'database' => $name, 'journal_mode' => 'MEMORY', 'synchronous' => 'OFF',
            ]);
        } finally {
            unlink($name);
        }
    }

    private function file(): ?string
    {
        $file = DB::connection()->getDatabaseName();

        return $file === ':memory:' ? null : $file;
    }
}
