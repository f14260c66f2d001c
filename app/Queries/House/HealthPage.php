<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Backups\Copies;
use App\Backups\Copy;
use App\Models\House\CopyMade;
use App\Models\House\Shop;
use App\Pages\House\CopyLine;
use App\Pages\House\DiskLine;
use App\Pages\House\HealthProps;
use App\Support\Clock;
use Regimen\Units\Words;

/** Whether the shop's data would survive the loss of the machine, and whether the disk has room. */
final readonly class HealthPage
{
    /** Less free than this many times the shop's database, or this many bytes, is told. */
    private const TIMES = 5;

    private const LEAST_BYTES = 500_000_000;

    public function __construct(private Copies $copies, private Clock $clock, private RunningParts $running)
    {
    }

    public function data(): HealthProps
    {
        $shop = Shop::current();
        $copies = $this->copies->all();
        $last = $copies[0] ?? null;
        $failed = CopyMade::query()->orderByDesc('id')->first();

        return new HealthProps(
            heading: $this->heading($last),
            warn: $this->isStale($last),
            failed: $failed !== null && ! $failed->good ? (string) $failed->words : '',
            copies: array_map(
                static fn (Copy $copy): CopyLine => new CopyLine(
                    name: basename($copy->file), at: $copy->at->toIso8601ZuluString(), size: self::size($copy->bytes),
                    isSealed: $copy->isSealed,
                ),
                $copies,
            ),
            folder: (string) $shop->backup_folder,
            inUse: $this->copies->folder(),
            isSealed: $shop->backup_key !== null,
            version: $shop->version,
            databaseSize: self::size($this->databaseBytes()),
            disks: $this->disks(),
            running: $this->running->lines(),
        );
    }

    private function isStale(?Copy $last): bool
    {
        return $last === null || $last->at->diffInHours($this->clock->now()) > Copies::FRESH_HOURS;
    }

    private function heading(?Copy $last): string
    {
        if ($last === null) {
            return 'There is no copy of the shop yet';
        }
        $hours = (int) $last->at->diffInHours($this->clock->now());
        $age = match (true) {
            $hours < 1 => 'less than an hour',
            $hours < 48 => $hours === 1 ? 'an hour' : "{$hours} hours",
            default => intdiv($hours, 24).' days',
        };

        return $this->isStale($last) ? "The last copy is {$age} old" : "The last good copy is {$age} old";
    }

    private function databaseBytes(): int
    {
        $file = (string) config('database.connections.sqlite.database');

        return (is_file($file) ? (int) filesize($file) : 0) + (is_file("{$file}-wal") ? (int) filesize("{$file}-wal") : 0);
    }

    /** @return list<DiskLine> */
    private function disks(): array
    {
        $disks = [];
        $places = [
            'the shop’s database' => dirname((string) config('database.connections.sqlite.database')),
            'the copies' => $this->copies->folder(),
        ];
        foreach ($places as $what => $folder) {
            $free = is_dir($folder) ? @disk_free_space($folder) : false;
            $disks[] = $free === false
                ? new DiskLine($what, "The folder of {$what} is not there yet.", false)
                : new DiskLine(
                    $what, self::size((int) $free)." are free on the disk of {$what}.",
                    $free < max(self::LEAST_BYTES, self::TIMES * $this->databaseBytes()),
                );
        }

        return $disks;
    }

    private static function size(int $bytes): string
    {
        return match (true) {
            $bytes >= 1_000_000_000 => Words::number($bytes / 1e9).' GB',
            $bytes >= 1_000_000 => Words::number($bytes / 1e6).' MB',
            default => Words::number($bytes / 1e3, 0).' kB',
        };
    }
}
