<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Page;

final readonly class HistoryProps extends Page
{
    public const COMPONENT = 'plan/History';

    /**
     * @param  list<BuildHistory>  $builds
     */
    public function __construct(
        public string $heading,
        public array $builds,
    ) {
    }
}
