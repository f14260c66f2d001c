<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Regimen\Figures\Workings;
use Regimen\Formats\ComputedFile;
use Regimen\Formats\SpecificationFile;
use Regimen\Formats\UnreadableFile;

final class Compute extends Command
{
    private const CANNOT_TAKE = 2;

    protected $signature = 'regimen:compute {file : an exported specification}';

    protected $description = 'Prints every figure and every finding of a specification as JSON';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (! is_file($file) || ! is_readable($file)) {
            return $this->refuse("There is no file {$file} that can be read.");
        }
        try {
            $this->output->write(ComputedFile::of(Workings::of(SpecificationFile::read((string) file_get_contents($file))->read)), false, 16);
        } catch (UnreadableFile $wrong) {
            return $this->refuse($wrong->getMessage());
        }

        return self::SUCCESS;
    }

    private function refuse(string $sentence): int
    {
        fwrite(STDERR, "{$sentence}\n");

        return self::CANNOT_TAKE;
    }
}
