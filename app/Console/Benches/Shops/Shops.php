<?php

declare(strict_types=1);

namespace App\Console\Benches\Shops;

use App\Planning\Plan\Standings;
use App\Support\Clock;
use Database\Seeders\DemoShop;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** Shops of a bench, each in a file that is gone afterwards. */
final readonly class Shops
{
    public const NOW = '2026-03-18T09:12:00+01:00';

    private function __construct(private string $folder)
    {
    }

    /**
     * @template T
     *
     * @param  callable(self): T  $work
     * @return T
     */
    public static function during(callable $work): mixed
    {
        $folder = sys_get_temp_dir().'/regimen-bench-'.bin2hex(random_bytes(6));
        mkdir($folder, 0700);
        try {
            return $work(new self($folder));
        } finally {
            DB::purge('sqlite');
            (new Process(['rm', '-rf', $folder]))->run();
        }
    }

    /** The demo shop. */
    public function demo(): string
    {
        $file = "{$this->folder}/demo/shop.sqlite";
        mkdir(dirname($file));
        touch($file);
        self::use($file);
        Artisan::call('migrate', ['--force' => true]);
        Artisan::call('db:seed', ['--class' => DemoShop::class, '--force' => true]);
        self::use($file);

        return $file;
    }

    /** Another shop that is so far the same. */
    public function copyOf(string $file, string $name): string
    {
        DB::purge('sqlite');
        $copy = "{$this->folder}/{$name}/shop.sqlite";
        mkdir(dirname($copy));
        (new \SQLite3($file))->backup(new \SQLite3($copy));

        return $copy;
    }

    /** What is asked and recorded from here on is that shop’s. */
    public static function use(string $file): void
    {
        DB::purge('sqlite');
        config(['database.connections.sqlite.database' => $file]);
        app()->instance(Clock::class, Clock::from(self::NOW));
        // The demo shop is planned more shortly while it is filled.
        app()->offsetUnset(Standings::class);
        app()->forgetScopedInstances();
    }
}
