<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Pages\Page;

final readonly class WeekProps extends Page
{
    public const COMPONENT = 'today/Week';

    /**
     * @param  list<string>  $days
     * @param  list<WeekPerson>  $people
     */
    public function __construct(
        public string $heading,
        public array $days,
        public string $today,
        public string $before,
        public string $after,
        public array $people,
    ) {
    }
}
