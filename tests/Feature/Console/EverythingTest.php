<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Backups\ShopFile;
use App\Support\PhotographFiles;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use ZipArchive;

/** Everything that a shop has recorded goes out in open formats and comes back the same. */
final class EverythingTest extends FrameworkTestCase
{
    use EntryScript;

    private const NOW = ['REGIMEN_NOW' => '2026-03-18T08:12:00Z'];

    private string $zip;

    private function export(): void
    {
        $this->artisan('db:seed', ['--class', BuildSeeder::class, '--force'], self::NOW);
        $this->assertSame('1', (string) $this->sql('SELECT count(*) FROM builds'), 'there is a build');
        $this->photograph();
        $this->zip = "{$this->folder}/first.zip";
        $exported = $this->artisan('regimen:export', [$this->zip], self::NOW);
        $this->assertSame(0, $exported->getExitCode(), $exported->getOutput().$exported->getErrorOutput());
    }

    private function emptyShop(): void
    {
        File::deleteDirectory("{$this->folder}/photographs");
        rename("{$this->folder}/shop.sqlite", "{$this->folder}/exported.sqlite");
        array_map(unlink(...), glob("{$this->folder}/shop.sqlite*") ?: []);
        touch("{$this->folder}/shop.sqlite");
        $this->artisan('migrate');
    }

    public function test_exported_imported_and_exported_again_it_is_the_same_to_the_byte(): void
    {
        $this->export();
        $this->emptyShop();
        $taken = $this->artisan('regimen:import', [$this->zip]);
        $this->assertSame(0, $taken->getExitCode(), $taken->getOutput());
        $before = ShopFile::counts("{$this->folder}/exported.sqlite");
        $after = ShopFile::counts("{$this->folder}/shop.sqlite");
        // The export itself was written down after it was made.
        $this->assertSame($before['audit_entries'] - 1, $after['audit_entries']);
        foreach (['builds', 'operations', 'operation_links', 'plan_entries', 'people', 'log_entries', 'kit_lines', 'specification_revisions'] as $table) {
            $this->assertGreaterThan(0, $before[$table], $table);
            $this->assertSame($before[$table], $after[$table], $table);
        }
        $this->artisan('regimen:export', ["{$this->folder}/second.zip"], self::NOW);
        $this->assertSame(hash_file('sha256', $this->zip), hash_file('sha256', "{$this->folder}/second.zip"));
        $this->assertFileExists(PhotographFiles::in("{$this->folder}/photographs", (string) $this->sql('SELECT sha256 FROM photographs'), false));
        $this->assertFileExists(PhotographFiles::in("{$this->folder}/photographs", (string) $this->sql('SELECT sha256 FROM photographs'), true));
        $again = $this->artisan('regimen:import', [$this->zip]);
        $this->assertStringContainsString('There is a shop here already', $again->getOutput());
    }

    public function test_what_is_in_it_can_be_read_by_any_program_and_holds_no_secret_of_the_machine(): void
    {
        $this->artisan('db:seed', ['--class', ShopSeeder::class, '--force']);
        $this->sql("UPDATE people SET code_secret = 'PHONE', recovery_codes = 'CODES', remember_token = 'TOKEN', name = '=1+2, \"x\"'");
        $this->export();
        $zip = new ZipArchive;
        $zip->open($this->zip);
        $contents = json_decode((string) $zip->getFromName('contents.json'), true, 16, JSON_THROW_ON_ERROR);
        $names = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $names[] = (string) $zip->getNameIndex($at);
        }
        $this->assertSame([], preg_grep('/sign_ins|password_links|trusted|jobs/', $names));
        foreach ($contents['tables'] as $table => $told) {
            $json = (string) $zip->getFromName("data/{$table}.json");
            $this->assertSame($told['sha256'], hash('sha256', $json));
            $rows = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
            $csv = fopen('php://temp', 'w+');
            fwrite($csv, (string) $zip->getFromName("csv/{$table}.csv"));
            rewind($csv);
            $this->assertSame($told['columns'], fgetcsv($csv, escape: ''), $table);
            foreach ($rows as $row) {
                $this->assertSame(
                    array_map(static fn (mixed $value): string => preg_match('/^[=+\-@\t\r]/', (string) $value) === 1 && is_string($value) ? "'{$value}" : (is_float($value) ? json_encode($value) : (string) $value), array_values($row)),
                    fgetcsv($csv, escape: ''), $table,
                );
            }
            $this->assertFalse(fgetcsv($csv, escape: ''), "{$table} has no row more");
            foreach (['PHONE', 'CODES', 'TOKEN'] as $secret) {
                $this->assertStringNotContainsString($secret, $json);
            }
        }
        $this->assertStringStartsWith('%PDF', (string) $zip->getFromName('documents/1/sheet-a4.pdf'));
        $this->assertStringStartsWith('%PDF', (string) $zip->getFromName('documents/1/traveller-a4.pdf'));
        $this->assertSame(0o600, fileperms($this->zip) & 0o777);
    }

    #[TestWith(['changed', 'is damaged'])]
    #[TestWith(['newer', 'newer version'])]
    #[TestWith(['foreign', 'no contents.json'])]
    #[TestWith(['missing', 'its file is missing'])]
    #[TestWith(['column', 'not known here'])]
    #[TestWith(['orphan', 'belongs to something'])]
    #[TestWith(['text', 'no ZIP file'])]
    public function test_what_cannot_be_taken_in_is_refused_whole(string $kind, string $says): void
    {
        $this->export();
        $zip = new ZipArchive;
        $zip->open($this->zip);
        $contents = json_decode((string) $zip->getFromName('contents.json'), true, 16, JSON_THROW_ON_ERROR);
        $put = static function (string $table, string $json) use ($zip, &$contents): void {
            $zip->addFromString("data/{$table}.json", $json);
            $contents['tables'][$table]['sha256'] = hash('sha256', $json);
        };
        match ($kind) {
            'changed' => $zip->addFromString('data/people.json', '[]'),
            'newer' => $contents['migrations'][] = '2099_01_01_000000_later',
            'foreign' => $contents['format'] = 'another',
            'missing' => $zip->deleteName('data/people.json'),
            'column' => $put('prices', '[{"id":1,"colour":"red"}]'),
            'orphan' => $put('people', '[]'),
            default => null,
        };
        $zip->addFromString('contents.json', json_encode($contents, JSON_THROW_ON_ERROR));
        $zip->close();
        if ($kind === 'text') {
            file_put_contents($this->zip, 'Dear maker');
        }
        $this->emptyShop();
        $before = ShopFile::counts("{$this->folder}/shop.sqlite");
        $refused = $this->artisan('regimen:import', [$this->zip]);
        $this->assertSame(1, $refused->getExitCode());
        $this->assertStringContainsString($says, $refused->getOutput());
        $this->assertSame($before, ShopFile::counts("{$this->folder}/shop.sqlite"), 'nothing of it');
    }
}
