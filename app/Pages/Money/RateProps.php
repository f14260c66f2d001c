<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Page;

final readonly class RateProps extends Page
{
    public const COMPONENT = 'money/Rate';

    /**
     * @param  list<Row>  $rows  how it is made
     * @param  list<WhyRow>  $shares  the rate by the share that is sold
     */
    public function __construct(public string $headline, public string $under, public int $version, public string $currency, public string $wages, public string $overhead, public string $share, public array $rows, public array $shares)
    {
    }
}
