<?php

declare(strict_types=1);

namespace App\Pages\Standards;

use Regimen\Route\Standards\Tool;

final readonly class StandardLine
{
    /**
     * @param  list<HistoryLine>  $history
     */
    public function __construct(
        public int $id,
        public Tool $tool,
        public string $way,
        public string $risk,
        public string $source,
        public string $skill,
        public int $version,
        public string $set_up,
        public string $best,
        public string $labour,
        public string $worst,
        public string $hold,
        public string $hands,
        public string $alone,
        public bool $isMachine,
        public int $fixtures,
        public ?string $drivenBy,
        public ?string $station,
        public ?string $fixture,
        public ?string $trade,
        public ?LearnedHours $learned,
        public array $history,
    ) {
    }
}
