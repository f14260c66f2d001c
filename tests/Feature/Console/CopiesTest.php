<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Backups\Sealed;
use App\Backups\ShopFile;
use App\Backups\UnusableCopy;
use App\Support\PhotographFiles;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;

/** Copies of a shop in a database of its own: made at night, sealed, looked at, restored. */
final class CopiesTest extends FrameworkTestCase
{
    use EntryScript;

    private const PASSPHRASE = 'seven planes on a shelf';

    public function test_the_nights_copy_is_made_once_checked_and_opened_by_nobody_else(): void
    {
        $this->openShop();
        $this->assertSame(0, $this->artisan('regimen:backup', ['--nightly'])->getExitCode());
        $copies = glob("{$this->folder}/shop-copies/*") ?: [];
        $this->assertCount(1, $copies);
        $this->assertSame(0o600, fileperms($copies[0]) & 0o777);
        $this->assertFalse(ShopFile::look($copies[0])->isOlder());
        $this->assertSame(ShopFile::counts("{$this->folder}/shop.sqlite")['builds'], ShopFile::counts($copies[0])['builds']);
        $this->artisan('regimen:backup', ['--nightly']);
        $this->assertCount(1, glob("{$this->folder}/shop-copies/*") ?: [], 'no second one on the same day');
        $this->assertSame('1', (string) $this->sql('SELECT count(*) FROM copies_made WHERE good'));
    }

    #[TestWith([false])]
    #[TestWith([true])]
    public function test_photographs_are_copied_with_it_once_sealed_like_it_and_come_back(bool $isSealed): void
    {
        $this->openShop();
        $sha = $this->photograph();
        if ($isSealed) {
            ['key' => $key, 'salt' => $salt] = Sealed::keyFor(self::PASSPHRASE);
            $this->sql("UPDATE shops SET backup_key = '{$key}', backup_salt = '{$salt}'");
        }
        $this->assertSame(0, $this->artisan('regimen:backup', ['--nightly'])->getExitCode());
        $copied = PhotographFiles::in("{$this->folder}/shop-copies/photographs", $sha, false).($isSealed ? '.sealed' : '');
        $this->assertFileExists($copied);
        $this->assertSame($isSealed, Sealed::is($copied));
        $pass = ['REGIMEN_PASSPHRASE' => self::PASSPHRASE];
        $copy = (glob("{$this->folder}/shop-copies/*.sqlite*") ?: [])[0];
        $this->assertStringContainsString('All of its photographs are there.', $this->artisan('regimen:drill', [$copy], $pass)->getOutput());

        File::deleteDirectory("{$this->folder}/photographs");
        $restored = $this->artisan('regimen:restore', [$copy], $pass);
        $this->assertSame(0, $restored->getExitCode(), $restored->getOutput().$restored->getErrorOutput());
        $this->assertSame($sha, hash_file('sha256', PhotographFiles::in("{$this->folder}/photographs", $sha, false)));
        $this->assertFileExists(PhotographFiles::in("{$this->folder}/photographs", $sha, true));

        // One that was changed since is not taken for what it was.
        File::deleteDirectory("{$this->folder}/photographs");
        file_put_contents($copied, 'something else');
        $damaged = $this->artisan('regimen:restore', [$copy], $pass);
        $this->assertFileDoesNotExist(PhotographFiles::in("{$this->folder}/photographs", $sha, false));
        $this->assertStringContainsString($isSealed ? 'damaged' : '1 photographs are not beside the copy', $damaged->getOutput().$damaged->getErrorOutput());
    }

    public function test_a_folder_that_is_gone_is_recorded_and_told(): void
    {
        $this->openShop();
        $this->sql("UPDATE shops SET backup_folder = '/proc/nowhere'");
        $this->assertSame(1, $this->artisan('regimen:backup', ['--nightly'])->getExitCode());
        $this->assertStringContainsString('cannot be made', (string) $this->sql('SELECT words FROM copies_made WHERE NOT good'));
    }

