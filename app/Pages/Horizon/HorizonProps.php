<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

use App\Pages\Dict;
use App\Pages\Later;
use App\Pages\Page;
use Regimen\Route\OperationState;

final readonly class HorizonProps extends Page
{
    public const COMPONENT = 'plan/Horizon';

    /**
     * @param  list<string>  $weeks
     * @param  list<array{string, string}>  $free
     * @param  list<HorizonBuild>  $builds
     * @param  list<array{int, int, string, int, int, int, int|null, string|null, string|null, OperationState, int|null, bool, bool, list<array{int, int}>}>  $items
     * @param  list<PersonOff>  $people
     * @param  list<OwnedResource>  $resources
     * @param  list<Down>  $outages
     * @param  list<TroubleLine>  $troubles
     * @param  Dict<int>  $weights
     * @param  Later<list<HeldPlace>>|null  $held  what is quoted and holds its place
     */
    public function __construct(
        public string $headline,
        public string $under,
        public string $from,
        public string $to,
        public array $weeks,
        public array $free,
        public array $builds,
        public ?BetterPlan $offer,
        public array $items,
        public array $people,
        public array $resources,
        public array $outages,
        public array $troubles,
        public ?UndoLine $undo,
        public Dict $weights,
        public int $shopVersion,
        public ?Later $held,
    ) {
    }
}
