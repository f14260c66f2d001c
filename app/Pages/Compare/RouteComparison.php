<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Pages\LeavesOutNull;
use App\Pages\Worked\Change;
use JsonSerializable;

final readonly class RouteComparison implements JsonSerializable
{
    use LeavesOutNull;

    /**
     * @param  list<string>  $problems
     * @param  list<ComparedRow>|null  $rows
     * @param  list<Change>|null  $operations
     * @param  list<string>|null  $risks
     */
    public function __construct(
        public array $problems,
        public ?array $rows = null,
        public ?array $operations = null,
        public ?array $risks = null,
        public ?FindingsChanged $findings = null,
    ) {
    }
}
