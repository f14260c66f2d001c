<?php

declare(strict_types=1);

namespace App\Console;

use Regimen\Units\UnreadableFile;

/** Reads an exported specification from a file and prints what is made of it, or says why not and ends with 2. */
trait ReadsSpecification
{
    use Options;

    /** @param  callable(string): string  $work */
    private function withFile(callable $work): int
    {
        $file = (string) $this->argument('file');
        if (! is_file($file) || ! is_readable($file)) {
            return $this->refuse("There is no file {$file} that can be read.");
        }
        try {
            $this->output->write($work((string) file_get_contents($file)), false, 16);
        } catch (UnreadableFile $wrong) {
            return $this->refuse($wrong->getMessage());
        }

        return self::SUCCESS;
    }
}
