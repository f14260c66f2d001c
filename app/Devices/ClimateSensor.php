<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;
use Regimen\Route\Air\Climate;

/** Something that reads the air of the shop. */
interface ClimateSensor
{
    public function name(): string;

    public function read(CarbonImmutable $at): Climate;
}
