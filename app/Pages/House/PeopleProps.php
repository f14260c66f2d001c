<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Page;

final readonly class PeopleProps extends Page
{
    public const COMPONENT = 'house/People';

    /**
     * @param  list<PersonLine>  $people
     * @param  list<string>  $skills
     * @param  array<int, string>  $shopHours
     */
    public function __construct(
        public array $people,
        public array $skills,
        public string $shopRate,
        public array $shopHours,
        public string $today,
        public bool $needsSecondFactor,
    ) {
    }
}
