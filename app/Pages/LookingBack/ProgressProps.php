<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

use App\Pages\Page;

final readonly class ProgressProps extends Page
{
    public const COMPONENT = 'forecast/Progress';

    /**
     * @param  int|null  $number  of the build; null for the whole shop
     * @param  list<ProgressWeek>  $weeks
     * @param  list<HonestFigure>  $figures
     * @param  list<StageOutlook>  $stages
     * @param  list<HonestFigure>  $money
     * @param  int|null  $total  hours at completion, and between which eight of ten such builds end up
     * @param  list<StageOutlook>  $costs  the stages in money, where money is set
     * @param  string|null  $budget  hours, as they were set
     * @param  string|null  $moneyBudget  money, as it was set
     */
    public function __construct(
        public ?int $number,
        public string $title,
        public string $headline,
        public string $reason,
        public string $todo,
        public array $weeks,
        public string $today,
        public ?string $promisedOn,
        public ?string $by50,
        public ?string $by95,
        public ?int $total,
        public ?int $low,
        public ?int $high,
        public array $figures,
        public array $stages,
        public array $money,
        public array $costs,
        public ?string $budget,
        public string $budgetWords,
        public ?string $moneyBudget,
        public int $version,
        public bool $open,
    ) {
    }
}
