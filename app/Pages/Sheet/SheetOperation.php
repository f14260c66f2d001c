<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

use Regimen\Route\OperationState;

final readonly class SheetOperation
{
    /**
     * @param  list<OperationBefore>  $after
     * @param  list<string>  $needs
     */
    public function __construct(
        public int $id,
        public string $stage,
        public string $name,
        public OperationState $state,
        public int $version,
        public int $setUpMinutes,
        public int $labourMinutes,
        public int $workedMinutes,
        public int $holdMinutes,
        public ?string $station,
        public ?string $fixture,
        public string $skill,
        public ?string $person,
        public ?string $start,
        public ?string $workEnd,
        public ?string $finish,
        public ?string $because,
        public bool $unplanned,
        public array $after,
        public array $needs,
        public ?string $gate,
        public ?string $caution,
        public string $waitsFor,
        public ?string $waitsUntil,
        public int $clocks,
        public string $lastTime,
    ) {
    }
}
