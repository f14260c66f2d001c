<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Support\PhotographFiles;
use App\Support\Picture;
use Symfony\Component\Process\Process;

/** What the tests of this subject share. */
trait EntryScript
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/regimen-console-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        touch("{$this->folder}/shop.sqlite");
        $this->artisan('migrate');
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    private function script(string ...$arguments): Process
    {
        $process = new Process(['./regimen', ...$arguments], base_path(), null, null, 60);
        $process->run();

        return $process;
    }

    /** A command in a process of its own, as the entry script runs it. */
    public function artisan($command, $parameters = [], array $environment = []): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', $command, ...(array) $parameters, ...$command === 'migrate' ? ['--force'] : []],
            base_path(),
            ['DB_DATABASE' => "{$this->folder}/shop.sqlite"] + $environment,
            null,
            60,
        );
        $process->run();

        return $process;
    }

    /** A photograph of build 1 with its files beside the shop. */
    private function photograph(): string
    {
        $image = imagecreatetruecolor(12, 8);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $sha = hash('sha256', $jpeg);
        foreach ([false, true] as $isSmall) {
            $file = PhotographFiles::in("{$this->folder}/photographs", $sha, $isSmall);
            is_dir(dirname($file)) || mkdir(dirname($file), 0700, true);
            file_put_contents($file, $isSmall ? Picture::drawn($jpeg)->small : $jpeg);
        }
        $this->sql("INSERT INTO photographs (build_id, width, height, person_id, at, sha256, bytes) SELECT (SELECT min(id) FROM builds), 12, 8, min(id), '2026-03-18 08:00:00', '{$sha}', 400 FROM people");

        return $sha;
    }

    private function sql(string $statement): mixed
    {
        return (new \PDO("sqlite:{$this->folder}/shop.sqlite"))->query($statement)->fetchColumn();
    }
}
