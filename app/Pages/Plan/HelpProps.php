<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Later;
use App\Pages\Page;

final readonly class HelpProps extends Page
{
    public const COMPONENT = 'plan/Help';

    /**
     * @param  list<HelpLine>  $ranked
     * @param  Later<list<HelpLine>>  $methods
     */
    public function __construct(
        public array $ranked,
        public Later $methods,
    ) {
    }
}
