<?php

declare(strict_types=1);

namespace Tests\Feature\Serving;

use App\Serving\Reach;
use App\Serving\WebServer;
use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;
use Tests\Feature\Console\EntryScript;
use Tests\Feature\Console\ShopSeeder;
use Tests\TestCase;

/** The shop as it is served: compressed, cached, without what is nobody's business, and going on when something of it dies. */
final class ServingTest extends TestCase
{
    use EntryScript {
        EntryScript::setUp as beginFolder;
        EntryScript::tearDown as endFolder;
    }

    private Process $web;

    private Client $client;

    protected function setUp(): void
    {
        $this->beginFolder();
        if (! WebServer::isThere()) {
            $this->markTestSkipped('Caddy and PHP’s process manager are not to be had here.');
        }
        $this->artisan('db:seed', ['--class='.ShopSeeder::class, '--force']);
        $port = (int) explode(':', (string) stream_socket_get_name(stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('no port'), false))[1];
        $this->web = new Process(
            [PHP_BINARY, 'artisan', 'regimen:web', (string) $port, "--folder={$this->folder}/web", '--with-parent'], base_path(),
            ['DB_DATABASE' => "{$this->folder}/shop.sqlite", 'APP_ENV' => 'production', 'APP_DEBUG' => 'false', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'REGIMEN_PROXIES' => '127.0.0.1', 'REGIMEN_ADDRESS' => 'https://bench.example.org'], null, null,
        );
        $this->web->disableOutput()->start();
        $this->client = new Client(['base_uri' => "http://127.0.0.1:{$port}", 'http_errors' => false, 'allow_redirects' => false, 'decode_content' => false, 'timeout' => 30]);
        $this->answer('/sign-in');
    }

    protected function tearDown(): void
    {
        isset($this->web) && $this->web->stop(10);
        $this->endFolder();
    }

    /**
     * What is answered as soon as somebody listens.
     *
     * @param  array<string, string>  $headers
     */
    private function answer(string $path, array $headers = []): ResponseInterface
    {
        for ($try = 0; ; $try++) {
            try {
                return $this->client->get($path, ['headers' => ['Accept-Encoding' => 'gzip', ...$headers]]);
            } catch (GuzzleException $failed) {
                if ($try > 300 || ! $this->web->isRunning()) {
                    throw $failed;
                }
                usleep(100_000);
            }
        }
    }

    public function test_pages_are_compressed_and_what_is_made_is_kept_for_a_year(): void
    {
        $page = $this->answer('/sign-in');
        self::assertSame([200, 'gzip'], [$page->getStatusCode(), $page->getHeaderLine('Content-Encoding')]);
        self::assertSame(['', ''], [$page->getHeaderLine('Server'), $page->getHeaderLine('X-Powered-By')]);
        self::assertStringContainsString('no-cache', $page->getHeaderLine('Cache-Control'));
        self::assertStringContainsString("default-src 'self'", $page->getHeaderLine('Content-Security-Policy'));
        $assets = glob(public_path('build/assets/*.js')) ?: [];
        usort($assets, static fn (string $a, string $b): int => filesize($b) <=> filesize($a));
        $asset = $this->answer('/build/assets/'.basename($assets[0]));
        self::assertSame([200, 'gzip'], [$asset->getStatusCode(), $asset->getHeaderLine('Content-Encoding')]);
        self::assertStringContainsString('max-age=31536000', $asset->getHeaderLine('Cache-Control'));
        self::assertLessThan(filesize($assets[0]) / 2, strlen((string) $asset->getBody()));
        foreach (['/.env' => 404, '/.git/config' => 404, '/build/.vite/manifest.json' => 404, '/icon.svg' => 200, '/robots.txt' => 200] as $path => $status) {
            self::assertSame($status, $this->answer($path)->getStatusCode(), $path);
        }
        self::assertSame(421, $this->answer('/sign-in', ['Host' => 'elsewhere.example'])->getStatusCode());
    }

    public function test_behind_a_proxy_that_is_named_https_is_known(): void
    {
        $own = ['Host' => 'bench.example.org', 'X-Forwarded-Proto' => 'https'];
        $secure = $this->answer('/sign-in', $own);
        self::assertSame(200, $secure->getStatusCode());
        self::assertStringContainsString('secure', implode(' ', $secure->getHeader('Set-Cookie')));
        self::assertStringContainsString('max-age', $secure->getHeaderLine('Strict-Transport-Security'));
        $plain = $this->answer('/sign-in');
        self::assertStringNotContainsString('secure', implode(' ', $plain->getHeader('Set-Cookie')));
        self::assertSame('', $plain->getHeaderLine('Strict-Transport-Security'));
    }

    public function test_a_log_that_has_grown_is_turned(): void
    {
        $log = "{$this->folder}/web/php-fpm.log";
        file_put_contents($log, str_repeat("a line that somebody wrote\n", 200_000), FILE_APPEND);
        (new WebServer("{$this->folder}/web", Reach::thisMachine(8080)))->turnLog();
        for ($try = 0; $try < 100 && ! file_exists($log); $try++) {
            usleep(100_000);
        }
        clearstatcache();
        self::assertGreaterThan(5_000_000, filesize("{$log}.1"));
        self::assertLessThan(1_000, filesize($log));
        self::assertSame(200, $this->answer('/sign-in')->getStatusCode());
    }

    public function test_what_dies_is_begun_again(): void
    {
        $manager = (int) file_get_contents("{$this->folder}/web/php-fpm.pid");
        (new Process(['pkill', '-KILL', '-P', (string) $manager]))->run();
        self::assertSame(200, $this->answer('/sign-in')->getStatusCode());
        self::assertSame(200, $this->answer('/sign-in')->getStatusCode());
        posix_kill($manager, SIGKILL);
        for ($try = 0; $try < 300 && (int) @file_get_contents("{$this->folder}/web/php-fpm.pid") === $manager; $try++) {
            usleep(100_000);
        }
        do {
            $status = $this->answer('/sign-in')->getStatusCode();
        } while ($status === 502 && $try++ < 600);
        self::assertSame(200, $status);
        $second = (int) file_get_contents("{$this->folder}/web/php-fpm.pid");
        self::assertNotSame($manager, $second);
        $this->web->signal(SIGTERM);
        self::assertSame(0, $this->web->wait());
        self::assertFalse(posix_kill($second, 0), 'nothing of it is left');
    }
}
