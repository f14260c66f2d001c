<?php

declare(strict_types=1);

namespace App\Pages\Parts;

use App\Pages\Page;

final readonly class ValuesProps extends Page
{
    public const COMPONENT = 'stores/Values';

    /**
     * @param  list<ValueLine>  $now
     * @param  list<ValueLine>  $builds  what is bound in each build in the making
     * @param  list<ValueMonth>  $months  the latest first
     */
    public function __construct(public string $headline, public array $now, public array $builds, public array $months)
    {
    }
}
