<?php

declare(strict_types=1);

namespace App\Pages\Buying;

use App\Pages\Page;

final readonly class StoresProps extends Page
{
    public const COMPONENT = 'stores/Stores';

    /**
     * @param  list<LatePart>  $late
     * @param  list<OnTheWay>  $onTheWay
     * @param  list<ProposedOrder>  $proposals
     * @param  list<string>  $unsold  parts that nobody is known to sell
     * @param  list<DrawerLine>  $drawer
     * @param  list<WrongPart>  $wrong
     * @param  list<string>  $over  what has gone by its best-before date, or soon does
     * @param  string|null  $value  of the stock, at cost by lot
     */
    public function __construct(
        public string $headline,
        public array $late,
        public array $onTheWay,
        public array $proposals,
        public array $unsold,
        public array $drawer,
        public array $wrong,
        public array $over,
        public ?string $value,
        public string $today,
    ) {
    }
}
