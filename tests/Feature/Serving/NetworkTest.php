<?php

declare(strict_types=1);

namespace Tests\Feature\Serving;

use App\Serving\NetworkNames;
use App\Serving\Reach;
use App\Serving\TrustPage;
use App\Serving\WebServer;
use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;
use Tests\Feature\Console\EntryScript;
use Tests\Feature\Console\ShopSeeder;
use Tests\TestCase;

/** The shop on its own network: https by its own authority, and one plain page that tells how to trust it. */
final class NetworkTest extends TestCase
{
    use EntryScript {
        EntryScript::setUp as beginFolder;
        EntryScript::tearDown as endFolder;
    }

    private ?Process $web = null;

    protected function setUp(): void
    {
        $this->beginFolder();
    }

    protected function tearDown(): void
    {
        $this->web?->stop(10);
        $this->endFolder();
    }

    /** @return list<int> */
    private function ports(): array
    {
        $taken = array_map(static fn () => stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('no port'), [1, 2]);

        return array_map(static fn ($one): int => (int) explode(':', (string) stream_socket_get_name($one, false))[1], $taken);
    }

    /** @param  array<string, mixed>  $options */
    private function answer(string $address, array $options = []): ResponseInterface
    {
        for ($try = 0; ; $try++) {
            try {
                return (new Client(['http_errors' => false, 'allow_redirects' => false, 'timeout' => 30]))->get($address, $options);
            } catch (GuzzleException $failed) {
                $this->web?->isRunning() === true && $try < 300 || throw $failed;
                usleep(100_000);
            }
        }
    }

    public function test_it_answers_over_https_to_whoever_trusts_its_authority_and_tells_a_phone_how(): void
    {
        if (! WebServer::isThere()) {
            $this->markTestSkipped('Caddy and PHP’s process manager are not to be had here.');
        }
        $this->artisan('db:seed', ['--class='.ShopSeeder::class, '--force']);
        [$port, $page] = $this->ports();
        $this->web = new Process(
            [PHP_BINARY, 'artisan', 'regimen:web', (string) $port, "--folder={$this->folder}/web", '--lan', "--page-port={$page}", '--with-parent'], base_path(),
            ['DB_DATABASE' => "{$this->folder}/shop.sqlite", 'APP_ENV' => 'production', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'REGIMEN_LAN' => 'true'], null, null,
        );
        $this->web->disableOutput()->start();

        $told = $this->answer("http://127.0.0.1:{$page}/");
        self::assertSame(200, $told->getStatusCode());
        self::assertSame(TrustPage::policy(), $told->getHeaderLine('Content-Security-Policy'));
        foreach (['/sign-in', '/up', '/build/manifest.json', '/index.html', '/php-fpm.conf', '/../Caddyfile', '/root.key'] as $elsewhere) {
            self::assertSame(404, $this->answer("http://127.0.0.1:{$page}{$elsewhere}")->getStatusCode(), $elsewhere);
        }
        for ($try = 0; ($authority = $this->answer("http://127.0.0.1:{$page}/authority.crt"))->getStatusCode() !== 200 && $try < 300; $try++) {
            usleep(100_000);
        }
        self::assertSame('application/x-x509-ca-cert', $authority->getHeaderLine('Content-Type'));
        self::assertStringNotContainsString('PRIVATE', (string) $authority->getBody());
        file_put_contents("{$this->folder}/authority.crt", (string) $authority->getBody());
        foreach (['127.0.0.1', 'localhost', ...array_slice(NetworkNames::numbers(), 0, 1)] as $name) {
            $shop = $this->answer("https://{$name}:{$port}/sign-in", ['verify' => "{$this->folder}/authority.crt"]);
            self::assertSame(200, $shop->getStatusCode(), $name);
            self::assertStringContainsString('secure', implode(' ', $shop->getHeader('Set-Cookie')));
            self::assertSame('', $shop->getHeaderLine('Strict-Transport-Security'), 'an address of the shop’s own network is not remembered');
        }
        $elsewhere = $this->answer("https://localhost:{$port}/sign-in", ['verify' => "{$this->folder}/authority.crt", 'headers' => ['Host' => 'elsewhere.example']]);
        self::assertSame('', (string) $elsewhere->getBody(), 'under another name there is nothing');
        $this->expectException(GuzzleException::class);
        (new Client(['timeout' => 30]))->get("https://localhost:{$port}/sign-in");
    }

    public function test_the_code_is_the_address_of_its_page(): void
    {
        $html = (new TrustPage(Reach::network(443, 8080), ['192.168.1.20', 'bench.local']))->html();
        self::assertStringContainsString('href="https://192.168.1.20"', $html);
        self::assertStringContainsString('href="https://bench.local"', $html);
        self::assertStringNotContainsString('<script', $html);
        preg_match_all('/M(\d+) (\d+)h1v1h-1z/', $html, $squares, PREG_SET_ORDER);
        $picture = imagecreate(400, 400) ?: throw new \RuntimeException('no picture');
        imagecolorallocate($picture, 255, 255, 255);
        $ink = (int) imagecolorallocate($picture, 0, 0, 0);
        foreach ($squares as [, $x, $y]) {
            imagefilledrectangle($picture, 60 + 8 * (int) $x, 60 + 8 * (int) $y, 67 + 8 * (int) $x, 67 + 8 * (int) $y, $ink);
        }
        imagepng($picture, "{$this->folder}/code.png");
        $read = (new Process(['zbarimg', '-q', '--raw', "{$this->folder}/code.png"]))->mustRun()->getOutput();
        self::assertSame('http://192.168.1.20:8080', trim($read));
    }

    public function test_only_numbers_of_own_networks_and_this_machine_are_its_names(): void
    {
        foreach (['192.168.1.20', '10.1.2.3', '172.20.0.9', '169.254.3.4', strtolower((string) strtok((string) gethostname(), '.')).'.local'] as $own) {
            self::assertTrue(NetworkNames::isOwn($own), $own);
        }
        foreach (['172.32.0.1', '8.8.8.8', '192.168.1.20.example.org', '10.1.2.3.4', '10.1', 'elsewhere.local'] as $other) {
            self::assertFalse(NetworkNames::isOwn($other), $other);
        }
    }
}
