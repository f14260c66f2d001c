<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Regimen\Figures\Workings;
use Regimen\Formats\Json\ComputedFile;
use Regimen\Formats\Json\SpecificationFile;

final class Compute extends Command
{
    use ReadsSpecification;

    protected $signature = 'regimen:compute {file : an exported specification}';

    protected $description = 'Prints every figure and every finding of a specification as JSON';

    public function handle(): int
    {
        return $this->withFile(
            static fn (string $json): string => ComputedFile::write(Workings::from(SpecificationFile::read($json)->read)),
        );
    }
}