    public function test_one_of_each_of_the_last_days_weeks_and_months_is_kept(): void
    {
        $this->openShop();
        mkdir("{$this->folder}/shop-copies");
        for ($day = 0; $day < 500; $day++) {
            $at = new \DateTimeImmutable("2026-03-18 03:10 -{$day} days");
            touch("{$this->folder}/shop-copies/regimen-{$at->format('Y-m-d-Hi')}.sqlite");
        }
        touch("{$this->folder}/shop-copies/letter.txt");
        $this->artisan('regimen:backup', ['--nightly'], ['REGIMEN_NOW' => '2026-03-19T03:00:00+01:00']);
        $left = array_map(basename(...), glob("{$this->folder}/shop-copies/*.sqlite") ?: []);
        rsort($left);
        $days = array_map(static fn (string $name): string => substr($name, 8, 10), $left);
        // By hand: seven days; the Sundays that end the last five weeks; the last of each of the last twelve months.
        $this->assertSame([
            '2026-03-19', '2026-03-18', '2026-03-17', '2026-03-16', '2026-03-15', '2026-03-14', '2026-03-13', '2026-03-08',
            '2026-03-01', '2026-02-28', '2026-02-22', '2026-01-31', '2025-12-31', '2025-11-30', '2025-10-31', '2025-09-30',
            '2025-08-31', '2025-07-31', '2025-06-30', '2025-05-31', '2025-04-30',
        ], $days);
        $this->assertFileExists("{$this->folder}/shop-copies/letter.txt");
    }

    public function test_a_sealed_copy_opens_with_its_passphrase_only_and_says_what_was_done_to_it(): void
    {
        ['key' => $key, 'salt' => $salt] = Sealed::keyFor(self::PASSPHRASE);
        [$plain, $sealed, $opened] = ["{$this->folder}/plain", "{$this->folder}/sealed", "{$this->folder}/opened"];
        foreach ([0, 1, 65_535, 65_536, 200_000] as $bytes) {
            file_put_contents($plain, $bytes === 0 ? '' : random_bytes($bytes));
            Sealed::write($plain, $sealed, $key, $salt);
            Sealed::open($sealed, $opened, self::PASSPHRASE);
            $this->assertFileEquals($plain, $opened, "{$bytes} bytes");
        }
        $whole = (string) file_get_contents($sealed);
        $this->assertStringNotContainsString(substr((string) file_get_contents($plain), 1000, 40), $whole);
        $changed = $whole;
        $changed[150_000] = chr(ord($changed[150_000]) ^ 1);
        $longer = $whole.'x';
        $reordered = substr($whole, 0, 300).substr($whole, 70_000);
        $wrong = [[$whole, 'another one here', 'is not the one']];
        foreach ([$changed, $longer, $reordered, substr($whole, 0, -1), substr($whole, 0, 100), substr($whole, 0, 131_300)] as $damaged) {
            $wrong[] = [$damaged, self::PASSPHRASE, 'damaged'];
        }
        foreach ($wrong as $at => [$bytes, $passphrase, $says]) {
            file_put_contents($sealed, $bytes);
            try {
                Sealed::open($sealed, $opened, $passphrase);
                $this->fail("number {$at} was opened");
            } catch (UnusableCopy $refused) {
                $this->assertStringContainsString($says, $refused->getMessage(), "number {$at}");
            }
        }
    }

    public function test_a_sealed_copy_is_restored(): void
    {
        $this->openShop();
        ['key' => $key, 'salt' => $salt] = Sealed::keyFor(self::PASSPHRASE);
        $this->sql("UPDATE shops SET name = 'before', backup_key = '{$key}', backup_salt = '{$salt}'");
        $this->artisan('regimen:backup', ['--nightly']);
        $copy = (glob("{$this->folder}/shop-copies/*.sealed") ?: [''])[0];
        $this->sql("UPDATE shops SET name = 'after'");
        $refused = $this->artisan('regimen:restore', [$copy], ['REGIMEN_PASSPHRASE' => 'another passphrase']);
        $this->assertStringContainsString('is not the one', $refused->getOutput());
        $this->assertSame('after', $this->sql('SELECT name FROM shops'));
        $this->artisan('regimen:restore', [$copy], ['REGIMEN_PASSPHRASE' => self::PASSPHRASE]);
        $this->assertSame('before', $this->sql('SELECT name FROM shops'));
        $this->assertSame([], glob("{$this->folder}/*.restoring*") ?: [], 'nothing is left behind');
    }

