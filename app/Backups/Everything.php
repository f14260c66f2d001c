<?php

declare(strict_types=1);

namespace App\Backups;

use App\Documents\BenchFiles;
use App\Documents\Paper;
use App\Documents\TravellerPdf;
use App\Models\Build\Build;
use App\Support\Clock;
use App\Support\PhotographFiles;
use Illuminate\Support\Facades\DB;
use PDO;
use ZipArchive;

/**
 * All data of the shop as one ZIP in open formats: every table as JSON and as CSV, every specification as PDF and JSON, every
 * traveller, with a table of contents. Another shop, empty, takes it in again (TakeIn).
 */
final readonly class Everything
{
    public const FORMAT = 'regimen-export';

    public const VERSION = 1;

    /** What belongs to this machine or this moment rather than to the shop. */
    private const LEFT_OUT = ['migrations', 'jobs', 'failed_jobs', 'sign_ins', 'bench_devices', 'password_links', 'trusted_devices', 'copies_made'];

    /** What only this machine can read, or should keep to itself. */
    private const EMPTIED = [
        'people' => ['remember_token', 'code_secret', 'recovery_codes'], 'shops' => ['backup_folder', 'backup_key', 'backup_salt'],
    ];

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    public function __construct(private Clock $clock, private BenchFiles $files, private TravellerPdf $traveller, private PhotographFiles $photographs)
    {
    }

    /** @throws UnusableCopy when it cannot be written */
    public function write(string $file): void
    {
        set_time_limit(1200);
        $zip = new ZipArchive;
        if (file_exists($file) || $zip->open($file, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new UnusableCopy("{$file} exists already, or cannot be written.");
        }
        $contents = [];
        // One snapshot of all tables, beside whoever writes meanwhile.
        DB::connection()->getPdo()->exec('SAVEPOINT everything');
        try {
            foreach (self::tables() as $table) {
                $rows = self::rows($table);
                $json = self::json($rows);
                $contents[$table] = ['rows' => count($rows), 'columns' => self::columns($table), 'sha256' => hash('sha256', $json)];
                $this->add($zip, "data/{$table}.json", $json);
                $this->add($zip, "csv/{$table}.csv", self::csv(self::columns($table), $rows));
            }
            $this->addDocuments($zip);
            $this->addPhotographs($zip);
        } finally {
            DB::connection()->getPdo()->exec('RELEASE everything');
        }
        $this->add($zip, 'contents.json', json_encode([
            'format' => self::FORMAT, 'version' => self::VERSION, 'at' => $this->clock->now()->toIso8601ZuluString(),
            'migrations' => DB::table('migrations')->orderBy('migration')->pluck('migration')->all(), 'tables' => $contents,
        ], self::FLAGS | JSON_PRETTY_PRINT)."\n");
        $this->add($zip, 'README.txt', self::readMe());
        if (! $zip->close()) {
            throw new UnusableCopy("{$file} could not be written whole; the disk may be full.");
        }
        chmod($file, 0600);
    }

    /** @return list<string> in the order of their names */
    public static function tables(): array
    {
        $names = array_column(DB::select("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE 'log_search%' ORDER BY name"), 'name');

        return array_values(array_diff($names, self::LEFT_OUT));
    }

    /** @return list<string> */
    public static function columns(string $table): array
    {
        return array_column(DB::select("SELECT name FROM pragma_table_info('{$table}') ORDER BY cid"), 'name');
    }

    /** @return list<array<string, int|float|string|null>> */
    private static function rows(string $table): array
    {
        $statement = DB::connection()->getPdo()->query("SELECT * FROM \"{$table}\" ORDER BY 1");
        $rows = $statement === false ? [] : $statement->fetchAll(PDO::FETCH_ASSOC);
        $emptied = array_fill_keys(self::EMPTIED[$table] ?? [], null);

        /** @var list<array<string, int|float|string|null>> $rows */
        return array_map(static fn (array $row): array => array_replace($row, array_intersect_key($emptied, $row)), $rows);
    }

    /** @param  list<array<string, mixed>>  $rows  one on each line */
    private static function json(array $rows): string
    {
        return $rows === [] ? "[]\n" : "[\n".implode(",\n", array_map(
            static fn (array $row): string => json_encode($row, self::FLAGS), $rows,
        ))."\n]\n";
    }

    /**
     * RFC 4180, in UTF-8. What a spreadsheet would take for a formula is written with an apostrophe before it.
     *
     * @param  list<string>  $columns
     * @param  list<array<string, int|float|string|null>>  $rows
     */
    private static function csv(array $columns, array $rows): string
    {
        $cell = static function (int|float|string|null $value): string {
            $text = is_float($value) ? json_encode($value, JSON_THROW_ON_ERROR) : (string) $value;
            $text = is_string($value) && preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'{$text}" : $text;

            return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
        };
        $lines = array_map(static fn (array $row): string => implode(',', array_map($cell, array_values($row))), $rows);

        return implode("\r\n", [implode(',', $columns), ...$lines])."\r\n";
    }

    private function addDocuments(ZipArchive $zip): void
    {
        foreach (Build::query()->orderBy('number')->cursor() as $build) {
            $revision = $build->revisions()->whereNotNull('released_at')->reorder('number', 'desc')->first();
            if ($revision === null) {
                continue;
            }
            foreach (['specification.json', 'sheet-a4.pdf'] as $name) {
                $this->add($zip, "documents/{$build->number}/{$name}", $this->files->file($build, $revision, $name)[0] ?? '');
            }
            if ($build->operations()->exists()) {
                $this->add($zip, "documents/{$build->number}/traveller-a4.pdf", $this->traveller->of(
                    $build, Paper::A4, rtrim((string) config('app.url'), '/')."/builds/{$build->number}",
                ));
            }
        }
    }

    /** As they lie there, one after the other: none has to be held in memory. */
    private function addPhotographs(ZipArchive $zip): void
    {
        foreach (DB::table('photographs')->orderBy('id')->get(['id', 'sha256']) as $one) {
            $name = "photographs/{$one->id}.jpg";
            $there = $this->photographs->file((string) $one->sha256, false);
            if (is_file($there) && $zip->addFile($there, $name)) {
                $zip->setCompressionName($name, ZipArchive::CM_STORE);
                $zip->setMtimeName($name, $this->clock->now()->getTimestamp());
                $zip->setExternalAttributesName($name, ZipArchive::OPSYS_UNIX, 0600 << 16);
            }
        }
    }

    private function add(ZipArchive $zip, string $name, string $content): void
    {
        $zip->addFromString($name, $content);
        $zip->setMtimeName($name, $this->clock->now()->getTimestamp());
    }

    private static function readMe(): string
    {
        return <<<'TEXT'
            Everything that the shop has recorded in Regimen, in open formats.

            contents.json   what is here: for each table its rows, its columns and the SHA-256 of its JSON file
            data/           every table as JSON: a list of objects, one row on a line, in the order of their ids
            csv/            the same tables as CSV (RFC 4180, UTF-8); a text that a spreadsheet would take for a formula
                            has an apostrophe before it
            documents/      by the number of the build: its specification as PDF and as JSON, its traveller as PDF
            photographs/    by their ids; what each shows stands in data/photographs.json

            Instants are in UTC, money in the smallest unit of the currency (cents), labour in minutes, lengths in
            millimetres. Columns that end in _id hold the id of a row in another table. Passwords are kept as hashes.
            What belongs to one machine alone is left out: sign-ins, queues, where copies go, and phones' codes.

            ./regimen import FILE takes all of it into an empty shop.

            TEXT;
    }
}
