<?php

declare(strict_types=1);

namespace App\Pages\Route;

use App\Pages\Later;
use App\Pages\Methods\RouteChoices;
use App\Pages\Methods\RoutePrice;
use App\Pages\Methods\RouteQuestion;
use App\Pages\Page;

final readonly class RouteProps extends Page
{
    public const COMPONENT = 'route/Route';

    /**
     * @param  list<RouteOperation>  $operations
     * @param  list<Broken>  $broken
     * @param  list<ClashWords>  $clashes
     * @param  array<string, string>  $misfits
     * @param  list<RouteChangeLine>  $changes
     * @param  list<RouteQuestion>  $questions
     * @param  Later<array<string, RoutePrice>>  $prices
     */
    public function __construct(
        public RouteBuild $build,
        public bool $editable,
        public RouteTotals $totals,
        public array $operations,
        public array $broken,
        public array $clashes,
        public array $misfits,
        public array $changes,
        public array $questions,
        public bool $isChanged,
        public ?RouteChoices $choices,
        public AirNow $air,
        public Later $prices,
    ) {
    }
}
