<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Carbon\CarbonImmutable;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A served shop with a database and a clock of its own. */
final class ShopServer
{
    /** A Wednesday morning in the shop's zone. */
    public const NOW = '2026-03-18T09:12:00+01:00';

    private function __construct(
        public readonly string $address,
        private readonly Process $process,
        private readonly string $folder,
    ) {
    }

    /** The demo shop as it stands at NOW; filled once for each run and copied. */
    public static function demo(): self
    {
        return self::serve(self::template('demo', static function (array $env): void {
            self::artisan(['migrate', '--force'], $env);
            self::artisan(['db:seed', '--class=DemoShop', '--force'], [...$env, 'REGIMEN_NOW' => self::NOW]);
        }));
    }

    public static function empty(): self
    {
        return self::serve(self::template('empty', static function (array $env): void {
            self::artisan(['migrate', '--force'], $env);
        }));
    }

    /**
     * A database that is filled once a run: whoever of the processes beside each other comes first does it.
     *
     * @param  callable(array<string, string>): void  $fill
     */
    private static function template(string $name, callable $fill): string
    {
        $file = self::root()."/storage/regimen/browser-{$name}.sqlite";
        $lock = fopen("{$file}.lock", 'c+') ?: throw new RuntimeException("{$file}.lock cannot be opened.");
        flock($lock, LOCK_EX);
        if (stream_get_contents($lock) !== self::run()) {
            array_map('unlink', glob("{$file}*.filling*") ?: []);
            touch("{$file}.filling");
            $fill(self::environment("{$file}.filling"));
            rename("{$file}.filling", $file);
            ftruncate($lock, 0);
            rewind($lock);
            fwrite($lock, self::run());
        }
        fclose($lock);

        return $file;
    }

    /** What the processes of one run have in common. */
    private static function run(): string
    {
        return getenv('REGIMEN_TEST_RUN') ?: 'process '.getmypid();
    }

    /** Moves the shop's clock. */
    public function setNow(string $instant): void
    {
        file_put_contents("{$this->folder}/now", CarbonImmutable::parse($instant)->toIso8601ZuluString());
    }

    /** Does what waits in the queue, as the worker does beside the shop. */
    public function workOff(): void
    {
        self::artisan(['queue:work', '--stop-when-empty'], [
            ...self::environment("{$this->folder}/shop.sqlite"), 'REGIMEN_NOW' => "@{$this->folder}/now",
        ]);
    }

    /** The connection is cut: nobody answers at its address. */
    public function cut(): void
    {
        $this->process->stop(0);
    }

    /** It is there again, at the same address. */
    public function mend(): void
    {
        $this->process->start();
        FreePort::waitFor((int) parse_url($this->address, PHP_URL_PORT));
    }

    public function stop(): void
    {
        $this->process->stop(2);
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    private static function serve(string $template): self
    {
        $folder = sys_get_temp_dir().'/regimen-shop-'.bin2hex(random_bytes(6));
        mkdir("{$folder}/sessions", 0700, true);
        copy($template, "{$folder}/shop.sqlite");
        file_put_contents("{$folder}/now", self::NOW);
        // The files of photographs are shared: they are never changed.
        is_dir(self::root().'/storage/regimen/photographs') && symlink(self::root().'/storage/regimen/photographs', "{$folder}/photographs");
        $port = FreePort::find();
        $env = [...self::environment("{$folder}/shop.sqlite"), 'REGIMEN_NOW' => "@{$folder}/now"];
        $router = self::root().'/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';
        $process = new Process(
            [PHP_BINARY, '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:{$port}", '-t', self::root().'/public', $router],
            self::root().'/public',
            $env,
        );
        $process->setTimeout(null)->disableOutput()->start();
        FreePort::waitFor($port);

        return new self("http://127.0.0.1:{$port}", $process, $folder);
    }

    /** @return array<string, string> */
    private static function environment(string $database): array
    {
        return [
            'APP_ENV' => 'production', 'APP_DEBUG' => 'false',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('r', 32)),
            'DB_DATABASE' => $database, 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'QUEUE_CONNECTION' => 'database', 'LOG_CHANNEL' => 'single', 'BCRYPT_ROUNDS' => '4',
            'REGIMEN_DEMO' => 'true',
        ];
    }

    /**
     * @param  list<string>  $arguments
     * @param  array<string, string>  $env
     */
    private static function artisan(array $arguments, array $env): void
    {
        (new Process([PHP_BINARY, 'artisan', ...$arguments], self::root(), $env, null, 300))->mustRun();
    }

    private static function root(): string
    {
        return dirname(__DIR__, 3);
    }
}
