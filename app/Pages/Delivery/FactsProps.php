<?php

declare(strict_types=1);

namespace App\Pages\Delivery;

use App\Pages\Page;
use App\Pages\Worked\Drawing;

final readonly class FactsProps extends Page
{
    public const COMPONENT = 'build/Facts';

    /**
     * @param  list<FactGroupLine>  $groups
     * @param  list<CareLine>  $care
     * @param  list<int>  $photographs
     */
    public function __construct(
        public int $build,
        public string $title,
        public string $inOneLine,
        public bool $finished,
        public string $missing,
        public Drawing $drawing,
        public array $groups,
        public array $care,
        public array $photographs,
    ) {
    }
}
