<?php

declare(strict_types=1);

namespace App\Pages\Build;

use App\Pages\Page;

final readonly class BuildsProps extends Page
{
    public const COMPONENT = 'build/Builds';

    /**
     * @param  list<OpenBuild>  $open
     * @param  list<FinishedBuild>  $finished
     */
    public function __construct(
        public array $open,
        public array $finished,
    ) {
    }
}
