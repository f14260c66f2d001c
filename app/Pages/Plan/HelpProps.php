<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Plan\HelpState;
use App\Pages\Page;

final readonly class HelpProps extends Page
{
    public const COMPONENT = 'plan/Help';

    /**
     * @param  int  $tried  of all, while it is being tried
     * @param  list<HelpLine>  $ranked  the most helpful first
     * @param  list<HelpLine>  $methods  other ways of making the build that is tightest
     */
    public function __construct(
        public HelpState $state,
        public int $tried,
        public int $all,
        public array $ranked,
        public array $methods,
    ) {
    }
}
