<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Page;

final readonly class EarnedProps extends Page
{
    public const COMPONENT = 'money/Earned';

    /**
     * @param  string  $by  build, model, client, maker or month
     * @param  list<int>  $years
     * @param  list<EarnedRow>  $rows
     * @param  float  $rate  the shop’s, on the scale of the bars, 0 to 1
     * @param  list<Row>  $beside  stock and losses of the year
     */
    public function __construct(public string $headline, public string $under, public string $by, public int $year, public array $years, public string $currency, public array $rows, public ?EarnedRow $all, public float $rate, public string $rateWords, public array $beside)
    {
    }
}
