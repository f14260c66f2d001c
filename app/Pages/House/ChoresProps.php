<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class ChoresProps extends Page
{
    public const COMPONENT = 'house/Chores';

    /**
     * @param  list<ChoreLine>  $chores  what is due first
     * @param  list<Option>  $people
     */
    public function __construct(public string $headline, public array $chores, public array $people)
    {
    }
}
