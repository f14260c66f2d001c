<?php

declare(strict_types=1);

namespace App\Pages\Setback;

/** What happened, to what, and what it cost so far. */
final readonly class SetbackHead
{
    /**
     * @param  string|null  $lostMoney  hours and material, where the viewer sees money
     * @param  list<int>  $photographs
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $build,
        public string $title,
        public string $text,
        public string $mishap,
        public ?string $piece,
        public string $cause,
        public ?string $operation,
        public ?int $operationId,
        public string $by,
        public string $at,
        public string $state,
        public string $decided,
        public ?string $decidedBy,
        public ?string $finishBefore,
        public ?string $finishAfter,
        public int $lostMinutes,
        public int $atStakeMinutes,
        public ?string $lostMoney,
        public ?string $atStakeMoney,
        public string $joined,
        public bool $open,
        public array $photographs,
    ) {
    }
}