    #[TestWith(['damaged', 'is damaged'])]
    #[TestWith(['short', 'is damaged'])]
    #[TestWith(['foreign', 'no copy of a shop’s'])]
    #[TestWith(['text', 'no copy of a shop’s'])]
    #[TestWith(['newer', 'newer version'])]
    #[TestWith(['orphans', 'is damaged'])]
    #[TestWith(['missing', 'not there'])]
    public function test_what_cannot_be_restored_is_told_apart_and_changes_nothing(string $kind, string $says): void
    {
        $this->sql("INSERT INTO clients (name) VALUES ('mine')");
        $copy = "{$this->folder}/copy.sqlite";
        $this->artisan('regimen:backup', $copy);
        $bytes = (string) file_get_contents($copy);
        match ($kind) {
            'damaged' => file_put_contents($copy, substr_replace($bytes, str_repeat("\xAA", 20_000), 8_192, 20_000)),
            'short' => file_put_contents($copy, substr($bytes, 0, intdiv(strlen($bytes), 2))),
            'foreign' => [unlink($copy), (new \PDO("sqlite:{$copy}"))->exec('CREATE TABLE songs (name TEXT)')],
            'text' => file_put_contents($copy, 'Dear maker'),
            'newer' => (new \PDO("sqlite:{$copy}"))->exec("INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000000_later', 1)"),
            'orphans' => (new \PDO("sqlite:{$copy}"))->exec("INSERT INTO log_entries (build_id, at, kind, text) VALUES (77, '2026-01-01 00:00:00', 'x', 'x')"),
            default => unlink($copy),
        };
        $refused = $this->artisan('regimen:restore', $copy);
        $this->assertSame(1, $refused->getExitCode());
        $this->assertStringContainsString($says, $refused->getOutput());
        $this->assertStringContainsString('Nothing was changed', $refused->getOutput());
        $this->assertSame('mine', $this->sql('SELECT name FROM clients'));
    }

    public function test_an_older_copy_is_brought_up_to_date_before_it_takes_the_place(): void
    {
        $this->sql("INSERT INTO clients (name) VALUES ('older')");
        $copy = "{$this->folder}/copy.sqlite";
        $this->artisan('regimen:backup', $copy);
        (new Process([PHP_BINARY, 'artisan', 'migrate:rollback', '--step=2', '--force'], base_path(), ['DB_DATABASE' => $copy]))->mustRun();
        $this->assertTrue(ShopFile::look($copy)->isOlder());
        $this->sql("UPDATE clients SET name = 'now'");
        $this->assertSame(0, $this->artisan('regimen:restore', $copy)->getExitCode());
        $this->assertSame('older', $this->sql('SELECT name FROM clients'));
        $this->assertFalse(ShopFile::look("{$this->folder}/shop.sqlite")->isOlder());
        $this->assertTrue(ShopFile::look($copy)->isOlder(), 'the copy itself is as it was');
    }

    public function test_a_running_shop_is_not_replaced_unless_it_is_said(): void
    {
        $copy = "{$this->folder}/copy.sqlite";
        $this->artisan('regimen:backup', $copy);
        file_put_contents("{$this->folder}/shop.sqlite.running", (string) getmypid());
        $refused = $this->artisan('regimen:restore', $copy);
        $this->assertStringContainsString('The shop is running', $refused->getOutput());
        $this->assertSame(0, $this->artisan('regimen:restore', [$copy, '--while-running'])->getExitCode());
        file_put_contents("{$this->folder}/shop.sqlite.running", '999999999');
        $this->assertSame(0, $this->artisan('regimen:restore', $copy)->getExitCode(), 'what ran there has ended');
    }

    public function test_a_drill_opens_every_page_of_a_copy_and_compares_what_is_in_it(): void
    {
        $this->openShop();
        $this->artisan('regimen:backup', ['--nightly']);
        $this->sql("INSERT INTO clients (name) VALUES ('since then')");
        $drill = $this->artisan('regimen:drill');
        $this->assertSame(0, $drill->getExitCode(), $drill->getOutput().$drill->getErrorOutput());
        $this->assertStringContainsString('clients: 0 in the copy, 1 in the shop now', $drill->getOutput());
        $this->assertMatchesRegularExpression('/(\d\d) of \1 pages open/', $drill->getOutput());
        $this->assertSame('1', (string) $this->sql('SELECT count(*) FROM clients'), 'the shop itself is as it was');
    }

    private function openShop(): void
    {
        $this->artisan('db:seed', ['--class', ShopSeeder::class, '--force']);
        $this->assertSame('1', (string) $this->sql('SELECT count(*) FROM shops'), 'a shop is open');
    }
}
