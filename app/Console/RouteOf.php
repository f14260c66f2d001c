<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Regimen\Figures\Workings;
use Regimen\Formats\Json\RouteFile;
use Regimen\Formats\Json\SpecificationFile;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;

final class RouteOf extends Command
{
    use ReadsSpecification;

    protected $signature = 'regimen:route {file : an exported specification}';

    protected $description = 'Prints the route derived from a specification by the trade’s standards, as JSON';

    public function handle(): int
    {
        return $this->withFile(static function (string $json): string {
            $workings = Workings::from(SpecificationFile::read($json)->read);

            return RouteFile::write(
                RoutePlanner::withAllRules()->plan($workings->specification, TradeStandards::all()),
                $workings,
                Tolerances::usual(),
            );
        });
    }
}
