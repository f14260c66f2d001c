<?php

declare(strict_types=1);

namespace App\Pages\Setback;

use App\Pages\Page;

final readonly class SetbacksProps extends Page
{
    public const COMPONENT = 'setback/Setbacks';

    /**
     * @param  list<CauseGroup>  $groups
     * @param  list<SetbackLine>  $lines
     */
    public function __construct(
        public string $headline,
        public string $account,
        public array $groups,
        public array $lines,
    ) {
    }
}
