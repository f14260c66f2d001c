<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

use App\Pages\Build\BuildLine;
use App\Pages\Build\ChanceShown;
use App\Pages\Build\Mark;
use Regimen\Schedule\Problem\Promise;

final readonly class HorizonBuild extends BuildLine
{
    /**
     * @param  list<Mark>  $strip
     * @param  list<string>  $waits
     */
    public function __construct(
        BuildLine $line,
        public ?string $promiseAt,
        public Promise $promiseKind,
        public array $strip,
        public array $waits,
        public ?ChanceShown $chance,
    ) {
        parent::__construct(...get_object_vars($line));
    }
}
