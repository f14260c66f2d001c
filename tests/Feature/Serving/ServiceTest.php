<?php

declare(strict_types=1);

namespace Tests\Feature\Serving;

use App\Serving\Reach;
use App\Serving\Service\Place;
use App\Serving\Service\Service;
use App\Serving\Service\Settings;
use App\Serving\Service\Step;
use App\Serving\Service\Units;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The shop as a service: what would be done to the machine, checked by those who would do it. */
final class ServiceTest extends TestCase
{
    private function place(?Reach $reach = null): Place
    {
        return new Place(base_path(), '/var/lib/regimen', 'regimen', $reach ?? Reach::thisMachine(8080));
    }

    public function test_units_are_what_systemd_takes(): void
    {
        $folder = sys_get_temp_dir().'/regimen-units-'.bin2hex(random_bytes(6));
        mkdir($folder);
        foreach ([Reach::thisMachine(8080), Reach::network(443, 8080), Reach::domain('shop.example.org')] as $reach) {
            foreach ((new Units($this->place($reach), PHP_BINARY))->all() as $name => $unit) {
                file_put_contents("{$folder}/{$name}", $unit);
                if (str_ends_with($name, '.service')) {
                    self::assertStringContainsString("\nUser=regimen\n", $unit);
                    self::assertStringContainsString("\nRestart=always\n", $unit);
                    self::assertStringContainsString("\nProtectSystem=full\n", $unit);
                    self::assertStringContainsString("\nNoNewPrivileges=yes\n", $unit);
                }
            }
            $web = (string) file_get_contents("{$folder}/regimen-web.service");
            self::assertSame($reach->needsLowPort(), str_contains($web, 'AmbientCapabilities=CAP_NET_BIND_SERVICE'));
            if ((new ExecutableFinder)->find('systemd-analyze') !== null) {
                $verified = new Process(['systemd-analyze', 'verify', '--man=no', ...glob("{$folder}/*") ?: []], null, ['SYSTEMD_UNIT_PATH' => "{$folder}:"]);
                $verified->run();
                self::assertTrue($verified->isSuccessful(), $verified->getErrorOutput());
                self::assertStringNotContainsString('regimen', $verified->getErrorOutput());
            }
        }
        (new Process(['rm', '-rf', $folder]))->run();
    }

    public function test_settings_that_were_added_by_hand_stay_and_the_key_is_never_another(): void
    {
        $first = (new Settings($this->place()))->text('', 'base64:one=', 'http://127.0.0.1:8080');
        self::assertStringContainsString("\nAPP_KEY=base64:one=\n", $first);
        $again = (new Settings($this->place(Reach::network(443, 8080))))->text(
            "{$first}REDIS_HOST=127.0.0.1\nMAIL_PASSWORD=\"a b\"\nQUEUE_CONNECTION=redis\n", 'base64:two=', 'https://192.168.1.20',
        );
        foreach (['APP_KEY=base64:one=', 'REDIS_HOST=127.0.0.1', 'MAIL_PASSWORD="a b"', 'QUEUE_CONNECTION=redis', 'REGIMEN_ADDRESS=https://192.168.1.20', 'REGIMEN_LAN=true'] as $line) {
            self::assertStringContainsString("\n{$line}\n", $again);
        }
        self::assertSame(1, substr_count($again, 'QUEUE_CONNECTION='));
        self::assertEquals($this->place(Reach::network(443, 8080)), Settings::installed($again));
        self::assertNull(Settings::installed(''));
    }

    public function test_a_shop_that_was_begun_without_a_service_is_taken_along(): void
    {
        $words = static fn (array $steps): string => implode("\n", array_map(static fn (Step $step): string => $step->inWords(), $steps));
        $service = new Service($this->place(), '/usr/bin/php');
        self::assertStringContainsString('/old/shop.sqlite /var/lib/regimen/shop.sqlite', $words($service->installation('', '/old/shop.sqlite')));
        self::assertStringNotContainsString('shop.sqlite', $words($service->removal()), 'the shop’s data stay');
    }

    public function test_a_step_writes_a_file_whole_and_with_its_rights_or_says_why_not(): void
    {
        $file = sys_get_temp_dir().'/regimen-step-'.bin2hex(random_bytes(6));
        $me = (posix_getpwuid(posix_geteuid()) ?: ['name' => 'root'])['name'];
        $group = (posix_getgrgid(posix_getegid()) ?: ['name' => 'root'])['name'];
        Step::write($file, "A=1\n", 0640, "{$me}:{$group}")->take();
        self::assertSame(["A=1\n", 0640], [file_get_contents($file), fileperms($file) & 0777]);
        unlink($file);
        Step::try('false')->take();
        $this->expectExceptionMessage('“false” failed');
        Step::run('false')->take();
    }

    #[TestWith([['--port=0'], 'A port is a number from 1 to 65535'])]
    #[TestWith([['--port=http'], 'A port is a number'])]
    #[TestWith([['--lan', '--port=8080'], 'need two ports'])]
    #[TestWith([['--domain=localhost'], '“localhost” is no domain'])]
    #[TestWith([['--domain=shop.example.org', '--lan'], '--domain goes without --lan'])]
    #[TestWith([['--user=root'], 'never root'])]
    #[TestWith([['--user=Regimen 1'], 'is no name of a user'])]
    #[TestWith([['--data=here'], 'has to be a whole path'])]
    #[TestWith([['--data=/srv/a;rm'], 'has to be a whole path'])]
    #[TestWith([['begin'], 'takes nothing, status or remove'])]
    #[TestWith([['status'], 'There is no service on this machine'])]
    #[TestWith([['remove'], 'There is no service on this machine'])]
    public function test_what_cannot_be_is_said(array $arguments, string $words): void
    {
        $process = new Process([PHP_BINARY, 'artisan', 'regimen:service', ...$arguments], base_path());
        $process->run();
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString($words, $process->getOutput().$process->getErrorOutput());
    }

    public function test_without_systemd_or_when_asked_to_it_prints_what_it_would_do_and_no_secret(): void
    {
        $process = new Process([PHP_BINARY, 'artisan', 'regimen:service', '--lan', '--print'], base_path(), ['APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32))]);
        $process->mustRun();
        foreach (['useradd --system', 'write /etc/systemd/system/regimen-web.service', 'regimen:web 443 --lan --page-port=8080', 'systemctl enable', 'APP_KEY=…'] as $words) {
            self::assertStringContainsString($words, $process->getOutput());
        }
        self::assertStringNotContainsString(base64_encode(str_repeat('k', 32)), $process->getOutput());
        self::assertFileDoesNotExist('/etc/systemd/system/regimen-web.service');
    }

    public function test_the_data_are_never_inside_of_the_program(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Place('/opt/regimen', '/opt/regimen/storage', 'regimen', Reach::thisMachine(8080));
    }
}
