<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Invoices\DuePart;
use App\Pages\Invoices\Paper;
use App\Pages\Page;

final readonly class MoneyProps extends Page
{
    public const COMPONENT = 'money/Money';

    /**
     * @param  string  $missing  what has to be said before the first invoice; empty where nothing is
     * @param  list<Paper>  $owed  the one that is due first first
     * @param  list<DuePart>  $due  that can be asked for now
     * @param  list<WeekOfMoney>  $weeks
     * @param  list<Paper>  $papers  the latest first
     */
    public function __construct(public string $headline, public string $under, public string $currency, public string $missing, public array $owed, public array $due, public array $weeks, public array $papers, public int $year)
    {
    }
}
