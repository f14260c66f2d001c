<?php

declare(strict_types=1);

namespace App\Backups;

use App\Models\House\Shop;
use App\Support\Clock;
use App\Support\OneAtATime;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The copies of the shop in its folder: written, checked, and kept by day, week and month. */
final readonly class Copies
{
    /** A good copy that is older is told. */
    public const FRESH_HOURS = 26;

    private const DAYS = 7;

    private const WEEKS = 5;

    private const MONTHS = 12;

    private const NAME = '/^regimen-(\d{4}-\d{2}-\d{2})-(\d{4})\.sqlite(\.sealed)?$/';

    public function __construct(private Clock $clock)
    {
    }

    public function folder(): string
    {
        $folder = (string) (Shop::query()->first()->backup_folder ?? '');

        // Each shop of a machine has a folder of its own: the demo's copies never push out those of the real one.
        $database = (string) config('database.connections.sqlite.database');

        return $folder !== '' ? $folder : dirname($database).'/'.pathinfo($database, PATHINFO_FILENAME).'-copies';
    }

    /** @return list<Copy> the newest first */
    public function all(): array
    {
        $copies = [];
        foreach (@scandir($this->folder(), SCANDIR_SORT_DESCENDING) ?: [] as $name) {
            $file = "{$this->folder()}/{$name}";
            if (preg_match(self::NAME, $name, $found) === 1 && is_file($file)) {
                $copies[] = new Copy(
                    $file, CarbonImmutable::createFromFormat('!Y-m-d Hi', "{$found[1]} {$found[2]}", 'UTC')
                        ?? $this->clock->now(), (int) filesize($file), isset($found[3]),
                );
            }
        }

        return $copies;
    }

    /** Whether the night's copy is due: a day has gone by since the last one, or it is night and none was made in it. */
    public function isDue(): bool
    {
        $shop = Shop::query()->first();
        $last = $this->all()[0] ?? null;
        if ($shop === null || $last === null) {
            return $shop !== null;
        }
        $hours = $last->at->diffInHours($this->clock->now());
        $hour = (int) $this->clock->now()->setTimezone($shop->zone())->format('G');

        return $hours >= 24 || ($hours >= 6 && $hour >= 2 && $hour < 5);
    }

    /**
     * A new copy, checked before it counts; those that are no longer kept are removed after it.
     *
     * @throws UnusableCopy when it could not be written or is not good
     */
    public function make(): Copy
    {
        return OneAtATime::do(storage_path('framework/copying'), $this->makeOne(...));
    }

    private function makeOne(): Copy
    {
        $shop = Shop::current();
        $folder = $this->folder();
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true) && ! is_dir($folder)) {
            throw new UnusableCopy("The folder {$folder} cannot be made. Name another one.");
        }
        if (! is_writable($folder)) {
            throw new UnusableCopy("Nothing can be written into {$folder}. Is the disk there?");
        }
        $at = $this->clock->now()->startOfMinute();
        $plain = "{$folder}/regimen-{$at->format('Y-m-d-Hi')}.sqlite";
        $sealed = $shop->backup_key === null ? null : "{$plain}.sealed";
        $partial = "{$plain}.partial";
        try {
            @unlink($partial);
            self::write($partial);
            if (ShopFile::look($partial)->isOlder()) {
                throw new UnusableCopy('The copy lacks tables that the program has; run ./regimen start once.');
            }
            PhotographCopies::keep((string) config('database.connections.sqlite.database'), $partial, $shop->backup_key, $shop->backup_salt);
            if ($sealed !== null) {
                Sealed::write($partial, "{$sealed}.partial", (string) $shop->backup_key, (string) $shop->backup_salt);
                rename("{$sealed}.partial", $sealed);
            } else {
                rename($partial, $plain);
            }
        } finally {
            array_map(unlink(...), array_filter([$partial, "{$plain}.sealed.partial"], is_file(...)));
        }
        $this->thinOut();
        $file = $sealed ?? $plain;

        return new Copy($file, $at, (int) filesize($file), $sealed !== null);
    }

    /** A consistent copy of the database, also while it is in use, for nobody else to read. */
    public static function write(string $file): void
    {
        touch($file) && chmod($file, 0600);
        try {
            DB::statement('VACUUM INTO ?', [$file]);
        } catch (\PDOException $failed) {
            throw new UnusableCopy("{$file} could not be written whole: {$failed->getMessage()}.");
        }
    }

    /** Keeps the newest of each of the last days, weeks and months that have one. */
    private function thinOut(): void
    {
        $kept = ['Y-m-d' => [self::DAYS, []], 'o-W' => [self::WEEKS, []], 'Y-m' => [self::MONTHS, []]];
        foreach ($this->all() as $copy) {
            $isKept = false;
            foreach ($kept as $format => [$most, $seen]) {
                $of = $copy->at->format($format);
                if (! in_array($of, $seen, true) && count($seen) < $most) {
                    $kept[$format][1][] = $of;
                    $isKept = true;
                }
            }
            if (! $isKept) {
                unlink($copy->file);
            }
        }
    }
}
