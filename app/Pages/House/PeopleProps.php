<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Bench\TabletLine;
use App\Pages\Page;

final readonly class PeopleProps extends Page
{
    public const COMPONENT = 'house/People';

    /**
     * @param  list<PersonLine>  $people
     * @param  list<string>  $skills
     * @param  array<int, string>  $shopHours
     * @param  list<TabletLine>  $tablets  that people share
     * @param  list<int>  $withCode  people who open them by a code
     */
    public function __construct(
        public array $people,
        public array $skills,
        public string $shopRate,
        public array $shopHours,
        public string $today,
        public bool $needsSecondFactor,
        public array $tablets,
        public array $withCode,
    ) {
    }
}
